package honeylamp.demo.place;

import honeylamp.catalogue.Looks;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Brief;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Ground;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Presentation;
import honeylamp.plan.Repeats;
import honeylamp.plan.Review;
import honeylamp.plan.Schemes;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Side;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Kind;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.plan.WallType.Poche;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;

/**
 * Quillback Lane, Wrenmouth: a tea room with a flat above, in feet and inches. A shop front and a bay look on
 * the lane; behind lies a paved yard, beside the house one bay for a car. All numbers in inches.
 */
public final class QuillbackLane {
    private static final double LIVED_IN = 0.5;
    private static final WallTypeId BRICK = new WallTypeId(1);
    private static final WallTypeId BEARING = new WallTypeId(2);
    private static final WallTypeId PARTITION = new WallTypeId(3);
    private static final StoreyId GROUND = new StoreyId(4);
    private static final StoreyId FLAT = new StoreyId(5);

    private QuillbackLane() {}

    /** The finished plan. */
    public static Plan plan() {
        var sketch = new PlanSketch(empty(), Length.MM_PER_INCH);
        sketch.onto(GROUND, "G.");
        groundWalls(sketch);
        groundParts(sketch);
        groundRooms(sketch);
        teaRoom(sketch);
        backRooms(sketch);
        site(sketch);
        sketch.onto(FLAT, "1.");
        flatWalls(sketch);
        flatRooms(sketch);
        living(sketch);
        flatRest(sketch);
        return measured(shaded(ViewEdits.livedIn(sketch.plan(), LIVED_IN)));
    }

    /** From the lane and from the path: nothing is written over the yard and the car. */
    private static Plan measured(Plan plan) {
        return ViewEdits.tiers(
                plan,
                ViewEdits.first(plan, GROUND),
                Reach.THIS,
                t -> t.withRows(t.rows().stream()
                        .filter(r -> r.side() == Side.SOUTH || r.side() == Side.WEST)
                        .toList()));
    }

    /** The house throws its shade on the ground it stands on. */
    private static Plan shaded(Plan plan) {
        return ViewEdits.light(plan, ViewEdits.first(plan, GROUND), Reach.THIS, l -> l.withFalls(Falls.AROUND));
    }

    private static Plan empty() {
        return new Plan(
                "Quillback Lane",
                UnitSystem.FEET_INCHES,
                Length.ZERO,
                115,
                List.of(
                        new WallType(BRICK, "Outer wall, brick", Length.ofInches(10), true, Poche.SOLID),
                        new WallType(BEARING, "Inner wall, bearing", Length.ofInches(6), true, Poche.SOLID),
                        new WallType(PARTITION, "Partition", Length.ofInches(4.5), false, Poche.TINT)),
                List.of(
                        Storey.empty(GROUND, "Ground floor", Length.ZERO, Length.ofInches(108)),
                        Storey.empty(FLAT, "Upper floor", Length.ofInches(120), Length.ofInches(102))),
                Presentation.of(
                        Looks.DAYLIGHT,
                        Looks.UPPER_LEFT,
                        new Sheet(
                                Sheet.Paper.A3,
                                Sheet.Way.PORTRAIT,
                                new TitleBlock(
                                        "Quillback Lane, Wrenmouth",
                                        "tea room and flat",
                                        "Isolde Marrable",
                                        "Merrin Dole",
                                        "2 November 2026",
                                        "A")),
                        List.of(GROUND, FLAT)),
                Brief.OPEN,
                Repeats.NONE,
                List.of(),
                Schemes.NONE,
                LightingRules.USUAL,
                Review.NONE,
                6);
    }

