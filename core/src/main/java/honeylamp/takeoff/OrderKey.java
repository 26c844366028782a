package honeylamp.takeoff;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is to be ordered for the surfaces one sees on a page. */
public final class OrderKey {
    private OrderKey() {}

    /**
     * A line of the list.
     *
     * @param name what it is
     * @param size how large its pieces are and how they lie; nothing of what is laid in one
     * @param figure how much of it
     */
    public record Entry(Material material, String name, String size, String figure) {}

    /** The lines of a page, each material as it is laid once. */
    public static List<Entry> of(LaidPage page) {
        var covered = new ArrayList<Takeoff.Covered>();
        for (var seen : SeenSurfaces.on(page)) {
            covered.addAll(Takeoff.covered(seen.storey(), seen.surfaces()));
        }
        return Takeoff.together(covered).stream()
                .map(t -> new Entry(
                        t.material(),
                        t.material().label(),
                        size(t.material(), page.plan().units()),
                        figure(t, page.plan().units())))
                .toList();
    }

    private static String size(Material material, UnitSystem units) {
        var laying = material.laying();
        if (laying.isSeamless()) {
            return "";
        }
        var usual = Materials.of(material.key()).map(u -> u.laying().pattern());
        var laid = usual.filter(laying.pattern()::equals).isPresent()
                ? ""
                : ", " + Patterns.label(laying.pattern()).toLowerCase(Locale.ROOT);
        var size = Patterns.hasLength(laying.pattern())
                ? LengthText.rounded(laying.width(), units) + " \u00d7 " + LengthText.rounded(laying.length(), units)
                : LengthText.rounded(laying.width(), units);
        return size + laid;
    }

    private static String figure(Takeoff.Together all, UnitSystem units) {
        var goods = all.material().laying().goods();
        var litres = Takeoff.litres(all.material(), all.areaMm2());
        if (all.count().isPresent() && !all.material().laying().isSeamless()) {
            var count = all.count().get();
            return count.boxes(goods, 0)
                    .filter(boxes -> boxes > 0)
                    .map(boxes -> boxes + (boxes == 1 ? " box" : " boxes"))
                    .orElse(count.ordered() + " pieces");
        }
        return litres > 0 ? Words.of("%.1f litres", litres) : AreaText.rounded(all.areaMm2(), units);
    }
}
