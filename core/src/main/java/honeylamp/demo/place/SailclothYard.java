package honeylamp.demo.place;

import honeylamp.catalogue.Looks;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Brief;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Presentation;
import honeylamp.plan.Repeats;
import honeylamp.plan.Review;
import honeylamp.plan.RunUnit;
import honeylamp.plan.Schemes;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.plan.WallType.Poche;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;

/**
 * Sailcloth Yard, Wrenmouth: the upper floor of an old net-and-sail loft turned into a home. An old stone
 * wall stands a few degrees off square in the west; a splayed bay looks south over the water.
 */
public final class SailclothYard {
    private static final WallTypeId STONE = new WallTypeId(1);
    private static final WallTypeId BRICK = new WallTypeId(2);
    private static final WallTypeId BEARING = new WallTypeId(3);
    private static final WallTypeId PARTITION = new WallTypeId(4);

    /** The lean of the stone wall: 420 mm in 8,800. */
    private static final double LEAN_DEG = Math.toDegrees(Math.atan2(420, 8800));

    private SailclothYard() {}

    private static final double LIVED_IN = 0.5;

    /** The finished plan. */
    public static Plan plan() {
        var sketch = new PlanSketch(empty());
        shell(sketch);
        inside(sketch);
        fixedParts(sketch);
        rooms(sketch);
        living(sketch);
        kitchenAndNook(sketch);
        bedrooms(sketch);
        wetRooms(sketch);
        return ViewEdits.livedIn(sketch.plan(), LIVED_IN);
    }

    /** The building before any wall is drawn: wall types, storey, sheet. */
    public static Plan empty() {
        return new Plan(
                "Sailcloth Yard",
                UnitSystem.MM,
                Length.ZERO,
                72,
                List.of(
                        new WallType(STONE, "Old stone wall", Length.ofMm(550), true, Poche.SOLID),
                        new WallType(BRICK, "Outer wall, brick", Length.ofMm(300), true, Poche.SOLID),
                        new WallType(BEARING, "Inner wall, bearing", Length.ofMm(175), true, Poche.SOLID),
                        new WallType(PARTITION, "Partition", Length.ofMm(100), false, Poche.TINT)),
                List.of(Storey.empty(new StoreyId(5), "Upper floor", Length.ofMm(2405), Length.ofMm(2700))),
                Presentation.of(
                        Looks.DAYLIGHT,
                        Looks.UPPER_LEFT,
                        new Sheet(
                                Sheet.Paper.A3,
                                Sheet.Way.LANDSCAPE,
                                new TitleBlock(
                                        "Sailcloth Yard, Wrenmouth",
                                        "Upper floor, furnished",
                                        "Ottoline and Bram Hask",
                                        "Merrin Dole",
                                        "14 September 2026",
                                        "C")),
                        List.of(new StoreyId(5))),
                Brief.OPEN,
                Repeats.NONE,
                List.of(),
                Schemes.NONE,
                LightingRules.USUAL,
                Review.NONE,
                6);
    }

    private static void shell(PlanSketch s) {
        var south = s.wall(0, 0, 2400, 0, BodySide.LEFT, BRICK);
        var bayWest = s.wall(2400, 0, 3000, -900, BodySide.LEFT, BRICK);
        var bay = s.wall(3000, -900, 5000, -900, BodySide.LEFT, BRICK);
        var bayEast = s.wall(5000, -900, 5600, 0, BodySide.LEFT, BRICK);
        var southEast = s.wall(5600, 0, 13000, 0, BodySide.LEFT, BRICK);
        var east = s.wall(13000, 0, 13000, 8800, BodySide.LEFT, BRICK);
        var north = s.wall(13000, 8800, 420, 8800, BodySide.LEFT, BRICK);
        var stone = s.wall(420, 8800, 0, 0, BodySide.LEFT, STONE);
        s.window(south, 1150, 850);
        s.window(bayWest, 230, 640);
        s.window(bay, 250, 1500);
        s.window(bayEast, 212, 640);
        s.window(southEast, 450, 1000);
        s.opening(OpeningKind.PAIR_DOOR, southEast, 2950, 1500, Hand.FIRST, Swing.RIGHT);
        s.heights(s.opening(OpeningKind.ROUND_WINDOW, east, 850, 900, Hand.FIRST, Swing.LEFT), 1000, 1900);
        s.window(east, 2950, 1200);
        s.window(east, 6000, 1500);
        s.window(north, 850, 1200);
        s.heights(s.window(north, 3330, 600), 1150, 2100);
        s.heights(s.window(north, 5000, 800), 1150, 2100);
        s.opening(OpeningKind.OUTER_DOOR, north, 6720, 950, Hand.SECOND, Swing.LEFT);
        s.window(north, 9750, 1500);
        s.window(stone, 6200, 901); // 900 as seen from the west
    }

