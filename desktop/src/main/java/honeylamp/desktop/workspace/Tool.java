package honeylamp.desktop.workspace;

import honeylamp.catalogue.PartKinds;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.LookOn;
import honeylamp.desktop.gesture.NewRun;
import honeylamp.desktop.gesture.draw.ChangeLength;
import honeylamp.desktop.gesture.draw.DrawArc;
import honeylamp.desktop.gesture.draw.DrawBay;
import honeylamp.desktop.gesture.draw.DrawBoundary;
import honeylamp.desktop.gesture.draw.DrawOutline;
import honeylamp.desktop.gesture.draw.DrawOwn;
import honeylamp.desktop.gesture.draw.DrawShape;
import honeylamp.desktop.gesture.draw.DrawShape.Kind;
import honeylamp.desktop.gesture.draw.Outlining;
import honeylamp.desktop.gesture.draw.SetNorth;
import honeylamp.desktop.gesture.draw.SetOut;
import honeylamp.desktop.gesture.draw.WalkRoom;
import honeylamp.desktop.gesture.draw.WallChain;
import honeylamp.desktop.gesture.look.CropView;
import honeylamp.desktop.gesture.look.DrawSection;
import honeylamp.desktop.gesture.look.Measure;
import honeylamp.desktop.gesture.look.MeasureBetween;
import honeylamp.desktop.gesture.look.MeasureRound;
import honeylamp.desktop.gesture.look.PressSwitch;
import honeylamp.desktop.gesture.look.StandHere;
import honeylamp.desktop.gesture.look.WalkLit;
import honeylamp.desktop.gesture.look.WalkWay;
import honeylamp.desktop.gesture.pick.PickAndMove;
import honeylamp.desktop.gesture.pick.PickAndMove.Reach;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.desktop.gesture.pick.PickOnPage;
import honeylamp.desktop.gesture.pick.PickRoom;
import honeylamp.desktop.gesture.place.DrawMark;
import honeylamp.desktop.gesture.place.LayFinish;
import honeylamp.desktop.gesture.place.LayIsland;
import honeylamp.desktop.gesture.place.LayRun;
import honeylamp.desktop.gesture.place.LayUnits;
import honeylamp.desktop.gesture.place.MarkActivity;
import honeylamp.desktop.gesture.place.PlaceFitting;
import honeylamp.desktop.gesture.place.PlaceFurnishing;
import honeylamp.desktop.gesture.place.PlaceOpening;
import honeylamp.desktop.gesture.place.PlacePart;
import honeylamp.desktop.gesture.place.StartFinish;
import honeylamp.desktop.gesture.place.WriteNote;
import honeylamp.desktop.gesture.trace.CropPicture;
import honeylamp.desktop.gesture.trace.LevelPicture;
import honeylamp.desktop.gesture.trace.MarkKnownLength;
import honeylamp.desktop.gesture.trace.NoteOnPicture;
import honeylamp.desktop.gesture.trace.PutPoint;
import honeylamp.desktop.gesture.trace.SquareUp;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The tools, stage by stage; the first of a stage is the one it begins with. All that is known of a tool stands here:
 * nothing else changes when tools are put in another order or named anew.
 */
