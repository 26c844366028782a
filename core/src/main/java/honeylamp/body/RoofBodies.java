package honeylamp.body;

import honeylamp.catalogue.Roofs;
import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.roof.RoofShape.Slope;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Role;
import honeylamp.plan.Roof;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The roof of a storey as a body: slopes with their thickness, gables, parapets, dormers and rooflights. It is its storey's. */
public final class RoofBodies {
    private static final double SAME_MM = 0.5;
    private static final double BESIDE_MM = 5;
    static final double GABLE_MM = 240;
    private static final double PARAPET_MM = 240;
    private static final double DORMER_PITCH = Math.tan(Math.toRadians(32));
    private static final double DORMER_OVER_MM = 120;
    private static final double FRAME_MM = 70;
    private static final double SILL_MM = 250;
    private static final double LEAST_MM = 20;
    private static final double LEAST_AREA_MM2 = 100;

    private final LaidStorey storey;
    private final RoofShape shape;
    private final double floorMm;
    private final Skin cover;

    private RoofBodies(LaidStorey storey, RoofShape shape) {
        this.storey = storey;
        this.shape = shape;
        this.floorMm = storey.storey().level().mm();
        this.cover = Skin.of(Role.TIMBER, Optional.of(Roofs.tone(shape.roof().cover())));
    }

    /** The roof of a storey; nothing if it has none. */
    public static List<Body> of(LaidStorey storey) {
        return storey.roof()
                .map(shape -> new RoofBodies(storey, shape).bodies())
                .orElse(List.of());
    }

    /** The corners of a roof. */
    public static List<SpacePoint> reach(LaidStorey storey) {
        return storey.roof()
                .map(shape -> new RoofBodies(storey, shape).corners())
                .orElse(List.of());
    }

    private List<SpacePoint> corners() {
        var out = new ArrayList<SpacePoint>();
        for (var slope : shape.slopes()) {
            slope.outline()
                    .shell()
                    .corners()
                    .forEach(p -> out.add(SpacePoint.of(p, floorMm + slope.underMm(p) + slope.thickMm())));
        }
        if (shape.slopes().isEmpty()) {
            var top = flatAt() + Roof.THICK.mm() + shape.roof().parapet().mm();
            shape.ground().forEach(o -> o.shell().corners().forEach(p -> out.add(SpacePoint.of(p, floorMm + top))));
        }
        return out;
    }

    private double flatAt() {
        return shape.roof().springs().orElse(storey.storey().height()).mm();
    }

    private List<Body> bodies() {
        var out = new ArrayList<Body>();
        if (shape.slopes().isEmpty()) {
            out.add(flat());
            return out;
        }
        var facets = new ArrayList<Facet>();
        var lines = new ArrayList<Body.Line>();
        for (var slope : shape.slopes()) {
            slope(facets, slope);
            courses(lines, slope);
        }
        for (var part : storey.storey().structures()) {
            if (part.is(Structure.Kind.ROOFLIGHT)) {
                rooflight(facets, part);
            }
        }
        out.add(new Body(Kind.OVERHEAD, Optional.of(storey.id()), facets, lines));
        var walls = new ArrayList<Facet>();
        shape.gables().forEach(g -> gable(walls, g));
        if (!walls.isEmpty()) {
            out.add(new Body(Kind.OVERHEAD, Optional.of(storey.id()), walls));
        }
        for (var part : storey.storey().structures()) {
            if (part.is(Structure.Kind.DORMER)) {
                dormer(part).ifPresent(out::add);
            }
        }
        return out;
    }