    private static void groundWalls(PlanSketch s) {
        var south = s.wall(0, 0, 288, 0, BodySide.LEFT, BRICK);
        var east = s.wall(288, 0, 288, 480, BodySide.LEFT, BRICK);
        var north = s.wall(288, 480, 0, 480, BodySide.LEFT, BRICK);
        var west = s.wall(0, 480, 0, 0, BodySide.LEFT, BRICK);
        var back = s.wall(0, 273, 288, 273, BodySide.CENTRE, BEARING);
        s.wall(163, 273, 163, 480, BodySide.CENTRE, BEARING);
        var strip = s.wall(0, 333, 163, 333, BodySide.CENTRE, PARTITION);
        s.wall(79, 273, 79, 333, BodySide.CENTRE, PARTITION);
        s.heights(s.opening(OpeningKind.FIXED_WINDOW, south, 18, 84, Hand.FIRST, Swing.LEFT), 20, 92);
        s.opening(OpeningKind.PAIR_DOOR, south, 114, 60, Hand.FIRST, Swing.LEFT);
        s.heights(s.opening(OpeningKind.FIXED_WINDOW, south, 186, 84, Hand.FIRST, Swing.LEFT), 20, 92);
        s.window(east, 196, 48);
        s.opening(OpeningKind.OUTER_DOOR, north, 22, 38, Hand.FIRST, Swing.LEFT);
        s.heights(s.window(north, 148, 60), 42, 84);
        s.opening(OpeningKind.OUTER_DOOR, north, 232, 36, Hand.SECOND, Swing.LEFT);
        s.window(west, 254, 42);
        s.opening(OpeningKind.DOOR, back, 20, 30, Hand.FIRST, Swing.RIGHT);
        s.opening(OpeningKind.PLAIN, back, 92, 60, Hand.FIRST, Swing.LEFT);
        s.opening(OpeningKind.DOOR, back, 245, 30, Hand.SECOND, Swing.RIGHT);
        s.opening(OpeningKind.PLAIN, strip, 88, 42, Hand.FIRST, Swing.LEFT);
    }

    private static void groundParts(PlanSketch s) {
        s.stair(Stair.Shape.HALF, Stair.Turn.RIGHT, 36, 4, 204, 338, 180);
        s.block(Kind.FIREPLACE, 60, 20, 108, 20, 140, 90);
        s.block(Kind.CHIMNEY, 30, 18, 300, 19, 400, 90);
        s.block(Kind.BEAM, 268, 8, 98, 144, 186, 0);
        s.block(Kind.POST, 8, 8, 108, 106, 186, 0);
        s.block(Kind.POST, 8, 8, 108, 182, 186, 0);
    }

    private static void groundRooms(PlanSketch s) {
        s.room(144, 120, "Tea room", "wide-plank-oak", 90, 10, 10);
        s.room(80, 400, "Kitchen", "hexagon-tile", 0, 10, 336);
        s.room(250, 440, "Hall", "stone-slabs", 0, 166, 276);
        s.room(120, 300, "Larder", "hexagon-tile", 0, 81, 276);
        s.room(40, 300, "WC", "square-tile", 0, 10, 276);
    }

    private static void teaRoom(PlanSketch s) {
        s.piece("dining-table", 44, 30, 29, 66, 62, 0);
        s.piece("dining-table", 44, 30, 29, 222, 62, 0);
        s.piece("dining-table", 44, 30, 29, 222, 134, 0);
        s.piece("dining-table", 44, 30, 29, 132, 130, 0);
        s.piece("sideboard", 70, 18, 30, 200, 259, 0);
        s.piece("plant", 24, 24, 48, 26, 26, 0);
        s.piece("plant", 24, 24, 48, 262, 26, 0);
        s.piece("bookcase", 48, 12, 72, 272, 108, 270);
    }

    private static void backRooms(PlanSketch s) {
        s.piece("base-units", 98, 24, 36, 108, 458, 0);
        s.piece("refrigerator", 26, 28, 72, 146, 350, 180);
        s.piece("counter", 46, 24, 36, 22, 360, 90);
        s.piece("wc", 15, 27, 32, 30, 317, 0);
        s.piece("basin", 20, 15, 34, 69, 304, 270);
        s.piece("bookcase", 50, 12, 72, 154, 304, 270);
    }

    private static void site(PlanSketch s) {
        s.setback(s.ground(Ground.Use.PLOT, -38, -40, 438, -40, 438, 622, -38, 622), 24);
        s.ground(Ground.Use.DRIVE, 288, -40, 438, -40, 438, 300, 288, 300);
        s.ground(Ground.Use.PATH, -38, -40, 288, -40, 288, 0, 0, 0, 0, 480, -38, 480);
        s.ground(Ground.Use.YARD, 288, 300, 438, 300, 438, 572, -38, 572, -38, 480, 288, 480);
        s.ground(Ground.Use.PLANTING, -38, 572, 438, 572, 438, 622, -38, 622);
        s.part(new Structure.ParkingBay(Structure.Car.MIDDLE, Length.ofInches(102), Length.ofInches(204)), 350, 150, 0);
        s.piece("dining-table", 44, 30, 29, 60, 526, 0);
        s.piece("dining-table", 44, 30, 29, 300, 526, 0);
        s.piece("bench", 60, 18, 18, 180, 556, 0);
        s.piece("plant", 30, 30, 48, 414, 500, 0);
        s.piece("plant", 26, 26, 48, -18, 500, 0);
    }

