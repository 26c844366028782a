package honeylamp.edit;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Puts openings that keep to something back to where that is after an edit: into the middle of their stretch, or
 * so far from its end. The stretch is the one bounded by the same walls as before the edit.
 *
 * <p>Law: settling a settled plan changes nothing.
 */
public final class Settling {
    /** What stands at the end of a stretch is looked for within this distance of it. */
    private static final double AT_END_MM = 2;

    /** An opening nearer than this to its place is there: the rounding of derived corners. */
    private static final double THERE_MM = 1e-4;

    /** A stretch whose end meets a wall it met before counts as so much nearer. */
    private static final double KNOWN_END_MM = 1e6;

    private Settling() {}

    /** The plan after an edit, its openings settled on the storey that was derived before the edit. */
    public static Plan settled(StoreyGeometry before, Plan plan) {
        var id = before.storey().id();
        var storey = plan.storey(id);
        var openings = storey.openings();
        if (openings.stream().allMatch(o -> o.keeping().rule() == Rule.AS_PUT)
                || storey.walls() == before.storey().walls()
                        && openings == before.storey().openings()) {
            return plan;
        }
        return settled(before, plan, StoreyGeometry.network(plan, storey));
    }

    /** The same, where the walls after the edit are joined already; openings in walls left out of that stay. */
    public static Plan settled(StoreyGeometry before, Plan plan, WallNetwork after) {
        var storey = plan.storey(before.storey().id());
        var there = new Settling.Storeys(before, storey, after);
        var openings = new ArrayList<Opening>();
        var moved = false;
        for (var opening : storey.openings()) {
            var settled = there.settled(opening);
            moved |= settled != opening;
            openings.add(settled);
        }
        return moved ? plan.withStorey(storey.id(), s -> s.with(Opening.class, openings)) : plan;
    }

    /** What is closed up is in the way only of what is closed up too. */
    private record Among(WallId host, boolean stands) {
        static Among of(Opening opening) {
            return new Among(opening.host(), opening.stands());
        }
    }

    private static final class Storeys {
        private final WallNetwork network;
        private final WallNetwork networkBefore;
        private final Map<WallId, Wall> walls = new HashMap<>();
        private final Map<WallId, Wall> wallsBefore = new HashMap<>();
        private final Map<Among, List<Opening>> inWall = new HashMap<>();
        private final Map<Integer, Opening> openingsBefore = new HashMap<>();

        Storeys(StoreyGeometry before, Storey storey, WallNetwork after) {
            network = after;
            networkBefore = before.network();
            storey.walls().forEach(w -> walls.put(w.id(), w));
            before.storey().walls().forEach(w -> wallsBefore.put(w.id(), w));
            storey.openings()
                    .forEach(o -> inWall.computeIfAbsent(Among.of(o), _ -> new ArrayList<>())
                            .add(o));
            before.storey().openings().forEach(o -> openingsBefore.put(o.id().number(), o));
        }

        Opening settled(Opening opening) {
            if (opening.keeping().rule() == Rule.AS_PUT
                    || network.of(opening.host()).isEmpty()) {
                return opening;
            }
            var wall = Objects.requireNonNull(walls.get(opening.host()));
            var others = inWall.getOrDefault(Among.of(opening), List.of());
            var stretch = stretch(opening, wall, others);
            var wanted = place(opening, stretch, others);
            var offset = holds(stretch, wanted, opening) ? wanted : across(stretch, opening);
            return Math.abs(offset - opening.offset().mm()) < THERE_MM
                    ? opening
                    : opening.withOffset(Length.ofMm(Math.max(0, offset)));
        }

        private static boolean holds(ClearDistances stretch, double fromMm, Opening opening) {
            return fromMm >= stretch.stretchFromMm() - THERE_MM
                    && fromMm + opening.width().mm() <= stretch.stretchToMm() + THERE_MM;
        }

        /**
         * Over the end of its stretch, where there is no room: what is derived then shows the opening at the nearest
         * place that has, and a snag says that it does not keep what it should.
         */
        private static double across(ClearDistances stretch, Opening opening) {
            return stretch.stretchToMm() - opening.width().mm() / 2;
        }

        private static double place(Opening opening, ClearDistances stretch, List<Opening> inWall) {
            var k = opening.keeping();
            var width = opening.width().mm();
            return switch (k.rule()) {
                case AS_PUT -> opening.offset().mm();
                case FROM_FIRST -> stretch.stretchFromMm() + k.nib().mm();
                case FROM_SECOND -> stretch.stretchToMm() - k.nib().mm() - width;
                case EVEN -> evenly(opening, stretch, inWall);
            };
        }

        /** Equal gaps, also where the openings of the row differ in width. */
        private static double evenly(Opening opening, ClearDistances stretch, List<Opening> inWall) {
            var k = opening.keeping();
            var row = inWall.stream()
                    .filter(o -> o.keeping().rule() == Rule.EVEN
                            && o.keeping().of() == k.of()
                            && o.keeping().between() == k.between())
                    .toList();
            var whole = k.of() > 1 && row.size() == k.of();
            var all = whole ? width(row) : k.of() * opening.width().mm();
            var before = whole
                    ? width(row.stream()
                            .filter(o -> o.keeping().place() < k.place())
                            .toList())
                    : (k.place() - 1) * opening.width().mm();
            return stretch.stretchFromMm() + k.place() * (stretch.lengthMm() - all) / (k.of() + 1) + before;
        }

        private static double width(List<Opening> openings) {
            return openings.stream().mapToDouble(o -> o.width().mm()).sum();
        }

        /** Of the stretches of the wall the one between the walls that bounded it before, else the nearest. */
        private ClearDistances stretch(Opening opening, Wall wall, List<Opening> others) {
            var known = before(opening);
            var middle = opening.middleMm();
            return Stretches.of(network, wall, opening, others).stream()
                    .min(Comparator.comparingDouble(s -> s.beyondMm(middle)
                            - known.map(k -> KNOWN_END_MM * k.alike(ends(network, wall, s)))
                                    .orElse(0.0)))
                    .orElse(new ClearDistances(0, wall.line().length()));
        }

        private Optional<Ends> before(Opening opening) {
            return Optional.ofNullable(openingsBefore.get(opening.id().number()))
                    .filter(o -> wallsBefore.containsKey(o.host()))
                    .map(o -> {
                        var wall = Objects.requireNonNull(wallsBefore.get(o.host()));
                        var stretch = ClearDistances.around(networkBefore, wall, o.middleMm());
                        return ends(networkBefore, wall, stretch);
                    });
        }

        private static Ends ends(WallNetwork network, Wall wall, ClearDistances stretch) {
            return new Ends(met(network, wall, stretch.stretchFromMm()), met(network, wall, stretch.stretchToMm()));
        }

        private static Set<WallId> met(WallNetwork network, Wall wall, double along) {
            var out = new HashSet<WallId>();
            network.near(wall.line().at(along), AT_END_MM)
                    .forEach(p -> out.add(p.wall().id()));
            out.remove(wall.id());
            return out;
        }
    }

    /** The walls that stand at both ends of a stretch. */
    private record Ends(Set<WallId> first, Set<WallId> second) {
        /** How many ends meet a wall they met in another stretch, whichever way the wall was drawn then. */
        int alike(Ends other) {
            return Math.max(
                    meets(first, other.first) + meets(second, other.second),
                    meets(first, other.second) + meets(second, other.first));
        }

        private static int meets(Set<WallId> a, Set<WallId> b) {
            return a.stream().anyMatch(b::contains) ? 1 : 0;
        }
    }
}
