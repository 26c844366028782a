package honeylamp.illustrate.shade;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Light;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The sun on floors through windows. A point of the floor is lit if the ray from it to the sun passes both faces of the
 * wall within the opening: the outline of the opening on each face, moved along the fall of light by height ÷
 * tan(altitude), and what both have in common. Pieces in the way take their shadows out of it.
 *
 * @param sky what of the sky the floors see, whether the sun comes in or not
 * @param patches what the sun lights through each window
 */
public record WindowLight(SkyLight sky, List<Patch> patches) {
    /** Nothing comes in. */
    public static final WindowLight NONE = new WindowLight(SkyLight.NONE, List.of());

    /** So much is an opening wider all around, step by step. */
    private static final double[] WIDER_MM = {66, 44, 22, 0, -22, -44, -66};

    /** What is left between pieces with less than so much to each side is no pool of light but a streak: left out. */
    private static final double NARROW_MM = 110;

    private static final double LEAST_MM = 40;
    private static final double INTO_MM = 60;
    private static final int ROUND = 24;

    /** How much of the floor's own colour the brightest sun covers. */
    private static final double MOST_COVERED = 0.8;

    public WindowLight {
        patches = List.copyOf(patches);
    }

    /**
     * What is lit through a window.
     *
     * @param steps the same a little wider and a little narrower, laid over each other for a soft edge, the widest first;
     *     outlines in plan mm
     */
    public record Patch(List<List<Outline>> steps) {
        /** The boxes of what is lit. */
        List<Box> boxes() {
            return steps.getFirst().stream().map(Outline::bounds).toList();
        }

        /** How much of the sun falls on a point in plan mm, from 0 to 1. */
        double at(Point p) {
            var in = steps.stream()
                    .filter(lit -> lit.stream().anyMatch(o -> o.contains(p)))
                    .count();
            return in / (double) steps.size();
        }
    }

    private record Asked(Beam beam, Light light, List<Solid> inTheWay) {}

    /**
     * What of a storey is lit through its windows, with pieces in the way.
     *
     * @param remembered what was worked out before: a window is worked out anew only if something in its light has moved
     */
    public static WindowLight of(StoreyGeometry geometry, Light light, List<Solid> pieces, Remembered remembered) {
        var out = new ArrayList<Patch>();
        for (var cut : geometry.cuts()) {
            if (cut.opening().kind().isWindow()) {
                Beam.of(geometry, cut, light).ifPresent(beam -> {
                    var inTheWay = beam.inTheWay(light, pieces);
                    Patch patch =
                            remembered.answer(new Asked(beam, light, inTheWay), () -> beam.patch(light, inTheWay));
                    if (!patch.steps.getFirst().isEmpty()) {
                        out.add(patch);
                    }
                });
            }
        }
        return new WindowLight(SkyLight.of(geometry), out);
    }

    /** The light as fills of one colour over each other, in paper mm; none without strength. */
    public List<Mark> marks(PaperFrame frame, Ink ink, double strength) {
        var out = new ArrayList<Mark>();
        var share = 1 - Math.pow(1 - MOST_COVERED * strength, 1.0 / WIDER_MM.length);
        for (var i = 0; i < WIDER_MM.length; i++) {
            var step = i;
            var path = Figure.builder();
            patches.forEach(patch -> patch.steps.get(step).forEach(o -> path.path(frame.paper(o.path()))));
            var lit = path.build();
            if (!lit.isEmpty() && strength > 0) {
                out.add(new Mark.Fill(lit, ink.at(share)));
            }
        }
        return out;
    }

    /** An opening that faces the light, with the room behind it. */
    private record Beam(OpeningCut cut, Segment outer, Segment inner, Room room) {
        static Optional<Beam> of(StoreyGeometry geometry, OpeningCut cut, Light light) {
            var left = cut.unit().left();
            var comesFromRight = light.fall().dot(left) > 0;
            var inward = comesFromRight ? left : left.times(-1);
            var inner = comesFromRight ? cut.left() : cut.right();
            var outer = comesFromRight ? cut.right() : cut.left();
            var outside = geometry.roomAt(outer.middle().minus(inward.times(INTO_MM)));
            return outside.isPresent()
                    ? Optional.empty()
                    : geometry.roomAt(inner.middle().plus(inward.times(INTO_MM)))
                            .map(room -> new Beam(cut, outer, inner, room));
        }

