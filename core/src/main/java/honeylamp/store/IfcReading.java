package honeylamp.store;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.model.BuildingModel;
import honeylamp.model.BuildingModel.Hung;
import honeylamp.model.BuildingModel.ModelHole;
import honeylamp.model.BuildingModel.ModelSpace;
import honeylamp.model.BuildingModel.ModelStorey;
import honeylamp.model.BuildingModel.ModelWall;
import honeylamp.plan.OpeningKind;
import honeylamp.store.IfcShapes.Body;
import honeylamp.store.IfcShapes.Spot;
import honeylamp.store.StepText.Thing;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Reads storeys, walls, openings, doors, windows and spaces of a building model.
 *
 * @see "ISO 16739-1:2018, Industry Foundation Classes (IFC4)"
 */
final class IfcReading {
    private static final String[] WALLS = {"IFCWALL", "IFCWALLSTANDARDCASE", "IFCWALLELEMENTEDCASE"};
    private static final double MM_PER_METRE = 1000;

    /** A door stands in its hole if its origin lies no farther from it. */
    private static final double BESIDE_MM = 500;

    /** A model that lies farther off was placed on a map; it is brought to the origin. */
    private static final double FAR_MM = 100_000;

    private final IfcThings things;
    private final IfcShapes shapes;
    private final double mm;
    private final UnitSystem units;
    private final Map<Integer, List<Integer>> holes = new HashMap<>();
    private final Map<Integer, Integer> fillings = new HashMap<>();
    private final Map<Integer, Integer> types = new HashMap<>();
    private Affine toPlan = Affine.IDENTITY;
    private int bodiless;

    private IfcReading(IfcThings things) {
        this.things = things;
        this.shapes = new IfcShapes(things);
        var unit = things.of("IFCUNITASSIGNMENT").values().stream()
                .flatMap(a -> things.things(a, 0).stream())
                .filter(u -> IfcThings.word(u, 1).equals("LENGTHUNIT"))
                .findFirst();
        this.mm = unit.map(u -> mm(u, 0)).orElse(MM_PER_METRE);
        this.units = unit.filter(u -> u.kind().equals("IFCCONVERSIONBASEDUNIT")).isPresent()
                ? UnitSystem.FEET_INCHES
                : UnitSystem.MM;
        related(
                "IFCRELVOIDSELEMENT",
                4,
                5,
                (wall, hole) ->
                        holes.computeIfAbsent(wall, _ -> new ArrayList<>()).add(hole));
        related("IFCRELFILLSELEMENT", 4, 5, fillings::put);
        for (var r : things.of("IFCRELDEFINESBYTYPE").values()) {
            IfcThings.ref(r, 5).ifPresent(type -> IfcThings.refs(r, 4).forEach(of -> types.put(of, type)));
        }
    }

    /**
     * Reads a file.
     *
     * @throws IOException if it is damaged or means something else; the message says why, as the end of a sentence
     */
    static BuildingModel read(byte[] bytes, String name) throws IOException {
        var file = StepText.read(bytes);
        if (!file.schema().startsWith("IFC")) {
            throw new IOException("its schema is " + (file.schema().isEmpty() ? "not said" : file.schema()));
        }
        return new IfcReading(new IfcThings(file.things())).model(name);
    }

    private interface Relating {
        void relate(int one, int other);
    }

    private void related(String kind, int one, int other, Relating relating) {
        for (var r : things.of(kind).values()) {
            var a = IfcThings.ref(r, one);
            var b = IfcThings.ref(r, other);
            if (a.isPresent() && b.isPresent()) {
                relating.relate(a.get(), b.get());
            }
        }
    }