    private static void inside(PlanSketch s) {
        var spine = s.wall(221.931818, 4650, 13000, 4650, BodySide.CENTRE, BEARING);
        var bedroom = s.wall(4200, 4650, 4200, 8800, BodySide.CENTRE, PARTITION);
        s.wall(6500, 5887, 6500, 8800, BodySide.CENTRE, PARTITION);
        var corridor = s.wall(6500, 5887, 9950, 5887, BodySide.CENTRE, PARTITION);
        s.wall(8800, 5887, 8800, 8800, BodySide.CENTRE, PARTITION);
        var end = s.wall(9950, 4650, 9950, 8800, BodySide.CENTRE, PARTITION);
        var middle = s.wall(7450, 0, 7450, 4650, BodySide.CENTRE, BEARING);
        var nook = s.wall(10950, 0, 10950, 2350, BodySide.CENTRE, PARTITION);
        s.wall(10950, 2350, 13000, 2350, BodySide.CENTRE, PARTITION);
        s.opening(OpeningKind.PAIR_DOOR, spine, 4700, 1400, Hand.FIRST, Swing.RIGHT);
        s.opening(OpeningKind.DOOR, spine, 7678, 885, Hand.FIRST, Swing.RIGHT);
        s.opening(OpeningKind.DOOR, bedroom, 180, 885, Hand.FIRST, Swing.LEFT);
        s.opening(OpeningKind.DOOR, corridor, 1250, 760, Hand.SECOND, Swing.LEFT);
        s.opening(OpeningKind.DOOR, corridor, 2470, 760, Hand.FIRST, Swing.RIGHT);
        s.opening(OpeningKind.DOOR, end, 190, 885, Hand.FIRST, Swing.RIGHT);
        s.opening(OpeningKind.PLAIN, middle, 1550, 2100, Hand.FIRST, Swing.LEFT);
        s.opening(OpeningKind.PLAIN, nook, 750, 1200, Hand.FIRST, Swing.LEFT);
    }

    private static void fixedParts(PlanSketch s) {
        s.block(Structure.Kind.POST, 200, 200, 2700, 2560, 560, 0);
        s.block(Structure.Kind.POST, 200, 200, 2700, 5440, 560, 0);
        s.part(
                Stair.even(
                        Stair.Shape.STRAIGHT,
                        Stair.Turn.RIGHT,
                        Stair.Leads.DOWN,
                        Length.ofMm(900),
                        Length.ofMm(226),
                        13,
                        Length.ofMm(2405),
                        Length.ZERO),
                4700,
                7144,
                180);
        s.block(Structure.Kind.BALCONY, 3600, 1400, 100, 9300, -700, 0);
        s.note(9300, -1000, "Timber balcony");
    }

