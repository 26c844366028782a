package honeylamp.takeoff.lighting;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.KeptFitting;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What of fittings is typed and chosen on their card. */
public final class FittingTyping {
    private FittingTyping() {}

    /** A light that shines as it was measured; its colour and whether it dims no file says. */
    public static Fitting measured(Fitting light, Photometry as) {
        var named = light.buying().name().isBlank() && !as.name().isBlank()
                ? light.withBuying(light.buying().withName(as.name()))
                : light;
        return named.withEmission(
                named.emission().map(e -> as.light().withKelvin(e.kelvin()).withDimming(e.dimming())));
    }

    /** The kinds that a fitting can become where it is: of rows only lights. */
    public static List<FittingKind> kindsFor(Fitting fitting) {
        var mount = fitting.kind().mount();
        return Arrays.stream(FittingKind.values())
                .filter(k -> k.mount() == mount && (k.isLight() || !(fitting.on() instanceof Fitting.Row)))
                .toList();
    }

    /** A fitting as another kind, with the light that usually gives; groups go where they cannot be. */
    public static Fitting as(Fitting fitting, FittingKind kind) {
        if (kind == fitting.kind()) {
            return fitting;
        }
        var groups = kind.isLight()
                ? fitting.groups().stream().limit(1).toList()
                : kind.isSwitch() ? fitting.groups() : List.<Integer>of();
        return new Fitting(
                fitting.id(),
                kind,
                fitting.on(),
                fitting.turnDeg(),
                fitting.length(),
                Fittings.emission(kind),
                groups,
                fitting.circuit(),
                fitting.works(),
                fitting.buying());
    }

    /** A fitting as a product that can be where it is. */
    public static Fitting as(Fitting fitting, KeptFitting product) {
        return product.insteadOf(as(fitting, product.kind()));
    }

    /**
     * Numbers of groups as they are typed, with commas or spaces between.
     *
     * @param most so many of them
     * @return empty if what is typed is not that
     */
    public static Optional<List<Integer>> groups(String typed, int most) {
        var out = new ArrayList<Integer>();
        for (var word : typed.strip().split("[,;\\s]+")) {
            if (!word.isEmpty()) {
                if (!word.matches("[0-9]{1,3}") || Integer.parseInt(word) < 1) {
                    return Optional.empty();
                }
                var number = Integer.parseInt(word);
                if (!out.contains(number)) {
                    out.add(number);
                }
            }
        }
        return out.size() <= most ? Optional.of(out) : Optional.empty();
    }

    /** How many a row has, how far apart, and how their beams overlap at work height. */
    public static String rowWords(StoreyGeometry geometry, Fitting row, UnitSystem units) {
        var placed = FittingPlaces.of(geometry, row);
        if (placed.size() < 2) {
            return placed.isEmpty() ? "There is no room for it." : "One only.";
        }
        var first = placed.getFirst();
        var apart = placed.stream()
                .skip(1)
                .mapToDouble(p -> p.at().distance(first.at()))
                .min()
                .orElseThrow();
        var overlap = row.emission().flatMap(e -> EvenLayout.overlap(e, first.heightMm(), apart));
        return placed.size() + ", " + LengthText.rounded(Length.ofMm(Math.rint(apart)), units) + " apart"
                + overlap.map(o -> o > 0
                                ? Words.of("; beams overlap by %.0f %% at work height", o * 100)
                                : "; beams do not meet at work height")
                        .orElse("")
                + ".";
    }
}
