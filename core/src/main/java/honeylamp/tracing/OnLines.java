package honeylamp.tracing;

import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.tracing.Proposal.ProposedOpening;
import honeylamp.tracing.Proposal.ProposedWall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Puts walls that were read from the pixels of a drawing onto the lines it is drawn with: their faces, their free ends
 * and the jambs of their openings lie exactly where a line does, where one is near enough to be meant.
 */
final class OnLines {
    /** Lines that run together with a wall do so within this angle (sine of 1.5 degrees). */
    private static final double TOGETHER = 0.026;

    /** Lines across a wall do so within this angle (sine of 3 degrees). */
    private static final double ACROSS = 0.052;

    /** A face was read this well, at least. */
    private static final double FACE_PX = 3;

    private static final double FACE_SHARE = 0.15;

    /** A jamb was read this well, at least: it has an outline, and often a lining. */
    private static final double JAMB_PX = 5;

    private static final double JAMB_SHARE = 0.1;

    /** Pieces of one face lie in one line. */
    private static final double ONE_LINE_PX = 0.3;

    /** A line that accompanies less of a wall is not its face. */
    private static final double LEAST_SHARE = 0.25;

    private static final double DOUBLE_SHARE = 0.8;

    /** Walls that meet do so at an angle of which this is the sine, at least. */
    private static final double LEAST_CROSSING = 0.5;

    /** A piece of a wall is not shorter than so many halves of its thickness; a lining is. */
    private static final double LEAST_NIB = 1;

    private final List<Segment> lines;
    private final BoxIndex index;

    private OnLines(List<Segment> lines) {
        this.lines = lines;
        index = new BoxIndex(lines.size(), i -> lines.get(i).bounds());
    }

    /** The same walls where the lines are. */
    static Proposal of(Proposal proposal, List<Segment> lines) {
        if (proposal.walls().isEmpty() || lines.isEmpty()) {
            return proposal;
        }
        var on = new OnLines(lines);
        var faces = proposal.walls().stream().map(on::faces).toList();
        var thick = thicknesses(proposal, faces);
        var walls = new ArrayList<ProposedWall>();
        for (var i = 0; i < faces.size(); i++) {
            var wall = proposal.walls().get(i);
            var usual = Optional.ofNullable(thick.get(wall.thickness()));
            walls.add(faces.get(i)
                    .band(usual)
                    .map(band -> on.onto(wall, band, proposal.walls()))
                    .orElse(wall));
        }
        return new Proposal(
                walls.stream().filter(w -> !isDouble(w, walls)).toList(),
                proposal.thicknesses(),
                proposal.turnDeg(),
                proposal.roomsShare());
    }

    /** What was read twice now lies on the same lines: the shorter goes. */
    private static boolean isDouble(ProposedWall wall, List<ProposedWall> all) {
        var line = wall.line();
        return all.stream()
                .filter(o -> o.line().length() > line.length())
                .filter(o -> Math.abs(o.line().unit().cross(line.unit())) < TOGETHER)
                .anyMatch(o -> Math.abs(o.line().offset(line.middle())) < half(o)
                        && shared(o.line(), line, 0) > DOUBLE_SHARE * line.length());
    }

    /**
     * The lines that are a wall's faces.
     *
     * @param along the direction of the longest of them
     * @param left how far the left face lies off its line to the left; the right one is below 0
     */
    private record Faces(Segment wall, Point along, OptionalDouble left, OptionalDouble right) {
        OptionalDouble thickness() {
            return left.isPresent() && right.isPresent()
                    ? OptionalDouble.of(left.getAsDouble() - right.getAsDouble())
                    : OptionalDouble.empty();
        }

        /** Between both faces, or beside one as thick as other walls of its kind are. */
        Optional<Band> band(Optional<Double> usual) {
            if (thickness().isPresent()) {
                return Optional.of(band(left.getAsDouble(), right.getAsDouble()));
            }
            if (usual.isEmpty()) {
                return Optional.empty();
            }
            return left.isPresent()
                    ? Optional.of(band(left.getAsDouble(), left.getAsDouble() - usual.get()))
                    : right.isPresent()
                            ? Optional.of(band(right.getAsDouble() + usual.get(), right.getAsDouble()))
                            : Optional.empty();
        }

