package honeylamp.catalogue;

import honeylamp.plan.OpeningKind;
import honeylamp.plan.OpeningKind.Size;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;

/** Widths openings usually have in the wall, and a few made-up products to begin with. */
public final class OpeningSizes {
    private OpeningSizes() {}

    /** A product of a fixed size. */
    public record Product(String name, OpeningKind kind, Size size) {}

    /** The usual widths of a kind, by rising width. */
    public static List<Length> widths(OpeningKind kind, UnitSystem units) {
        return units.isMetric() ? metric(kind) : inches(kind);
    }

    /** The width that follows another in the list of a kind; the first after the last. */
    public static Length after(OpeningKind kind, UnitSystem units, Length width) {
        var widths = widths(kind, units);
        return widths.stream().filter(w -> w.compareTo(width) > 0).findFirst().orElseGet(widths::getFirst);
    }

    private static List<Length> metric(OpeningKind kind) {
        return switch (kind) {
            case DOOR, POCKET_DOOR, SLIDING_DOOR -> mm(635, 760, 885, 1010);
            case OUTER_DOOR -> mm(885, 1010, 1135);
            case PAIR_DOOR, UNEQUAL_PAIR -> mm(1260, 1500, 1760, 2010);
            case SLIDING_PAIR, PARTING_DOOR -> mm(1500, 1800, 2100, 2400);
            case FOLDING_DOOR -> mm(1000, 1400, 1800, 2600);
            case GARAGE_DOOR -> mm(2375, 2500, 3000, 5000);
            case PLAIN, ARCHED -> mm(800, 1000, 1200, 1600);
            case FIXED_WINDOW, CASEMENT_WINDOW, SLIDING_WINDOW, TILT_WINDOW -> mm(600, 900, 1200, 1500, 1800);
            case ROUND_WINDOW -> mm(400, 600, 800, 1000);
            case CORNER_WINDOW -> mm(800, 1000, 1250, 1500);
        };
    }

    private static List<Length> inches(OpeningKind kind) {
        return switch (kind) {
            case DOOR, POCKET_DOOR, SLIDING_DOOR -> in(26, 30, 32, 34, 38);
            case OUTER_DOOR -> in(34, 38, 44);
            case PAIR_DOOR, UNEQUAL_PAIR -> in(50, 60, 62, 74);
            case SLIDING_PAIR, PARTING_DOOR -> in(60, 72, 96);
            case FOLDING_DOOR -> in(36, 48, 56, 72);
            case GARAGE_DOOR -> in(96, 108, 120, 192);
            case PLAIN, ARCHED -> in(32, 36, 48, 60);
            case FIXED_WINDOW, CASEMENT_WINDOW, SLIDING_WINDOW, TILT_WINDOW -> in(24, 36, 48, 60, 72);
            case ROUND_WINDOW -> in(18, 24, 32, 40);
            case CORNER_WINDOW -> in(32, 40, 48, 60);
        };
    }

    private static List<Length> mm(int... widths) {
        return Arrays.stream(widths).mapToObj(Length::ofMm).toList();
    }

    private static List<Length> in(int... widths) {
        return Arrays.stream(widths).mapToObj(Length::ofInches).toList();
    }

    /** Products to begin with; people add their own. */
    public static List<Product> products(UnitSystem units) {
        return units.isMetric()
                ? List.of(
                        new Product("Tarn flush door 82", OpeningKind.DOOR, size(Length.ofMm(890), 0, 2040)),
                        new Product("Tarn glazed pair 150", OpeningKind.PAIR_DOOR, size(Length.ofMm(1530), 0, 2040)),
                        new Product("Skerry entrance 100", OpeningKind.OUTER_DOOR, size(Length.ofMm(1060), 0, 2140)),
                        new Product(
                                "Skerry casement C4", OpeningKind.CASEMENT_WINDOW, size(Length.ofMm(1180), 900, 2080)),
                        new Product(
                                "Skerry fixed light F2", OpeningKind.FIXED_WINDOW, size(Length.ofMm(780), 900, 2080)))
                : List.of(
                        new Product("Tarn flush door 32", OpeningKind.DOOR, inches(34.25, 0, 82.5)),
                        new Product("Skerry entrance 36", OpeningKind.OUTER_DOOR, inches(38.5, 0, 83)),
                        new Product("Skerry casement C48", OpeningKind.CASEMENT_WINDOW, inches(48.5, 34, 82.5)));
    }

    private static Size size(Length width, int sillMm, int headMm) {
        return new Size(width, Length.ofMm(sillMm), Length.ofMm(headMm));
    }

    private static Size inches(double width, double sill, double head) {
        return new Size(Length.ofInches(width), Length.ofInches(sill), Length.ofInches(head));
    }
}
