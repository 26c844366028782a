package honeylamp.store;

import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.store.StepText.Thing;
import honeylamp.store.StepText.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What the bodies of a building model cover on the floor, and from where to where they rise, in the file's own units. */
final class IfcShapes {
    private static final int MOST_DEEP = 30;
    private static final double UPRIGHT = 0.999;
    private static final double NOTHING = 1e-6;

    private final IfcThings things;

    IfcShapes(IfcThings things) {
        this.things = things;
    }

    /** A place in space. */
    record Spot(double x, double y, double z) {
        Spot plus(Spot o) {
            return new Spot(x + o.x, y + o.y, z + o.z);
        }

        Spot times(double by) {
            return new Spot(x * by, y * by, z * by);
        }

        double dot(Spot o) {
            return x * o.x + y * o.y + z * o.z;
        }

        Spot cross(Spot o) {
            return new Spot(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
        }

        Spot unit() {
            var length = Math.sqrt(dot(this));
            return length > 0 ? times(1 / length) : this;
        }

        Point onFloor() {
            return new Point(x, y);
        }
    }

    /** A frame in space: where its origin lies and its axes point. */
    record Frame(Spot origin, Spot x, Spot y, Spot z) {
        static final Frame WORLD =
                new Frame(new Spot(0, 0, 0), new Spot(1, 0, 0), new Spot(0, 1, 0), new Spot(0, 0, 1));

        Spot direction(Spot local) {
            return x.times(local.x).plus(y.times(local.y)).plus(z.times(local.z));
        }

        Spot at(Spot local) {
            return origin.plus(direction(local));
        }

        /** A frame that is given in this one. */
        Frame then(Frame inner) {
            return new Frame(at(inner.origin), direction(inner.x), direction(inner.y), direction(inner.z));
        }
    }

    /**
     * A body.
     *
     * @param ring what it covers on the floor
     */
    record Body(Ring ring, double low, double high) {}

    /** The frame a thing stands in. */
    Frame placed(Optional<Thing> placement) {
        return placed(placement, 0);
    }

    private Frame placed(Optional<Thing> placement, int depth) {
        if (placement.isEmpty() || depth > MOST_DEEP || !placement.get().kind().equals("IFCLOCALPLACEMENT")) {
            return Frame.WORLD;
        }
        return placed(things.thing(placement.get(), 0), depth + 1).then(axes(things.thing(placement.get(), 1)));
    }

    private Frame axes(Optional<Thing> given) {
        if (given.isEmpty()) {
            return Frame.WORLD;
        }
        var axes = given.get();
        var origin = things.thing(axes, 0).map(this::spot).orElse(Frame.WORLD.origin);
        var isFlat = axes.kind().equals("IFCAXIS2PLACEMENT2D");
        var z = isFlat ? Frame.WORLD.z : direction(axes, 1, Frame.WORLD.z);
        var towards = direction(axes, isFlat ? 1 : 2, Math.abs(z.x) > UPRIGHT ? Frame.WORLD.y : Frame.WORLD.x);
        var x = towards.plus(z.times(-towards.dot(z))).unit();
        return new Frame(origin, x, z.cross(x), z);
    }

    private Spot direction(Thing of, int index, Spot otherwise) {
        return things.thing(of, index).map(this::spot).map(Spot::unit).orElse(otherwise);
    }

    /** A point or a direction. */
    private Spot spot(Thing thing) {
        return spot(IfcThings.numbers(IfcThings.items(thing, 0)));
    }

    private static Spot spot(double[] xyz) {
        return new Spot(xyz.length > 0 ? xyz[0] : 0, xyz.length > 1 ? xyz[1] : 0, xyz.length > 2 ? xyz[2] : 0);
    }

