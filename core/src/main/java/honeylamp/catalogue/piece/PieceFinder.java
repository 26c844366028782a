package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.UnitSystem;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Finds kinds by words, by the room they stand in ("bedroom"), and by how wide they may be: "sofa", "sofa under 2100", "bed over 5'", "wardrobe 1500". */
public final class PieceFinder {
    private static final Pattern BOUND =
            Pattern.compile("^(.*?)\\s*\\b(under|below|up to|at most|over|above|from|at least)\\s+(.+)$");

    /** A size of its own after the words: from the first digit on. */
    private static final Pattern SIZED = Pattern.compile("^(\\D*?)\\s*(\\d.*)$");

    /** So much wider or narrower is still as wide as was asked for. */
    private static final double NEAR_MM = 20;

    private PieceFinder() {}

    /** A kind in one of its sizes. */
    public record Found(FurnishingKind kind, Made made) {}

    private enum Bound {
        MOST,
        LEAST,
        NEAR
    }

    /** What was asked for; no width means any. */
    private record Asked(String words, Bound bound, Optional<Length> width) {}

    /**
     * The kinds that match, each in its widest size that is narrow enough, or its narrowest that is wide enough, or else
     * its usual one; those whose name begins with the words come first.
     */
    public static List<Found> find(String text, UnitSystem units) {
        return find(text, units, List.of());
    }

    /**
     * The same, among further kinds too.
     *
     * @param mine kinds somebody drew, told before others
     */
    public static List<Found> find(String text, UnitSystem units, List<FurnishingKind> mine) {
        var asked = asked(text.strip().toLowerCase(Locale.ROOT), units);
        var words = asked.words.isEmpty() ? List.<String>of() : List.of(asked.words.split("\\s+"));
        return Stream.concat(mine.stream(), Furnishings.all().stream())
                .filter(k -> words.stream().allMatch(w -> isCalled(k, w)))
                .flatMap(k -> made(k, asked, units).map(m -> new Found(k, m)).stream())
                .sorted(Comparator.comparing(
                        f -> !f.kind().label().toLowerCase(Locale.ROOT).startsWith(asked.words)))
                .toList();
    }

    /** Whether a word is in its names, or is that of a room it stands in. */
    private static boolean isCalled(FurnishingKind kind, String word) {
        return kind.found().contains(word) || kind.group().rooms().contains(word) || word.equals("room");
    }

    private static Asked asked(String text, UnitSystem units) {
        var bound = BOUND.matcher(text);
        if (bound.matches() && length(bound.group(3), units).isPresent()) {
            var isMost = Stream.of("under", "below", "up to", "at most").anyMatch(bound.group(2)::equals);
            return new Asked(bound.group(1).strip(), isMost ? Bound.MOST : Bound.LEAST, length(bound.group(3), units));
        }
        var sized = SIZED.matcher(text);
        if (sized.matches() && length(sized.group(2), units).isPresent()) {
            return new Asked(sized.group(1).strip(), Bound.NEAR, length(sized.group(2), units));
        }
        return new Asked(text, Bound.NEAR, Optional.empty());
    }

    private static Optional<Length> length(String text, UnitSystem units) {
        return LengthReader.positive(text, units) instanceof LengthReading.Good(var length)
                ? Optional.of(length)
                : Optional.empty();
    }

    private static Optional<Made> made(FurnishingKind kind, Asked asked, UnitSystem units) {
        var sizes = kind.sizes(units);
        if (asked.width.isEmpty()) {
            return Optional.of(sizes.getFirst());
        }
        var mm = asked.width.get().mm();
        var byWidth = Comparator.comparing(Made::width);
        return switch (asked.bound) {
            case MOST -> sizes.stream().filter(m -> m.width().mm() <= mm).max(byWidth);
            case LEAST -> sizes.stream().filter(m -> m.width().mm() >= mm).min(byWidth);
            case NEAR ->
                sizes.stream()
                        .filter(m -> Math.abs(m.width().mm() - mm) <= NEAR_MM)
                        .findFirst();
        };
    }
}
