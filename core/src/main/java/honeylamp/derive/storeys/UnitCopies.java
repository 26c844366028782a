package honeylamp.derive.storeys;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Covering;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Schemes;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Unit;
import honeylamp.plan.UnitCopy;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.Predicate;

/**
 * Lays the copies of units into their storeys as ordinary walls, openings, rooms and pieces, so that everything
 * derived from a storey treats them like drawn ones: walls join, labels are written upright, areas add up. A wall
 * of a copy that lies just where another already stands is that wall.
 */
public final class UnitCopies {
    private static final double SAME_PLACE_MM = 1;

    private UnitCopies() {}

    /** A unit where it is drawn, and what belongs to it. */
    public record Drawn(Unit unit, StoreyGeometry drawn, UnitContents contents) {}

    /** The units of a plan, and the copies on one of its storeys. */
    public record OnStorey(List<Drawn> units, List<Laid> copies) {
        /** Nothing is repeated. */
        public static final OnStorey NONE = new OnStorey(List.of(), List.of());

        public OnStorey {
            units = List.copyOf(units);
            copies = List.copyOf(copies);
        }
    }

    /** A copy, the unit it is of, and what belongs to that. */
    public record Laid(UnitCopy copy, Unit unit, StoreyGeometry drawn, UnitContents contents) {
        /** From the drawn unit to its place, in plan mm. */
        public Affine placing() {
            return copy.placing(unit.origin());
        }

        /** Whether a point of the plan lies in the copy. */
        public boolean holds(Point p) {
            return contents.holds(drawn, placing().inverse().apply(p));
        }
    }

    /** The copies on a storey. */
    static List<Laid> on(Plan plan, Storey storey, GeometryCache cache) {
        Map<UnitId, Drawn> drawn = new HashMap<>();
        return plan.repeats().copies().stream()
                .filter(c -> c.storey().equals(storey.id()))
                .map(c -> laid(c, drawn.computeIfAbsent(c.unit(), id -> drawn(plan, id, cache))))
                .toList();
    }

    /** The units of a plan where they are drawn. */
    static List<Drawn> units(Plan plan, GeometryCache cache) {
        return plan.repeats().units().stream()
                .map(u -> drawn(plan, u.id(), cache))
                .toList();
    }

    private static Drawn drawn(Plan plan, UnitId id, GeometryCache cache) {
        var unit = plan.repeats().units().stream()
                .filter(u -> u.id().equals(id))
                .findFirst()
                .orElseThrow();
        var drawn = cache.of(plan, plan.storey(unit.storey()));
        return new Drawn(unit, drawn, UnitContents.of(drawn, unit));
    }

    private static Laid laid(UnitCopy copy, Drawn unit) {
        return new Laid(copy, unit.unit(), unit.drawn(), unit.contents());
    }

    /** The plan with all copies laid into their storeys; the same plan if there are none. */
    static Plan laidOut(Plan plan, GeometryCache cache) {
        var out = plan;
        for (var storey : plan.storeys()) {
            var copies = on(plan, storey, cache);
            if (!copies.isEmpty()) {
                out = out.keepingSchemes(Schemes.NONE).withStorey(storey.id(), s -> laidInto(s, copies));
            }
        }
        return out;
    }

    private static Storey laidInto(Storey storey, List<Laid> copies) {
        var all = new Gathered(storey);
        for (var laid : copies) {
            all.add(laid, number -> new Key.Copied(laid.copy().id(), number));
        }
        return all.storey();
    }

    /** The things of one copy as own things, numbered from a number on. */
    public static Storey asDrawn(Storey storey, Laid laid, int firstNumber) {
        var all = new Gathered(storey);
        all.add(laid, number -> new Key.Drawn(firstNumber + number));
        return all.storey();
    }

    /** A storey to which copies are added. */
    private static final class Gathered {
        private final Storey storey;
        private final List<Wall> walls;
        private final List<Opening> openings;
        private final List<Element> others = new ArrayList<>();

        Gathered(Storey storey) {
            this.storey = storey;
            this.walls = new ArrayList<>(storey.walls());
            this.openings = new ArrayList<>(storey.openings());
        }

