package honeylamp.body;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.FloorSteps;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Raised;
import honeylamp.plan.Roof;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A building cut along a line: what lies behind the line, and dark where walls, floors and roofs are cut. */
public final class SectionBodies {
    private static final double LEAST_MM = 1;
    private static final double EARTH_MM = 450;
    private static final double BEYOND_MM = 600;

    /** No gable is higher. */
    private static final double HIGH_MM = 30_000;

    private final LaidPlan plan;
    private final Segment line;
    private final Deep deep;
    private final Flat face;

    /** A cut through a plan. */
    public SectionBodies(LaidPlan plan, Raised.Section section) {
        this.plan = plan;
        var drawn = new Segment(section.from().point(), section.to().point());
        var reach = reach(drawn, section.depth().mm());
        this.line = new Segment(
                drawn.a().plus(drawn.unit().times(reach[0])),
                drawn.a().plus(drawn.unit().times(reach[1])));
        this.deep = new Deep(line, section.depth().mm());
        this.face = deep.face();
    }

    /**
     * How far along the line, from its first end, the building reaches, and what is seen to stand beside it: a section goes
     * through all of it.
     */
    private double[] reach(Segment drawn, double depthMm) {
        var built = plan.all().stream()
                .flatMap(s -> s.geometry().shells().stream())
                .flatMap(o -> o.shell().corners().stream());
        var beside = plan.all().stream()
                .flatMap(s -> Stream.concat(
                        s.storey().furnishings().stream().map(Picking::footprint),
                        s.fixedParts().blocks().stream().map(Structure::footprint)))
                .flatMap(ring -> ring.corners().stream())
                .filter(p -> drawn.offset(p) > 0 && drawn.offset(p) < depthMm);
        var along =
                Stream.concat(built, beside).mapToDouble(drawn::along).sorted().toArray();
        return along.length == 0
                ? new double[] {0, drawn.length()}
                : new double[] {along[0] - BEYOND_MM, along[along.length - 1] + BEYOND_MM};
    }

    /** What is seen of all bodies of the building, and what is cut. */
    public List<Body> of(List<Body> bodies) {
        var out = new ArrayList<Body>();
        for (var body : bodies) {
            kept(body).ifPresent(out::add);
        }
        out.add(new Body(Kind.WALLS, Optional.empty(), caps()));
        for (var body : bodies) {
            if (body.kind() == Kind.FIXED_PARTS) {
                deep.cut(body).ifPresent(out::add);
            }
        }
        return out;
    }

    /** What of a body lies behind the line and not too deep; a piece is there whole or not at all. */
    private Optional<Body> kept(Body body) {
        var isThing = body.kind() == Kind.FURNITURE
                || body.kind() == Kind.GROUND && body.of().isPresent(); // such as a car
        if (isThing) {
            var middle = body.facets().stream()
                    .map(f -> f.flat().at(f.outline().bounds().centre()).plan())
                    .mapToDouble(deep::of)
                    .average()
                    .orElse(-1);
            return middle > 0 && middle < deep.depthMm() ? Optional.of(body) : Optional.empty();
        }
        return deep.kept(body);
    }

    /** All that is cut, in the plane of the cut. */
    private List<Facet> caps() {
        var cut = new ArrayList<Outline>();
        var light = new ArrayList<Outline>();
        for (var storey : plan.all()) {
            var walls = walls(storey);
            var floors = floors(storey);
            cut.addAll(walls);
            cut.addAll(floors);
            light.addAll(Regions.intersection(wallLayers(storey), walls));
            light.addAll(Regions.intersection(floorLayers(storey), floors));
            storey.roof().ifPresent(roof -> cut.addAll(roof(storey, roof)));
        }
        lowest().ifPresent(z -> cut.add(box(0, line.length(), z - EARTH_MM, z)));
        return Stream.concat(
                        Regions.union(cut).stream().map(o -> new Facet(face, Prism.oriented(o), Skin.cut())),
                        light.stream().map(o -> new Facet(face, Prism.oriented(o), Skin.layer(), 1)))
                .toList();
    }

