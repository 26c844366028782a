package honeylamp.tracing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Walks along a line of walls: where its body is drawn, and what the gaps between are. */
final class Pieces {
    private static final double COVERED = 0.6;
    private static final double MIDDLE = 0.6;
    private static final double WIDEST_DOOR = 0.17;
    private static final double WIDEST = 0.34;
    private static final double NARROWEST_DOOR = 0.033;
    private static final double FOREIGN = 0.4;
    private static final double PIECE_OF_PLAIN = 2.2;
    private static final double WIDEST_PLAIN = 2.35;
    private static final double NARROWEST_PLAIN = 0.6;
    private static final double LEAST_CROSSING = 0.8;
    private static final double PLAIN_WITHOUT_DOORS = 0.12;

    private final Direction direction;
    private final Tones tones;
    private final double thickest;
    private final Map<Looked, Optional<Gap>> seen = new HashMap<>();

    Pieces(Direction direction, Tones tones, double thickest) {
        this.direction = direction;
        this.tones = tones;
        this.thickest = thickest;
    }

    /** A stretch with a body: one of the line's own, or only a wall that crosses it. */
    private record Piece(double from, double to, boolean own, double bodyFrom, double bodyTo) {
        double length() {
            return to - from;
        }
    }

    /**
     * The walls of one line.
     *
     * @param doorPx the middle width of all doors, if any are known: without it no gap is taken for a plain one
     */
    List<Stroke> of(boolean upright, WallLine line, Optional<Double> doorPx, boolean plain) {
        var out = new ArrayList<Stroke>();
        var chain = new ArrayList<Piece>();
        var gaps = new ArrayList<Gap>();
        for (var piece : pieces(line)) {
            var gap = chain.isEmpty()
                    ? Optional.<Gap>empty()
                    : gap(line, chain.getLast(), piece, doorPx, plain).map(g -> refined(line, g));
            if (gap.isEmpty()) {
                stroke(upright, line, chain, gaps).ifPresent(out::add);
                chain.clear();
                gaps.clear();
            }
            gap.ifPresent(gaps::add);
            chain.add(piece);
        }
        stroke(upright, line, chain, gaps).ifPresent(out::add);
        return out;
    }

    /** The wall that pieces and the gaps between them make, if any of them is the line's own. */
    private static Optional<Stroke> stroke(boolean upright, WallLine line, List<Piece> chain, List<Gap> gaps) {
        var own = chain.stream().filter(Piece::own).toList();
        return own.isEmpty()
                ? Optional.empty()
                : Optional.of(new Stroke(
                        upright,
                        line,
                        chain.getFirst().from,
                        chain.getLast().to,
                        own.getFirst().bodyFrom,
                        own.getLast().bodyTo,
                        0,
                        gaps));
    }

    private List<Piece> pieces(WallLine line) {
        var reach = (int) (WIDEST * tones.extentPx());
        var s0 = Math.max(0, line.from() - reach);
        var s1 = Math.min(direction.walls().height(), line.to() + reach);
        var joined = Math.max(2, line.thickness() / 4);
        var out = new ArrayList<Piece>();
        var start = -1;
        var end = -1;
        for (var s = s0; s <= s1; s++) {
            var is = s < s1 && covered(line, s);
            if (is) {
                if (start >= 0 && s - end > joined) {
                    out.add(piece(line, start, end));
                    start = -1;
                }
                start = start < 0 ? s : start;
                end = s + 1;
            }
        }
        if (start >= 0) {
            out.add(piece(line, start, end));
        }
        // what crosses and is thinner than any wall is a line, such as that of an open leaf
        out.removeIf(p -> !p.own && p.length() < LEAST_CROSSING * Reading.thinnest(tones));
        return out;
    }

    private boolean covered(WallLine line, int s) {
        var half = MIDDLE * line.thickness() / 2;
        var middle = line.at(s + 0.5);
        var a = (int) Math.floor(middle - half);
        var b = (int) Math.floor(middle + half);
        var hits = 0;
        for (var x = a; x <= b; x++) {
            hits += direction.walls().at(x, s) ? 1 : 0;
        }
        return hits > COVERED * (b - a + 1);
    }

