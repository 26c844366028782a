package honeylamp.derive.tiers;

import honeylamp.units.Length;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The parts of a length as they are shown, so that what is shown adds up. */
public final class RoundedParts {
    private RoundedParts() {}

    /**
     * Rounds so that what is shown adds up to the shown total: all parts are rounded down, and those that lost most get one
     * step more each until the sum is right. Of parts that lost as much the first in order goes first, counted from the
     * end from which the lengths come first, so that a mirrored plan has the mirrored texts. In each unit for itself.
     */
    public static List<String> of(List<Length> lengths, ShownIn in) {
        var first = of(lengths, in.first());
        var second = in.second().map(rounding -> of(lengths, rounding));
        return IntStream.range(0, lengths.size())
                .mapToObj(i -> in.both(first.get(i), second.map(s -> s.get(i))))
                .toList();
    }

    private static List<String> of(List<Length> lengths, Rounding rounding) {
        var fromEnd = order(lengths.reversed(), lengths) < 0;
        var texts = shown(fromEnd ? lengths.reversed() : lengths, rounding);
        return List.copyOf(fromEnd ? texts.reversed() : texts);
    }

    /** The whole as it is shown. */
    public static String total(List<Length> lengths, ShownIn in) {
        return in.one(sum(lengths));
    }

    /** A part that was worked out, to a thousandth of a millimetre: what lies below is the doubt of the working. */
    public static Length part(double mm) {
        return Length.ofMm(Math.rint(mm * 1000) / 1000);
    }

    private static Length sum(List<Length> lengths) {
        return lengths.stream().reduce(Length.ZERO, Length::plus);
    }

    private static List<String> shown(List<Length> lengths, Rounding rounding) {
        var step = rounding.step().nanometres();
        var steps = lengths.stream()
                .mapToLong(l -> Math.floorDiv(l.nanometres(), step))
                .toArray();
        var missing = rounding.steps(sum(lengths)) - Arrays.stream(steps).sum();
        var byLoss = IntStream.range(0, steps.length)
                .boxed()
                .sorted(Comparator.comparingLong(
                        (Integer i) -> -Math.floorMod(lengths.get(i).nanometres(), step)))
                .toList();
        for (var k = 0; k < missing && k < byLoss.size(); k++) {
            steps[byLoss.get(k)]++;
        }
        return Arrays.stream(steps)
                .mapToObj(n -> rounding.shown(rounding.of(n)))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private static int order(List<Length> a, List<Length> b) {
        for (var i = 0; i < a.size(); i++) {
            var by = a.get(i).compareTo(b.get(i));
            if (by != 0) {
                return by;
            }
        }
        return 0;
    }
}
