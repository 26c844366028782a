package honeylamp.desktop.panel;

import honeylamp.desktop.meter.MeterLink;

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

    /** Brings in what the clipboard holds: a picture, or files. */
    void pastePicture();

    /** Asks for a measured survey and opens the plan it makes. */
    void bringInSurvey();

    /** Looks for the angle at which the picture's lines run and proposes to level it. */
    void proposeLevel();

    /** Shows or hides the pane with the picture beside the plan. */
    void toggleBeside();

    /** Whether the picture is shown beside the plan. */
    boolean besideShown();

    /** Catches the lines of pictures or no longer. */
    void toggleLines();

    /** The link to a laser distance meter. */
    MeterLink meter();

    /** Shows or hides all pictures to trace. */
    void toggleUnderlays();

    /** Shows the raised glance in the corner of the plan, or hides it. */
    void toggleGlance();

    /** Asks where and exports the sheet. */
    void exportSheet();

    /** Shows the schedules below the plan, or hides them. */
    void toggleSchedules();

    /** Asks where and exports the schedules. */
    void exportSchedules();

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