        void add(Laid laid, IntFunction<Key> keys) {
            var motion =
                    Motion.of(laid.placing(), laid.copy().sense(), laid.copy().turnDeg());
            var contents = laid.contents();
            Map<WallId, Wall> hosts = new HashMap<>();
            Map<ElementId, ElementId> twins = new HashMap<>();
            Set<WallId> runBack = new HashSet<>();
            for (var wall : contents.walls()) {
                var there = wall.moved(motion).under(keys.apply(wall.id().number()));
                var standing = standing(there);
                var host = standing.orElse(there);
                hosts.put(wall.id(), host);
                twins.put(wall.id(), host.id());
                if (!same(host.from(), there.from())) {
                    runBack.add(wall.id());
                }
                if (standing.isEmpty()) {
                    walls.add(there);
                }
            }
            for (var opening : contents.elements().of(Opening.class)) {
                Optional.ofNullable(hosts.get(opening.host())).ifPresent(host -> {
                    var hung = opening(opening, host, keys, laid, motion);
                    openings.add(hung);
                    twins.put(opening.id(), hung.id());
                });
            }
            contents.elements().all().filter(e -> !hangs(e)).forEach(e -> {
                var there = e.moved(motion).under(keys.apply(e.id().number()));
                others.add(there);
                twins.put(e.id(), there.id());
            });
            for (var region : contents.elements().of(Region.class)) {
                var there = region.moved(motion).under(keys.apply(region.id().number()));
                there.twin(id -> Optional.ofNullable(twins.get(id)))
                        .map(r -> region.wall()
                                .filter(runBack::contains)
                                .flatMap(w -> Optional.ofNullable(hosts.get(w)))
                                .map(host -> r.measuredBack(host.length()))
                                .orElse(r))
                        .ifPresent(r -> {
                            others.add(r);
                            twins.put(region.id(), r.id());
                        });
            }
            for (var fitting : contents.elements().of(Fitting.class)) {
                fitting.moved(motion)
                        .under(keys.apply(fitting.id().number()))
                        .twin(id -> Optional.ofNullable(twins.get(id)))
                        .map(f -> fitting.on() instanceof Fitting.WallSide side && runBack.contains(side.wall())
                                ? f.withOn(((Fitting.WallSide) f.on())
                                        .measuredBack(Objects.requireNonNull(hosts.get(side.wall()))
                                                .length()))
                                : f)
                        .ifPresent(others::add);
            }
            for (var activity : contents.elements().of(Activity.class)) {
                activity.moved(motion)
                        .under(keys.apply(activity.id().number()))
                        .twin(id -> Optional.ofNullable(twins.get(id)))
                        .ifPresent(others::add);
            }
            for (var covering : contents.elements().of(Covering.class)) {
                var key = keys.apply(covering.id().number());
                covering(covering, twins, runBack::contains, motion, key).ifPresent(others::add);
            }
        }

        /** Walls may stand already; what hangs in them or covers something follows those. */
        private static boolean hangs(Element element) {
            return element instanceof Wall
                    || element instanceof Opening
                    || element instanceof Region
                    || element instanceof Fitting
                    || element instanceof Activity
                    || element instanceof Covering;
        }

        Storey storey() {
            return storey.with(storey.elements()
                    .with(Wall.class, walls)
                    .with(Opening.class, openings)
                    .plus(others));
        }

        /** What covers the twin of a surface; a wall that stood there already may run the other way. */
        private static Optional<Element> covering(
                Covering covering,
                Map<ElementId, ElementId> twins,
                Predicate<WallId> runsBack,
                Motion motion,
                Key key) {
            var there = covering.moved(motion).under(key);
            return there.surface()
                    .twin(id -> Optional.ofNullable(twins.get(id)))
                    .map(twin -> covering.surface() instanceof Surface.OnWall on && runsBack.test(on.wall())
                            ? twin.mirrored()
                            : twin)
                    .map(there::withSurface);
        }

        /** The wall that already stands where a copied one would. */
        private Optional<Wall> standing(Wall there) {
            return walls.stream()
                    .filter(w -> w.type().equals(there.type())
                            && Math.abs(w.sagitta().mm()) < SAME_PLACE_MM
                            && Math.abs(there.sagitta().mm()) < SAME_PLACE_MM
                            && (same(w.from(), there.from()) && same(w.to(), there.to()) && w.body() == there.body()
                                    || same(w.from(), there.to())
                                            && same(w.to(), there.from())
                                            && w.body() == there.body().flipped()))
                    .findFirst();
        }

        private static boolean same(Position a, Position b) {
            return a.point().distance(b.point()) < SAME_PLACE_MM;
        }

        private static Opening opening(Opening opening, Wall host, IntFunction<Key> keys, Laid laid, Motion motion) {
            var hung = opening.moved(motion)
                    .under(keys.apply(opening.id().number()))
                    .in(host.id(), opening.offset());
            var first = laid.drawn().storey().wall(opening.host()).orElseThrow().from();
            return same(host.from(), motion.of(first))
                    ? hung
                    : hung.reversed(Length.ofMm(host.line().length()));
        }
    }
}