    /** A slab with walls around it. */
    private Body flat() {
        var facets = new ArrayList<Facet>();
        var low = floorMm + flatAt();
        var top = low + Roof.THICK.mm();
        var over = shape.roof().overhang().mm() > 0 && shape.roof().parapet().mm() == 0
                ? Regions.inset(shape.ground(), -shape.roof().overhang().mm())
                : shape.ground();
        var parapet = shape.roof().parapet().mm();
        var inner = parapet > 0 ? Regions.inset(over, PARAPET_MM) : over;
        for (var part : inner) {
            facets.add(new Facet(Flat.level(top), Prism.oriented(part), cover));
        }
        for (var part : over) {
            facets.add(new Facet(
                    Flat.level(low).turnedOver(), Prism.turnedOver(Prism.oriented(part)), Skin.of(Role.WALL_SIDE)));
            sides(facets, part, low, top + parapet);
        }
        if (parapet > 0) {
            for (var rim : Regions.difference(over, inner)) {
                facets.add(new Facet(Flat.level(top + parapet), Prism.oriented(rim), Skin.of(Role.STEP)));
            }
            inner.forEach(o -> o.rings()
                    .forEach(r -> new Outline(r.counterClockwise(), List.of())
                            .shell()
                            .reversed()
                            .edges()
                            .forEach(e -> plumb(facets, e, top, top + parapet))));
        }
        return new Body(Kind.OVERHEAD, Optional.of(storey.id()), facets);
    }

    private static void sides(List<Facet> out, Outline part, double from, double to) {
        Prism.oriented(part).rings().forEach(r -> r.edges().forEach(e -> plumb(out, e, from, to)));
    }

    private static void plumb(List<Facet> out, Segment edge, double from, double to) {
        if (edge.length() > SAME_MM) {
            out.add(new Facet(
                    Flat.plumb(edge.a(), from, edge.unit()),
                    Outline.of(new Box(0, 0, edge.length(), to - from).ring()),
                    Skin.of(Role.WALL_SIDE)));
        }
    }

    private void slope(List<Facet> out, Slope slope) {
        var flat = Prism.oriented(slope.outline().through(UnderRoof.into(slope)));
        var low = floorMm + slope.lowMm();
        out.add(new Facet(UnderRoof.plane(slope, low + slope.thickMm()), flat, cover));
        out.add(new Facet(UnderRoof.plane(slope, low).turnedOver(), Prism.turnedOver(flat), Skin.of(Role.WALL_SIDE)));
        Prism.oriented(slope.outline())
                .rings()
                .forEach(r -> r.edges().forEach(edge -> {
                    if (edge.length() > SAME_MM && isOuter(edge)) {
                        edge(out, slope, edge);
                    }
                }));
    }

    private boolean isOuter(Segment edge) {
        var beyond = edge.shiftedLeft(-BESIDE_MM).middle();
        return shape.slopes().stream().noneMatch(s -> s.outline().contains(beyond));
    }

    /** The board along an eave or up a gable. */
    private void edge(List<Facet> out, Slope slope, Segment edge) {
        var a = slope.underMm(edge.a());
        var b = slope.underMm(edge.b());
        var ring = Ring.of(
                new Point(0, a),
                new Point(edge.length(), b),
                new Point(edge.length(), b + slope.thickMm()),
                new Point(0, a + slope.thickMm()));
        out.add(new Facet(Flat.plumb(edge.a(), floorMm, edge.unit()), Outline.of(ring), Skin.of(Role.TIMBER)));
    }

    /** Fine lines where courses or seams lie. */
    private void courses(List<Body.Line> out, Slope slope) {
        var lights = storey.storey().structures().stream()
                .filter(p -> p.is(Structure.Kind.ROOFLIGHT))
                .map(p -> Outline.of(p.footprint().counterClockwise()))
                .toList();
        for (var part : Regions.difference(List.of(slope.outline()), lights)) {
            courses(out, slope, part.through(UnderRoof.into(slope)));
        }
    }

