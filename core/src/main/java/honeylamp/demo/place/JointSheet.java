package honeylamp.demo.place;

import honeylamp.catalogue.NewPlan;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sheet;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Forty joints that are easy to get wrong, each in a field of its own, to be looked at and measured. */
public final class JointSheet {
    /** Walls of joints are so long, in mm, from the joint to their free end. */
    public static final double ARM_MM = 1200;

    /** A field of the sheet, in mm. */
    private static final double FIELD_MM = 3400;

    private static final int COLUMNS = 8;
    private static final WallTypeId THICK = new WallTypeId(1);
    private static final WallTypeId MIDDLE = new WallTypeId(2);
    private static final WallTypeId THIN = new WallTypeId(3);
    private static final Length HEIGHT = Length.ofMm(2600);

    private final List<Joint> joints = new ArrayList<>();

    private JointSheet() {}

    /** One joint around the origin. */
    public record Joint(String name, List<Wall> walls) {}

    /** All joints; types are those a new metric plan begins with: 300, 175 and 100 thick. */
    public static List<Joint> joints() {
        var sheet = new JointSheet();
        sheet.corners();
        sheet.tees();
        sheet.crossings();
        sheet.stars();
        sheet.inLine();
        sheet.arcs();
        sheet.faces();
        return List.copyOf(sheet.joints);
    }

    private void add(String name, Wall... walls) {
        var numbered = new ArrayList<Wall>();
        for (var i = 0; i < walls.length; i++) {
            numbered.add(walls[i].withId(new WallId(10 + i)));
        }
        joints.add(new Joint(name, List.copyOf(numbered)));
    }

    private static Wall wall(Point a, Point b, WallTypeId type) {
        return new Wall(new WallId(1), Position.of(a), Position.of(b), BodySide.CENTRE, type, HEIGHT);
    }

    private static Point arm(double deg) {
        return Point.direction(deg).times(ARM_MM);
    }

    private static Wall from(Point start, double deg, WallTypeId type) {
        return wall(start, start.plus(arm(deg)), type);
    }

    private void corners() {
        for (var deg = 15; deg <= 165; deg += 15) {
            add("corner " + deg, from(Point.ORIGIN, 0, MIDDLE), from(Point.ORIGIN, deg, MIDDLE));
        }
        for (var deg : new int[] {45, 90, 135}) {
            add("thick and thin " + deg, from(Point.ORIGIN, 0, THICK), from(Point.ORIGIN, deg, THIN));
        }
    }

    private void tees() {
        for (var deg : new int[] {30, 45, 60, 90}) {
            add("tee " + deg, wall(arm(180), arm(0), THICK), from(Point.ORIGIN, deg, THIN));
        }
        add("tee of the thick", wall(arm(180), arm(0), THIN), from(Point.ORIGIN, 90, THICK));
        add("end at the face", wall(arm(180), arm(0), THICK), wall(new Point(0, 150), arm(90), THIN));
        add("end in the body", wall(arm(180), arm(0), THICK), wall(new Point(0, 60), arm(90), THIN));
    }

    private void crossings() {
        for (var deg : new int[] {20, 45, 60, 90}) {
            add("crossing " + deg, wall(arm(180), arm(0), MIDDLE), wall(arm(deg + 180.0), arm(deg), THIN));
        }
    }

    private void stars() {
        star("star of three", 0, 120, 240);
        star("three, uneven", 0, 90, 210);
        star("star of four", 0, 45, 180, 225);
        star("star of five", 0, 72, 144, 216, 288);
        star("star of six", 0, 60, 120, 180, 240, 300);
    }

    private void star(String name, double... degrees) {
        var walls = new Wall[degrees.length];
        for (var i = 0; i < degrees.length; i++) {
            walls[i] = from(Point.ORIGIN, degrees[i], MIDDLE);
        }
        add(name, walls);
    }

    private void inLine() {
        add("in line", from(Point.ORIGIN, 180, MIDDLE), from(Point.ORIGIN, 0, MIDDLE));
        add("step", from(Point.ORIGIN, 180, THICK), from(Point.ORIGIN, 0, THIN));
        add("nearly in line", from(Point.ORIGIN, 180, THICK), from(Point.ORIGIN, 2, THIN));
    }

    private void arcs() {
        var half = wall(new Point(-600, 0), new Point(600, 0), MIDDLE).withSagitta(Length.ofMm(600));
        add("half circle", half);
        add(
                "half circle on legs",
                half,
                wall(new Point(-600, 0), new Point(-600, -900), MIDDLE),
                wall(new Point(600, 0), new Point(600, -900), MIDDLE));
        add(
                "two arcs turned over",
                wall(new Point(-1200, 0), Point.ORIGIN, MIDDLE).withSagitta(Length.ofMm(600)),
                wall(Point.ORIGIN, new Point(1200, 0), MIDDLE).withSagitta(Length.ofMm(-600)));
    }

    /** Joints of walls drawn by a face, which the body lies beside. */
    private void faces() {
        var down = wall(arm(90), Point.ORIGIN, MIDDLE);
        var out = wall(Point.ORIGIN, arm(0), MIDDLE);
        add("drawn inside", down.withBody(BodySide.RIGHT), out.withBody(BodySide.RIGHT));
        add("drawn outside", down.withBody(BodySide.LEFT), out.withBody(BodySide.LEFT));
        add("tee at a face", wall(arm(180), arm(0), THICK).withBody(BodySide.LEFT), from(Point.ORIGIN, -90, THIN));
        add(
                "tee on an arc",
                wall(new Point(-600, 0), new Point(600, 0), MIDDLE).withSagitta(Length.ofMm(600)),
                wall(new Point(0, 600), new Point(0, 1500), THIN));
    }

    /** All joints on one plan, numbered. */
    public static Plan plan() {
        var plan = NewPlan.in(UnitSystem.MM).withName("Joints");
        var storey = plan.storeys().getFirst().id();
        var all = joints();
        var number = plan.nextNumber();
        var walls = new ArrayList<Wall>();
        for (var i = 0; i < all.size(); i++) {
            var at = field(i);
            for (var wall : all.get(i).walls) {
                walls.add(wall.withId(new WallId(number++))
                        .between(wall.from().moved(at.x(), at.y()), wall.to().moved(at.x(), at.y())));
            }
        }
        var drawn = plan.numbersTaken(walls.size()).withStorey(storey, s -> s.with(Wall.class, walls));
        for (var i = 0; i < all.size(); i++) {
            var at = field(i).moved(Length.ofMm(-700), Length.ofMm(-1500));
            drawn = NoteEdits.add(drawn, storey, at, (i + 1) + "  " + all.get(i).name)
                    .plan();
        }
        var sheet = new Sheet(Sheet.Paper.A3, Sheet.Way.LANDSCAPE, Sheet.TitleBlock.of("Joints of walls"));
        return PageEdits.sheet(ViewEdits.scale(drawn, Optional.of(100)), _ -> sheet);
    }

    private static Position field(int index) {
        return Position.ofMm(FIELD_MM * (index % COLUMNS), -FIELD_MM * (index / COLUMNS));
    }
}
