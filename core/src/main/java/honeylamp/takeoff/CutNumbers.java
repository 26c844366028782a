package honeylamp.takeoff;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Surface;
import honeylamp.takeoff.tiles.Cutting;
import honeylamp.takeoff.tiles.Nesting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The numbers of cut pieces. The whole pieces of a finish that are cut up are numbered from 1; what comes out of one has
 * its number, and a letter if there is more than one.
 */
public final class CutNumbers {
    /** More cuts of a material than this are neither listed nor numbered. */
    static final int MOST = 6_000;

    private static final int LETTERS = 26;

    private CutNumbers() {}

    /**
     * A cut piece.
     *
     * @param frame in which it lies, that of a stretch of its surface
     * @param middle of it, in that frame, mm
     * @param along one of its sides, one long, in that frame
     * @param alongMm how long it is that way
     * @param acrossMm and across
     */
    public record Numbered(
            StoreyId storey,
            Surface surface,
            Surfaces.Frame frame,
            Point middle,
            Point along,
            double alongMm,
            double acrossMm,
            String number) {
        /** Whether a point lies within the box around it. */
        public boolean holds(Point there) {
            var from = there.minus(middle);
            return Math.abs(from.dot(along)) <= alongMm / 2 && Math.abs(from.dot(along.left())) <= acrossMm / 2;
        }
    }

    /** The cut pieces of all surfaces of a plan. */
    public static List<Numbered> of(LaidPlan plan) {
        var out = new ArrayList<Numbered>();
        for (var together : Takeoff.together(Takeoff.covered(plan))) {
            together.count().map(TileCount::cuts).filter(CutNumbers::isListed).ifPresent(cuts -> {
                var numbers = numbers(cuts);
                var at = 0;
                for (var covered : together.surfaces()) {
                    var cut = covered.count().orElseThrow().cuts().all().iterator();
                    for (var stretch : covered.stretches()) {
                        for (var k = 0; k < stretch.cuts(); k++) {
                            out.add(numbered(covered, stretch.frame(), cut.next(), numbers[at++]));
                        }
                    }
                }
            });
        }
        return List.copyOf(out);
    }

    static boolean isListed(TileCount.Cuts cuts) {
        return !cuts.all().isEmpty() && cuts.all().size() <= MOST;
    }

    private static Numbered numbered(Takeoff.Covered on, Surfaces.Frame frame, Cutting.Cut cut, String number) {
        return new Numbered(
                on.storey(), on.surface(), frame, cut.middle(), cut.along(), cut.widthMm(), cut.heightMm(), number);
    }

    private static String[] numbers(TileCount.Cuts cuts) {
        var out = new String[cuts.all().size()];
        Arrays.fill(out, "");
        var tiles = Nesting.of(cuts.all(), cuts.bladeMm()).tiles();
        for (var n = 0; n < tiles.size(); n++) {
            var taken = tiles.get(n).taken();
            for (var k = 0; k < taken.size(); k++) {
                out[taken.get(k).cut()] = (n + 1) + (taken.size() > 1 ? letter(k) : "");
            }
        }
        return out;
    }

    /** a to z, then aa and so on. */
    private static String letter(int k) {
        var last = String.valueOf((char) ('a' + k % LETTERS));
        return k < LETTERS ? last : letter(k / LETTERS - 1) + last;
    }

    /** Numbers in words, those that follow each other as one stretch: {@code 1-3, 7}. */
    static String words(List<Integer> numbers) {
        var stretches = new ArrayList<int[]>();
        for (var n : numbers.stream().sorted().toList()) {
            if (!stretches.isEmpty() && stretches.getLast()[1] == n - 1) {
                stretches.getLast()[1] = n;
            } else {
                stretches.add(new int[] {n, n});
            }
        }
        return stretches.stream()
                .map(s -> s[0] == s[1] ? String.valueOf(s[0]) : s[0] + "\u2013" + s[1])
                .collect(Collectors.joining(", "));
    }
}