    private void courses(List<Body.Line> out, Slope slope, Outline flat) {
        var plane = UnderRoof.plane(slope, floorMm + slope.lowMm() + slope.thickMm());
        var box = slope.outline().through(UnderRoof.into(slope)).bounds();
        Roofs.coursesMm(shape.roof().cover()).ifPresent(step -> {
            for (var y = box.minY() + step; y < box.maxY(); y += step) {
                within(out, plane, flat, new Segment(new Point(box.minX() - 1, y), new Point(box.maxX() + 1, y)));
            }
        });
        Roofs.seamsMm(shape.roof().cover()).ifPresent(step -> {
            for (var x = step * Math.ceil(box.minX() / step); x < box.maxX(); x += step) {
                within(out, plane, flat, new Segment(new Point(x, box.minY() - 1), new Point(x, box.maxY() + 1)));
            }
        });
    }

    private static void within(List<Body.Line> out, Flat plane, Outline flat, Segment line) {
        var stops = flat.rings()
                .flatMap(r -> r.edges().stream())
                .flatMap(e -> e.crossing(line).stream())
                .map(line::along)
                .distinct()
                .sorted()
                .toList();
        for (var i = 0; i + 1 < stops.size(); i++) {
            var part = line.part(stops.get(i), stops.get(i + 1));
            if (part.length() > LEAST_MM && flat.contains(part.middle())) {
                out.add(new Body.Line(List.of(plane.at(part.a()), plane.at(part.b()))));
            }
        }
    }

    /** A wall from where the roof springs up to its underside. */
    private void gable(List<Facet> out, Segment outer) {
        var from = floorMm + flatAt();
        var high = shape.slopes().stream()
                .flatMap(s -> s.outline().shell().corners().stream().map(s::underMm))
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        var box = List.of(Outline.of(new Box(0, 0, outer.length(), Math.max(1, floorMm + high - from)).ring()));
        var inner = outer.shiftedLeft(GABLE_MM).reversed();
        for (var face : List.of(outer, inner)) {
            var flat = Flat.plumb(face.a(), from, face.unit());
            UnderRoof.of(Optional.of(shape), floorMm)
                    .map(roof -> roof.under(flat, box))
                    .orElse(List.of())
                    .forEach(o -> out.add(new Facet(flat, Prism.oriented(o), Skin.of(Role.WALL_SIDE))));
        }
    }

    private Optional<Slope> at(Point p) {
        return shape.slopes().stream().filter(s -> s.outline().contains(p)).findFirst();
    }

    /** A pane in its frame, in the upper side of the roof. */
    private void rooflight(List<Facet> out, Structure part) {
        at(part.at().point()).ifPresent(slope -> {
            var plane = UnderRoof.plane(slope, floorMm + slope.lowMm() + slope.thickMm());
            var flat = Outline.of(part.footprint().counterClockwise()).through(UnderRoof.into(slope));
            out.add(new Facet(plane, Prism.oriented(flat), Skin.of(Role.FRAME), 1, Optional.of(part.id())));
            for (var pane : Regions.inset(List.of(flat), FRAME_MM)) {
                out.add(new Facet(plane, Prism.oriented(pane), Skin.of(Role.GLASS), 2, Optional.of(part.id())));
            }
        });
    }

    /** What of a dormer stands above its slope; nothing where there is none. */
    private Optional<Body> dormer(Structure part) {
        var box = part.box();
        var front = part.placing().apply(new Point(0, box.minY() + 1));
        return at(front).map(slope -> {
            var made = new Dormer(part, slope);
            made.make();
            return new Body(Kind.OVERHEAD, Optional.of(part.id()), made.facets);
        });
    }

    /** The faces of a dormer, each ended where the roof is. */
    private final class Dormer {
        private final Structure part;
        private final Slope slope;
        private final Box box;
        private final double eaves;
        private final double low;
        private final List<Facet> facets = new ArrayList<>();

        Dormer(Structure part, Slope slope) {
            this.part = part;
            this.slope = slope;
            this.box = part.box();
            this.eaves = floorMm + part.height().mm();
            this.low = floorMm + slope.lowMm();
        }

