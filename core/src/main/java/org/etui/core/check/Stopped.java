package org.etui.core.check;

/**
 * Work that nobody waits for any longer. Whoever runs the core may interrupt the thread that asked; long work looks from time to
 * time whether that has happened, on whatever threads it is spread, and ends.
 */
public final class Stopped extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private Stopped() {
        super("stopped: the asker was interrupted");
    }

    /**
     * Ends the work where its asker was interrupted.
     *
     * @param asker the thread that the work is done for
     * @throws Stopped if it was interrupted
     */
    public static void where(Thread asker) {
        if (asker.isInterrupted()) {
            throw new Stopped();
        }
    }
}
