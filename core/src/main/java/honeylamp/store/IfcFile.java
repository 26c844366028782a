package honeylamp.store;

import static honeylamp.store.IfcText.Missing.DERIVED;
import static honeylamp.store.IfcText.Missing.UNSAID;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.output.WholeFile;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.store.IfcText.Ref;
import honeylamp.store.IfcText.Word;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A plan as a model that other programs for building read: storeys with their walls, openings, doors and windows, floors,
 * rooms with their areas, and furniture, each as a body from its outline and its heights. What goes in the works is left
 * out; what stands in copies of units is there. The same plan gives the same file, and its things the same ids.
 *
 * @see "ISO 16739-1:2018, Industry Foundation Classes (IFC4)"
 */
final class IfcFile {
    /** Floors are drawn without a thickness of their own; so thick they are given, in mm. */
    private static final double SLAB_MM = 150;

    /** So thick are leaves and sashes, in mm. */
    private static final double LEAF_MM = 50;

    /** A body without height is none: what lies flat is given so much, in mm. */
    private static final double LEAST_MM = 1;

    private static final double MM2_PER_M2 = 1e6;

    private final IfcText text;
    private final LaidPlan plan;
    private final Ref context;
    private final Ref up;

    private IfcFile(LaidPlan plan) {
        this.plan = plan;
        this.text = new IfcText(plan.name());
        this.up = text.add("IFCDIRECTION", List.of(0.0, 0.0, 1.0));
        var north = Math.toRadians(plan.northDeg());
        this.context = text.add(
                "IFCGEOMETRICREPRESENTATIONCONTEXT",
                UNSAID,
                "Model",
                3,
                1e-4,
                axes(0),
                text.add("IFCDIRECTION", List.of(Math.cos(north), Math.sin(north))));
    }

    /**
     * Writes a plan, whole or not at all.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     */
    static void write(Plan plan, Path file) throws IOException {
        var bytes = text(plan).getBytes(StandardCharsets.US_ASCII);
        WholeFile.<RuntimeException>write(file, out -> out.write(bytes));
    }

    static String text(Plan plan) {
        var file = new IfcFile(LaidPlan.of(plan));
        file.house();
        var title = plan.presentation().pages().getFirst().sheet().title();
        return file.text.file(plan.name(), title.author());
    }

    private void house() {
        var project = text.add(
                "IFCPROJECT",
                text.id("project"),
                UNSAID,
                plan.name(),
                UNSAID,
                UNSAID,
                UNSAID,
                UNSAID,
                List.of(context),
                units());
        var onSite = placement(UNSAID, 0);
        var site = text.add(
                "IFCSITE",
                text.id("site"),
                UNSAID,
                "Site",
                UNSAID,
                UNSAID,
                onSite,
                UNSAID,
                UNSAID,
                new Word("ELEMENT"),
                UNSAID,
                UNSAID,
                UNSAID,
                UNSAID,
                UNSAID);
        var inBuilding = placement(onSite, 0);
        var building = text.add(
                "IFCBUILDING",
                text.id("building"),
                UNSAID,
                plan.name(),
                UNSAID,
                UNSAID,
                inBuilding,
                UNSAID,
                UNSAID,
                new Word("ELEMENT"),
                UNSAID,
                UNSAID,
                UNSAID);
        holds(project, List.of(site), "project");
        holds(site, List.of(building), "site");
        var storeys = plan.all().stream().map(s -> storey(s, inBuilding)).toList();
        holds(building, storeys, "building");
    }

    private Ref units() {
        return text.add(
                "IFCUNITASSIGNMENT",
                List.of(
                        text.add("IFCSIUNIT", DERIVED, new Word("LENGTHUNIT"), new Word("MILLI"), new Word("METRE")),
                        text.add("IFCSIUNIT", DERIVED, new Word("AREAUNIT"), UNSAID, new Word("SQUARE_METRE")),
                        text.add("IFCSIUNIT", DERIVED, new Word("VOLUMEUNIT"), UNSAID, new Word("CUBIC_METRE")),
                        text.add("IFCSIUNIT", DERIVED, new Word("PLANEANGLEUNIT"), UNSAID, new Word("RADIAN"))));
    }

    private void holds(Ref whole, List<Ref> parts, String of) {
        text.add("IFCRELAGGREGATES", text.id("parts of " + of), UNSAID, UNSAID, UNSAID, whole, parts);
    }

