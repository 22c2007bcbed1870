package org.yonderarc.cli;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;

/** Says on a terminal that something takes its time, from its second second on until something else is said. */
final class Waiting {
    private static final long SECOND = 1000;

    private final PrintStream terminal;
    private final String what;
    private final Thread thread = new Thread(this::run, "waiting");
    private boolean isOver;
    private boolean isSaid;

    private Waiting(PrintStream terminal, String what) {
        this.terminal = terminal;
        this.what = what;
        thread.setDaemon(true);
    }

    /**
     * Begins to wait.
     *
     * @param what what takes its time: the command
     */
    static Waiting on(PrintStream terminal, String what) {
        var waiting = new Waiting(terminal, what);
        waiting.thread.start();
        return waiting;
    }

    /** A stream that ends the waiting as soon as something is written to it. */
    OutputStream before(OutputStream out) {
        return new FilterOutputStream(out) {
            @Override
            public void write(int one) throws IOException {
                end();
                out.write(one);
            }

            @Override
            public void write(byte[] bytes, int from, int count) throws IOException {
                end();
                out.write(bytes, from, count);
            }
        };
    }

    /** Ends it, and takes away what it said. */
    synchronized void end() {
        if (!isOver) {
            isOver = true;
            thread.interrupt();
            if (isSaid) {
                terminal.print("\r\u001b[K");
                terminal.flush();
            }
        }
    }

    private void run() {
        try {
            for (long seconds = 1; ; seconds++) {
                Thread.sleep(SECOND);
                say(seconds);
            }
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized void say(long seconds) {
        if (!isOver) {
            isSaid = true;
            terminal.print("\r" + what + ": " + seconds + " s ...");
            terminal.flush();
        }
    }
}
