package honeylamp.store;

/** Why something from outside was refused. */
public record PlanProblem(String what, String where, String todo) {
    /** All of it in one line for people. */
    public String sentence() {
        return what + " (" + where + "). " + todo;
    }
}