public enum Tool {
    PICK_PICTURE(
            WorkStage.UNDERLAY,
            "Pick picture",
            Icons.PICK,
            "Takes a picture up; drags it if it is free",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.UNDERLAYS)),
    KNOWN_LENGTH(
            WorkStage.UNDERLAY,
            "Known length",
            "M2 7 H16 V12 H2 Z M5 7 V9.5 M8 7 V10.5 M11 7 V9.5 M14 7 V10.5",
            "Gives the picture its scale by a length written on it",
            _ -> MarkKnownLength.begin()),
    LEVEL(
            WorkStage.UNDERLAY,
            "Level",
            "M2 13 H16 M2.5 10 L15.5 6",
            "Turns the picture so that a line on it runs level or plumb",
            _ -> LevelPicture.begin()),
    SQUARE_UP(
            WorkStage.UNDERLAY,
            "Square up",
            "M3 4 L14 2.5 L15.5 15 L4 15.5 Z M6 6 H13 V13 H6 Z",
            "Makes a picture taken at a slant square, by four corners",
            _ -> SquareUp.begin()),
    PUT_POINT(
            WorkStage.UNDERLAY,
            "Put a point",
            "M9 2 V6.5 M9 11.5 V16 M2 9 H6.5 M11.5 9 H16 M7.5 9 A 1.5 1.5 0 1 0 10.5 9 A 1.5 1.5 0 1 0 7.5 9",
            "Lays a point of the picture on a point of the plan",
            _ -> PutPoint.begin()),
    CROP(
            WorkStage.UNDERLAY,
            "Crop",
            "M5 1.5 V13 H16.5 M1.5 5 H13 V16.5",
            "Shows only a part of the picture",
            _ -> CropPicture.begin()),
    NOTE_ON_PICTURE(
            WorkStage.UNDERLAY,
            "Note",
            "M3 3 H15 V12 H9 L6 15.5 V12 H3 Z M6 6 H12 M6 9 H10",
            "Writes a remark on the picture, never printed",
            _ -> NoteOnPicture.begin()),

    DRAW_WALLS(
            WorkStage.WALLS,
            "Draw walls",
            "M2.5 15.5 V4 H13.5 M5.5 15.5 V7 H13.5 M13.5 4 V7 M2.5 15.5 H5.5",
            "One wall after the other, typed or by pointing",
            _ -> WallChain.begin()),
    PICK_WALLS(
            WorkStage.WALLS,
            "Pick and move",
            Icons.PICK,
            "Takes up walls, corners and several at once",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.WALLS)),
    WALK_ROOM(
            WorkStage.WALLS,
            "Walk a room",
            "M3 14.5 V3.5 H14.5 V11 M14.5 11 L12.5 8.5 M14.5 11 L16.5 8.5",
            "Readings wall by wall, as one measures a room",
            _ -> WalkRoom.begin()),
    RECTANGLE(
            WorkStage.WALLS,
            "Rectangle",
            "M3 5 H15 V13 H3 Z",
            "Four walls by two corners or by width and depth",
            _ -> DrawShape.begin(Kind.RECTANGLE)),
    OUTLINE(
            WorkStage.WALLS,
            "Outline",
            "M3 14 V4 H9 V8 H15 V14 Z",
            "Walls around an outline drawn corner by corner",
            _ -> DrawShape.begin(Kind.OUTLINE)),
    POLYGON(
            WorkStage.WALLS,
            "Polygon",
            "M9 2.5 L15.5 7.2 L13 15 H5 L2.5 7.2 Z",
            "Walls around a regular polygon",
            _ -> DrawShape.begin(Kind.POLYGON)),
    CIRCLE(
            WorkStage.WALLS,
            "Circle",
            "M3 9 A 6 6 0 1 0 15 9 A 6 6 0 1 0 3 9",
            "A round of walls by its radius",
            _ -> DrawShape.begin(Kind.CIRCLE)),
    ARC(
            WorkStage.WALLS,
            "Arc",
            "M2.5 13 Q9 1.5 15.5 13",
            "A curved wall by its ends and a point between",
            _ -> DrawArc.begin()),
    BAY(
            WorkStage.WALLS,
            "Bay",
            "M2 5 H5.5 L7 11 H11 L12.5 5 H16",
            "A bay that stands out of a wall",
            _ -> DrawBay.begin()),
    SETTING_OUT(
            WorkStage.WALLS,
            "Setting out",
            "M2 12.5 H16 M2 6 H4 M6 6 H8 M10 6 H12 M14 6 H16 M9 8 V10.5",
            "A line beside a wall to draw along, never printed",
            _ -> SetOut.begin()),
    MEASURE(
            WorkStage.WALLS,
            "Measure",
            "M3 15 L15 3 M2 12.5 L5.5 16 M12.5 2 L16 5.5",
            "Tells how far two points are apart; nothing is drawn",
            Optional.of(Keys.alone(KeyCode.M)),
            Picks.DOES_NOT,
            _ -> Measure.begin()),

    PUT_IN_OPENING(
            WorkStage.OPENINGS,
            "New opening",
            "M2 14 H5 M13 14 H16 M5 14 V5 A 9 9 0 0 1 13 14",
            "Puts the chosen door or window into a wall",
            _ -> PlaceOpening.begin()),
    PICK_OPENINGS(
            WorkStage.OPENINGS,
            "Pick and move",
            Icons.PICK,
            "Takes up openings and moves them along",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.OPENINGS)),
    BAY_WINDOW(
            WorkStage.OPENINGS,
            "Bay window",
            "M2 5 H5 L7 12 H11 L13 5 H16 M7 14 H11",
            "A bay with a window in each of its sides",
            _ -> DrawBay.glazed()),

    PUT_IN_PART(
            WorkStage.FIXED,
            "New part",
            "M2 15.5 H5.5 V12 H9 V8.5 H12.5 V5 H16",
            "Puts the chosen stair or other fixed part in",
            c -> PlacePart.begin(PartKinds.of(c.part().kind()).orElseThrow())),
    PICK_PARTS(
            WorkStage.FIXED,
            "Pick and move",
            Icons.PICK,
            "Takes up stairs and other fixed parts",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.PARTS)),

    NAME_ROOMS(
            WorkStage.ROOMS,
            "Name rooms",
            "M2.5 3 H15.5 V15 H2.5 Z M6 11.5 L9 5.5 L12 11.5 M7 9.5 H11",
            "Click a room, then say what it is",
            _ -> PickRoom.begin()),
    BOUNDARY(
            WorkStage.ROOMS,
            "Boundary",
            "M2.5 3 H15.5 V15 H2.5 Z M9 3 V5 M9 7 V9 M9 11 V13",
            "Parts one space into rooms where no wall stands",
            _ -> DrawBoundary.begin()),
    UNITS(
            WorkStage.ROOMS,
            "Units",
            "M2.5 4 H8 V14 H2.5 Z M10 4 H15.5 V14 H10 Z M5 14 V11 M13 14 V11",
            "Lets rooms drawn once stand in more places",
            c -> LayUnits.begin(c.part().unit())),
    STAND_HERE(
            WorkStage.ROOMS,
            "Stand here",
            "M9 13 L3.5 4 M9 13 L14.5 4 M7.5 13.5 A 1.5 1.5 0 1 0 10.5 13.5 A 1.5 1.5 0 1 0 7.5 13.5 M5.5 4.5 Q9 2.5 12.5 4.5",
            "Looks from where you press to where you drag",
            _ -> StandHere.begin()),

    LAY_FINISH(
            WorkStage.FINISHES,
            "Lay finish",
            "M2 5 H16 M2 9 H16 M2 13 H16 M7 5 V9 M12 9 V13",
            "Lays the chosen finish in the rooms clicked",
            _ -> LayFinish.begin()),
    OWN_REGION(
            WorkStage.FINISHES,
            "Own region",
            "M2 3 H16 V15 H2 Z M5.5 6.5 H12.5 V11.5 H5.5 Z M5.5 9 H12.5 M9 6.5 V11.5",
            "Lays the chosen finish on a part of a floor, corner by corner",
            _ -> DrawOutline.begin(new Outlining.OnFloor())),
    START_FINISH(
            WorkStage.FINISHES,
            "Start, direction",
            "M3 15 V9 H9 V15 Z M9 9 L15 3 M15 3 H11 M15 3 V7 M3 15 H15",
            "Puts the corner of a piece, then the way its courses run",
            _ -> StartFinish.begin()),
    PICK_REGIONS(
            WorkStage.FINISHES,
            "Pick and move",
            Icons.PICK,
            "Takes up own regions and their corners",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.REGIONS)),

    PICK_PIECES(
            WorkStage.FURNISH,
            "Pick and move",
            Icons.PICK,
            "Takes up pieces, turns and sizes them",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.FURNISHINGS)),
    PLACE_PIECE(
            WorkStage.FURNISH,
            "New piece",
            "M3 15 V7 Q3 4 6 4 H12 Q15 4 15 7 V15 M3 11 H15",
            "Places the chosen piece",
            c -> PlaceFurnishing.begin(c.placed(), c.made())),
    DRAW_OWN(
            WorkStage.FURNISH,
            "Draw a piece",
            "M2.5 5 H10 V13 H2.5 Z M12 15.5 L15.5 12 M9.5 15.5 L15 10 L16.5 11.5 M6 5 V9",
            "Draws an own piece where it stands, part by part",
            _ -> DrawOwn.begin()),

    LAY_RUN(
            WorkStage.FURNISH,
            "Run of units",
            "M2.5 3.5 H15.5 V8 H7.5 V15.5 H2.5 Z M7.5 3.5 V8 M11.5 3.5 V8 M2.5 11.5 H7.5",
            "Lays counters, wall units or closets along walls, round corners",
            c -> c.run().stand() == NewRun.Stand.AT_WALLS ? LayRun.begin() : LayIsland.begin()),
    WALK_WAY(
            WorkStage.FURNISH,
            "Ways",
            "M3 15.5 C3 9 15 11 15 3 M12.5 5.5 L15 2.5 L17 5.8 M1.5 13 L4.5 13",
            "Shows how one walks to every room, and how wide the way is",
            _ -> WalkWay.begin()),

    PICK_SITE(
            WorkStage.SITE,
            "Pick and move",
            Icons.PICK,
            "Takes up ground, its corners and parking bays",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.SITE)),
    LAY_GROUND(
            WorkStage.SITE,
            "Lay ground",
            "M3 13 L6 4 L14 5.5 L15.5 12 L9 15.5 Z",
            "Lays the chosen ground corner by corner",
            c -> DrawOutline.begin(new Outlining.OnGround(c.part().ground()))),
    SET_NORTH(
            WorkStage.SITE,
            "North",
            "M9 2.5 L12 9 H6 Z M9 9 V15.5",
            "Says where north is, by two points, a drag or an angle",
            _ -> SetNorth.begin()),
    PARKING_BAY(
            WorkStage.SITE,
            "Parking bay",
            "M3.5 2.5 V15.5 M14.5 2.5 V15.5 M6.5 5 H11.5 V13 H6.5 Z",
            "Places a bay for the chosen car",
            c -> PlacePart.bay(c.part().car())),

    MEASURE_BETWEEN(
            WorkStage.DIMENSIONS,
            "New dimension",
            "M2 9 H16 M3.5 11 L6.5 7 M11.5 11 L14.5 7 M5 4 V14 M13 4 V14",
            "Adds a dimension between two points",
            _ -> MeasureBetween.begin()),
    MEASURE_CHAIN(
            WorkStage.DIMENSIONS,
            "Chain",
            "M2 9 H16 M2.5 11 L5.5 7 M7.5 11 L10.5 7 M12.5 11 L15.5 7 M4 4 V14 M9 4 V14 M14 4 V14",
            "Measures over any number of points: each part, or running from the first",
            _ -> MeasureBetween.chain()),
    MEASURE_THROUGH(
            WorkStage.DIMENSIONS,
            "Through walls",
            "M1 9 H17 M5 4 V14 M7 4 V14 M12 4 V14 M14 4 V14",
            "Measures every wall a line crosses, and what is clear between them",
            _ -> MeasureBetween.through()),
    MEASURE_ROUND(
            WorkStage.DIMENSIONS,
            "Angle or arc",
            "M3 15 V4 M3 15 H15 M3 8 A7 7 0 0 1 10 15",
            "Measures the angle between two walls, or of a curved one its radius, diameter or length",
            _ -> MeasureRound.begin()),
    CHANGE_LENGTH(
            WorkStage.DIMENSIONS,
            "Change a length",
            "M2 6 H16 M3.5 8 L6.5 4 M11.5 8 L14.5 4 M5 13 H12.5 M10 10.5 L12.5 13 L10 15.5",
            "Types over a shown length or a room's clear size; the walls on one side move",
            _ -> ChangeLength.begin()),
    PICK_DIMENSIONS(
            WorkStage.DIMENSIONS,
            "Pick and move",
            Icons.PICK,
            "Takes up single dimensions and notes",
            Picks.PICKS,
            _ -> PickCaption.begin()),

    WRITE_NOTE(
            WorkStage.LABELS,
            "Write note",
            "M3 5 H15 M9 5 V14 M6.5 14 H11.5",
            "Writes words where you click",
            _ -> WriteNote.begin()),
    POINT_NOTE(
            WorkStage.LABELS,
            "Leader note",
            "M9 4 H16 M9 7 H14 M2.5 15.5 L8 8 M2.5 15.5 L3 11.5 M2.5 15.5 L6.2 14",
            "Points at a piece, a wall or a floor and says what it is, or what you type",
            _ -> WriteNote.pointing()),
    MARK_LEVEL(
            WorkStage.LABELS,
            "Level",
            "M2 6 H16 M4 6 L7 10.5 L10 6",
            "Says how high the floor lies where you click",
            _ -> WriteNote.level()),
    MARK_HEIGHT(
            WorkStage.LABELS,
            "Height",
            "M4 3 H8 M4 15 H8 M6 3.5 V14.5 M10 9 H16",
            "Says how high an opening, a piece, a wall or a room is, and follows it",
            _ -> WriteNote.height()),
    MARK_ENTRANCE(
            WorkStage.LABELS,
            "Entrance",
            "M2 5 H6.5 M11.5 5 H16 M9 7 L5.5 13.5 H12.5 Z",
            "Marks where one goes in",
            _ -> WriteNote.entrance()),
    DRAW_MARK(
            WorkStage.LABELS,
            "Free mark",
            "M2.5 15 L9 5 M9 5 L4.6 7.6 M9 5 L8.4 10 M10.5 10 a2.4 2.4 0 0 1 3.2 -1.6 a2.2 2.2 0 0 1 1 3.6 a2.2 2.2 0 0 1 -2.4 2.4 a2.2 2.2 0 0 1 -2.6 -2 Z",
            "Draws what is no part of the plan: a line, an arrow, a box, a cloud, a circle, a section, or by hand",
            c -> DrawMark.begin(c.mark())),
    DRAW_SECTION(
            WorkStage.LABELS,
            "Section",
            "M2 9 H6 M8 9 H10 M12 9 H16 M3 9 V4 M15 9 V4 M1.5 6 L3 3.5 L4.5 6 M13.5 6 L15 3.5 L16.5 6",
            "Cuts the building along a line, on a page of its own",
            _ -> DrawSection.begin()),
    PICK_LABELS(
            WorkStage.LABELS,
            "Pick and move",
            Icons.PICK,
            "Takes up notes, free marks and single dimensions",
            Picks.PICKS,
            _ -> PickCaption.begin()),

    PLACE_FITTING(
            WorkStage.LIGHTING,
            "Put in",
            "M9 2 V5.5 M4 11.5 A 5 5 0 0 1 14 11.5 Z M7.5 11.5 A 1.5 1.5 0 0 0 10.5 11.5 M4.5 14.5 L3.2 16 M9 15 V16.8 M13.5 14.5 L14.8 16",
            "Puts lights, switches and outlets in: the tray chooses which, and whether one by one or in even rows",
            c -> PlaceFitting.begin(c.fitting())),
    PICK_FITTINGS(
            WorkStage.LIGHTING,
            "Pick and move",
            Icons.PICK,
            "Takes up lights, switches and outlets; what is on a wall moves along walls",
            Picks.PICKS,
            _ -> PickAndMove.of(Reach.FITTINGS)),

    MARK_ACTIVITY(
            WorkStage.LIGHTING,
            "Activity",
            "M5.5 9 A 3.5 3.5 0 1 0 10.8 6.2 L15.5 3.5 L13.2 8.6 M8.9 9 a0.6 0.6 0 1 0 1.2 0 a0.6 0.6 0 1 0 -1.2 0",
            "Marks what is done where, and which way one faces: the tray chooses what",
            c -> MarkActivity.begin(c.lighting().doing())),
    PRESS_SWITCH(
            WorkStage.LIGHTING,
            "Press switches",
            "M4 3 H14 V15 H4 Z M7 6 H11 V12 H7 Z M7 9 H11",
            "A switch that is clicked lights the picture: its lights go on or off",
            _ -> PressSwitch.begin()),
    WALK_LIT(
            WorkStage.LIGHTING,
            "Walk it",
            "M4 15 C4 11 9 12 9 9 C9 6 14 7 14 3 M3 15 a1 1 0 1 0 2 0 a1 1 0 1 0 -2 0 M13 3 a1 1 0 1 0 2 0 a1 1 0 1 0 -2 0",
            "Walks a way after dark, step by step: what is lit, where one steps into the dark",
            _ -> WalkLit.begin()),

    SET_LOOK(
            WorkStage.LOOK,
            "Look",
            Icons.LOOK,
            "The tray turns the light and sets the shade",
            _ -> LookOn.at("Turn the light and set the shade in the tray.")),
    LOOK_AT_SHEET(WorkStage.SHEET, "Look", Icons.LOOK, "The tray chooses paper and scale", _ -> PickOnPage.begin()),
    SEE_PART(
            WorkStage.SHEET,
            "Show a part",
            "M2 5 V2 H5 M13 2 H16 V5 M16 13 V16 H13 M5 16 H2 V13 M5.5 6 H12.5 V12 H5.5 Z",
            "The view shows only what lies in a rectangle",
            _ -> CropView.begin());

    /** Whether Escape comes back to a tool because it picks. */
    private enum Picks {
        PICKS,
        DOES_NOT
    }

    /** Icons of tools that are alike in several stages. */
    private static final class Icons {
        static final String PICK = "M4.5 2.5 L14 10.5 L9.3 11 L11.8 15.8 L9.8 16.6 L7.5 11.9 L4.5 14.8 Z";
        static final String LOOK = "M2 9 Q9 2 16 9 Q9 16 2 9 M7 9 A 2 2 0 1 0 11 9 A 2 2 0 1 0 7 9";
    }

    private final WorkStage stage;
    private final String label;
    private final String icon;
    private final String hint;
    private final Optional<Keys> keys;
    private final Picks picks;
    private final Function<Choices, Gesture> begin;

    Tool(WorkStage stage, String label, String icon, String hint, Function<Choices, Gesture> begin) {
        this(stage, label, icon, hint, Picks.DOES_NOT, begin);
    }

    Tool(WorkStage stage, String label, String icon, String hint, Picks picks, Function<Choices, Gesture> begin) {
        this(stage, label, icon, hint, Optional.empty(), picks, begin);
    }

    Tool(
            WorkStage stage,
            String label,
            String icon,
            String hint,
            Optional<Keys> keys,
            Picks picks,
            Function<Choices, Gesture> begin) {
        this.stage = stage;
        this.label = label;
        this.icon = icon;
        this.hint = hint;
        this.keys = keys;
        this.picks = picks;
        this.begin = begin;
    }

    /** The tools of a stage. */
    static List<Tool> in(WorkStage stage) {
        return Arrays.stream(values()).filter(t -> t.stage == stage).toList();
    }

    /** The tool these keys take up. */
    public static Optional<Tool> of(KeyEvent pressed) {
        return Arrays.stream(values())
                .filter(t -> t.keys.filter(k -> k.matches(pressed)).isPresent())
                .findFirst();
    }

    /** The tool of a stage that picks, if it has one. */
    static Optional<Tool> picking(WorkStage stage) {
        return in(stage).stream().filter(Tool::picks).findFirst();
    }

    /** The stage it belongs to. */
    public WorkStage stage() {
        return stage;
    }

    /** The name people see. */
    public String label() {
        return label;
    }

    /** Its icon: an SVG path of lines on an 18 by 18 grid. */
    public String icon() {
        return icon;
    }

    /** What it does, in a few words. */
    public String hint() {
        return hint;
    }

    /** The keys that take it up, whatever stage is active. */
    public Optional<Keys> keys() {
        return keys;
    }

    /** Its name for other programs and for tests; stays when the label changes. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it picks what stands there. */
    public boolean picks() {
        return picks == Picks.PICKS;
    }

    /** The next tool of its stage, the first after the last. */
    public Tool next() {
        var tools = in(stage);
        return tools.get((tools.indexOf(this) + 1) % tools.size());
    }

    /** The gesture it begins with. */
    public Gesture begin(Choices choices) {
        return begin.apply(choices);
    }
}
