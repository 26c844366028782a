package honeylamp.tracing;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.tracing.Proposal.Kind;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.tracing.Proposal.ProposedOpening;
import honeylamp.tracing.Proposal.ProposedWall;
import honeylamp.tracing.Proposal.Run;
import honeylamp.tracing.Tracks.Track;
import honeylamp.tracing.Watch.Step;
import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** One levelled picture on its way to a proposal. */
final class Reading {
    private static final double THINNEST = 0.0042;
    private static final double THICKEST = 0.062;

    /** A wall is wider than a line by so much. */
    private static final double LEAST_PENS = 1.5;

    private static final double GOOD_ROOMS = 0.55;
    private static final double PAPER_BETWEEN = 0.12;
    private static final double HATCHED_BETWEEN = 0.85;
    private static final double WEAKEST = 0.08;
    private static final double MOST_IN_PAIRS = 0.5;

    /** Walls that enclose less of the box around them are none: a page of text, noise, a photo. */
    private static final double LEAST_ROOMS = 0.3;

    private static final double SURE_TONE = 0.32;

    private final InkPicture ink;
    private final Watch watch;

    Reading(InkPicture ink, Watch watch) {
        this.ink = ink;
        this.watch = watch;
    }

    /**
     * Walls as one way of drawing shows them.
     *
     * @param sure whether that way is clearly how they are drawn
     */
    private record Found(List<Stroke> strokes, List<Double> thicknesses, double roomsShare, boolean sure) {
        static final Found NOTHING = new Found(List.of(), List.of(), 0, false);

        Found doubted() {
            return new Found(strokes, thicknesses, roomsShare, false);
        }

        /** Walls that enclose much with few guesses are worth most. */
        double worth(Tones tones) {
            var plain = strokes.stream()
                    .flatMap(s -> s.gaps().stream())
                    .filter(g -> g.kind() == Gap.Kind.PLAIN && g.width() > 0)
                    .count();
            return roomsShare - 0.01 * plain - 0.004 * strokes.size() - 0.002 * openings() - (isInPairs(tones) ? 1 : 0);
        }

        private long openings() {
            return strokes.stream()
                    .flatMap(s -> s.gaps().stream())
                    .filter(g -> g.width() > 0)
                    .count();
        }

        /** Walls in pairs are the two lines of an outline, taken for walls. */
        boolean isSure(Tones tones) {
            return sure && roomsShare >= GOOD_ROOMS && !isInPairs(tones);
        }

        private boolean isInPairs(Tones tones) {
            var all = strokes.stream().mapToDouble(Stroke::length).sum();
            var paired = strokes.stream()
                    .filter(s -> strokes.stream().anyMatch(o -> isBeside(s, o, THICKEST * tones.extentPx())))
                    .mapToDouble(Stroke::length)
                    .sum();
            return paired > MOST_IN_PAIRS * all;
        }

        private static boolean isBeside(Stroke s, Stroke o, double near) {
            var shared = Math.min(s.to(), o.to()) - Math.max(s.from(), o.from());
            return s != o
                    && s.upright() == o.upright()
                    && Math.abs(s.middle() - o.middle()) < near
                    && shared > s.length() / 2;
        }
    }

    /** What it shows; empty if the reading was ended. */
    Optional<Proposal> proposal(double turnDeg) {
        if (!watch.goesOn(Step.LINES)) {
            return Optional.empty();
        }
        var tones = Tones.of(ink);
        return ways(tones)
                .flatMap(ways -> ways.stream().max(Comparator.comparingDouble(f -> f.worth(tones))))
                .map(f -> f.roomsShare < LEAST_ROOMS ? Found.NOTHING : f)
                .map(f -> proposal(f, turnDeg));
    }

    private Proposal proposal(Found found, double turnDeg) {
        return new Proposal(
                found.strokes.stream().map(s -> wall(s, found.thicknesses)).toList(),
                found.thicknesses.size(),
                turnDeg,
                found.roomsShare);
    }

    /**
     * The walls as the likeliest way of drawing shows them; where they enclose little, as other ways do. Empty if the
     * reading was ended.
     */
    private Optional<List<Found>> ways(Tones tones) {
        var out = new ArrayList<Found>();
        List<Supplier<Optional<Found>>> ways = List.of(
                () -> Ways.filled(ink, tones).map(f -> filled(f, tones)),
                () -> Hatching.walls(ink, tones).map(w -> hatched(w, tones)),
                () -> Optional.of(walls(outlined(tones, PAPER_BETWEEN), tones)),
                () -> Ways.faint(ink, tones).map(f -> filled(f, tones)));
        for (var way : ways) {
            if (!watch.goesOn(Step.WALLS)) {
                return Optional.empty();
            }
            var found = way.get();
            found.ifPresent(out::add);
            if (found.filter(f -> f.isSure(tones)).isPresent()) {
                break;
            }
        }
        return Optional.of(out);
    }

    /** Thin walls may have no cells of hatch at all; then their outlines tell. */
    private Found hatched(Mask bodies, Tones tones) {
        var first = walls(bodies, tones);
        if (first.thicknesses.size() > 1) {
            return first;
        }
        var more = walls(bodies.or(outlined(tones, HATCHED_BETWEEN)), tones);
        return more.thicknesses.size() > 1 && more.roomsShare > 0.9 * first.roomsShare ? more : first;
    }

    private Mask outlined(Tones tones, double mostBetween) {
        return Outlines.walls(ink, tones, thinnest(tones), THICKEST * tones.extentPx(), mostBetween);
    }