    private List<Outline> wallLayers(LaidStorey storey) {
        var floor = storey.storey().level().mm();
        return crossed(WallLayers.light(storey, Box.around(List.of(line.a(), line.b())))).stream()
                .map(at -> box(
                        at.fromMm(),
                        at.toMm(),
                        floor,
                        floor + storey.storey().height().mm()))
                .toList();
    }

    /** What lies on the raw floors of rooms, from the top down. */
    private List<Outline> floorLayers(LaidStorey storey) {
        var floor = storey.storey().level().mm();
        var out = new ArrayList<Outline>();
        for (var room : storey.geometry().rooms()) {
            for (var band :
                    room.mark().map(FloorSteps::layers).map(WallLayers::light).orElse(List.of())) {
                crossed(List.of(room.outline()))
                        .forEach(
                                at -> out.add(box(at.fromMm(), at.toMm(), floor - band.toMm(), floor - band.fromMm())));
            }
        }
        return out;
    }

    private Optional<Double> lowest() {
        return plan.all().stream()
                .map(s -> s.storey().level().mm() - StoreyBodies.SLAB_MM)
                .min(Comparator.naturalOrder());
    }

    private static Outline box(double from, double to, double low, double high) {
        return Outline.of(new Box(from, low, to, high).ring());
    }

    private List<Outline> walls(LaidStorey storey) {
        var floor = storey.storey().level().mm();
        var holes = new ArrayList<Outline>();
        for (var cut : storey.geometry().cuts()) {
            for (var at : crossed(List.of(Outline.of(cut.generous())))) {
                holes.addAll(hole(floor, cut, at));
            }
        }
        var out = new ArrayList<Outline>();
        for (var piece : storey.geometry().network().pieces()) {
            var high = Math.min(
                    piece.wall().height().mm(), storey.storey().height().mm());
            for (var at : crossed(List.of(Outline.of(piece.body())))) {
                out.add(box(at.fromMm(), at.toMm(), floor, floor + high));
            }
        }
        for (var at : crossed(storey.geometry().network().poche())) { // joints belong to no piece
            var high = storey.storey().height().mm();
            if (out.stream()
                    .noneMatch(o -> o.bounds().minX() < at.toMm() && o.bounds().maxX() > at.fromMm())) {
                out.add(box(at.fromMm(), at.toMm(), floor, floor + high));
            }
        }
        var standing = Regions.difference(Regions.union(out), holes);
        var roof = UnderRoof.overWalls(storey);
        return roof.map(r -> r.under(face, standing)).orElse(standing);
    }

    /** What an opening leaves out where the line passes: as high as it is there, whatever its shape. */
    private List<Outline> hole(double floor, OpeningCut cut, Crossed at) {
        var opening = cut.opening();
        var shape = OpeningShape.of(
                opening.kind(),
                new Box(
                        0,
                        opening.sill().mm(),
                        opening.width().mm(),
                        opening.head().mm()));
        var from = along(cut, line.at(at.fromMm()));
        var to = along(cut, line.at(at.toMm()));
        if (Math.abs(to - from) < LEAST_MM) { // straight across: as high all through the wall
            var there = new Segment(
                    new Point((from + to) / 2, opening.sill().mm()),
                    new Point((from + to) / 2, opening.head().mm()));
            return Crossed.along(there, List.of(Outline.of(shape))).stream()
                    .map(high -> box(
                            at.fromMm() - LEAST_MM,
                            at.toMm() + LEAST_MM,
                            floor + opening.sill().mm() + high.fromMm(),
                            floor + opening.sill().mm() + high.toMm()))
                    .toList();
        }
        var perMm = (at.toMm() - at.fromMm()) / (to - from);
        var seen = new Ring(shape.corners().stream()
                .map(p -> new Point(at.fromMm() + (p.x() - from) * perMm, floor + p.y()))
                .toList());
        return Regions.intersection(
                List.of(Outline.of(seen.counterClockwise())),
                List.of(box(at.fromMm() - LEAST_MM, at.toMm() + LEAST_MM, floor, floor + HIGH_MM)));
    }