    /** The bodies of a thing that stands somewhere. */
    List<Body> bodies(Thing product) {
        var frame = placed(things.thing(product, 5));
        return things.thing(product, 6).stream()
                .flatMap(shape -> things.things(shape, 2).stream())
                .filter(r -> IfcThings.text(r, 1).equals("Body"))
                .flatMap(r -> things.things(r, 3).stream())
                .flatMap(item -> item(item, frame, 0))
                .toList();
    }

    private Stream<Body> item(Thing item, Frame frame, int depth) {
        if (depth > MOST_DEEP) {
            return Stream.of();
        }
        return switch (item.kind()) {
            case "IFCEXTRUDEDAREASOLID" -> extruded(item, frame).stream();
            // what is cut off at a slope stands on the same floor
            case "IFCBOOLEANCLIPPINGRESULT", "IFCBOOLEANRESULT" ->
                things.thing(item, 1).stream().flatMap(first -> item(first, frame, depth + 1));
            case "IFCMAPPEDITEM" -> mapped(item, frame, depth);
            case "IFCFACETEDBREP", "IFCFACETEDBREPWITHVOIDS", "IFCPOLYGONALFACESET", "IFCTRIANGULATEDFACESET" ->
                around(corners(item, 0), frame).stream();
            default -> Stream.of();
        };
    }

    private Stream<Body> mapped(Thing item, Frame frame, int depth) {
        var source = things.thing(item, 0);
        var target = things.thing(item, 1);
        if (source.isEmpty() || target.isEmpty()) {
            return Stream.of();
        }
        var to = target.get();
        var scale = IfcThings.number(to, 3).orElse(1);
        var x = direction(to, 0, Frame.WORLD.x);
        var z = direction(to, 4, Frame.WORLD.z);
        var origin = things.thing(to, 2).map(this::spot).orElse(Frame.WORLD.origin);
        var put = new Frame(origin, x.times(scale), z.cross(x).times(scale), z.times(scale));
        var inner = frame.then(put).then(axes(things.thing(source.get(), 0)));
        return things.thing(source.get(), 1).stream()
                .flatMap(r -> things.things(r, 3).stream())
                .flatMap(i -> item(i, inner, depth + 1));
    }

    private Optional<Body> extruded(Thing solid, Frame frame) {
        var profile = things.thing(solid, 0).map(this::profile).orElse(List.of());
        if (profile.size() < 3) {
            return Optional.empty();
        }
        var inner = frame.then(axes(things.thing(solid, 1)));
        var rise = inner.direction(direction(solid, 2, Frame.WORLD.z))
                .times(IfcThings.number(solid, 3).orElse(0));
        var foot =
                profile.stream().map(p -> inner.at(new Spot(p.x(), p.y(), 0))).toList();
        if (Math.abs(rise.unit().z) > UPRIGHT) {
            var z = foot.getFirst().z;
            return Optional.of(new Body(
                    new Ring(foot.stream().map(Spot::onFloor).toList()).counterClockwise(),
                    Math.min(z, z + rise.z),
                    Math.max(z, z + rise.z)));
        }
        var all = new ArrayList<>(foot);
        foot.forEach(s -> all.add(s.plus(rise)));
        return hull(all);
    }

    private static Optional<Body> around(List<Spot> local, Frame frame) {
        return hull(local.stream().map(frame::at).toList());
    }

    private static Optional<Body> hull(List<Spot> all) {
        var z = all.stream().mapToDouble(Spot::z).summaryStatistics();
        var floor = all.stream().map(Spot::onFloor).toList();
        var first = floor.stream().findFirst();
        var last = first.flatMap(f -> floor.stream().max(Comparator.comparingDouble(f::distance)));
        var isFlat = first.isEmpty()
                || first.equals(last)
                || floor.stream().allMatch(p -> Math.abs(new Segment(first.get(), last.get()).offset(p)) < NOTHING);
        return isFlat ? Optional.empty() : Optional.of(new Body(Regions.hull(floor), z.getMin(), z.getMax()));
    }