    private Ref storey(LaidStorey storey, Ref inBuilding) {
        var of = storey.storey();
        var place = placement(inBuilding, of.level().mm());
        var made = text.add(
                "IFCBUILDINGSTOREY",
                text.id(of.id().text()),
                UNSAID,
                of.name(),
                UNSAID,
                UNSAID,
                place,
                UNSAID,
                UNSAID,
                new Word("ELEMENT"),
                of.level().mm());
        var elements = new ArrayList<Ref>();
        of.standing().forEach(w -> elements.addAll(wall(storey, w, place)));
        elements.addAll(slabs(storey, place));
        of.furnishings().stream()
                .filter(f -> f.works() != Wall.Works.REMOVED)
                .forEach(f -> elements.add(piece(f, place)));
        if (!elements.isEmpty()) {
            text.add(
                    "IFCRELCONTAINEDINSPATIALSTRUCTURE",
                    text.id("elements of " + of.id().text()),
                    UNSAID,
                    UNSAID,
                    UNSAID,
                    elements,
                    made);
        }
        var rooms = rooms(storey, place);
        if (!rooms.isEmpty()) {
            holds(made, rooms, of.id().text());
        }
        return made;
    }

    /** A wall with its openings, and what fills these. */
    private List<Ref> wall(LaidStorey storey, Wall wall, Ref place) {
        var bodies = storey.geometry().network().of(wall.id()).stream()
                .map(WallPiece::body)
                .map(r -> solid(Outline.of(r.counterClockwise()), wall.height().mm()))
                .toList();
        if (bodies.isEmpty()) {
            return List.of();
        }
        var out = new ArrayList<Ref>();
        var made = text.add(
                "IFCWALL",
                text.id(wall.id().text()),
                UNSAID,
                plan.wallType(wall.type()).name(),
                UNSAID,
                UNSAID,
                placement(place, 0),
                shape(bodies),
                wall.id().text(),
                UNSAID);
        out.add(made);
        storey.geometry().cuts().stream()
                .filter(c -> c.host().id().equals(wall.id()))
                .forEach(c -> out.addAll(opening(c, made, place)));
        return out;
    }

    private List<Ref> opening(OpeningCut cut, Ref wall, Ref place) {
        var opening = cut.opening();
        var high = opening.head().minus(opening.sill()).mm();
        var id = opening.id().text();
        var hole = text.add(
                "IFCOPENINGELEMENT",
                text.id("hole of " + id),
                UNSAID,
                opening.kind().label(),
                UNSAID,
                UNSAID,
                placement(place, opening.sill().mm()),
                shape(List.of(solid(Outline.of(cut.ring().counterClockwise()), high))),
                id,
                new Word("OPENING"));
        text.add("IFCRELVOIDSELEMENT", text.id("void of " + id), UNSAID, UNSAID, UNSAID, wall, hole);
        if (opening.kind().family() == OpeningKind.Family.PLAIN) {
            return List.of();
        }
        var filling = filling(cut, opening, high, place);
        text.add("IFCRELFILLSELEMENT", text.id("fill of " + id), UNSAID, UNSAID, UNSAID, hole, filling);
        return List.of(filling);
    }

    private Ref filling(OpeningCut cut, Opening opening, double high, Ref place) {
        var kind = opening.kind().isWindow() ? "IFCWINDOW" : "IFCDOOR";
        return text.add(
                kind,
                text.id(opening.id().text()),
                UNSAID,
                opening.kind().label(),
                UNSAID,
                UNSAID,
                placement(place, opening.sill().mm()),
                shape(List.of(solid(leaf(cut), high))),
                opening.id().text(),
                high,
                opening.width().mm(),
                UNSAID,
                UNSAID,
                UNSAID);
    }

    /** A board from jamb to jamb, in the middle of the wall. */
    private static Outline leaf(OpeningCut cut) {
        var along = cut.middle();
        var aside = along.unit().left().times(LEAF_MM / 2);
        return Outline.of(new Ring(List.of(
                        along.a().minus(aside),
                        along.b().minus(aside),
                        along.b().plus(aside),
                        along.a().plus(aside)))
                .counterClockwise());
    }

