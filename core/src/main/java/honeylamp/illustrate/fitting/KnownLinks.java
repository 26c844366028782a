package honeylamp.illustrate.fitting;

import honeylamp.geometry.Box;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.fitting.LinkRoutes.Ends;
import honeylamp.illustrate.fitting.LinkRoutes.Route;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Links that were laid before, as far as they still hold. A link depends on what lies around it and on those laid before it;
 * so it is as it was while nothing of that has come, gone or moved.
 */
final class KnownLinks {
    /** Where more than this has changed, all is sought again. */
    private static final int MOST_CHANGES = 400;

    private final Map<Ends, Route> known = new HashMap<>();
    private final List<Box> changed = new ArrayList<>();

    KnownLinks(LaidLinks before, List<Ends> asked, List<Ring> hard, List<Box> soft) {
        if (new HashSet<>(asked).size() < asked.size() || isTwice(before)) {
            return;
        }
        differing(before.hard(), hard, Ring::bounds);
        differing(before.soft(), soft, Function.identity());
        var inOrder = inOrder(before, asked);
        for (var route : before.routes()) {
            if (inOrder.contains(route.ends())) {
                known.put(route.ends(), route);
            } else {
                changed.add(route.box());
            }
        }
        if (changed.size() > MOST_CHANGES) {
            known.clear();
        }
    }

    private static boolean isTwice(LaidLinks before) {
        return before.routes().stream().map(Route::ends).distinct().count()
                < before.routes().size();
    }

    /**
     * As many as can be of those asked again in the order in which they were laid: the longest rising run of their numbers
     * (C. Schensted, Longest increasing and decreasing subsequences, Canad. J. Math. 13, 1961).
     */
    private static Set<Ends> inOrder(LaidLinks before, List<Ends> asked) {
        var number = new HashMap<Ends, Integer>();
        before.routes().forEach(r -> number.put(r.ends(), number.size()));
        var again = asked.stream().filter(number::containsKey).toList();
        var last = new TreeMap<Integer, Integer>(); // by the number a run ends with, where in the list that is
        var earlier = new int[again.size()];
        for (var i = 0; i < again.size(); i++) {
            var at = Objects.requireNonNull(number.get(again.get(i)));
            var shorter = last.lowerEntry(at);
            earlier[i] = shorter == null ? -1 : shorter.getValue();
            var replaced = last.ceilingKey(at);
            if (replaced != null) {
                last.remove(replaced);
            }
            last.put(at, i);
        }
        var out = new HashSet<Ends>();
        for (var i = last.isEmpty() ? -1 : last.lastEntry().getValue(); i >= 0; i = earlier[i]) {
            out.add(again.get(i));
        }
        return out;
    }

    private <T> void differing(Collection<T> before, Collection<T> now, Function<T, Box> box) {
        var was = new HashSet<>(before);
        var is = new HashSet<>(now);
        was.stream().filter(t -> !is.contains(t)).map(box).forEach(changed::add);
        is.stream().filter(t -> !was.contains(t)).map(box).forEach(changed::add);
    }

    /** A link as it was laid, if nothing around it has changed. */
    Optional<Route> still(Ends ends) {
        var around = ends.around();
        return Optional.ofNullable(known.get(ends)).filter(_ -> changed.stream().noneMatch(around::meets));
    }

    /** Takes note of a link that was sought: those after it keep off where it is, and no longer off where it was. */
    Route found(Route route) {
        var was = known.get(route.ends());
        if (was == null || !was.points().equals(route.points())) {
            changed.add(route.box());
            if (was != null) {
                changed.add(was.box());
            }
        }
        return route;
    }
}