        private Band band(double l, double r) {
            var middle = wall.middle().plus(wall.unit().left().times((l + r) / 2));
            return new Band(middle, along, (l - r) / 2);
        }
    }

    /** The middle line of a wall and half its thickness. */
    private record Band(Point middle, Point along, double half) {
        /** A line as long as it takes, to measure by. */
        Segment line() {
            return Segment.through(middle, along, 1);
        }
    }

    /** Of each kind of thickness, the middle one of the walls that have both faces. */
    private static Map<Integer, Double> thicknesses(Proposal proposal, List<Faces> faces) {
        var all = new HashMap<Integer, List<Double>>();
        for (var i = 0; i < faces.size(); i++) {
            var kind = proposal.walls().get(i).thickness();
            faces.get(i)
                    .thickness()
                    .ifPresent(t ->
                            all.computeIfAbsent(kind, _ -> new ArrayList<>()).add(t));
        }
        var out = new HashMap<Integer, Double>();
        all.forEach((kind, own) -> {
            own.sort(Comparator.naturalOrder());
            out.put(kind, own.get(own.size() / 2));
        });
        return out;
    }

    private List<Segment> near(Segment wall, double reach) {
        return index.meeting(Box.around(List.of(wall.a(), wall.b())).grown(reach)).stream()
                .map(lines::get)
                .toList();
    }

    private static double half(ProposedWall wall) {
        return Math.abs(wall.line().offset(wall.face()));
    }

    private Faces faces(ProposedWall wall) {
        var line = wall.line();
        var half = half(wall);
        var reach = Math.max(FACE_PX, FACE_SHARE * 2 * half);
        var beside = near(line, half + reach).stream()
                .filter(s -> Math.abs(s.unit().cross(line.unit())) < TOGETHER && shared(line, s, half) > 0)
                .toList();
        var left = face(line, beside, half, reach);
        var right = face(line, beside, -half, reach);
        var longest = Stream.of(left, right)
                .flatMap(Optional::stream)
                .max(Comparator.comparingDouble(f -> f.longest.length()))
                .map(f -> f.longest.unit())
                .orElse(line.unit());
        return new Faces(
                line,
                longest.dot(line.unit()) < 0 ? longest.times(-1) : longest,
                left.map(f -> OptionalDouble.of(f.offset)).orElse(OptionalDouble.empty()),
                right.map(f -> OptionalDouble.of(f.offset)).orElse(OptionalDouble.empty()));
    }

    /** How much of a wall and of what it ends in a line accompanies. */
    private static double shared(Segment wall, Segment line, double more) {
        var a = wall.along(line.a());
        var b = wall.along(line.b());
        return Math.min(Math.max(a, b), wall.length() + more) - Math.max(Math.min(a, b), -more);
    }

    private record Face(double offset, Segment longest) {}

    /** The line that accompanies most of a wall about where its face was read. */
    private static Optional<Face> face(Segment wall, List<Segment> beside, double offset, double reach) {
        record Piece(Segment line, double offset, double length) {}
        var pieces = beside.stream()
                .map(s -> new Piece(s, offset(wall, s), shared(wall, s, Math.abs(offset))))
                .filter(p -> Math.abs(p.offset - offset) <= reach)
                .toList();
        var best = Optional.<Face>empty();
        var most = LEAST_SHARE * wall.length();
        for (var piece : pieces) {
            var together = pieces.stream()
                    .filter(p -> Math.abs(p.offset - piece.offset) <= ONE_LINE_PX)
                    .toList();
            var length = together.stream().mapToDouble(Piece::length).sum();
            var longest = together.stream()
                    .max(Comparator.comparingDouble(Piece::length))
                    .orElse(piece);
            if (length > most) {
                most = length;
                best = Optional.of(new Face(longest.offset, longest.line));
            }
        }
        return best;
    }

