package honeylamp.derive.listing;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Fitting;
import honeylamp.plan.Storey;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Groups that are switched on a storey while their lights are on another one: no link is drawn there, so it is said.
 *
 * @param where by number, in the words people see: "up" or "down"
 */
public record GroupsElsewhere(Map<Integer, String> where) {
    /** Freezes the map. */
    public GroupsElsewhere {
        where = Map.copyOf(where);
    }

    /** Those of a storey. */
    public static GroupsElsewhere of(LaidStorey storey) {
        var out = new HashMap<Integer, String>();
        var all = storey.plan().storeys();
        var at = all.stream().map(Storey::id).toList().indexOf(storey.id());
        for (var i = 0; i < all.size(); i++) {
            if (i != at) {
                var way = i > at ? "up" : "down";
                lit(all.get(i)).forEach(g -> out.merge(g, way, (a, b) -> a.equals(b) ? a : "up and down"));
            }
        }
        lit(all.get(at)).forEach(out::remove);
        return new GroupsElsewhere(out);
    }

    private static List<Integer> lit(Storey storey) {
        return storey.fittings().stream()
                .filter(f -> f.kind().isLight() && f.stands())
                .flatMap(f -> f.group().stream())
                .distinct()
                .toList();
    }

    /** A group of a fitting as it is written: its number, of a switch with where its lights are. */
    public String words(Fitting fitting, int group) {
        var there = fitting.kind().isSwitch() ? where.getOrDefault(group, "") : "";
        return there.isEmpty() ? Integer.toString(group) : group + " " + there;
    }
}