    /** The corners of a body that is given by its faces. */
    private List<Spot> corners(Thing faces, int depth) {
        if (faces.kind().equals("IFCCARTESIANPOINT")) {
            return List.of(spot(faces));
        }
        if (faces.kind().equals("IFCCARTESIANPOINTLIST3D")) {
            return IfcThings.items(faces, 0).stream()
                    .filter(Value.Items.class::isInstance)
                    .map(v -> spot(IfcThings.numbers(((Value.Items) v).all())))
                    .toList();
        }
        if (depth > MOST_DEEP) {
            return List.of();
        }
        var isList = faces.kind().endsWith("FACESET");
        var parts = isList ? things.thing(faces, 0).stream().toList() : parts(faces);
        return parts.stream().flatMap(p -> corners(p, depth + 1).stream()).toList();
    }

    private List<Thing> parts(Thing of) {
        var one = things.thing(of, 0);
        return one.isPresent() ? List.of(one.get()) : things.things(of, 0);
    }

    /** The outline of a profile, its curves as chords. */
    private List<Point> profile(Thing profile) {
        return switch (profile.kind()) {
            case "IFCRECTANGLEPROFILEDEF", "IFCROUNDEDRECTANGLEPROFILEDEF" -> {
                var frame = axes(things.thing(profile, 2));
                var x = IfcThings.number(profile, 3).orElse(0) / 2;
                var y = IfcThings.number(profile, 4).orElse(0) / 2;
                yield Stream.of(new Spot(-x, -y, 0), new Spot(x, -y, 0), new Spot(x, y, 0), new Spot(-x, y, 0))
                        .map(frame::at)
                        .map(Spot::onFloor)
                        .toList();
            }
            case "IFCARBITRARYCLOSEDPROFILEDEF", "IFCARBITRARYPROFILEDEFWITHVOIDS" ->
                things.thing(profile, 2).map(c -> open(curve(c, 0))).orElse(List.of());
            default -> List.of();
        };
    }

    private static List<Point> open(List<Point> line) {
        var out = new ArrayList<Point>();
        for (var p : line) {
            if (out.isEmpty() || out.getLast().distance(p) > 0) {
                out.add(p);
            }
        }
        if (out.size() > 1 && out.getLast().distance(out.getFirst()) < NOTHING) {
            out.removeLast();
        }
        return out;
    }

    private List<Point> curve(Thing curve, int depth) {
        if (depth > MOST_DEEP) {
            return List.of();
        }
        return switch (curve.kind()) {
            case "IFCPOLYLINE" ->
                things.things(curve, 0).stream().map(p -> spot(p).onFloor()).toList();
            case "IFCINDEXEDPOLYCURVE" -> indexed(curve);
            case "IFCCOMPOSITECURVE" ->
                things.things(curve, 0).stream()
                        .flatMap(s -> things.thing(s, 2).stream().flatMap(c -> part(s, curve(c, depth + 1)).stream()))
                        .toList();
            default -> List.of();
        };
    }

    private static List<Point> part(Thing segment, List<Point> line) {
        return IfcThings.word(segment, 1).equals("F") ? line.reversed() : line;
    }

    /** Points, and of each part which of them it runs through. */
    private List<Point> indexed(Thing curve) {
        var points = things.thing(curve, 0).stream()
                .flatMap(list -> IfcThings.items(list, 0).stream())
                .filter(Value.Items.class::isInstance)
                .map(v -> spot(IfcThings.numbers(((Value.Items) v).all())).onFloor())
                .toList();
        var parts = IfcThings.items(curve, 1);
        if (parts.isEmpty()) {
            return points;
        }
        var out = new ArrayList<Point>();
        for (var part : parts) {
            if (part instanceof Value.Items(var numbers)) {
                var own = Arrays.stream(IfcThings.numbers(numbers))
                        .mapToInt(n -> (int) n - 1)
                        .filter(i -> i >= 0 && i < points.size())
                        .mapToObj(points::get)
                        .toList();
                out.addAll(own);
            }
        }
        return out;
    }
}
