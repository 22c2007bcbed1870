package org.yonderarc.maven;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;

/** Fails the build where the plan has problems. */
@Mojo(name = "check", defaultPhase = LifecyclePhase.PROCESS_RESOURCES, threadSafe = true)
public final class CheckGoal extends PlanGoal {
    /** What fails the build: {@code error}, {@code warning}, which includes errors, or {@code advice}, which includes both. */
    @Parameter(property = "yonder.failOn", defaultValue = "error")
    private String failOn;

    /** Made by Maven. */
    public CheckGoal() {}

    @Override
    void run() throws MojoExecutionException, MojoFailureException {
        Severity least = Stream.of(Severity.values())
                .filter(severity -> severity.word().equals(failOn.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new MojoExecutionException(
                        "<failOn> is error, warning or advice, and not \"" + failOn + "\"."));
        PlanFile read = read().file();
        read.findings().forEach(finding -> tell(read, finding));
        List<Finding> failing = read.findings().stream()
                .filter(finding -> finding.severity().compareTo(least) <= 0)
                .toList();
        if (!failing.isEmpty()) {
            throw new MojoFailureException(FindingText.summary(read) + ". The build fails on " + least.word()
                    + (least == Severity.ERROR ? "s" : " and what is worse") + ".");
        }
        getLog().info(FindingText.summary(read));
    }

    /** As compilers tell it: {@code file:line:column}, where editors take people to. */
    private void tell(PlanFile read, Finding finding) {
        String said =
                FindingText.visible(read.source().name() + ":" + finding.spot().line() + ":"
                        + finding.spot().column() + " [" + finding.code().id() + "] " + finding.message() + " "
                        + finding.remedy());
        switch (finding.severity()) {
            case ERROR -> getLog().error(said);
            case WARNING -> getLog().warn(said);
            case ADVICE -> getLog().info(said);
        }
    }
}
