package honeylamp.tracing;

/** Told of each step of a reading; may end it. */
public interface Watch {
    /** Told to nobody, never ends the reading. */
    Watch NONE = _ -> true;

    /** Whether the reading goes on with a step. */
    boolean goesOn(Step step);

    /** What a reading does, in its order; a step may come more than once. */
    enum Step {
        LEVEL("Looking how the picture is turned"),
        INK("Telling ink from paper"),
        LINES("Looking for lines"),
        WALLS("Looking for walls and openings"),
        WORDS("Reading what is written");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        /** What people are told. */
        public String words() {
            return words;
        }
    }
}
