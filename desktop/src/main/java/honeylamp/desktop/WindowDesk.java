package honeylamp.desktop;

import honeylamp.demo.Demo;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.command.CommandTable;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Segment;
import honeylamp.guide.Place;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.ModelFile;
import honeylamp.store.PlanFile;
import honeylamp.store.SurveyFile;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.input.Clipboard;
import javafx.stage.WindowEvent;

/** Does what people ask of the window: by keys, buttons, menus, and files that are dropped. */
final class WindowDesk implements WindowActions {
    /** So much of the plan is seen around a place that is shown. */
    private static final double AROUND_MM = 2500;

    private final MainWindow window;

    WindowDesk(MainWindow window) {
        this.window = window;
    }

    /** A file was dropped on the plan: plans, surveys and building models are opened, anything else is brought in to trace. */
    public void dropped(Path file) {
        if (file.toString().endsWith(PlanFile.ENDING)) {
            window.files.open(file, this::showSheet);
        } else if (ends(file, SurveyFile.ENDINGS)) {
            window.files.survey(file, this::showStorey);
        } else if (ends(file, ModelFile.ENDINGS)) {
            window.files.model(file, this::showStorey);
        } else {
            window.bringing.file(file);
        }
    }

    private static boolean ends(Path file, List<String> endings) {
        var name = file.toString().toLowerCase(Locale.ROOT);
        return endings.stream().anyMatch(e -> name.endsWith("." + e));
    }

    @Override
    public void newPlan() {
        window.files.newPlan(this::showSheet);
    }

    @Override
    public WindowStyle style() {
        return window.style().get();
    }

    @Override
    public void style(WindowStyle style) {
        window.style().set(style);
    }

    @Override
    public void guide(Place place) {
        window.guide.toggle(place);
    }

    @Override
    public void tour() {
        window.files.shipped(Demo.SAILCLOTH_YARD, window.tour::begin);
    }

    @Override
    public void begin() {
        window.begin();
    }

    @Override
    public void keepTemplate() {
        window.files.keepTemplate(window.libraries.templates());
    }

    @Override
    public void leave() {
        var stage = window.scene.getWindow();
        stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    @Override
    public void openPlan() {
        window.files.open(this::showSheet);
    }

    @Override
    public void savePlan() {
        window.files.save();
    }

    @Override
    public void savePlanAs() {
        window.files.saveAs();
    }

    @Override
    public void bringInPicture() {
        window.dialogs.openPicture().ifPresent(window.bringing::file);
    }

    @Override
    public void pastePicture() {
        var clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasFiles()) {
            clipboard.getFiles().forEach(f -> dropped(f.toPath()));
        } else if (clipboard.hasImage()) {
            window.bringing.image(clipboard.getImage(), "Pasted picture");
        } else {
            window.model.complain("The clipboard holds no picture. Copy one, or a file, and paste again.");
        }
    }

    @Override
    public void layPictureOnPage() {
        window.dialogs.openPicture().ifPresent(window.bringing::onPage);
    }

    @Override
    public void layLogo() {
        window.dialogs.openPicture().ifPresent(window.bringing::asLogo);
    }

    @Override
    public void bringInModel() {
        window.dialogs.openModel().ifPresent(file -> window.files.model(file, this::showStorey));
    }

    @Override
    public void bringInSurvey() {
        window.dialogs.openSurvey().ifPresent(file -> window.files.survey(file, this::showStorey));
    }

    @Override
    public void comparePicture() {
        window.bringing.comparePicture();
    }

    @Override
    public void showAround(Segment place) {
        var box = Box.around(List.of(place.a(), place.b())).grown(AROUND_MM);
        window.model.showBox(box, window.plan.getWidth(), window.plan.getHeight());
    }

    @Override
    public void proposeLengths() {
        window.bringing.proposeLengths();
    }

    @Override
    public void proposeWalls() {
        window.bringing.proposeWalls();
    }

    @Override
    public void proposeLevel() {
        window.bringing.proposeLevel();
    }

    @Override
    public void toggleBeside() {
        window.beside.setVisible(!window.beside.isVisible());
        window.beside.setManaged(window.beside.isVisible());
    }

    @Override
    public boolean besideShown() {
        return window.beside.isVisible();
    }

    @Override
    public void toggleGlance() {
        var choices = window.model.now().choices();
        window.model.chooseWithin(choices.withGlance(choices.glance().other()));
    }

    @Override
    public void toggleLines() {
        var choices = window.model.now().choices();
        var caught = choices.lines() == Choices.Lines.CAUGHT;
        window.model.chooseWithin(choices.withLines(caught ? Choices.Lines.IGNORED : Choices.Lines.CAUGHT));
        window.model.say(caught ? "Lines of the picture are no longer caught." : "Lines of the picture are caught.");
    }

    @Override
    public MeterLink meter() {
        return window.meter;
    }

    @Override
    public void toggleUnderlays() {
        var now = window.model.now();
        var underlays = now.currentStorey().underlays();
        if (!underlays.isEmpty()) {
            var next = underlays.getLast().sight() == Sight.SHOWN ? Sight.HIDDEN : Sight.SHOWN;
            window.model.edit(UnderlayEdits.showAll(now.plan(), now.storey(), next), "Show or hide underlays");
        }
    }

