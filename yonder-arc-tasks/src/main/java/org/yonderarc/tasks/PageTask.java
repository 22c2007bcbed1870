package org.yonderarc.tasks;

import org.yonderarc.web.PageWriter;

/** A prototype to click: one HTML file that needs no network. */
public final class PageTask implements Task<Artifact> {
    private final boolean withoutTools;

    private PageTask(Builder set) {
        withoutTools = set.withoutTools;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private boolean withoutTools;

        private Builder() {}

        /** Whether the tools around the app are left out, for people who are to use it as if it were finished. */
        public Builder withoutTools(boolean value) {
            withoutTools = value;
            return this;
        }

        /** The task. */
        public PageTask build() {
            return new PageTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        project.plan();
        Assets assets = project.assets();
        var writer = new PageWriter(assets.icons(), assets.pictures(), assets.fonts());
        String page = (withoutTools ? writer.withoutTools() : writer).page(project.file());
        return Artifact.of(Format.HTML, page, page.length() / 1024 + " KiB");
    }
}