    /** How many mm a unit of length is. */
    private double mm(Thing unit, int depth) {
        if (unit.kind().equals("IFCSIUNIT")) {
            return MM_PER_METRE
                    * switch (IfcThings.word(unit, 2)) {
                        case "MILLI" -> 1e-3;
                        case "CENTI" -> 1e-2;
                        case "DECI" -> 0.1;
                        case "KILO" -> 1e3;
                        default -> 1;
                    };
        }
        var measure = things.thing(unit, 3);
        var of = measure.flatMap(m -> things.thing(m, 1));
        if (measure.isPresent() && of.isPresent() && depth == 0) {
            var factor = IfcThings.number(measure.get(), 0).orElse(0) * mm(of.get(), 1);
            if (factor > 0) {
                return factor;
            }
        }
        return Length.MM_PER_INCH;
    }

    private BuildingModel model(String file) {
        var project = things.of("IFCPROJECT").values().stream()
                .map(p -> IfcThings.text(p, 2))
                .filter(n -> !n.isEmpty())
                .findFirst();
        toPlan = toPlan();
        var storeys = new ArrayList<ModelStorey>();
        for (var storey : things.of("IFCBUILDINGSTOREY").entrySet()) {
            storeys.add(storey(storey.getKey(), storey.getValue()));
        }
        var unread = new ArrayList<String>();
        if (bodiless > 0) {
            unread.add(bodiless + (bodiless == 1 ? " wall has" : " walls have") + " no body that can be read.");
        }
        var curtains = things.of("IFCCURTAINWALL").size();
        if (curtains > 0) {
            unread.add("Walls of glass are not taken (" + curtains + ").");
        }
        return new BuildingModel(project.orElse(file), units, storeys, unread);
    }

    /** Whole millimetres nearer to the origin, for a building on a map. */
    private Affine toPlan() {
        var scaled = Affine.scale(mm, mm);
        var points = things.of(WALLS).values().stream()
                .flatMap(w -> shapes.bodies(w).stream())
                .flatMap(b -> b.ring().corners().stream())
                .map(scaled::apply)
                .toList();
        if (points.isEmpty()) {
            return scaled;
        }
        var centre = Box.around(points).centre();
        return centre.length() < FAR_MM
                ? scaled
                : scaled.then(Affine.move(-Math.rint(centre.x()), -Math.rint(centre.y())));
    }

    private ModelStorey storey(int number, Thing storey) {
        var stands = shapes.placed(things.thing(storey, 5)).origin().z() * mm;
        var level = IfcThings.number(storey, 9).stream()
                .map(e -> e * mm)
                .findFirst()
                .orElse(stands);
        var elements = Stream.concat(
                        held("IFCRELCONTAINEDINSPATIALSTRUCTURE", 5, 4, number), held("IFCRELAGGREGATES", 4, 5, number))
                .toList();
        var walls = new ArrayList<ModelWall>();
        var spaces = new ArrayList<ModelSpace>();
        for (var element : elements) {
            var thing = things.thing(element).orElseThrow();
            if (List.of(WALLS).contains(thing.kind())) {
                wall(element, thing, stands).ifPresentOrElse(walls::add, () -> bodiless++);
            } else if (thing.kind().equals("IFCSPACE")) {
                space(thing).ifPresent(spaces::add);
            }
        }
        return new ModelStorey(IfcThings.text(storey, 2), level, walls, spaces);
    }

    /** What a relation says that something holds. */
    private Stream<Integer> held(String kind, int whole, int parts, int number) {
        return things.of(kind).values().stream()
                .filter(r -> IfcThings.ref(r, whole).equals(Optional.of(number)))
                .flatMap(r -> IfcThings.refs(r, parts).stream())
                .filter(n -> things.thing(n).isPresent());
    }

    private Ring ring(Body body) {
        return body.ring().through(toPlan);
    }

    private Optional<ModelWall> wall(int number, Thing wall, double floor) {
        var bodies = shapes.bodies(wall);
        if (bodies.isEmpty()) {
            return Optional.empty();
        }
        var low = bodies.stream().mapToDouble(Body::low).min().orElseThrow();
        var high = bodies.stream().mapToDouble(Body::high).max().orElseThrow();
        var own = holes.getOrDefault(number, List.of()).stream()
                .flatMap(h -> hole(h, floor).stream())
                .toList();
        return Optional.of(new ModelWall(bodies.stream().map(this::ring).toList(), (high - low) * mm, own));
    }

