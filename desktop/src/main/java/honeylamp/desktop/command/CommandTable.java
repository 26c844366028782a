package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;
import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.controlShift;
import static honeylamp.desktop.workspace.Keys.controlSign;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Arranging.Depth;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** All commands of a window, each once. */
public final class CommandTable {
    private static final double STEP_PX = 12;
    private static final double FINE_STEP_PX = 1;

    private final WorkspaceModel model;
    private final List<Command> all = new ArrayList<>();

    /**
     * The commands of a window.
     *
     * @param window does what the workspace cannot
     */
    public CommandTable(WorkspaceModel model, WindowActions window) {
        this.model = model;
        plans(window);
        pictures(window);
        picked();
        gestures(window);
        next();
        seen(window);
        hands(window);
        add(
                "meter-connect",
                "Connect laser meter",
                "Lengths come from a laser meter",
                Place.DEVICE,
                () -> window.meter().connect());
        add(
                "meter-disconnect",
                "Disconnect laser meter",
                "Lengths are typed again",
                Place.DEVICE,
                () -> window.meter().disconnect());
    }

    private void plans(WindowActions window) {
        add(
                "start",
                "Begin or open",
                "A new plan in its units, templates, recent plans, demos",
                Place.PLAN,
                window::begin,
                controlShift(KeyCode.N));
        add("new", "New plan", "An empty plan", Place.PLAN, window::newPlan, control(KeyCode.N));
        add(
                "keep-template",
                "Keep as template",
                "Units, wall types, storeys, looks, sheets and title block, for plans to begin with",
                Place.PLAN,
                window::keepTemplate);
        add("open", "Open plan", "Open a plan", Place.PLAN, window::openPlan, control(KeyCode.O));
        add("save", "Save plan", "Save the plan", Place.PLAN, window::savePlan, control(KeyCode.S));
        add(
                "save-as",
                "Save plan as",
                "Save under another name",
                Place.PLAN,
                window::savePlanAs,
                controlShift(KeyCode.S));
        add("export", "Export sheet", "PDF, PNG or SVG", Place.PLAN, window::exportSheet, control(KeyCode.E));
        add(new Command(
                "export-all",
                "Export all pages",
                "One PDF of all pages",
                Place.PLAN,
                List.of(controlShift(KeyCode.E)),
                Where.ANYWHERE,
                w -> w.plan().presentation().pages().size() > 1,
                window::exportAll));
        add(
                "schedules",
                "Schedules of doors, windows and rooms",
                "Lists below the plan",
                Place.PLAN,
                () -> window.toggleSchedules());
        add("export-schedules", "Export schedules", "XLSX or CSV", Place.PLAN, window::exportSchedules);
        add("survey", "Bring in survey", "Makes a plan of measured readings", Place.PLAN, window::bringInSurvey);
        add("find", "Find", "Any command, piece, room or finish", Place.PLAN, window::find, control(KeyCode.K));
        add(
                "leave",
                "Leave",
                "Ends the program; asks first if something is in no file",
                Place.PLAN,
                window::leave,
                control(KeyCode.Q));
    }

