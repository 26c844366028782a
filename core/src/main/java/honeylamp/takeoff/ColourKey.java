package honeylamp.takeoff;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.plan.Oklch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The colours of the surfaces one sees on a page, and where they are. */
public final class ColourKey {
    private ColourKey() {}

    /**
     * A colour.
     *
     * @param name of the material that has it, and its code
     * @param material one that has it
     * @param where the rooms in which it is, each with the parts that have it
     */
    public record Entry(Oklch colour, String name, String where, Material material) {}

    private record Named(Oklch colour, String material) {}

    /** Where a colour is, by room. */
    private record Places(Material first, Map<String, Set<String>> rooms) {}

    /** Each colour of a material once, in the order in which they are met. */
    public static List<Entry> of(LaidPage page) {
        var by = new LinkedHashMap<Named, Places>();
        for (var seen : SeenSurfaces.on(page)) {
            for (var found : seen.surfaces()) {
                found.finish()
                        .ifPresent(finish -> Materials.of(finish).ifPresent(material -> {
                            var named = new Named(material.in(page.look()).tone(), material.label());
                            by.computeIfAbsent(named, _ -> new Places(material, new LinkedHashMap<>()))
                                    .rooms()
                                    .computeIfAbsent(
                                            SurfaceNames.room(seen.storey(), found.surface()),
                                            _ -> new LinkedHashSet<>())
                                    .add(SurfaceNames.kind(found.surface()));
                        }));
            }
        }
        var out = new ArrayList<Entry>();
        by.forEach((named, places) -> {
            var words = new ArrayList<String>();
            places.rooms.forEach(
                    (room, parts) -> words.add((room.isBlank() ? "" : room + " ") + String.join(", ", parts)));
            out.add(new Entry(
                    named.colour,
                    named.material + ", " + ColourCode.of(named.colour),
                    String.join("; ", words),
                    places.first));
        });
        return out;
    }
}