    @Override
    public void exportSheet() {
        window.exports.exportSheet();
    }

    @Override
    public void exportAll() {
        window.exports.exportAll();
    }

    @Override
    public void previewExport() {
        window.exports.preview();
    }

    @Override
    public void printSheet() {
        window.exports.print(List.of(window.model.shown().printed()));
    }

    @Override
    public void printAll() {
        window.exports.print(window.model.shown().plan().pages());
    }

    @Override
    public void revealExported() {
        window.exports.reveal();
    }

    @Override
    public void toggleSchedules() {
        toggle(window.schedules.isVisible() && !window.schedules.subject().isTakeoff(), Subject.DOORS);
    }

    @Override
    public void toggleTakeoff() {
        toggle(window.schedules.isVisible() && window.schedules.subject().isTakeoff(), Subject.FINISHES);
    }

    /** Hides the lists if they are shown, or shows the first of them. */
    private void toggle(boolean isShown, Subject first) {
        window.schedules.setVisible(!isShown);
        window.schedules.setManaged(!isShown);
        if (!isShown) {
            window.schedules.list(first);
        }
    }

    @Override
    public void finishFromPicture() {
        window.finishes.fromPicture();
    }

    @Override
    public void shareFinishes() {
        window.finishes.share();
    }

    @Override
    public void bringInFinishes() {
        window.finishes.bringIn();
    }

    @Override
    public void pictureOfPieces() {
        window.pieces.picture();
    }

    @Override
    public void pieceFromDrawing() {
        window.pieces.fromDrawing();
    }

    @Override
    public void sharePieces() {
        window.pieces.share();
    }

    @Override
    public void bringInPieces() {
        window.pieces.bringIn();
    }

    @Override
    public void lookOver() {
        window.exports.lookOver();
    }

    @Override
    public void exportModel() {
        window.exports.exportModel();
    }

    @Override
    public void exportClientPage() {
        window.exports.exportClientPage();
    }

    @Override
    public void bringInRemarks() {
        window.exports.bringInRemarks();
    }

    @Override
    public void packPlan() {
        window.packs.packPlan();
    }

    @Override
    public void pack(Recipe recipe) {
        window.packs.pack(recipe);
    }

    @Override
    public void shareRecipes() {
        window.packs.share();
    }

    @Override
    public void bringInRecipes() {
        window.packs.bringIn();
    }

    @Override
    public void shareBrands() {
        window.packs.shareBrands();
    }

    @Override
    public void bringInBrands() {
        window.packs.bringInBrands();
    }

    @Override
    public void markOf(Brand brand) {
        window.packs.mark(brand);
    }

    @Override
    public void shareLooks() {
        window.looks.share();
    }

    @Override
    public void bringInLooks() {
        window.looks.bringIn();
    }

    @Override
    public void firstLights() {
        window.lights.first();
    }

    @Override
    public void lightFromFile() {
        window.lights.fromFile();
    }

    @Override
    public void exportSchedules() {
        window.exports.exportSchedules();
    }

    @Override
    public void find() {
        window.finder.open();
    }

    @Override
    public void showSheet() {
        window.model.showSheet(window.plan.getWidth(), window.plan.getHeight());
    }

    @Override
    public void showStorey() {
        window.model.showStorey(window.plan.getWidth(), window.plan.getHeight());
    }

    @Override
    public void showPicked() {
        var now = window.model.now();
        Picking.bounds(window.model.shown().geometry(), now.selection())
                .ifPresent(box -> window.model.showBox(box, window.plan.getWidth(), window.plan.getHeight()));
    }

    @Override
    public void showRoom() {
        var now = window.model.now();
        var rooms = window.model.shown().geometry();
        rooms.rooms().stream()
                .filter(r ->
                        r.mark().filter(m -> now.selection().contains(m.id())).isPresent())
                .findFirst()
                .or(() -> rooms.roomAt(window.plan.pointedTo()))
                .or(() -> rooms.roomAt(now.viewport().centre()))
                .ifPresentOrElse(
                        room -> window.model.fill(
                                room.outline().bounds(), window.plan.getWidth(), window.plan.getHeight()),
                        () -> window.model.complain(
                                "There is no room here. Point at one, or pick it, and press again."));
    }

    @Override
    public void zoom(double factor) {
        window.plan.zoom(factor);
    }

    @Override
    public void putLength(Length length) {
        window.measure.put(length);
    }

    @Override
    public void enterFromPlan() {
        window.measure.enterFromPlan();
    }

    @Override
    public void nextFieldOrTool() {
        if (!window.model.now().gesture().underWay() || !window.measure.focusFirst()) {
            window.model.use(window.model.now().tool().next());
        }
    }

    @Override
    public void steer(double across, double down) {
        window.plan.steer(across, down);
    }

    @Override
    public void pressHere() {
        window.plan.pressHere();
    }

    @Override
    public void nextPart() {
        window.parts.next();
    }

    @Override
    public CommandTable commands() {
        return window.commands;
    }

    @Override
    public void focusPlan() {
        window.plan.requestFocus();
    }
}