    private void pictures(WindowActions window) {
        add(
                "picture",
                "Bring in picture",
                "A scan or drawing to trace",
                Place.PICTURE,
                window::bringInPicture,
                control(KeyCode.I));
        add("paste-picture", "Paste picture", "The picture on the clipboard", Place.PICTURE, window::pastePicture);
        add(
                "level",
                "Propose level of picture",
                "Looks for the angle its lines run at",
                Place.PICTURE,
                window::proposeLevel);
        plain(
                "beside",
                "Picture beside the plan",
                "The picture in a pane of its own",
                Place.PICTURE,
                window::toggleBeside,
                KeyCode.B);
        plain(
                "lines",
                "Catch lines of picture",
                "Whether its lines are caught",
                Place.PICTURE,
                window::toggleLines,
                KeyCode.P);
        plain(
                "traced-always",
                "Picture in every stage",
                "Pictures to trace are seen in all stages, or only where one traces",
                Place.PICTURE,
                () -> seen(s -> s.withTraced(s.traced().other())),
                KeyCode.I);
        plain(
                "walls-through",
                "See through walls",
                "Walls are faint on the screen while one traces; they print as they are",
                Place.PICTURE,
                () -> seen(s -> s.withWalls(s.walls().other())),
                KeyCode.V);
        plain(
                "grid",
                "Scale grid",
                "Lines at every step with their lengths, on the screen only",
                Place.SEEN,
                () -> seen(s -> s.withGrid(
                        s.grid().isPresent()
                                ? Optional.empty()
                                : Optional.of(
                                        model.now().plan().units().isMetric()
                                                ? Length.ofMm(1000)
                                                : Length.ofInches(12)))),
                KeyCode.Y);
        plain(
                "next-step",
                "Next step at the pointer",
                "While something is drawn the pointer says what comes next, or only the measure line does",
                Place.SEEN,
                () -> seen(s -> s.withNextStep(s.nextStep().other())),
                KeyCode.J);
        plain(
                "underlays",
                "Show or hide underlays",
                "All pictures of the storey",
                Place.PICTURE,
                window::toggleUnderlays,
                KeyCode.U);
    }

    private void seen(UnaryOperator<Choices.Seen> change) {
        var choices = model.now().choices();
        model.chooseWithin(choices.withSeen(change.apply(choices.seen())));
    }

    private void picked() {
        add(new Command(
                "undo",
                "Undo",
                "Take the last action back",
                Place.PICKED,
                List.of(Keys.UNDO),
                Where.ANYWHERE,
                w -> w.history().undoable().isPresent(),
                model::undo));
        add(new Command(
                "redo",
                "Redo",
                "Do it again",
                Place.PICKED,
                List.of(control(KeyCode.Y), controlShift(KeyCode.Z)),
                Where.ANYWHERE,
                w -> w.history().redoable().isPresent(),
                model::redo));
        outside(
                "copy",
                "Copy",
                "Keeps a copy, to be pasted into any storey or plan",
                CommandTable::isPicked,
                model.picked()::copy,
                control(KeyCode.C));
        outside(
                "cut",
                "Cut",
                "Keeps a copy and deletes what is picked",
                CommandTable::isPicked,
                model.picked()::cut,
                control(KeyCode.X));
        outside(
                "duplicate",
                "Duplicate",
                "A second one beside it",
                CommandTable::isPicked,
                model.picked()::duplicate,
                Keys.DUPLICATE);
        outside(
                "pick-alike",
                "Pick all alike",
                "All walls of its type, all doors or pieces of its kind …",
                CommandTable::isPicked,
                model.picked()::alike,
                controlShift(KeyCode.A));
        outside(
                "make-like",
                "Make like…",
                "What is picked gets type, sizes and build of what you click next",
                CommandTable::isPicked,
                model.picked()::makeLike,
                controlShift(KeyCode.C));
        outside(
                "keep-together",
                "Keep together",
                "What is picked is picked and moved as one from now on",
                CommandTable::isPicked,
                model.picked()::keepTogether,
                Keys.KEEP_TOGETHER);
        outside(
                "let-go",
                "Let go of each other",
                "What is kept together with what is picked is picked by itself again",
                CommandTable::isPicked,
                model.picked()::letGo,
                Keys.LET_GO);
        outside(
                "before",
                "Lay before others",
                "Drawn over all else of its kind",
                CommandTable::isPicked,
                () -> model.picked().order(Depth.BEFORE));
        outside(
                "behind",
                "Lay behind others",
                "Drawn under all else of its kind",
                CommandTable::isPicked,
                () -> model.picked().order(Depth.BEHIND));
        outside(
                "pick-all",
                "Pick all of the stage",
                "All walls, all openings, all pieces …",
                _ -> true,
                model.picked()::all,
                control(KeyCode.A));
        outside(
                "delete",
                "Delete",
                "What is picked; what hangs in it goes too",
                now -> isPicked(now) || now.gesture().takesAway(),
                () -> {
                    if (isPicked(model.now())) {
                        model.picked().delete();
                    } else {
                        model.act(new Intent.Press(Gesture.Key.AWAY));
                    }
                },
                alone(KeyCode.DELETE),
                alone(KeyCode.BACK_SPACE));
    }