        /** The pieces that keep something of the light off. */
        List<Solid> inTheWay(Light light, List<Solid> pieces) {
            var sun = light.fall().times(light.shadowPerHeight());
            return whole(WIDER_MM[0], sun)
                    .map(Outline::bounds)
                    .map(box -> pieces.stream()
                            .filter(p -> shadowBox(p, sun).meets(box))
                            .toList())
                    .orElse(List.of());
        }

        Patch patch(Light light, List<Solid> inTheWay) {
            var wide = lit(0, light, inTheWay).stream()
                    .filter(part -> Regions.freestPoint(part, NARROW_MM / 10).radiusMm() >= NARROW_MM)
                    .toList();
            return new Patch(Arrays.stream(WIDER_MM)
                    .mapToObj(wider -> lit(wider, light, inTheWay).stream()
                            .filter(part -> wide.stream().anyMatch(w -> share(w, part)))
                            .toList())
                    .toList());
        }

        /** Whether one of two parts of the same light lies in the other. */
        private static boolean share(Outline a, Outline b) {
            return a.contains(Regions.inside(b)) || b.contains(Regions.inside(a));
        }

        private List<Outline> lit(double widerMm, Light light, List<Solid> inTheWay) {
            var sun = light.fall().times(light.shadowPerHeight());
            var shadows = inTheWay.stream().map(p -> shadow(p, sun)).toList();
            return whole(widerMm, sun)
                    .map(patch ->
                            Regions.difference(Regions.intersection(List.of(patch), List.of(room.outline())), shadows))
                    .orElse(List.of());
        }

        /** What both faces of the wall let through, if nothing stood in its way. */
        private Optional<Outline> whole(double widerMm, Point sun) {
            var out = thrown(outer, widerMm, sun);
            var in = thrown(inner, widerMm, sun);
            if (out.isEmpty() || in.isEmpty()) {
                return Optional.empty();
            }
            var both = ConvexClip.clip(out.get().corners(), in.get().corners());
            return both.size() < 3 || new Ring(both).area() < LEAST_MM * LEAST_MM
                    ? Optional.empty()
                    : Optional.of(Outline.of(new Ring(both).counterClockwise()));
        }

        private static Box shadowBox(Solid piece, Point sun) {
            var box = piece.footprint().bounds();
            var shift = sun.times(piece.heightMm());
            return box.union(new Box(
                    box.minX() + shift.x(), box.minY() + shift.y(), box.maxX() + shift.x(), box.maxY() + shift.y()));
        }

        /** The opening on one face as the sun throws it on the floor; empty if nothing is left of it. */
        private Optional<Ring> thrown(Segment face, double widerMm, Point sun) {
            var opening = cut.opening();
            var low = Math.max(0, opening.sill().mm() - widerMm);
            var high = opening.head().mm() + widerMm;
            var from = -widerMm;
            var to = face.length() + widerMm;
            if (to - from < LEAST_MM || high - low < LEAST_MM) {
                return Optional.empty();
            }
            var corners = new ArrayList<Point>();
            if (opening.kind() == OpeningKind.ROUND_WINDOW) {
                for (var i = 0; i < ROUND; i++) {
                    var a = 2 * Math.PI * i / ROUND;
                    corners.add(onFloor(
                            face,
                            (from + to) / 2 + (to - from) / 2 * Math.cos(a),
                            (low + high) / 2 + (high - low) / 2 * Math.sin(a),
                            sun));
                }
            } else {
                corners.addAll(List.of(
                        onFloor(face, from, low, sun),
                        onFloor(face, to, low, sun),
                        onFloor(face, to, high, sun),
                        onFloor(face, from, high, sun)));
            }
            return Optional.of(new Ring(corners).counterClockwise());
        }

        private static Point onFloor(Segment face, double along, double high, Point sun) {
            return face.at(along).plus(sun.times(high));
        }

        /** What a piece keeps the sun from, with its own footprint: convex, as all footprints that throw shade are. */
        private static Outline shadow(Solid piece, Point sun) {
            var shift = sun.times(piece.heightMm());
            var corners = new ArrayList<Point>();
            for (var p : piece.footprint().shell().corners()) {
                corners.add(p);
                corners.add(p.plus(shift));
            }
            return Outline.of(Regions.hull(corners));
        }
    }
}
