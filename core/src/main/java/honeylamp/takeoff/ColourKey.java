package honeylamp.takeoff;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.Materials;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.plan.Oklch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The colours of the surfaces one sees on a page, and where they are. */
public final class ColourKey {
    private ColourKey() {}

    /**
     * A colour.
     *
     * @param name of the material that has it, and its code
     * @param where the rooms in which it is, each with the parts that have it
     */
    public record Entry(Oklch colour, String name, String where) {}

    private record Named(Oklch colour, String material) {}

    /** Each colour of a material once, in the order in which they are met. */
    public static List<Entry> of(LaidPage page) {
        var by = new LinkedHashMap<Named, LinkedHashMap<String, Set<String>>>();
        for (var seen : SeenSurfaces.on(page)) {
            for (var found : seen.surfaces()) {
                found.finish()
                        .ifPresent(finish -> Materials.of(finish).ifPresent(material -> {
                            var named = new Named(material.in(page.look()).tone(), material.label());
                            by.computeIfAbsent(named, _ -> new LinkedHashMap<>())
                                    .computeIfAbsent(
                                            SurfaceNames.room(seen.storey(), found.surface()),
                                            _ -> new LinkedHashSet<>())
                                    .add(SurfaceNames.kind(found.surface()));
                        }));
            }
        }
        var out = new ArrayList<Entry>();
        by.forEach((named, where) -> {
            var words = new ArrayList<String>();
            where.forEach((room, parts) -> words.add((room.isBlank() ? "" : room + " ") + String.join(", ", parts)));
            out.add(new Entry(
                    named.colour, named.material + ", " + ColourCode.of(named.colour), String.join("; ", words)));
        });
        return out;
    }
}