    private static boolean isPicked(Workspace now) {
        return !now.selection().isEmpty();
    }

    private void gestures(WindowActions window) {
        add(new Command(
                "paste",
                "Paste",
                "What was copied; in the Underlay stage the picture on the clipboard",
                Place.PICKED,
                List.of(Keys.PASTE),
                Where.OUTSIDE_TEXT,
                _ -> true,
                () -> {
                    // where pictures are worked on a picture is meant, whatever was copied of a plan before
                    if (model.now().stage() == WorkStage.UNDERLAY
                            || !model.picked().paste()) {
                        window.pastePicture();
                    }
                }));
        plain(
                "escape",
                "Let go",
                "Drops what is under way, then what is picked, then takes up the tool that picks",
                Place.GESTURE,
                model::escape,
                KeyCode.ESCAPE);
        plain(
                "turn",
                "Turn",
                "Turns a piece; hangs a leaf at the other jamb",
                Place.GESTURE,
                () -> model.key(Gesture.Key.TURN),
                KeyCode.R);
        plain(
                "flip",
                "Other side",
                "Changes the side, hand or shape of what is put in",
                Place.GESTURE,
                () -> model.key(Gesture.Key.FLIP),
                KeyCode.F);
        plain(
                "close",
                "Close",
                "Closes a chain of walls; centres an opening",
                Place.GESTURE,
                () -> model.key(Gesture.Key.CLOSE),
                KeyCode.C);
        plain(
                "next-catch",
                "Next catch",
                "Catches the next thing within reach",
                Place.GESTURE,
                () -> model.key(Gesture.Key.NEXT),
                KeyCode.N);
        add(new Command(
                "measured",
                "Put in what was measured",
                "The length measured last, into the field of the measure line",
                Place.GESTURE,
                List.of(alone(KeyCode.EQUALS)),
                Where.OUTSIDE_TEXT,
                w -> w.measured().isPresent(),
                () -> model.now().measured().ifPresent(window::putLength)));
        add(new Command(
                "half-measured",
                "Put in half of it",
                "Half of the length measured last",
                Place.GESTURE,
                List.of(alone(KeyCode.H)),
                Where.OUTSIDE_TEXT,
                w -> w.measured().isPresent(),
                () -> model.now().measured().ifPresent(l -> window.putLength(l.half()))));
    }

    private void next() {
        choice(
                "next-type",
                "Next type",
                "The next wall type, or the next kind of opening",
                NextChoice::type,
                _ -> true,
                KeyCode.T);
        choice(
                "next-width",
                "Next width",
                "The next usual width of an opening",
                NextChoice::width,
                w -> w.stage() == WorkStage.OPENINGS,
                Keys.NEXT_WIDTH.code());
        choice(
                "next-face",
                "Next drawn face",
                "Outer face, centre or inner face is drawn",
                NextChoice::face,
                _ -> true,
                KeyCode.D);
        choice("square", "Square or free", "Walls at right angles, or at any", NextChoice::angle, _ -> true, KeyCode.Q);
    }

