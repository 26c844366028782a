package honeylamp.derive.listing;

import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.UnitCopyId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Lights of a storey that are switched together, with the switches that do it. In each copy of a unit they are a group of
 * their own.
 *
 * @param copy of a unit that it stands in
 * @param number as people see it
 */
public record LightGroup(Optional<UnitCopyId> copy, int number, List<Placed> lights, List<Placed> switches) {
    /** Freezes the lists. */
    public LightGroup {
        lights = List.copyOf(lights);
        switches = List.copyOf(switches);
    }

    /** What is linked with what, for people to see. */
    public record Link(Placed from, Placed to) {
        private double lengthMm() {
            return from.at().distance(to.at());
        }

        /** From another, if that is nearer. */
        private Link from(Placed other) {
            return other.at().distance(to.at()) < lengthMm() ? new Link(other, to) : this;
        }
    }

    private record Name(int copy, int number) {}

    /** The groups of a storey, what goes in the works left out, by copy and number. */
    public static List<LightGroup> on(StoreyGeometry geometry) {
        return of(FittingPlaces.on(geometry));
    }

    /** The same of fittings whose places are known. */
    public static List<LightGroup> of(List<Placed> fittings) {
        var all = new TreeMap<Name, List<Placed>>(
                Comparator.comparingInt(Name::copy).thenComparingInt(Name::number));
        for (var placed : fittings) {
            var fitting = placed.fitting();
            if (fitting.stands()) {
                var copy = copy(placed).map(c -> c.number()).orElse(0);
                fitting.groups()
                        .forEach(g -> all.computeIfAbsent(new Name(copy, g), _ -> new ArrayList<>())
                                .add(placed));
            }
        }
        return all.entrySet().stream()
                .map(e -> new LightGroup(
                        e.getValue().stream().findFirst().flatMap(LightGroup::copy),
                        e.getKey().number(),
                        e.getValue().stream()
                                .filter(p -> p.fitting().kind().isLight())
                                .toList(),
                        e.getValue().stream()
                                .filter(p -> p.fitting().kind().isSwitch())
                                .toList()))
                .toList();
    }

    private static Optional<UnitCopyId> copy(Placed placed) {
        return placed.fitting().id().key() instanceof Key.Copied(var copy, var _)
                ? Optional.of(copy)
                : Optional.empty();
    }

    /**
     * The links of the group: from each switch to the light nearest to it, and from light to light on the shortest way
     * that reaches them all (Prim 1957); of equals the first.
     */
    public List<Link> links() {
        var out = new ArrayList<Link>();
        if (lights.isEmpty()) {
            return out;
        }
        for (var from : switches) {
            out.add(new Link(from, nearest(from, lights)));
        }
        var first = out.isEmpty() ? lights.getFirst() : out.getFirst().to();
        var left = new ArrayList<>(lights);
        left.remove(first);
        var ways = new ArrayList<>(left.stream().map(l -> new Link(first, l)).toList());
        while (!ways.isEmpty()) {
            var next = ways.stream()
                    .min(Comparator.comparingDouble(Link::lengthMm))
                    .orElseThrow();
            out.add(next);
            ways.remove(next);
            ways.replaceAll(way -> way.from(next.to));
        }
        return out;
    }

    private static Placed nearest(Placed to, List<Placed> of) {
        return of.stream()
                .min(Comparator.comparingDouble(l -> l.at().distance(to.at())))
                .orElseThrow();
    }
}
