package honeylamp.illustrate.fitting;

import honeylamp.geometry.Box;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.fitting.LinkRoutes.Route;
import java.util.List;

/**
 * The links on a paper, and what they keep off.
 *
 * @param hard what none may cross
 * @param soft symbols
 */
public record LaidLinks(List<Ring> hard, List<Box> soft, List<Route> routes) {
    /** An empty paper. */
    public static final LaidLinks NONE = new LaidLinks(List.of(), List.of(), List.of());

    /** Freezes the lists. */
    public LaidLinks {
        hard = List.copyOf(hard);
        soft = List.copyOf(soft);
        routes = List.copyOf(routes);
    }
}
