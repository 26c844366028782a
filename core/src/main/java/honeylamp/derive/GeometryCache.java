package honeylamp.derive;

import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Remembers derived storeys by the identity of the lists they came from, so that moving a chair does
 * not join walls anew. Safe to share between threads.
 */
public final class GeometryCache {
    private static final int KEPT = 12;

    private record WallsKey(Identity<List<Wall>> walls, Identity<List<WallType>> types) {}

    private record StoreyKey(
            WallsKey walls,
            Identity<Object> openings,
            Identity<Object> rooms,
            Identity<Object> boundaries,
            Storey.Levels levels) {}

    private record Identity<T>(T value) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Identity<?> i && i.value == value;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(value);
        }
    }

    private final Map<WallsKey, WallNetwork> networks = newest();
    private final Map<StoreyKey, StoreyGeometry> storeys = newest();
    private final Map<StoreyKey, Areas> areas = newest();

    private static <K, V> Map<K, V> newest() {
        return new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > KEPT;
            }
        };
    }

    /** The derived storey, from memory if nothing it depends on has changed. */
    public synchronized StoreyGeometry of(Plan plan, Storey storey) {
        var key = key(plan, storey);
        var known = storeys.get(key);
        if (known != null) {
            return known.storey() == storey
                    ? known
                    : new StoreyGeometry(
                            storey, known.network(), known.places(), known.cuts(), known.poche(), known.rooms());
        }
        var thickness = StoreyGeometry.thicknesses(plan);
        var network = networks.computeIfAbsent(
                key.walls, _ -> WallNetwork.of(storey.walls(), w -> StoreyGeometry.thicknessOf(thickness, w)));
        var geometry = StoreyGeometry.of(storey, network, thickness);
        storeys.put(key, geometry);
        return geometry;
    }

    /** The areas of a storey by each basis, from memory if nothing they depend on has changed. */
    public synchronized Areas areas(Plan plan, Storey storey) {
        var geometry = of(plan, storey);
        return areas.computeIfAbsent(key(plan, storey), _ -> Areas.of(plan, geometry));
    }

    private static StoreyKey key(Plan plan, Storey storey) {
        return new StoreyKey(
                new WallsKey(new Identity<>(storey.walls()), new Identity<>(plan.wallTypes())),
                new Identity<>(storey.openings()),
                new Identity<>(storey.rooms()),
                new Identity<>(storey.boundaries()),
                storey.levels());
    }
}