    private static void flatWalls(PlanSketch s) {
        var southWest = s.wall(0, 0, 90, 0, BodySide.LEFT, BRICK);
        var bayWest = s.wall(90, 0, 108, -24, BodySide.LEFT, BRICK);
        var bay = s.wall(108, -24, 180, -24, BodySide.LEFT, BRICK);
        var bayEast = s.wall(180, -24, 198, 0, BodySide.LEFT, BRICK);
        var southEast = s.wall(198, 0, 288, 0, BodySide.LEFT, BRICK);
        var east = s.wall(288, 0, 288, 480, BodySide.LEFT, BRICK);
        var north = s.wall(288, 480, 0, 480, BodySide.LEFT, BRICK);
        var west = s.wall(0, 480, 0, 0, BodySide.LEFT, BRICK);
        var back = s.wall(0, 185, 288, 185, BodySide.CENTRE, BEARING);
        var side = s.wall(163, 185, 163, 480, BodySide.CENTRE, BEARING);
        s.wall(0, 327, 163, 327, BodySide.CENTRE, PARTITION);
        s.wall(163, 271, 239, 271, BodySide.CENTRE, PARTITION);
        var shower = s.wall(239, 185, 239, 271, BodySide.CENTRE, PARTITION);
        s.window(southWest, 24, 48);
        s.window(bayWest, 7, 18);
        s.window(bay, 9, 54);
        s.window(bayEast, 5, 18);
        s.window(southEast, 18, 48);
        s.window(east, 90, 48);
        s.window(east, 420, 36);
        s.window(north, 178, 60);
        s.window(west, 190, 54);
        s.opening(OpeningKind.DOOR, back, 245, 30, Hand.SECOND, Swing.RIGHT);
        s.opening(OpeningKind.PLAIN, back, 50, 60, Hand.FIRST, Swing.LEFT);
        s.opening(OpeningKind.DOOR, side, 232, 32, Hand.SECOND, Swing.LEFT);
        s.opening(OpeningKind.POCKET_DOOR, shower, 44, 28, Hand.FIRST, Swing.LEFT);
        s.block(Kind.CHIMNEY, 60, 20, 190, 20, 140, 90);
        s.block(Kind.ROOFLIGHT, 28, 46, 102, 260, 330, 0);
    }

    private static void flatRooms(PlanSketch s) {
        s.room(144, 100, "Living room", "herringbone-oak", 0, 10, 10);
        s.room(60, 260, "Kitchen and dining", "hexagon-tile", 0, 10, 206);
        s.room(60, 380, "Bedroom", "wide-plank-ash", 0, 10, 330);
        s.room(250, 430, "Landing", "wide-plank-oak", 90, 166, 206);
        s.room(190, 250, "Shower room", "square-tile", 0, 166, 206);
    }

    private static void living(PlanSketch s) {
        s.piece("rug", 108, 90, 0.5, 152, 100, 0);
        s.piece("sofa", 84, 36, 32, 176, 160, 0);
        s.piece("low-table", 44, 24, 16, 176, 104, 0);
        s.piece("armchair", 33, 33, 32, 96, 76, 70);
        s.piece("armchair", 33, 33, 32, 98, 124, 110);
        s.piece("bench", 64, 16, 18, 144, -6, 180);
        s.piece("bookcase", 60, 12, 72, 272, 48, 270);
        s.piece("plant", 26, 26, 48, 26, 26, 0);
    }

    private static void flatRest(PlanSketch s) {
        s.piece("base-units", 100, 24, 36, 62, 312.5, 0);
        s.piece("refrigerator", 26, 28, 72, 128, 310, 0);
        s.piece("dining-table", 46, 28, 29, 114, 242, 90);
        s.piece("bed", 60, 80, 36, 86, 430, 0);
        s.piece("bedside-table", 18, 16, 20, 44, 461, 0);
        s.piece("bedside-table", 18, 16, 20, 127, 461, 0);
        s.piece("wardrobe", 72, 24, 84, 50, 342, 180);
        s.piece("shower", 34, 34, 78, 183, 205, 90);
        s.piece("wc", 15, 27, 32, 178, 255, 0);
        s.piece("basin", 20, 15, 34, 215, 261, 0);
        s.piece("plant", 24, 24, 48, 264, 456, 0);
    }
}