    /** How far along an opening a point lies. */
    private static double along(OpeningCut cut, Point p) {
        return cut.host().line().along(p) - cut.opening().offset().mm();
    }

    /** The floor of a storey, down to the ceiling of the one below. */
    private List<Outline> floors(LaidStorey storey) {
        var floor = storey.storey().level().mm();
        var below = plan.all().stream()
                .filter(s -> s.storey().level().mm() < floor - 1)
                .max(Comparator.comparingDouble(s -> s.storey().level().mm()))
                .map(s -> s.storey().level().plus(s.storey().height()).mm())
                .filter(ceiling -> ceiling < floor)
                .orElse(floor - StoreyBodies.SLAB_MM);
        var open = new ArrayList<>(FixedParts.voids(storey.storey()));
        storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.HEAD)
                .forEach(s -> open.addAll(s.well()));
        return crossed(Regions.difference(storey.geometry().shells(), open)).stream()
                .map(at -> box(at.fromMm(), at.toMm(), below, floor))
                .toList();
    }

    private List<Outline> roof(LaidStorey storey, RoofShape roof) {
        var floor = storey.storey().level().mm();
        if (roof.slopes().isEmpty()) {
            var low = floor
                    + roof.roof().springs().orElse(storey.storey().height()).mm();
            return crossed(roof.ground()).stream()
                    .map(at -> box(at.fromMm(), at.toMm(), low, low + Roof.THICK.mm()))
                    .toList();
        }
        var out = new ArrayList<>(loft(storey, roof));
        for (var slope : roof.slopes()) {
            for (var at : crossed(List.of(slope.outline()))) {
                var a = floor + slope.underMm(line.at(at.fromMm()));
                var b = floor + slope.underMm(line.at(at.toMm()));
                out.add(Outline.of(new Ring(List.of(
                                new Point(at.fromMm(), a),
                                new Point(at.toMm(), b),
                                new Point(at.toMm(), b + slope.thickMm()),
                                new Point(at.fromMm(), a + slope.thickMm())))
                        .counterClockwise()));
            }
        }
        return out;
    }

    /** The ceiling below a loft, and the walls that rise to the roof at its ends, as far as they lie under it. */
    private List<Outline> loft(LaidStorey storey, RoofShape roof) {
        var floor = storey.storey().level().mm();
        var ceiling = floor + storey.storey().height().mm();
        var springs =
                floor + roof.roof().springs().orElse(storey.storey().height()).mm();
        var out = new ArrayList<Outline>();
        crossed(roof.ground())
                .forEach(at -> out.add(box(at.fromMm(), at.toMm(), ceiling, ceiling + StoreyBodies.SLAB_MM)));
        for (var gable : roof.gables()) {
            var inner = gable.shiftedLeft(RoofBodies.GABLE_MM);
            var strip = new Ring(List.of(gable.a(), gable.b(), inner.b(), inner.a()));
            crossed(List.of(Outline.of(strip)))
                    .forEach(at -> out.add(box(at.fromMm(), at.toMm(), springs, springs + HIGH_MM)));
        }
        return UnderRoof.of(Optional.of(roof), floor)
                .map(under -> under.under(face, Regions.union(out)))
                .orElse(List.of());
    }

    private List<Crossed> crossed(Collection<Outline> outlines) {
        return Crossed.along(line, outlines);
    }

    /** The ends of what is cut, at the levels of a building, to be framed. */
    public List<SpacePoint> ends() {
        return lowest().stream()
                .flatMap(z ->
                        List.of(SpacePoint.of(line.a(), z - EARTH_MM), SpacePoint.of(line.b(), z - EARTH_MM)).stream())
                .toList();
    }
}