    private void seen(WindowActions window) {
        plain(
                "lamp",
                "Lamp",
                "Draft, Colour or Lit",
                Place.SEEN,
                () -> model.light(model.now().lamp().next()),
                KeyCode.L);
        plain(
                "glance",
                "Raised glance",
                "The storey seen from above at a slant",
                Place.SEEN,
                window::toggleGlance,
                KeyCode.G);
        plain("show-sheet", "Whole sheet", "The sheet fills the drawing", Place.SEEN, window::showSheet, KeyCode.END);
        plain(
                "show-storey",
                "Plan large",
                "The storey fills the drawing",
                Place.SEEN,
                window::showStorey,
                KeyCode.HOME);
        add(
                "fit-sheet",
                "Centre plan on its sheet",
                "In the middle of the paper, at the largest scale that fits",
                Place.SEEN,
                model::fitSheet);
        add(new Command(
                "show-picked",
                "What is picked",
                "What is picked fills the drawing",
                Place.SEEN,
                List.of(alone(KeyCode.Z)),
                Where.OUTSIDE_TEXT,
                CommandTable::isPicked,
                window::showPicked));
        plain(
                "show-room",
                "The room worked in",
                "The room that is picked or pointed at fills the drawing",
                Place.SEEN,
                window::showRoom,
                KeyCode.E);
        plain(
                "shelf",
                "Open or fold the tray",
                "It stays as it is put until it is put otherwise",
                Place.SEEN,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withShelf(model.now().choices().round().shelf().other())),
                KeyCode.S);
        plain(
                "contents",
                "Contents",
                "Everything on the storey, in a list to search",
                Place.SEEN,
                () -> {
                    var choices = model.now().choices();
                    model.chooseWithin(choices.withDocked(
                            choices.round().docked() == Docked.CONTENTS ? Docked.NOTHING : Docked.CONTENTS));
                },
                KeyCode.X);
        plain(
                "only-drawing",
                "Only the drawing",
                "Puts all else away, or brings it back",
                Place.SEEN,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withRest(model.now().choices().round().rest().other())),
                KeyCode.O);
        add(
                "room",
                "Light or dark room",
                "Dark or light round the paper, which stays as it prints",
                Place.SEEN,
                () -> window.style(window.style().withRoom(window.style().room().other())));
        add(
                "text-larger",
                "Larger words",
                "All words of the window, up to twice the size",
                Place.SEEN,
                () -> window.style(window.style().larger(1)));
        add(
                "text-smaller",
                "Smaller words",
                "All words of the window, down to the usual size",
                Place.SEEN,
                () -> window.style(window.style().larger(-1)));
        add(
                "zoom-in",
                "Larger",
                "As the wheel does",
                Place.SEEN,
                () -> window.zoom(1.25),
                controlSign(KeyCode.PLUS),
                controlSign(KeyCode.EQUALS),
                controlSign(KeyCode.ADD));
        add(
                "zoom-out",
                "Smaller",
                "As the wheel does",
                Place.SEEN,
                () -> window.zoom(0.8),
                controlSign(KeyCode.MINUS),
                controlSign(KeyCode.SUBTRACT));
        plain(
                "storey-up",
                "Storey above",
                "Works on the storey above",
                Place.SEEN,
                () -> model.climb(1),
                Keys.STOREY_UP.code());
        plain(
                "storey-down",
                "Storey below",
                "Works on the storey below",
                Place.SEEN,
                () -> model.climb(-1),
                Keys.STOREY_DOWN.code());
    }

    /** Arrows with Control move what is picked. */
    private void nudges() {
        nudge("left", -1, 0, KeyCode.LEFT);
        nudge("right", 1, 0, KeyCode.RIGHT);
        nudge("up", 0, 1, KeyCode.UP);
        nudge("down", 0, -1, KeyCode.DOWN);
    }

    private void nudge(String way, int across, int up, KeyCode key) {
        for (var small : List.of(false, true)) {
            add(new Command(
                    "nudge-" + way + (small ? "-fine" : ""),
                    "Nudge " + way,
                    small ? "What is picked, by 1 mm or 1/16 in" : "What is picked, by 10 mm or 1/2 in",
                    Place.HANDS,
                    List.of(small ? controlShift(key) : control(key)),
                    Where.OUTSIDE_TEXT,
                    CommandTable::isPicked,
                    () -> model.picked().nudge(across, up, small)));
        }
    }

    private void hands(WindowActions window) {
        nudges();
        add(
                "next-part",
                "Next part of the window",
                "Takes the keyboard to the next part",
                Place.HANDS,
                window::nextPart,
                alone(KeyCode.F6));
        drawing("enter", "Enter", "Does what the measure line says", window::enterFromPlan, alone(KeyCode.ENTER));
        drawing(
                "next-field",
                "Next field or tool",
                "A field of the measure line while something is under way, else the next tool of the stage",
                window::nextFieldOrTool,
                Keys.NEXT_TOOL);
        drawing(
                "press",
                "Press",
                "Presses where the pointer is, and drags while held",
                window::pressHere,
                alone(KeyCode.SPACE));
        steer(window, "left", -1, 0, KeyCode.LEFT, KeyCode.KP_LEFT);
        steer(window, "right", 1, 0, KeyCode.RIGHT, KeyCode.KP_RIGHT);
        steer(window, "up", 0, -1, KeyCode.UP, KeyCode.KP_UP);
        steer(window, "down", 0, 1, KeyCode.DOWN, KeyCode.KP_DOWN);
    }

    private void steer(WindowActions window, String way, int across, int down, KeyCode key, KeyCode pad) {
        for (var shift : List.of(Keys.Shift.FREE, Keys.Shift.HELD)) {
            var fine = shift == Keys.Shift.HELD;
            var step = fine ? FINE_STEP_PX : STEP_PX;
            drawing(
                    "pointer-" + way + (fine ? "-fine" : ""),
                    "Pointer " + way,
                    "Moves the pointer by " + (fine ? "one pixel" : "a step"),
                    () -> window.steer(across * step, down * step),
                    new Keys(key, Keys.Control.FREE, shift),
                    new Keys(pad, Keys.Control.FREE, shift));
        }
    }

    private void add(Command command) {
        all.add(command);
    }

    private void add(String id, String words, String hint, Place place, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, place, List.of(keys), Where.ANYWHERE, _ -> true, action));
    }

    /** A key alone: it must not be taken from what is being typed. */
    private void plain(String id, String words, String hint, Place place, Runnable action, KeyCode key) {
        add(new Command(id, words, hint, place, List.of(alone(key)), Where.OUTSIDE_TEXT, _ -> true, action));
    }

    private void outside(
            String id, String words, String hint, Predicate<Workspace> possible, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, Place.PICKED, List.of(keys), Where.OUTSIDE_TEXT, possible, action));
    }

    private void choice(
            String id,
            String words,
            String hint,
            Function<Workspace, Choices> next,
            Predicate<Workspace> possible,
            KeyCode key) {
        add(new Command(
                id,
                words,
                hint,
                Place.NEXT,
                List.of(alone(key)),
                Where.OUTSIDE_TEXT,
                possible,
                () -> model.chooseWithin(next.apply(model.now()))));
    }

    private void drawing(String id, String words, String hint, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, Place.HANDS, List.of(keys), Where.DRAWING, _ -> true, action));
    }

    /** All commands, place by place. */
    public List<Command> all() {
        return List.copyOf(all);
    }

    /**
     * The command of this id.
     *
     * @throws NoSuchElementException if there is none
     */
    public Command of(String id) {
        return all.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }

    /**
     * The command that keys ask for.
     *
     * @param reach whether the keyboard is where a command wants it
     */
    public Optional<Command> of(KeyEvent pressed, Predicate<Where> reach) {
        return all.stream()
                .filter(c -> reach.test(c.where()) && c.keys().stream().anyMatch(k -> k.matches(pressed)))
                .findFirst();
    }

    /** Whether a command can be done now. */
    public boolean isPossible(Command command) {
        return command.possible().test(model.now());
    }
}
