package honeylamp.desktop.panel;

/** What the window can do besides changing the workspace. */
public interface Commands {
    /** An empty plan. */
    void newPlan();

    /** Asks for a plan and opens it. */
    void openPlan();

    /** Saves; asks where if the plan has no file yet. */
    void savePlan();

    /** Saves under another name. */
    void savePlanAs();

    /** Asks for a picture and brings it in. */
    void bringInPicture();

    /** Shows or hides all pictures to trace. */
    void toggleUnderlays();

    /** Asks where and exports the sheet. */
    void exportSheet();

    /** Opens the finder. */
    void find();

    /** Shows the whole sheet. */
    void showSheet();

    /** Shows the plan as large as it goes. */
    void showStorey();

    /** Asks the window to close, as its frame would. */
    void leave();

    /** Gives the keyboard to the plan. */
    void focusPlan();
}