    /** A piece ends where the line's own bands do, or one crossing wall farther. */
    private Piece piece(WallLine line, int from, int to) {
        var bodyFrom = Double.POSITIVE_INFINITY;
        var bodyTo = Double.NEGATIVE_INFINITY;
        for (var t : line.tracks()) {
            if (Math.min(t.to(), to) - Math.max(t.from(), from) >= 3) {
                bodyFrom = Math.min(bodyFrom, Math.max(from, t.from()));
                bodyTo = Math.max(bodyTo, Math.min(to, t.to()));
            }
        }
        if (bodyTo < bodyFrom) {
            return new Piece(from, to, false, from, to);
        }
        var more = 1.05 * thickest + 3;
        return new Piece(Math.max(from, bodyFrom - more), Math.min(to, bodyTo + more), true, bodyFrom, bodyTo);
    }

    private Gap refined(WallLine line, Gap g) {
        if (g.width() == 0) {
            return g;
        }
        var from = Faces.jamb(direction, line, g.from(), 1);
        var to = Faces.jamb(direction, line, g.to(), -1);
        return new Gap(from, to, g.kind(), g.arc(), g.sure());
    }

    private Optional<Gap> gap(WallLine line, Piece a, Piece b, Optional<Double> doorPx, boolean plain) {
        double from = a.to, to = b.from, g = to - from;
        if (!a.own && !b.own || g > WIDEST * tones.extentPx()) {
            return Optional.empty();
        }
        if (g < NARROWEST_DOOR * tones.extentPx()) {
            return a.own && b.own ? bridged(from) : Optional.empty();
        }
        return sign(line, from, to)
                .or(() -> plain && isPlain(line, a, b, g, doorPx)
                        ? Optional.of(new Gap(from, to, Gap.Kind.PLAIN, Gap.NO_ARC, 0.5))
                        : Optional.empty());
    }

    /** A hole too narrow for a door: the wall goes on. */
    private static Optional<Gap> bridged(double at) {
        return Optional.of(new Gap(at, at, Gap.Kind.PLAIN, Gap.NO_ARC, 0));
    }

    /** Where a gap is looked at; it is looked at again once the doors are known. */
    private record Looked(double across, double from, double to) {}

    private Optional<Gap> sign(WallLine line, double from, double to) {
        return seen.computeIfAbsent(new Looked(line.across(), from, to), _ -> lookedAt(line, from, to));
    }

    private Optional<Gap> lookedAt(WallLine line, double from, double to) {
        var pen = tones.penPx();
        var strips = Signs.strips(direction, line, from, to, tones.line());
        var door = to - from > WIDEST_DOOR * tones.extentPx()
                ? Optional.<Signs.Arc>empty()
                : Signs.door(direction, line, from, to, pen);
        if (door.isPresent() && (strips < 2 || door.get().share() > 0.85)) {
            return Optional.of(
                    new Gap(from, to, Gap.Kind.DOOR, door.get(), door.get().share()));
        }
        var pair = Signs.pair(direction, line, from, to, pen);
        if (pair.isPresent() && strips < 2) {
            return Optional.of(
                    new Gap(from, to, Gap.Kind.PAIR, pair.get(), pair.get().share()));
        }
        if (strips >= 1 && isEmpty(line, from, to)) {
            return Optional.of(new Gap(from, to, Gap.Kind.WINDOW, Gap.NO_ARC, strips >= 2 ? 0.95 : 0.6));
        }
        return Optional.empty();
    }

    /** Whether no other wall runs along within a gap. */
    private boolean isEmpty(WallLine line, double from, double to) {
        var half = (int) (line.thickness() / 2) - 1;
        var hits = 0;
        var count = 0;
        for (var s = (int) from + 2; s < to - 2; s += 2) {
            for (var c = -half; c <= half; c++) {
                count++;
                hits += direction.walls().at(line.at(s) + c, s) ? 1 : 0;
            }
        }
        return hits <= FOREIGN * count;
    }

    private boolean isPlain(WallLine line, Piece a, Piece b, double g, Optional<Double> doorPx) {
        var wide = doorPx.map(d -> g >= NARROWEST_PLAIN * d && g <= WIDEST_PLAIN * d)
                .orElse(g <= PLAIN_WITHOUT_DOORS * tones.extentPx());
        return wide && a.own && b.own && isPiece(line, a) && isPiece(line, b);
    }

    /** A piece long enough to be a wall of its own, or tied to one that crosses it. */
    private static boolean isPiece(WallLine line, Piece piece) {
        return piece.length() >= PIECE_OF_PLAIN * line.thickness()
                || piece.from < piece.bodyFrom - 2
                || piece.to > piece.bodyTo + 2;
    }
}
