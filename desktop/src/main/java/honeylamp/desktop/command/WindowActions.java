package honeylamp.desktop.command;

import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.geometry.Segment;
import honeylamp.guide.Place;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe;
import honeylamp.units.Length;

/** What the window can do besides changing the workspace. */
public interface WindowActions {
    /** Shows what is picked so that it fills the drawing. */
    void showPicked();

    /** An empty plan. */
    void newPlan();

    /** How the window looks. */
    WindowStyle style();

    /** The room that is picked or pointed at fills the drawing. */
    void showRoom();

    /** Makes the window look otherwise. */
    void style(WindowStyle style);

    /** Shows what one can begin with. */
    void begin();

    /** Keeps what other plans can begin with. */
    void keepTemplate();

    /** Asks for a plan and opens it. */
    void openPlan();

    /** Saves; asks where if the plan has no file yet. */
    void savePlan();

    /** Saves under another name. */
    void savePlanAs();

    /** Asks for a picture and brings it in. */
    void bringInPicture();

    /** Asks for a picture and lays it on the page worked on. */
    void layPictureOnPage();

    /** Asks for the mark of the house, for the title block. */
    void layLogo();

    /** Brings in what the clipboard holds: a picture, or files. */
    void pastePicture();

    /** Asks for a building model of another program and opens the plan it makes. */
    void bringInModel();

    /** Asks for a measured survey and opens the plan it makes. */
    void bringInSurvey();

    /** Looks for the angle at which the picture's lines run and proposes to level it. */
    void proposeLevel();

    /** Reads the walls of the picture and shows them. */
    void proposeWalls();

    /** Looks in what the picture and the plan differ. */
    void comparePicture();

    /** Brings a place of the plan into the middle, with what is around it. */
    void showAround(Segment place);

    /** Looks for lengths written on the picture. */
    void proposeLengths();

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

    /** Asks where and exports all storeys as one PDF. */
    void exportAll();

    /** Asks where and exports the sheet. */
    void exportSheet();

    /** Shows the page as it would be written. */
    void previewExport();

    /** Prints the page worked on, at true size. */
    void printSheet();

    /** Prints all pages, at true size. */
    void printAll();

    /** Shows where the file lies that was exported last. */
    void revealExported();

    /** Shows the schedules below the plan, or hides them. */
    void toggleSchedules();

    /** Shows what the plan comes to, or hides it. */
    void toggleTakeoff();

    /** Asks where and exports the schedules. */
    void exportSchedules();

    /** Asks for a picture of a material, and lays it on what is clicked next. */
    void finishFromPicture();

    /** Writes the finishes a person keeps to a file for others. */
    void shareFinishes();

    /** Keeps the finishes of a file. */
    void bringInFinishes();

    /** Asks for an SVG drawing of a piece, and puts it where is clicked next. */
    void pieceFromDrawing();

    /** Asks for a picture of the real thing that the picked pieces stand for. */
    void pictureOfPieces();

    /** Writes the own pieces a person keeps to a file for others. */
    void sharePieces();

    /** Keeps the own pieces of a file. */
    void bringInPieces();

    /** Writes the looks a person keeps to a file for others. */
    void shareLooks();

    /** Keeps the looks of a file. */
    void bringInLooks();

    /** Asks for a photometric file, whose light the lights that are picked have then. */
    void lightFromFile();

    /** Rooms of the storey worked on that have no lights get some, off the interface thread. */
    void firstLights();

    /** Looks over all pages before they leave the house. */
    void lookOver();

    /** Asks where and writes the page for the client. */
    void exportClientPage();

    /** Asks where and writes the plan for other programs. */
    void exportModel();

    /** Asks for the file that a client page saved, and takes up what it says. */
    void bringInRemarks();

    /** Asks for a folder and makes all files of a recipe in it. */
    void pack(Recipe recipe);

    /** Asks for a folder and makes in it all files of all recipes that belong to the plan. */
    void packPlan();

    /** Writes the recipes of packs to a file. */
    void shareRecipes();

    /** Keeps the recipes of a file. */
    void bringInRecipes();

    /** Writes the brands a person keeps to a file for others. */
    void shareBrands();

    /** Keeps the brands of a file. */
    void bringInBrands();

    /** Asks for the picture that is a brand's mark. */
    void markOf(Brand brand);

    /** Opens the finder. */
    void find();

    /** Shows the whole sheet. */
    void showSheet();

    /** Shows the plan as large as it goes. */
    void showStorey();

    /** Asks the window to close, as its frame would. */
    void leave();

    /** Shows the plan larger or smaller about the middle of the pane. */
    void zoom(double factor);

    /** Puts a length into the measure line. */
    void putLength(Length length);

    /** Does what the measure line says, with what is typed there. */
    void enterFromPlan();

    /** The first field of the measure line while something is under way, else the next tool of the stage. */
    void nextFieldOrTool();

    /** Moves the pointer over the drawing, in pixels. */
    void steer(double across, double down);

    /** Presses where the pointer is. */
    void pressHere();

    /** Gives the keyboard to the next part of the window. */
    void nextPart();

    /** All commands of the window. */
    CommandTable commands();

    /** Gives the keyboard to the plan. */
    void focusPlan();

    /** Opens the guide at a place, or puts it away if it is open there. */
    void guide(Place place);

    /** Begins the tour of the demo. */
    void tour();
}