        void make() {
            var half = box.width() / 2;
            var ridge = eaves + half * DORMER_PITCH;
            var over = DORMER_OVER_MM;
            var drop = over * DORMER_PITCH;
            face(
                    Skin.of(Role.WALL_SIDE),
                    0,
                    at(-half, 0, low),
                    at(half, 0, low),
                    at(half, 0, eaves),
                    at(0, 0, ridge),
                    at(-half, 0, eaves));
            window(half);
            face(
                    Skin.of(Role.WALL_SIDE),
                    0,
                    at(half, 0, low),
                    at(half, 1, low),
                    at(half, 1, eaves),
                    at(half, 0, eaves));
            face(
                    Skin.of(Role.WALL_SIDE),
                    0,
                    at(-half, 1, low),
                    at(-half, 0, low),
                    at(-half, 0, eaves),
                    at(-half, 1, eaves));
            var before = -over / box.height();
            var eave = eaves - drop;
            var wide = half + over;
            roof(at(wide, before, eave), at(wide, 1, eave), at(0, 1, ridge), at(0, before, ridge));
            roof(at(0, before, ridge), at(0, 1, ridge), at(-wide, 1, eave), at(-wide, before, eave));
        }

        /** A slope and its underside. */
        private void roof(SpacePoint... corners) {
            face(cover, 0, corners);
            var back = new ArrayList<>(List.of(corners)).reversed().toArray(SpacePoint[]::new);
            face(Skin.of(Role.TIMBER), 0, back);
        }

        private void window(double half) {
            var foot = Math.max(floorMm + SILL_MM, sill()) + SILL_MM / 2;
            var wide = half - 2 * FRAME_MM;
            var head = eaves - FRAME_MM;
            if (head - foot > 2 * FRAME_MM && wide > FRAME_MM) {
                face(
                        Skin.of(Role.FRAME),
                        1,
                        at(-wide, 0, foot),
                        at(wide, 0, foot),
                        at(wide, 0, head),
                        at(-wide, 0, head));
                var pane = wide - FRAME_MM;
                face(
                        Skin.of(Role.GLASS),
                        2,
                        at(-pane, 0, foot + FRAME_MM),
                        at(pane, 0, foot + FRAME_MM),
                        at(pane, 0, head - FRAME_MM),
                        at(-pane, 0, head - FRAME_MM));
            }
        }

        /** How high the roof comes to the front of it. */
        private double sill() {
            var p = part.placing().apply(new Point(0, box.minY()));
            return floorMm + slope.underMm(p) + slope.thickMm();
        }

        /** A point across the front, by a share of the depth, at a height. */
        private SpacePoint at(double across, double back, double z) {
            return SpacePoint.of(part.placing().apply(new Point(across, box.minY() + back * box.height())), z);
        }

        private void face(Skin skin, int rank, SpacePoint... corners) {
            var kept = above(List.of(corners));
            if (kept.size() < 3) {
                return;
            }
            var along = corners[1].minus(corners[0]).unit();
            var normal =
                    along.cross(corners[corners.length - 1].minus(corners[0])).unit();
            var flat = new Flat(corners[0], along, normal.cross(along));
            var ring = new Ring(kept.stream().map(flat::of).toList());
            if (ring.area() > LEAST_AREA_MM2) {
                facets.add(new Facet(flat, Outline.of(ring.counterClockwise()), skin, rank, Optional.of(part.id())));
            }
        }

        /** What of a face is higher than the roof. */
        private List<SpacePoint> above(List<SpacePoint> corners) {
            var out = new ArrayList<SpacePoint>();
            for (var i = 0; i < corners.size(); i++) {
                var a = corners.get(i);
                var b = corners.get((i + 1) % corners.size());
                var ha = height(a);
                var hb = height(b);
                if (ha >= 0) {
                    out.add(a);
                }
                if (ha >= 0 != hb >= 0) {
                    out.add(a.towards(b, ha / (ha - hb)));
                }
            }
            return out;
        }

        private double height(SpacePoint p) {
            return p.z() - floorMm - slope.underMm(p.plan()) - slope.thickMm();
        }
    }
}
