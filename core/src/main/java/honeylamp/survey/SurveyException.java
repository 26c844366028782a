package honeylamp.survey;

/** Readings that cannot be put together; says which line and why. */
public final class SurveyException extends Exception {
    private static final long serialVersionUID = 1L;

    private final int line;

    /** Of a line of the survey, from 1; 0 if no single line is to blame. */
    public SurveyException(int line, String what) {
        super(what);
        this.line = line;
    }

    /** The line, from 1; 0 if no single line is to blame. */
    public int line() {
        return line;
    }

    /** What cannot be. */
    public String what() {
        return String.valueOf(getMessage());
    }
}
