package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.motion.TrackDraft.Clock;
import org.yonderarc.motion.TrackDraft.Displacement;
import org.yonderarc.motion.TrackDraft.Mapping;
import org.yonderarc.motion.TrackDraft.Pacing;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.SceneNode;

/** A node that is no group and becomes another: see {@link Tween}. */
final class LeafTracks implements SceneNode.Visitor {
    private final TrackDraft draft;
    private final SceneNode from;
    private final Clock clock;
    private final String above;
    private final Displacement around;
    private final List<SceneNode> out;

    LeafTracks(TrackDraft draft, SceneNode from, Clock clock, String above, Displacement around, List<SceneNode> out) {
        this.draft = draft;
        this.from = from;
        this.clock = clock;
        this.above = above;
        this.around = around;
        this.out = out;
    }

    void add(SceneNode to) {
        to.accept(this);
    }

    private void moves(SceneNode to, Box a, Box b) {
        draft.place(to, way(a, b), above, around);
        out.add(to);
    }

    private Pacing pacing(Mapping shape) {
        return draft.pacing(clock, shape);
    }

    private Displacement way(Box a, Box b) {
        return new Displacement(a.x() - b.x(), a.y() - b.y(), pacing(Mapping.PLAIN));
    }

    private void tint(SceneNode node, Colour a, Colour b) {
        draft.tint(node, a, b, pacing(Mapping.WITHIN), above);
    }

    private void cross(SceneNode to) {
        SceneNode old = from.renamed(from.key() + Tween.LEAVING);
        for (SceneNode node : List.of(old, to)) {
            draft.place(node, Displacement.NONE, above, around);
            draft.fade(node, node == to ? 0 : 1, node == to ? 1 : 0, pacing(Mapping.WITHIN), above);
            out.add(node);
        }
    }

    @Override
    public void rect(SceneNode.Rect to) {
        if (!(from instanceof SceneNode.Rect a) || Tween.turns(a.area(), to.area())) {
            cross(to);
            return;
        }
        moves(to, a.area(), to.area());
        draft.resize(to, a.area(), a.radius(), pacing(Mapping.PLAIN), above);
        tint(to, a.fill(), to.fill());
    }

    @Override
    public void gradient(SceneNode.Gradient to) {
        boolean same = from instanceof SceneNode.Gradient a
                && a.within().isEmpty()
                && to.within().isEmpty()
                && a.shades().equals(to.shades())
                && a.angle() == to.angle()
                && a.radius() == to.radius()
                && TrackDraft.isAsLarge(a.area(), to.area());
        draft.only(same);
        moves(to, from.box().orElse(to.area()), to.area());
    }

    @Override
    public void picture(SceneNode.Picture to) {
        boolean same = from instanceof SceneNode.Picture a
                && a.file().equals(to.file())
                && a.fit() == to.fit()
                && a.radius() == to.radius()
                && TrackDraft.isAsLarge(a.area(), to.area());
        draft.only(same);
        moves(to, from.box().orElse(to.area()), to.area());
    }

    @Override
    public void group(SceneNode.Group to) {
        cross(to);
    }

    @Override
    public void text(SceneNode.Text to) {
        if (!(from instanceof SceneNode.Text old)) {
            cross(to);
            return;
        }
        TextLine a = old.line();
        TextLine b = to.line();
        Pacing pacing = pacing(Mapping.PLAIN);
        boolean same = a.text().equals(b.text());
        if (same && a.type().weight() == b.type().weight()) {
            draft.place(to, new Displacement(a.left() - b.left(), a.baseline() - b.baseline(), pacing), above, around);
            draft.scale(to, a.type().size() / b.type().size(), b.width(), pacing(Mapping.PLAIN), above);
            out.add(to);
            tint(to, old.fill(), to.fill());
            return;
        }
        // Each keeps its own anchor; the one that leaves is, as all is, where it is at the end.
        var type = new Type(b.type().size(), a.type().weight());
        TextLine line = Tween.line(a.text(), Tween.leftOf(a, b.x()), b.baseline(), a.width(), type);
        SceneNode leaving = new SceneNode.Text(to.key() + Tween.LEAVING, line, old.fill());
        twins(
                leaving,
                to,
                old.fill(),
                to.fill(),
                new Displacement(a.x() - b.x(), a.baseline() - b.baseline(), pacing),
                same);
        draft.scale(leaving, a.type().size() / b.type().size(), a.width(), pacing(Mapping.PLAIN), above);
        draft.scale(to, a.type().size() / b.type().size(), b.width(), pacing(Mapping.PLAIN), above);
    }

    private void twins(SceneNode leaving, SceneNode to, Colour a, Colour b, Displacement way, boolean same) {
        for (SceneNode node : List.of(leaving, to)) {
            draft.place(node, way, above, around);
            tint(node, a, b);
            out.add(node);
        }
        draft.fade(leaving, 1, 0, pacing(same ? Mapping.LATE : Mapping.GOES), above);
        draft.fade(to, 0, 1, pacing(same ? Mapping.EARLY : Mapping.COMES), above);
    }

    @Override
    public void icon(SceneNode.Icon to) {
        if (!(from instanceof SceneNode.Icon a)) {
            cross(to);
            return;
        }
        boolean same = a.name().equals(to.name());
        boolean travels = !a.area().equals(to.area());
        draft.only(a.turn() == to.turn() && (same || !travels));
        Displacement way = way(a.area(), to.area());
        if (same && a.filled() == to.filled()) {
            draft.only(a.flipped() == to.flipped());
            draft.place(to, way, above, around);
            draft.scale(to, a.area().width() / to.area().width(), to.area().width(), pacing(Mapping.PLAIN), above);
            out.add(to);
            tint(to, a.fill(), to.fill());
            return;
        }
        SceneNode leaving = a.moved(
                        to.area().x() - a.area().x(), to.area().y() - a.area().y())
                .renamed(to.key() + Tween.LEAVING);
        twins(leaving, to, a.fill(), to.fill(), way, same);
    }

    @Override
    public void path(SceneNode.Path to) {
        if (from instanceof SceneNode.Path a
                && a.outline().toward(to.outline(), 0).isPresent()) {
            draft.only(a.outline().equals(to.outline()) && a.stroke().equals(to.stroke()));
            draft.place(to, Displacement.NONE, above, around);
            out.add(to);
            tint(to, a.fill(), to.fill());
        } else {
            cross(to);
        }
    }
}
