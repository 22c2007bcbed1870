package org.yonderarc.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;

/** What is said and kept when the command fails by a fault of its own. */
final class Report {
    /** A trace of endless recursion says nothing new after this many lines. */
    private static final int MOST_LINES = 200;

    private Report() {}

    /** The message; the trace is kept in a file for whoever mends the fault. */
    static String of(Throwable fault, String[] arguments) {
        if (fault instanceof OutOfMemoryError) {
            return "there was not enough memory for this ("
                    + (Runtime.getRuntime().maxMemory() >> 20)
                    + " MiB). Make a smaller picture, or allow more: JAVA_TOOL_OPTIONS=-Xmx2g. Nothing was written.";
        }
        String said = "this should not have happened, and is a fault of ours, not of yours. Nothing was written.";
        try {
            Path file = Files.createTempFile("yonder-report-", ".txt");
            Files.writeString(file, text(fault, arguments));
            return said + " What happened is kept in " + file + "; please send it to us, with the plan if you can.";
        } catch (IOException full) {
            return said + " It was: " + fault;
        }
    }

    private static String text(Throwable fault, String[] arguments) {
        var trace = new StringWriter();
        fault.printStackTrace(new PrintWriter(trace));
        var out = new StringBuilder("yonder ")
                .append(String.join(" ", arguments))
                .append("\nJava ")
                .append(Runtime.version())
                .append(", ")
                .append(System.getProperty("os.name"))
                .append("\n\n");
        trace.toString().lines().limit(MOST_LINES).forEach(line -> out.append(line)
                .append('\n'));
        return out.toString();
    }
}
