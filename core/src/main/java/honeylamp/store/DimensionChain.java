package honeylamp.store;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.tiers.DimensionTiers;
import honeylamp.derive.tiers.SlantedSides;
import honeylamp.plan.Tiers;
import honeylamp.units.ShownIn;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A tier of dimensions in a report.
 *
 * @param side one of the four, or {@code slanted}
 * @param along the wall whose slanted face it runs along; empty if it runs along a side
 * @param parts_mm what lies between its stops, unrounded
 * @param shown the same as they are shown; they add up to {@code total}
 */
record DimensionChain(
        String side, String along, String tier, List<BigDecimal> parts_mm, List<String> shown, String total) {
    private static final Tiers EVERY_TIER = Tiers.of(Tiers.Kind.values());

    /** Every tier there is to a storey, whether any view shows it or not. */
    static List<DimensionChain> of(StoreyGeometry geometry, ShownIn in) {
        var sides = DimensionTiers.of(geometry, in, EVERY_TIER).stream()
                .flatMap(s -> s.tiers().stream())
                .map(t -> new DimensionChain(
                        lower(t.side()), "", lower(t.kind()), parts(t.stopsMm()), t.texts(), t.total()));
        var slanted = SlantedSides.of(geometry, in, EVERY_TIER).stream()
                .flatMap(List::stream)
                .map(t -> {
                    var first = t.stops().getFirst();
                    var along = t.stops().stream().map(first::distance).toList();
                    return new DimensionChain(
                            "slanted", t.along().text(), lower(t.kind()), parts(along), t.texts(), t.total());
                });
        return Stream.concat(sides, slanted).toList();
    }

    private static List<BigDecimal> parts(List<Double> stopsMm) {
        return IntStream.range(1, stopsMm.size())
                .mapToDouble(i -> stopsMm.get(i) - stopsMm.get(i - 1))
                .boxed()
                .map(mm -> BigDecimal.valueOf(mm).setScale(3, RoundingMode.HALF_UP))
                .toList();
    }

    private static String lower(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT);
    }
}
