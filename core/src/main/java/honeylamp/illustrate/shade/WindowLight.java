package honeylamp.illustrate.shade;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
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
import java.util.List;
import java.util.Optional;

/**
 * The sun on floors through windows. A point of the floor is lit if the ray from it to the sun passes both faces of the
 * wall within the opening: the outline of the opening on each face, moved along the fall of light by height ÷
 * tan(altitude), and what both have in common. Pieces in the way take their shadows out of it.
 *
 * @param sky what of the sky the floors see, whether the sun comes in or not
 * @param steps the same patches a little wider and a little narrower, laid over each other for a soft edge, the widest
 *     first; outlines in plan mm
 */
public record WindowLight(SkyLight sky, List<List<Outline>> steps) {
    /** Nothing comes in. */
    public static final WindowLight NONE = new WindowLight(SkyLight.NONE, List.of());

    /** So much is an opening wider all around, step by step. */
    private static final double[] WIDER_MM = {66, 44, 22, 0, -22, -44, -66};

    private static final double LEAST_MM = 40;
    private static final double INTO_MM = 60;
    private static final int ROUND = 24;

    /** How much of the floor's own colour the brightest sun covers. */
    private static final double MOST_COVERED = 0.8;

    public WindowLight {
        steps = List.copyOf(steps);
    }

    /** What of a storey is lit through its windows, with pieces in the way. */
    public static WindowLight of(StoreyGeometry geometry, Light light, List<Solid> pieces) {
        var beams = geometry.cuts().stream()
                .filter(c -> c.opening().kind().isWindow())
                .flatMap(c -> Beam.of(geometry, c, light).stream())
                .toList();
        var steps = new ArrayList<List<Outline>>();
        for (var wider : WIDER_MM) {
            var lit = new ArrayList<Outline>();
            for (var beam : beams) {
                lit.addAll(beam.lit(wider, light, pieces));
            }
            steps.add(lit);
        }
        return new WindowLight(SkyLight.of(geometry), beams.isEmpty() ? List.of() : steps);
    }

    /** The light as fills of one colour over each other, in paper mm; none without strength. */
    public List<Mark> marks(PaperFrame frame, Ink ink, double strength) {
        var out = new ArrayList<Mark>();
        var share = 1 - Math.pow(1 - MOST_COVERED * strength, 1.0 / WIDER_MM.length);
        for (var step : steps) {
            var path = Figure.builder();
            step.forEach(o -> path.path(frame.paper(o.path())));
            var lit = path.build();
            if (!lit.isEmpty() && strength > 0) {
                out.add(new Mark.Fill(lit, ink.at(share)));
            }
        }
        return out;
    }

    /** How much of the sun falls on a point in plan mm, from 0 to 1. */
    double at(Point p) {
        var in = 0;
        for (var step : steps) {
            for (var lit : step) {
                if (lit.contains(p)) {
                    in++;
                    break;
                }
            }
        }
        return steps.isEmpty() ? 0 : in / (double) steps.size();
    }

    /** The boxes of what is lit. */
    List<Box> boxes() {
        return steps.stream()
                .limit(1)
                .flatMap(List::stream)
                .map(Outline::bounds)
                .toList();
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

        List<Outline> lit(double widerMm, Light light, List<Solid> pieces) {
            var sun = light.fall().times(light.shadowPerHeight());
            var out = thrown(outer, widerMm, sun);
            var in = thrown(inner, widerMm, sun);
            if (out.isEmpty() || in.isEmpty()) {
                return List.of();
            }
            var both = ConvexClip.clip(out.get().corners(), in.get().corners());
            if (both.size() < 3 || new Ring(both).area() < LEAST_MM * LEAST_MM) {
                return List.of();
            }
            var patch = Outline.of(new Ring(both).counterClockwise());
            var box = patch.bounds();
            var shadows = pieces.stream()
                    .map(p -> shadow(p, sun))
                    .filter(o -> o.bounds().meets(box))
                    .toList();
            return Regions.difference(Regions.intersection(List.of(patch), List.of(room.outline())), shadows);
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
