package honeylamp.desktop.workspace;

import honeylamp.catalogue.PartKinds;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.CropPicture;
import honeylamp.desktop.gesture.DrawArc;
import honeylamp.desktop.gesture.DrawBay;
import honeylamp.desktop.gesture.DrawBoundary;
import honeylamp.desktop.gesture.DrawGround;
import honeylamp.desktop.gesture.DrawShape;
import honeylamp.desktop.gesture.DrawShape.Kind;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.LayFinish;
import honeylamp.desktop.gesture.LayUnits;
import honeylamp.desktop.gesture.LevelPicture;
import honeylamp.desktop.gesture.LookOn;
import honeylamp.desktop.gesture.MarkKnownLength;
import honeylamp.desktop.gesture.Measure;
import honeylamp.desktop.gesture.MeasureBetween;
import honeylamp.desktop.gesture.NoteOnPicture;
import honeylamp.desktop.gesture.PickAndMove;
import honeylamp.desktop.gesture.PickAndMove.Reach;
import honeylamp.desktop.gesture.PickCaption;
import honeylamp.desktop.gesture.PickRoom;
import honeylamp.desktop.gesture.PlaceFurnishing;
import honeylamp.desktop.gesture.PlaceOpening;
import honeylamp.desktop.gesture.PlacePart;
import honeylamp.desktop.gesture.PutPoint;
import honeylamp.desktop.gesture.SetOut;
import honeylamp.desktop.gesture.SquareUp;
import honeylamp.desktop.gesture.WalkRoom;
import honeylamp.desktop.gesture.WallChain;
import honeylamp.desktop.gesture.WriteNote;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The stages of the trail, in the order people work. */
public enum Stage {
    UNDERLAY(
            "Underlay",
            tool("Pick picture", _ -> PickAndMove.of(Reach.UNDERLAYS)),
            tool("Known length", _ -> MarkKnownLength.begin()),
            tool("Level", _ -> LevelPicture.begin()),
            tool("Square up", _ -> SquareUp.begin()),
            tool("Put a point", _ -> PutPoint.begin()),
            tool("Crop", _ -> CropPicture.begin()),
            tool("Note", _ -> NoteOnPicture.begin())),
    WALLS(
            "Walls",
            tool("Draw walls", _ -> WallChain.begin()),
            tool("Pick and move", _ -> PickAndMove.of(Reach.WALLS)),
            tool("Walk a room", _ -> WalkRoom.begin()),
            tool("Rectangle", _ -> DrawShape.begin(Kind.RECTANGLE)),
            tool("Outline", _ -> DrawShape.begin(Kind.OUTLINE)),
            tool("Polygon", _ -> DrawShape.begin(Kind.POLYGON)),
            tool("Circle", _ -> DrawShape.begin(Kind.CIRCLE)),
            tool("Arc", _ -> DrawArc.begin()),
            tool("Bay", _ -> DrawBay.begin()),
            tool("Setting out", _ -> SetOut.begin()),
            tool("Measure", _ -> Measure.begin())),
    OPENINGS(
            "Openings",
            tool("Put in", _ -> PlaceOpening.begin()),
            tool("Pick and move", _ -> PickAndMove.of(Reach.OPENINGS)),
            tool("Bay window", _ -> DrawBay.glazed())),
    FIXED(
            "Fixed parts",
            tool("Put in", c -> PlacePart.begin(PartKinds.of(c.part().kind()).orElseThrow())),
            tool("Pick and move", _ -> PickAndMove.of(Reach.PARTS))),
    ROOMS(
            "Rooms",
            tool("Name rooms", _ -> PickRoom.begin()),
            tool("Boundary", _ -> DrawBoundary.begin()),
            tool("Units", c -> LayUnits.begin(c.part().unit()))),
    FINISHES("Finishes", tool("Lay finish", _ -> LayFinish.begin())),
    FURNISH(
            "Furnish",
            tool("Pick and move", _ -> PickAndMove.of(Reach.FURNISHINGS)),
            tool("Place", c -> PlaceFurnishing.begin(c.furnishing()))),
    SITE(
            "Site",
            tool("Pick and move", _ -> PickAndMove.of(Reach.SITE)),
            tool("Lay ground", c -> DrawGround.begin(c.part().ground())),
            tool("Parking bay", c -> PlacePart.bay(c.part().car()))),
    DIMENSIONS(
            "Dimensions",
            tool("Measure between", _ -> MeasureBetween.begin()),
            tool("Pick and move", _ -> PickCaption.begin())),
    LABELS("Labels", tool("Write note", _ -> WriteNote.begin()), tool("Pick and move", _ -> PickCaption.begin())),
    LIGHT("Light", tool("Look", _ -> LookOn.at("Turn the light and set the shade in the tray."))),
    SHEET("Sheet", tool("Look", _ -> LookOn.at("Choose paper and scale in the tray, then export.")));

    /** A tool of a stage. */
    public record Tool(String label, Function<Choices, Gesture> begin) {}

    private final String label;
    private final List<Tool> tools;

    Stage(String label, Tool... tools) {
        this.label = label;
        this.tools = List.of(tools);
    }

    private static Tool tool(String label, Function<Choices, Gesture> begin) {
        return new Tool(label, begin);
    }

    /** The name people see. */
    public String label() {
        return label;
    }

    /** The tools; the first is the one a stage begins with. */
    public List<Tool> tools() {
        return tools;
    }

    /**
     * The digit that goes to the stage with Control: 1 to 9 and 0 in the order of work. The stages without a digit of
     * their own share that of the one they follow, with Shift.
     */
    public int digit() {
        var before = (int) Arrays.stream(values())
                .filter(s -> s.compareTo(this) < 0 && !s.sharesDigit())
                .count();
        return sharesDigit() ? before % 10 : (before + 1) % 10;
    }

    /** Whether its digit is pressed with Shift. */
    public boolean sharesDigit() {
        return this == FIXED || this == SITE;
    }

    /** The keys that go to the stage, in words. */
    public String keys() {
        return "Ctrl+" + (sharesDigit() ? "Shift+" : "") + digit();
    }

    /** The stage of a digit pressed with Control, and with Shift or without. */
    public static Optional<Stage> of(int digit, boolean shift) {
        return Arrays.stream(values())
                .filter(s -> s.digit() == digit && s.sharesDigit() == shift)
                .findFirst();
    }

    /** Whether pictures to trace are shown while this stage is active. */
    public boolean showsUnderlay() {
        return compareTo(FIXED) <= 0;
    }
}