    /** How far a line lies off a wall, at the middle of the wall. */
    private static double offset(Segment wall, Segment line) {
        return wall.offset(line.at(line.along(wall.middle())));
    }

    private ProposedWall onto(ProposedWall wall, Band band, List<ProposedWall> all) {
        var line = band.line();
        var stops = stops(wall, band);
        var reach = Math.max(JAMB_PX, JAMB_SHARE * 2 * band.half);
        var readA = line.along(wall.line().a());
        var readB = line.along(wall.line().b());
        var a = endsOn(wall.line().a(), wall, all)
                ? readA
                : stops.nearest(readA, reach).orElse(readA);
        var b = endsOn(wall.line().b(), wall, all)
                ? readB
                : stops.nearest(readB, reach).orElse(readB);
        var openings = wall.openings().stream().map(o -> onto(o, line, stops)).toList();
        return new ProposedWall(
                new Segment(line.at(a), line.at(b)),
                line.at((a + b) / 2).plus(band.along.left().times(band.half)),
                wall.run(),
                wall.thickness(),
                openings,
                wall.sure(),
                Precision.LINES);
    }

    /** Whether an end lies in another wall: it goes on to the middle of that, where no line is. */
    private static boolean endsOn(Point end, ProposedWall wall, List<ProposedWall> all) {
        return all.stream()
                .filter(o -> Math.abs(o.line().unit().cross(wall.line().unit())) > LEAST_CROSSING)
                .anyMatch(o -> o.line().distance(end) <= half(o) + FACE_PX);
    }

    /**
     * Where something ends along a wall, from a place on its line.
     *
     * @param ends where its faces end: there the wall itself does
     * @param across where lines run across it, as at jambs that are drawn between faces that run through
     */
    private record Stops(List<Double> ends, List<Double> across) {
        /** The end nearest to a place; where there is none, the nearest line across. */
        Optional<Double> nearest(double at, double reach) {
            return nearest(ends, at, reach).or(() -> nearest(across, at, reach));
        }

        private static Optional<Double> nearest(List<Double> all, double at, double reach) {
            return all.stream()
                    .filter(s -> Math.abs(s - at) <= reach)
                    .min(Comparator.comparingDouble(s -> Math.abs(s - at)));
        }
    }

    private Stops stops(ProposedWall wall, Band band) {
        var line = band.line();
        var wide = band.half + FACE_PX;
        var ends = new ArrayList<Double>();
        var across = new ArrayList<Double>();
        for (var s : near(wall.line(), wide + JAMB_PX)) {
            var isFace = Math.abs(s.unit().cross(band.along)) < TOGETHER
                    && Math.abs(Math.abs(line.offset(s.middle())) - band.half) < ONE_LINE_PX;
            if (isFace && s.length() >= LEAST_NIB * band.half) {
                ends.add(line.along(s.a()));
                ends.add(line.along(s.b()));
            } else if (Math.abs(s.unit().dot(band.along)) < ACROSS
                    && s.length() >= band.half
                    && Math.abs(line.offset(s.middle())) < wide) {
                across.add(line.along(s.middle()));
            }
        }
        return new Stops(ends, across);
    }

    private static ProposedOpening onto(ProposedOpening o, Segment line, Stops stops) {
        var reach = Math.max(JAMB_PX, JAMB_SHARE * o.first().distance(o.second()));
        var readFirst = line.along(o.first());
        var readSecond = line.along(o.second());
        var first = stops.nearest(readFirst, reach);
        var second = stops.nearest(readSecond, reach);
        var isOnLines = first.isPresent() && second.isPresent() && !first.equals(second);
        var from = line.at(isOnLines ? first.get() : readFirst);
        var to = line.at(isOnLines ? second.get() : readSecond);
        return new ProposedOpening(
                o.kind(),
                from,
                to,
                o.hinge().equals(o.first()) ? from : to,
                o.opensTo(),
                o.sure(),
                isOnLines ? Precision.LINES : Precision.PIXELS);
    }
}