    private static void rooms(PlanSketch s) {
        s.room(3500, 2200, "Living room", "herringbone-oak", 0, 3900, 2400);
        s.room(9300, 3000, "Kitchen and dining", "stone-slabs", 0, 7538, 300);
        s.room(12000, 1200, "Reading nook", "carpet-oat", 0, 0, 0);
        s.room(5500, 5400, "Entrance", "wide-plank-oak", 0, 4250, 4738);
        s.room(2600, 6500, "Bedroom", "wide-plank-ash", 90, 4150, 4738);
        s.room(11400, 6600, "Second bedroom", "carpet-mist", 0, 0, 0);
        s.room(7600, 7000, "Bathroom", "hexagon-tile", 0, 7650, 7200);
        s.room(9400, 7000, "Laundry", "square-tile", 0, 8850, 5937);
    }

    private static void living(PlanSketch s) {
        s.piece("rug", 3200, 2200, 12, 2950, 2650, 0);
        s.piece("sofa", 2400, 950, 800, 2950, 4070, 0);
        s.piece("low-table", 1200, 650, 400, 2950, 2750, 0);
        s.piece("armchair", 850, 850, 800, 1350, 2500, 78);
        s.piece("armchair", 850, 850, 800, 4650, 2350, 262);
        s.piece("stove", 480, 480, 1100, 1040, 1000, 90 - LEAN_DEG);
        s.piece("bench", 1850, 450, 450, 4000, -370, 180);
        s.piece("sideboard", 1150, 420, 750, 7150, 900, 270);
        s.piece("bookcase", 880, 300, 1900, 7210, 4090, 270);
        s.piece("plant", 800, 800, 1300, 5980, 620, 0);
        s.piece("plant", 560, 560, 900, 1050, 4180, 0);
    }

    private static void kitchenAndNook(PlanSketch s) {
        s.counter(
                3000,
                600,
                900,
                10500,
                4262,
                0,
                new PlanSketch.Unit(RunUnit.Kind.DISHWASHER, 600, 300),
                new PlanSketch.Unit(RunUnit.Kind.SINK, 900, 1050),
                new PlanSketch.Unit(RunUnit.Kind.HOB, 600, 2200));
        s.piece("refrigerator", 640, 650, 1800, 12340, 4230, 0);
        s.piece("dining-table", 1800, 950, 740, 9060, 1900, 0);
        s.piece("plant", 560, 560, 1200, 7880, 690, 0);
        s.piece("bench", 1940, 520, 450, 12440, 1300, 270);
        s.piece("bookcase", 1100, 280, 1900, 11600, 2160, 0);
    }

    private static void bedrooms(PlanSketch s) {
        s.piece("rug", 1900, 2500, 12, 2750, 6700, 0);
        s.piece("bed", 1600, 2050, 900, 1905, 6700, 90 - LEAN_DEG);
        s.piece("bedside-table", 450, 400, 500, 1045, 5640, 90 - LEAN_DEG);
        s.piece("bedside-table", 450, 400, 500, 1148, 7760, 90 - LEAN_DEG);
        s.piece("wardrobe", 2200, 600, 2100, 3850, 7380, 270);
        s.piece("bed", 1400, 2050, 900, 11650, 5765, 180);
        s.piece("bedside-table", 360, 380, 500, 12520, 4930, 180);
        s.piece("wardrobe", 1500, 600, 2100, 10300, 7720, 90);
        s.piece("desk", 1350, 650, 740, 11830, 8170, 0);
        s.piece("plant", 520, 520, 900, 12430, 7000, 0);
    }

    private static void wetRooms(PlanSketch s) {
        s.piece("bath", 1750, 750, 560, 7875, 8125, 0);
        s.piece("shower", 900, 900, 2000, 7000, 6387, 90);
        s.piece("basin", 700, 480, 850, 6790, 7330, 90);
        s.piece("wc", 380, 700, 800, 8400, 7240, 270);
        s.piece("washing-machine", 600, 600, 850, 9590, 8200, 0);
        s.piece("counter", 1500, 500, 900, 9100, 7080, 90);
        s.piece("bench", 1200, 380, 450, 6260, 7050, 270);
        s.piece("rug", 2400, 700, 12, 8100, 5290, 0);
    }
}
