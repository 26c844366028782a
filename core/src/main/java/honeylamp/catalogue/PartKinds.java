package honeylamp.catalogue;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairRule;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Stair.Shape;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Structure.Car;
import honeylamp.plan.Structure.Form;
import honeylamp.plan.Structure.Kind;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The fixed parts one can put in, at the sizes they usually have. */
public final class PartKinds {
    private static final double ROUND_MM = 1;
    private static final double ROUND_IN = Length.MM_PER_INCH;

    /** Groups as shown to people. */
    public enum Group {
        /** Stairs and ramps. */
        STAIRS("Stairs and ramps"),
        /** What carries, and what smoke goes through. */
        STRUCTURE("Posts, beams, hearths"),
        /** Where the floor is open or another lies above. */
        LEVELS("Between storeys"),
        /** Ceilings and roofs, and what is in them. */
        ABOVE("Above");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /**
     * A kind of part.
     *
     * @param stair the shape, if it is a stair
     * @param block the kind, if it is none
     */
    public record PartKind(String key, String label, Group group, Optional<Shape> stair, Optional<Kind> block) {}

    private static final List<PartKind> ALL = List.of(
            stair("stair-straight", "Straight stair", Shape.STRAIGHT),
            stair("stair-quarter", "Quarter landing", Shape.QUARTER),
            stair("stair-half", "Half landing", Shape.HALF),
            stair("stair-winder", "Winder stair", Shape.WINDER),
            stair("stair-spiral", "Spiral stair", Shape.SPIRAL),
            block("ramp", "Ramp", Group.STAIRS, Kind.RAMP),
            block("post", "Post", Group.STRUCTURE, Kind.POST),
            block("beam", "Beam", Group.STRUCTURE, Kind.BEAM),
            block("fireplace", "Fireplace", Group.STRUCTURE, Kind.FIREPLACE),
            block("chimney", "Chimney", Group.STRUCTURE, Kind.CHIMNEY),
            block("void", "Void", Group.LEVELS, Kind.VOID),
            block("gallery", "Gallery", Group.LEVELS, Kind.GALLERY),
            block("lift-shaft", "Lift shaft", Group.LEVELS, Kind.LIFT_SHAFT),
            block("balcony", "Balcony", Group.LEVELS, Kind.BALCONY),
            block("rooflight", "Rooflight", Group.ABOVE, Kind.ROOFLIGHT),
            block("overhang", "Overhang", Group.ABOVE, Kind.OVERHANG),
            block("tray-ceiling", "Tray ceiling", Group.ABOVE, Kind.TRAY_CEILING),
            block("sloping-ceiling", "Sloping ceiling", Group.ABOVE, Kind.SLOPING_CEILING),
            block("dormer", "Dormer", Group.ABOVE, Kind.DORMER));

    private PartKinds() {}

    private static PartKind stair(String key, String label, Shape shape) {
        return new PartKind(key, label, Group.STAIRS, Optional.of(shape), Optional.empty());
    }

    private static PartKind block(String key, String label, Group group, Kind kind) {
        return new PartKind(key, label, group, Optional.empty(), Optional.of(kind));
    }

    /** All kinds, in the order they are shown. */
    public static List<PartKind> all() {
        return ALL;
    }

    /** The kind of a key. */
    public static Optional<PartKind> of(String key) {
        return ALL.stream().filter(k -> k.key().equals(key)).findFirst();
    }

    /** What a part is called. */
    public static String label(Form form) {
        return switch (form) {
            case ParkingBay _ -> "Parking bay";
            case Stair stair -> label(k -> k.stair().equals(Optional.of(stair.shape())));
            case Block block -> label(k -> k.block().equals(Optional.of(block.kind())));
        };
    }

    private static String label(Predicate<PartKind> which) {
        return ALL.stream().filter(which).findFirst().orElseThrow().label();
    }

    /** A part of a kind at its usual size, for a storey: stairs rise to the next floor, shafts through all storeys. */
    public static Form usual(PartKind kind, Plan plan, StoreyId storey) {
        return kind.stair()
                .<Form>map(shape -> stair(shape, plan, storey))
                .orElseGet(() -> block(kind.block().orElseThrow(), plan, storey));
    }

    private static Stair stair(Shape shape, Plan plan, StoreyId storey) {
        var from = plan.storey(storey);
        var leads = FixedParts.leads(plan, from);
        var rise = FixedParts.rise(plan, from, leads);
        var flight = Length.ofMm(plan.units().isMetric() ? 900 : 914.4);
        var well = Length.ofMm(shape == Shape.HALF || shape == Shape.SPIRAL ? rounded(plan.units(), 100) : 0);
        var begun =
                Stair.even(shape, Stair.Turn.RIGHT, leads, flight, Length.ofMm(250), shape.leastRisers(), rise, well);
        return StairRule.stepped(begun, plan.units());
    }

    private static Block block(Kind kind, Plan plan, StoreyId storey) {
        var from = plan.storey(storey);
        var clear = from.height().mm();
        var through = plan.storeys().stream()
                .mapToDouble(s -> s.level().plus(s.height()).minus(from.level()).mm())
                .max()
                .orElse(clear);
        var sizes = switch (kind) {
            case POST -> new double[] {200, 200, clear};
            case BALCONY -> new double[] {3000, 1400, 100};
            case RAMP -> new double[] {1200, 3600, 300};
            case VOID -> new double[] {3000, 2400, clear};
            case GALLERY -> new double[] {3600, 2000, Math.max(1000, clear - 2200)};
            case LIFT_SHAFT -> new double[] {1800, 1900, through};
            case BEAM -> new double[] {4000, 200, Math.max(200, clear - 250)};
            case FIREPLACE -> new double[] {1500, 500, clear};
            case CHIMNEY -> new double[] {900, 450, through + 1000};
            case ROOFLIGHT -> new double[] {780, 1180, clear};
            case OVERHANG -> new double[] {3600, 1200, clear};
            case TRAY_CEILING -> new double[] {3000, 2400, clear + 200};
            case SLOPING_CEILING -> new double[] {3600, 2400, Math.max(1000, clear - 1000)};
            case DORMER -> new double[] {1600, 2200, Math.max(1000, clear - 100)};
        };
        return new Block(
                kind,
                Length.ofMm(rounded(plan.units(), sizes[0])),
                Length.ofMm(rounded(plan.units(), sizes[1])),
                Length.ofMm(sizes[2]));
    }

    /** A usual size in whole mm or whole inches. */
    private static double rounded(UnitSystem units, double mm) {
        var step = units.isMetric() ? ROUND_MM : ROUND_IN;
        return step * Math.rint(mm / step);
    }

    /** A size in whole mm or whole inches that is no smaller. */
    private static double atLeast(UnitSystem units, double mm) {
        var step = units.isMetric() ? ROUND_MM : ROUND_IN;
        return step * Math.ceil(mm / step);
    }

    /** A bay for a car: 2.5 m by 5 m (8 ft 3 in by 16 ft 5 in), more for a large one. */
    public static ParkingBay bay(Car car, UnitSystem units) {
        var large = car == Car.LARGE;
        return new ParkingBay(
                car,
                Length.ofMm(atLeast(units, large ? 2700 : 2500)),
                Length.ofMm(atLeast(units, large ? 5400 : 5000)));
    }

    /** The name of a car's size. */
    public static String label(Car car) {
        return switch (car) {
            case SMALL -> "Small";
            case MIDDLE -> "Middle";
            case LARGE -> "Large";
        };
    }

    /** All sizes of cars. */
    public static List<Car> cars() {
        return Arrays.asList(Car.values());
    }
}
