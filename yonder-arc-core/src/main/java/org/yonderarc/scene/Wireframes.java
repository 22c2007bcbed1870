package org.yonderarc.scene;

import org.yonderarc.plan.Wireframe;

/** Draws wireframes: one class for each kind that needs more than a few lines. */
final class Wireframes {
    private Wireframes() {}

    static void draw(Wireframe wireframe, Art art) {
        switch (wireframe.kind()) {
            case EMPTY -> EmptyArt.draw(art);
            case LIST -> ListArt.draw(wireframe.rows(), art);
            case CARDS -> PictureArt.cards(wireframe.rows(), art);
            case GALLERY -> PictureArt.gallery(wireframe.rows(), art);
            case DETAIL -> PictureArt.detail(wireframe.rows(), art);
            case FORM -> FormArt.draw(wireframe.rows(), art);
            case MAP -> MapArt.draw(wireframe.rows(), art);
            case CHART -> ChartArt.draw(wireframe.rows(), art);
            case CHAT -> ChatArt.draw(wireframe.rows(), art);
            case MEDIA -> MediaArt.draw(wireframe.rows(), art);
        }
    }
}
