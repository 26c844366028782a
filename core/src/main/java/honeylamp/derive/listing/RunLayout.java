package honeylamp.derive.listing;

import honeylamp.plan.Furnishing;
import honeylamp.plan.Run;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What makes up a run from its left end to its right: the units asked for where they have room, between them units of the
 * series that fill best, and fillers for what is left. The same run of the same width is always made up alike.
 *
 * @param parts from left to right; their widths add up to the run
 * @param leftOut units asked for that have no room
 */
public record RunLayout(List<Part> parts, List<RunUnit> leftOut) {
    /** What is let into a counter leaves so much of it before and behind. */
    private static final Length LEDGE = Length.ofMm(45);

    /** A cut-out keeps so far from both sides of its unit. */
    private static final Length BESIDE = Length.ofMm(20);

    /** What is longer than any house is closed by a filler, so that nobody waits for a mistyped length. */
    private static final long MOST_STEPS = 2_000;

    private static final Length HOB_DEPTH = Length.ofMm(510);
    private static final Length SINK_DEPTH = Length.ofMm(500);
    private static final Length SINK_WIDTH = Length.ofMm(860);

    /**
     * A part of a run.
     *
     * @param from its left side, from the left end of the run
     * @param asked if somebody asked for it
     */
    public record Part(Kind kind, Length from, Length width, Optional<RunUnit> asked) {
        /** Its right side. */
        public Length to() {
            return from.plus(width);
        }

        /** Its middle. */
        public Length middle() {
            return from.plus(half(width));
        }

        /** The hole in the counter above it, the depth of which is given; none for most. */
        public Optional<CutOut> cutOut(Length depth) {
            if (!kind.isLetIn()) {
                return Optional.empty();
            }
            return asked.flatMap(RunUnit::cutOut).or(() -> {
                var widest = width.minus(BESIDE).minus(BESIDE);
                var deepest = depth.minus(LEDGE).minus(LEDGE);
                var usual = kind == Kind.HOB
                        ? new CutOut(widest, HOB_DEPTH)
                        : new CutOut(Length.min(SINK_WIDTH, widest), SINK_DEPTH);
                return Optional.of(new CutOut(usual.width(), Length.min(usual.depth(), deepest)));
            });
        }
    }

    public RunLayout {
        parts = List.copyOf(parts);
        leftOut = List.copyOf(leftOut);
    }

    /** The layout of a piece; empty if it is no run. */
    public static Optional<RunLayout> of(Furnishing piece) {
        return piece.run().map(run -> of(run, piece.width()));
    }

    /** The layout of a run so wide. */
    public static RunLayout of(Run run, Length width) {
        var leftOut = new ArrayList<RunUnit>();
        var asked = new ArrayList<RunUnit>();
        var taken = Length.ZERO;
        for (var unit : run.units()) {
            if (taken.plus(unit.width()).compareTo(width) <= 0) {
                asked.add(unit);
                taken = taken.plus(unit.width());
            } else {
                leftOut.add(unit);
            }
        }
        var parts = new ArrayList<Part>();
        var at = Length.ZERO;
        var still = taken;
        for (var unit : asked) {
            still = still.minus(unit.width());
            var latest = width.minus(still).minus(unit.width());
            var from = Length.max(at, Length.min(latest, less(unit.at(), half(unit.width()))));
            fill(parts, run, at, from, width);
            parts.add(new Part(unit.kind(), from, unit.width(), Optional.of(unit)));
            at = from.plus(unit.width());
        }
        fill(parts, run, at, width, width);
        return new RunLayout(parts, leftOut);
    }

    /** Fills a gap; what is left of it is closed at the end of the run, or at its right side between two units. */
    private static void fill(List<Part> out, Run run, Length from, Length to, Length end) {
        var gap = to.minus(from);
        if (gap.nanometres() <= 0) {
            return;
        }
        var widths = widths(run.series(), gap);
        var filler = gap;
        for (var width : widths) {
            filler = filler.minus(width);
        }
        var at = from;
        var isFirst = from.equals(Length.ZERO) && !to.equals(end);
        if (filler.nanometres() > 0 && isFirst) {
            out.add(new Part(Kind.FILLER, at, filler, Optional.empty()));
            at = at.plus(filler);
        }
        for (var width : widths) {
            out.add(new Part(run.filling(), at, width, Optional.empty()));
            at = at.plus(width);
        }
        if (filler.nanometres() > 0 && !isFirst) {
            out.add(new Part(Kind.FILLER, at, filler, Optional.empty()));
        }
    }

    /**
     * Widths of a series that fill a gap best: as little as can be left over, then as few as can be, then as even as can be;
     * the widest first. Worked out in steps of the least common measure of the series.
     */
    static List<Length> widths(Run.Series series, Length gap) {
        var step = series == Run.Series.METRIC ? Length.ofMm(50) : Length.ofInches(3);
        var most = (int) Math.min(MOST_STEPS, gap.nanometres() / step.nanometres());
        var sizes = series.widths().stream()
                .mapToInt(w -> (int) (w.nanometres() / step.nanometres()))
                .toArray();
        // of every sum the fewest pieces, and of those the most even: the least sum of squares
        var best = new Fill[most + 1];
        best[0] = new Fill(0, 0, 0);
        for (var sum = 1; sum <= most; sum++) {
            for (var size : sizes) {
                var before = size <= sum ? best[sum - size] : null;
                if (before != null) {
                    var found = new Fill(before.many + 1, before.squares + (long) size * size, size);
                    if (best[sum] == null || found.isBetter(best[sum])) {
                        best[sum] = found;
                    }
                }
            }
        }
        var sum = most;
        while (best[sum] == null) {
            sum--;
        }
        var out = new ArrayList<Length>();
        while (sum > 0) {
            var size = best[sum].last;
            out.add(new Length(size * step.nanometres()));
            sum -= size;
        }
        out.sort((a, b) -> b.compareTo(a));
        return List.copyOf(out);
    }

    /** Pieces that make up a sum; the last of them in steps. */
    private record Fill(int many, long squares, int last) {
        boolean isBetter(Fill other) {
            return many < other.many || many == other.many && squares < other.squares;
        }
    }

    private static Length half(Length length) {
        return new Length(length.nanometres() / 2);
    }

    /** The difference, at least nothing. */
    private static Length less(Length from, Length by) {
        return Length.max(Length.ZERO, from.minus(by));
    }
}
