package honeylamp.derive.storeys;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Boundary;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Roof;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Schemes;
import honeylamp.plan.Storey;
import honeylamp.plan.View;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

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
            List<Outline> voids,
            Storey.Levels levels) {}

    /** All that the fixed parts one meets on a storey follow from. */
    private record FixedKey(
            StoreyId on, List<Identity<Object>> structures, List<Storey.Levels> levels, Length headroom) {
        static FixedKey of(Plan plan, Storey storey) {
            return new FixedKey(
                    storey.id(),
                    plan.storeys().stream()
                            .map(s -> new Identity<Object>(s.structures()))
                            .toList(),
                    plan.storeys().stream().map(Storey::levels).toList(),
                    plan.brief().minimums().headroom());
        }
    }

    private record RoofKey(Roof roof, StoreyKey own, Optional<StoreyKey> above) {}

    private record WorksKey(Identity<Plan> plan, View.Works works) {}

    /** Which arrangement, and which one it is laid out beside. */
    private record ArrangedKey(SchemeId id, SchemeId open) {}

    private record Arranged(Plan of, LaidPlan laid) {}

    private record Joined(WallNetwork standing, WallNetwork removed) {}

    private record TurnKey(Identity<Plan> plan, double deg) {}

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

    private final Map<WallsKey, Joined> networks = newest();
    private final Map<StoreyKey, StoreyGeometry> storeys = newest();
    private final Map<StoreyKey, Areas> areas = newest();
    private final Map<RoofKey, Optional<RoofShape>> roofs = newest();
    private final Map<TurnKey, Plan> turned = newest();
    private final Map<WorksKey, Plan> during = newest();
    private final Map<FixedKey, FixedParts> fixed = newest();
    private final Map<ArrangedKey, Arranged> arranged = newest();
    private @Nullable LaidPlan laid;
    private @Nullable Plan unitsOf;
    private @Nullable Storey unitsOn;
    private UnitCopies.OnStorey units = UnitCopies.OnStorey.NONE;

    /** A cache that remembers nothing yet. */
    public GeometryCache() {}

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
            return known.storey() == storey ? known : known.of(storey);
        }
        var thickness = StoreyGeometry.thicknesses(plan);
        var joined = networks.computeIfAbsent(
                key.walls,
                _ -> new Joined(
                        StoreyGeometry.network(storey.standing(), thickness),
                        StoreyGeometry.removed(storey, thickness)));
        var geometry = StoreyGeometry.of(storey, joined.standing, joined.removed, thickness);
        storeys.put(key, geometry);
        return geometry;
    }

    /** What one meets on a storey that is no wall, from memory if nothing it depends on has changed. */
    synchronized FixedParts fixedParts(Plan plan, Storey storey) {
        return fixed.computeIfAbsent(FixedKey.of(plan, storey), _ -> FixedParts.on(plan, storey));
    }

    /** The roof over a storey, from memory if nothing it depends on has changed; empty if it has none. */
    synchronized Optional<RoofShape> roof(Plan plan, Storey storey) {
        if (storey.roof().isEmpty()) {
            return Optional.empty();
        }
        var above = plan.storeys().stream()
                .filter(s -> s.level().compareTo(storey.level()) > 0)
                .min(Comparator.comparing(Storey::level));
        var shells = of(plan, storey).shells();
        var covered = above.map(s -> of(plan, s).shells()).orElse(List.of());
        return roofs.computeIfAbsent(
                new RoofKey(storey.roof().get(), key(plan, storey), above.map(s -> key(plan, s))),
                _ -> RoofShape.of(storey, shells, covered));
    }

    /** The areas of a storey by each basis, from memory if nothing they depend on has changed. */
    public synchronized Areas areas(Plan plan, Storey storey) {
        var geometry = of(plan, storey);
        return areas.computeIfAbsent(key(plan, storey), _ -> Areas.of(plan, geometry));
    }

    /**
     * The plan with all copies of its units laid into their storeys; what did not change since the last time is the
     * same object again.
     */
    public synchronized LaidPlan laidOut(Plan plan) {
        var known = laid;
        if (known != null && known.drawn() == plan) {
            return known;
        }
        var now = UnitCopies.laidOut(plan, this);
        var made = new LaidPlan(plan, known == null || now == plan ? now : keeping(known.whole(), now), this);
        laid = made;
        return made;
    }

    /** A plan in another of its arrangements; what did not change since the last time is the same object again. */
    synchronized LaidPlan arranged(Plan plan, SchemeId id) {
        var key = new ArrangedKey(id, plan.schemes().open());
        var known = arranged.get(key);
        if (known != null && known.of == plan) {
            return known.laid;
        }
        var opened = plan.opening(id);
        var now = UnitCopies.laidOut(opened, this).keepingSchemes(Schemes.NONE);
        var made = new LaidPlan(opened, known == null ? now : keeping(known.laid.whole(), now), this);
        arranged.put(key, new Arranged(plan, made));
        return made;
    }

    /** A plan turned about its origin, counter-clockwise, from memory if it was turned so before. */
    synchronized Plan turned(Plan plan, double deg) {
        return turned.computeIfAbsent(new TurnKey(new Identity<>(plan), deg), _ -> {
            var motion = Motion.turn(Point.ORIGIN, deg);
            var out = plan.keepingSchemes(Schemes.NONE);
            for (var storey : plan.storeys()) {
                out = out.withStorey(storey.id(), s -> s.with(s.elements().changed(e -> Optional.of(e.moved(motion)))));
            }
            return out;
        });
    }

    /** A plan with the walls that are there before or after the works, from memory if it was seen so before. */
    synchronized Plan during(Plan plan, View.Works works) {
        return during.computeIfAbsent(new WorksKey(new Identity<>(plan), works), _ -> {
            var out = plan.keepingSchemes(Schemes.NONE);
            for (var storey : plan.storeys()) {
                out = out.withStorey(storey.id(), works::seen);
            }
            return out;
        });
    }

    /** The units of a plan and their copies on a storey, from memory if it is the plan asked for last. */
    public synchronized UnitCopies.OnStorey units(Plan plan, Storey storey) {
        if (plan.repeats().units().isEmpty()) {
            return UnitCopies.OnStorey.NONE;
        }
        if (unitsOf != plan || unitsOn != storey) {
            units = new UnitCopies.OnStorey(UnitCopies.units(plan, this), UnitCopies.on(plan, storey, this));
            unitsOf = plan;
            unitsOn = storey;
        }
        return units;
    }

    private static Plan keeping(Plan before, Plan now) {
        var out = now;
        for (var was : before.storeys()) {
            out = out.withStorey(
                    was.id(),
                    s -> s.with(Wall.class, s.walls().equals(was.walls()) ? was.walls() : s.walls())
                            .with(Opening.class, s.openings().equals(was.openings()) ? was.openings() : s.openings())
                            .with(RoomMark.class, s.rooms().equals(was.rooms()) ? was.rooms() : s.rooms())
                            .with(
                                    Boundary.class,
                                    s.boundaries().equals(was.boundaries()) ? was.boundaries() : s.boundaries()));
        }
        return out;
    }

    private static StoreyKey key(Plan plan, Storey storey) {
        return new StoreyKey(
                new WallsKey(new Identity<>(storey.walls()), new Identity<>(plan.wallTypes())),
                new Identity<>(storey.openings()),
                new Identity<>(storey.rooms()),
                new Identity<>(storey.boundaries()),
                FixedParts.voids(storey),
                storey.levels());
    }
}