    private List<Ref> slabs(LaidStorey storey, Ref place) {
        var shells = storey.geometry().shells();
        var out = new ArrayList<Ref>();
        for (var shell : shells) {
            out.add(text.add(
                    "IFCSLAB",
                    text.id("slab " + out.size() + " of " + storey.id().text()),
                    UNSAID,
                    "Floor of " + storey.storey().name(),
                    UNSAID,
                    UNSAID,
                    placement(place, -SLAB_MM),
                    shape(List.of(solid(shell, SLAB_MM))),
                    UNSAID,
                    new Word("FLOOR")));
        }
        return out;
    }

    private List<Ref> rooms(LaidStorey storey, Ref place) {
        var out = new ArrayList<Ref>();
        for (var room : storey.geometry().rooms()) {
            out.add(room(storey, room, out.size(), place));
        }
        return out;
    }

    private Ref room(LaidStorey storey, Room room, int number, Ref place) {
        var id = room.mark().map(m -> m.id().text()).orElse("room " + number) + " of "
                + storey.id().text();
        var name = room.name().isBlank() ? "Room " + (number + 1) : room.name();
        var made = text.add(
                "IFCSPACE",
                text.id(id),
                UNSAID,
                name,
                UNSAID,
                UNSAID,
                placement(place, 0),
                shape(List.of(solid(room.outline(), storey.storey().height().mm()))),
                name,
                new Word("ELEMENT"),
                new Word(room.lie() == Room.Lie.OUTSIDE ? "EXTERNAL" : "INTERNAL"),
                UNSAID);
        var area = text.add("IFCQUANTITYAREA", "NetFloorArea", UNSAID, UNSAID, room.areaMm2() / MM2_PER_M2, UNSAID);
        var amounts = text.add(
                "IFCELEMENTQUANTITY",
                text.id("amounts of " + id),
                UNSAID,
                "Qto_SpaceBaseQuantities",
                UNSAID,
                UNSAID,
                List.of(area));
        text.add(
                "IFCRELDEFINESBYPROPERTIES",
                text.id("has amounts, " + id),
                UNSAID,
                UNSAID,
                UNSAID,
                List.of(made),
                amounts);
        return made;
    }

    private Ref piece(Furnishing piece, Ref place) {
        return text.add(
                "IFCFURNITURE",
                text.id(piece.id().text()),
                UNSAID,
                Furnishings.label(piece),
                UNSAID,
                UNSAID,
                placement(place, piece.bottom().mm()),
                shape(List.of(solid(
                        Outline.of(Picking.footprint(piece).counterClockwise()),
                        Math.max(LEAST_MM, piece.top().minus(piece.bottom()).mm())))),
                piece.id().text(),
                UNSAID);
    }

    private Ref shape(List<Ref> solids) {
        var body = text.add("IFCSHAPEREPRESENTATION", context, "Body", "SweptSolid", solids);
        return text.add("IFCPRODUCTDEFINITIONSHAPE", UNSAID, UNSAID, List.of(body));
    }

    private Ref solid(Outline outline, double highMm) {
        var outer = line(outline.shell());
        var area = new Word("AREA");
        var profile = outline.holes().isEmpty()
                ? text.add("IFCARBITRARYCLOSEDPROFILEDEF", area, UNSAID, outer)
                : text.add(
                        "IFCARBITRARYPROFILEDEFWITHVOIDS",
                        area,
                        UNSAID,
                        outer,
                        outline.holes().stream().map(this::line).toList());
        return text.add("IFCEXTRUDEDAREASOLID", profile, axes(0), up, highMm);
    }

    /** A ring as a line that comes back to where it began. */
    private Ref line(Ring ring) {
        var points = Stream.concat(
                        ring.corners().stream(), ring.corners().stream().limit(1))
                .map(this::point)
                .toList();
        return text.add("IFCPOLYLINE", points);
    }

    private Ref point(Point p) {
        return text.add("IFCCARTESIANPOINT", List.of(p.x(), p.y()));
    }

    private Ref axes(double highMm) {
        var origin = text.add("IFCCARTESIANPOINT", List.of(0.0, 0.0, highMm));
        return text.add("IFCAXIS2PLACEMENT3D", origin, UNSAID, UNSAID);
    }

    private Ref placement(Object in, double highMm) {
        return text.add("IFCLOCALPLACEMENT", in, axes(highMm));
    }
}