    private Optional<ModelHole> hole(int number, double floor) {
        var bodies = things.thing(number).map(shapes::bodies).orElse(List.of());
        if (bodies.isEmpty()) {
            return Optional.empty();
        }
        var corners = bodies.stream().flatMap(b -> ring(b).corners().stream()).toList();
        var low = bodies.stream().mapToDouble(Body::low).min().orElseThrow() * mm - floor;
        var high = bodies.stream().mapToDouble(Body::high).max().orElseThrow() * mm - floor;
        var filledBy = Optional.ofNullable(fillings.get(number));
        var filling = filledBy.flatMap(things::thing);
        var operation = filledBy.flatMap(n -> things.thing(n).map(door -> operation(door, n)))
                .orElse("");
        var ring = bodies.size() == 1
                ? ring(bodies.getFirst())
                : Box.around(corners).ring();
        return Optional.of(new ModelHole(
                ring,
                low,
                high,
                filling.map(f -> kind(f, operation)).orElse(OpeningKind.PLAIN),
                filling.flatMap(f -> hung(f, operation, ring))));
    }

    /** How a door opens, as it is said of it or of its type. */
    private String operation(Thing door, int number) {
        if (!door.kind().startsWith("IFCDOOR")) {
            return "";
        }
        var own = IfcThings.word(door, 11);
        var type = Optional.ofNullable(types.get(number)).flatMap(things::thing);
        return !own.isEmpty()
                ? own
                : type.map(t -> IfcThings.word(t, t.kind().equals("IFCDOORTYPE") ? 10 : 8))
                        .orElse("");
    }

    private static OpeningKind kind(Thing filling, String operation) {
        if (filling.kind().startsWith("IFCWINDOW")) {
            return OpeningKind.CASEMENT_WINDOW;
        }
        if (!filling.kind().startsWith("IFCDOOR")) {
            return OpeningKind.PLAIN;
        }
        return switch (operation) {
            case "DOUBLE_DOOR_SLIDING" -> OpeningKind.PARTING_DOOR;
            case "SLIDING_TO_LEFT", "SLIDING_TO_RIGHT" -> OpeningKind.SLIDING_DOOR;
            case "ROLLINGUP" -> OpeningKind.GARAGE_DOOR;
            default ->
                operation.contains("FOLDING")
                        ? OpeningKind.FOLDING_DOOR
                        : operation.startsWith("DOUBLE_") ? OpeningKind.PAIR_DOOR : OpeningKind.DOOR;
        };
    }

    /**
     * A leaf opens in the direction of the second axis of its door; seen that way a left one hangs at its left, where the
     * door begins.
     */
    private Optional<Hung> hung(Thing door, String operation, Ring hole) {
        if (!operation.contains("SWING") || door.values().size() < 10) {
            return Optional.empty();
        }
        var frame = shapes.placed(things.thing(door, 5));
        var width = IfcThings.number(door, 9).orElse(0);
        var begins = toPlan.apply(frame.origin().onFloor());
        var ends = toPlan.apply(frame.at(new Spot(width, 0, 0)).onFloor());
        if (!hole.bounds().grown(BESIDE_MM).contains(begins)) {
            return Optional.empty();
        }
        return Optional.of(new Hung(
                operation.endsWith("RIGHT") ? ends : begins,
                new Point(frame.y().x(), frame.y().y())));
    }

    private Optional<ModelSpace> space(Thing space) {
        var named = IfcThings.text(space, 7);
        return shapes.bodies(space).stream()
                .findFirst()
                .map(b -> new ModelSpace(named.isEmpty() ? IfcThings.text(space, 2) : named, ring(b)));
    }
}
