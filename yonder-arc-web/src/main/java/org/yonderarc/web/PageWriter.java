package org.yonderarc.web;

import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.files.PlanFile;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.Plan;

/**
 * Writes a plan as one HTML file that needs no network: the core compiled to JavaScript, the plan, the icons and the
 * letters it uses. A content security policy lets nothing else run or load.
 */
public final class PageWriter {
    private final Icons icons;
    private final Pictures pictures;
    private final Fonts fonts;
    private final boolean isBare;

    /** A writer with these icons and pictures, and the fonts that plans may name. */
    public PageWriter(Icons icons, Pictures pictures, Fonts fonts) {
        this(icons, pictures, fonts, false);
    }

    private PageWriter(Icons icons, Pictures pictures, Fonts fonts, boolean isBare) {
        this.icons = icons;
        this.pictures = pictures;
        this.fonts = fonts;
        this.isBare = isBare;
    }

    /** The same without the tools around the app: for people who are to use it as if it were finished. */
    public PageWriter withoutTools() {
        return new PageWriter(icons, pictures, fonts, true);
    }

    /** The page of a plan that was built; the same plan gives the same bytes. */
    public String page(Plan plan) {
        return page(plan, "");
    }

    /**
     * The page of a plan that was read, with what the check has found.
     *
     * @throws IllegalArgumentException if the plan has errors
     */
    public String page(PlanFile read) {
        return page(
                read.plan().orElseThrow(() -> new IllegalArgumentException("the plan has errors")),
                PageFindings.list(read));
    }

    private String page(Plan plan, String findings) {
        return new PageParts(plan, icons, pictures, fonts, findings)
                .bare(isBare)
                .fill(PageParts.resource("org/yonderarc/web/page.html"));
    }
}
