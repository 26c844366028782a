package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;
import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.controlShift;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.FileWords;
import honeylamp.pack.Recipes;
import java.util.List;
import javafx.scene.input.KeyCode;

/** Commands about plans and their files. */
final class PlanCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    PlanCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        into.add(
                "start",
                "Begin or open",
                "A new plan in its units, templates, recent plans, demos",
                Place.PLAN,
                window::begin,
                controlShift(KeyCode.N));
        into.add(
                "guide",
                "Guide",
                "The page about what you are doing",
                Place.PLAN,
                () -> window.guide(Topics.of(model.now())),
                alone(KeyCode.F1));
        into.add(
                "tour",
                "Tour of the demo",
                "Two minutes through the window; left at any step",
                Place.PLAN,
                window::tour);
        into.add("new", "New plan", "An empty plan", Place.PLAN, window::newPlan, control(KeyCode.N));
        into.add(
                "keep-template",
                "Keep as template",
                "Units, wall types, storeys, looks, sheets and title block, for plans to begin with",
                Place.PLAN,
                window::keepTemplate);
        into.add("open", "Open plan", "Open a plan", Place.PLAN, window::openPlan, control(KeyCode.O));
        into.add("save", "Save plan", "Save the plan", Place.PLAN, window::savePlan, control(KeyCode.S));
        into.add(
                "save-as",
                "Save plan as",
                "Save under another name",
                Place.PLAN,
                window::savePlanAs,
                controlShift(KeyCode.S));
        into.add("export", "Export sheet", "PDF, PNG or SVG", Place.PLAN, window::exportSheet, control(KeyCode.E));
        into.add(new Command(
                "export-all",
                "Export all pages",
                "One PDF of all pages",
                Place.PLAN,
                List.of(controlShift(KeyCode.E)),
                Where.ANYWHERE,
                w -> w.plan().presentation().pages().size() > 1,
                window::exportAll));
        into.add(
                "schedules",
                "Schedules of doors, windows and rooms",
                "Lists below the plan",
                Place.PLAN,
                () -> window.toggleSchedules());
        into.add(
                "takeoff",
                "Takeoff of finishes, materials, edges, walls and pieces",
                "tiles, boxes, paint, skirting, volumes",
                Place.PLAN,
                window::toggleTakeoff);
        into.add(
                "finish-picture",
                "Finish from a picture",
                "What a photograph shows at its real size, on the material chosen",
                Place.PLAN,
                window::finishFromPicture);
        into.add(
                "share-finishes",
                "Share my finishes",
                "Those you keep, in a file for others",
                Place.PLAN,
                window::shareFinishes);
        into.add(
                "bring-in-finishes",
                "Bring in finishes",
                "Those somebody shared; one of the same name is replaced",
                Place.PLAN,
                window::bringInFinishes);
        into.add(
                "piece-drawing",
                "Piece from a drawing",
                "An SVG drawing of a piece seen from above; then click where it stands",
                Place.PLAN,
                window::pieceFromDrawing);
        into.add(
                "share-pieces",
                "Share my things",
                "Own pieces you keep, in a file for others",
                Place.PLAN,
                window::sharePieces);
        into.add(
                "bring-in-pieces",
                "Bring in pieces",
                "Own pieces somebody shared; one of the same name is replaced",
                Place.PLAN,
                window::bringInPieces);
        into.add(
                "share-looks",
                "Share my looks",
                "Those you keep, in a file for others",
                Place.PLAN,
                window::shareLooks);
        into.add(
                "bring-in-looks",
                "Bring in looks",
                "Those somebody shared; one of the same name is replaced",
                Place.PLAN,
                window::bringInLooks);
        into.add(
                "look-over",
                "Look over all pages",
                "What to look at once more before they leave",
                Place.PLAN,
                window::lookOver);
        into.add(
                "client-page",
                "Page for the client",
                "One HTML file to look at, measure in, remark on and approve",
                Place.PLAN,
                window::exportClientPage);
        into.add(
                "export-model",
                "Model for other programs",
                "IFC4: walls, openings, floors, rooms and furniture, for other programs for building",
                Place.PLAN,
                window::exportModel);
        into.add(
                "bring-in-remarks",
                "Bring in remarks",
                "The file that a client page saved",
                Place.PLAN,
                window::bringInRemarks);
        into.add(
                "pack-plan",
                "Pack all of this plan",
                "The files of all recipes that belong to it",
                Place.PLAN,
                window::packPlan);
        for (var recipe : Recipes.all()) {
            into.add(
                    "make-" + FileWords.of(recipe.name(), ""),
                    "Pack: " + recipe.name(),
                    "Files " + recipe.about(),
                    Place.PLAN,
                    () -> window.pack(recipe));
        }
        into.add("share-brands", "Brands as a file", "Those you keep, for others", Place.PLAN, window::shareBrands);
        into.add(
                "bring-in-brands",
                "Bring in brands",
                "Those somebody shared; one of the same name is replaced",
                Place.PLAN,
                window::bringInBrands);
        into.add("share-recipes", "Recipes as a file", "All, to change by hand", Place.PLAN, window::shareRecipes);
        into.add(
                "bring-in-recipes",
                "Bring in recipes",
                "A file of recipes of packs; one of the same name is replaced",
                Place.PLAN,
                window::bringInRecipes);
        into.add("export-schedules", "Export schedules", "XLSX or CSV", Place.PLAN, window::exportSchedules);
        into.add(
                "building-model",
                "Bring in model",
                "Walls, openings and rooms of another program (IFC4) become a plan",
                Place.PLAN,
                window::bringInModel);
        into.add("survey", "Bring in survey", "Makes a plan of measured readings", Place.PLAN, window::bringInSurvey);
        into.add("find", "Find", "Any command, piece, room or finish", Place.PLAN, window::find, control(KeyCode.K));
        into.add(
                "leave",
                "Leave",
                "Ends the program; asks first if something is in no file",
                Place.PLAN,
                window::leave,
                control(KeyCode.Q));
    }
}
