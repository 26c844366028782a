package honeylamp;

/** How far tests search that try many random cases: a share of them each time, all with {@code -Dhoneylamp.search=whole}. */
public final class Searches {
    private static final boolean IS_WHOLE = "whole".equals(System.getProperty("honeylamp.search"));

    private Searches() {}

    /** So many cases: a few each time, or all. */
    public static int cases(int few, int all) {
        return IS_WHOLE ? all : few;
    }
}
