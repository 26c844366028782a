package honeylamp.output;

/** Told how far long work has come; may end it. */
public interface Progress {
    /** Told to nobody, never ends the work. */
    Progress NONE = _ -> {};

    /**
     * Reports the share done, 0 to 1.
     *
     * @throws Cancelled if the work is no longer wanted
     */
    void at(double share) throws Cancelled;

    /** The work was ended from outside; nothing was written. */
    final class Cancelled extends Exception {
        private static final long serialVersionUID = 1L;

        /** Ended. */
        public Cancelled() {
            super("ended before it was done");
        }
    }
}