    /** Walls are not thinner than this, in pixels. */
    static double thinnest(Tones tones) {
        return Math.max(4, THINNEST * tones.extentPx());
    }

    private Found filled(Ways.Filled filled, Tones tones) {
        var found = walls(filled.walls(), tones.withLine(filled.lineInk()));
        return filled.tone() >= SURE_TONE * tones.darkest() ? found : found.doubted();
    }

    private Found walls(Mask walls, Tones tones) {
        var lines = Mask.above(ink, tones.line()).grown(1);
        var upright = new Direction(ink, lines, walls);
        var lying = upright.transposed();
        var thinnest = thinnest(tones);
        var thickest = THICKEST * tones.extentPx();
        var up = Tracks.of(upright.walls(), 0.8 * thinnest, 1.1 * thickest);
        var flat = Tracks.of(lying.walls(), 0.8 * thinnest, 1.1 * thickest);
        var all = new ArrayList<Track>(up);
        all.addAll(flat);
        var thicknesses = Thicknesses.of(all, WEAKEST, 4);
        thicknesses.removeIf(t -> t < LEAST_PENS * tones.penPx());
        if (thicknesses.isEmpty()) {
            return Found.NOTHING;
        }
        var upLines = lines(upright, up, thicknesses, tones);
        var flatLines = lines(lying, flat, thicknesses, tones);
        var most = thicknesses.getLast();
        var upPieces = new Pieces(upright, tones, most);
        var flatPieces = new Pieces(lying, tones, most);
        var door = door(strokes(upPieces, upLines, flatPieces, flatLines, Optional.empty(), false));
        var second = strokes(upPieces, upLines, flatPieces, flatLines, door, true);
        var joined = Network.joined(second, tones, door);
        return new Found(joined, thicknesses, Enclosed.share(joined), true);
    }

    private static List<WallLine> lines(
            Direction direction, List<Track> tracks, List<Double> thicknesses, Tones tones) {
        return WallLine.through(tracks, thicknesses).stream()
                .filter(l -> isWall(direction, l, thicknesses.getLast(), tones))
                .map(l -> Faces.refined(direction, l))
                .toList();
    }

    /** A line shows a piece longer than it is thick, or, if it is thick, a window between two short piers. */
    private static boolean isWall(Direction direction, WallLine line, double thickest, Tones tones) {
        if (line.longest() >= 1.6 * line.thickness() && line.longest() >= 0.018 * tones.extentPx()) {
            return true;
        }
        return line.thickness() >= 0.8 * thickest
                && new Pieces(direction, tones, thickest)
                        .of(true, line, Optional.empty(), false).stream()
                                .anyMatch(s ->
                                        s.gaps().stream().anyMatch(g -> g.kind() == Gap.Kind.WINDOW && g.sure() > 0.9));
    }

    private static List<Stroke> strokes(
            Pieces up,
            List<WallLine> upLines,
            Pieces flat,
            List<WallLine> flatLines,
            Optional<Double> door,
            boolean plain) {
        var out = new ArrayList<Stroke>();
        upLines.forEach(l -> out.addAll(up.of(true, l, door, plain)));
        flatLines.forEach(l -> out.addAll(flat.of(false, l, door, plain)));
        return out;
    }

    /** The middle width of single leaves. */
    private static Optional<Double> door(List<Stroke> strokes) {
        var widths = strokes.stream()
                .flatMap(s -> s.gaps().stream())
                .filter(g -> g.kind() == Gap.Kind.DOOR)
                .map(Gap::width)
                .sorted()
                .toList();
        return widths.isEmpty() ? Optional.empty() : Optional.of(widths.get(widths.size() / 2));
    }

    private ProposedWall wall(Stroke s, List<Double> thicknesses) {
        var openings = s.gaps().stream()
                .filter(g -> g.width() > 0)
                .map(g -> opening(s, g))
                .toList();
        var middle = (s.from() + s.to()) / 2;
        var run = s.line().isAslant() ? Run.ASLANT : s.upright() ? Run.UPRIGHT : Run.LYING;
        return new ProposedWall(
                new Segment(at(s, s.from(), 0), at(s, s.to(), 0)),
                at(s, middle, s.thickness() / 2),
                run,
                Thicknesses.nearest(thicknesses, s.thickness()),
                openings,
                s.sure(),
                Precision.PIXELS);
    }

    private ProposedOpening opening(Stroke s, Gap g) {
        var first = at(s, g.from(), 0);
        var second = at(s, g.to(), 0);
        var arc = g.arc();
        var leaf = g.kind() == Gap.Kind.DOOR || g.kind() == Gap.Kind.PAIR;
        var kind = switch (g.kind()) {
            case DOOR -> Kind.DOOR;
            case PAIR -> Kind.PAIR_DOOR;
            case WINDOW -> Kind.WINDOW;
            case PLAIN -> Kind.PLAIN;
        };
        var middle = (g.from() + g.to()) / 2;
        return new ProposedOpening(
                kind,
                first,
                second,
                arc.atFirst() ? first : second,
                leaf ? at(s, middle, (arc.toRight() ? 1 : -1) * g.width()) : at(s, middle, 0),
                g.sure(),
                Precision.PIXELS);
    }

    /** A point of a stroke, in pixels of the picture. */
    private Point at(Stroke s, double along, double off) {
        var across = s.line().at(along) + off;
        return ink.toPicture().apply(s.upright() ? new Point(across, along) : new Point(along, across));
    }
}
