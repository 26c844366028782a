package honeylamp.edit;

import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Fitting.AlongWall;
import honeylamp.plan.Fitting.WallSide;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Puts lights, switches and outlets in, changes them, and keeps them on what they are fixed to. */
public final class FittingEdits {
    private static final double SAME_MM = 1e-3;

    private FittingEdits() {}

    /** Puts a fitting in; whatever its id says, it gets one of its own. */
    public static Added<FittingId> add(Plan plan, StoreyId storey, Fitting fitting) {
        var id = new FittingId(plan.nextNumber());
        return new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Fitting.class, Lists.plus(s.fittings(), fitting.withId(id)))),
                id);
    }

    /** Puts several in, each under an id of its own. */
    public static Plan addAll(Plan plan, StoreyId storey, List<Fitting> fittings) {
        var first = plan.nextNumber();
        var all = new ArrayList<>(plan.storey(storey).fittings());
        for (var i = 0; i < fittings.size(); i++) {
            all.add(fittings.get(i).withId(new FittingId(first + i)));
        }
        return plan.numbersTaken(fittings.size()).withStorey(storey, s -> s.with(Fitting.class, all));
    }

    /** Changes a fitting; the same plan if it is not there. */
    public static Plan change(Plan plan, StoreyId storey, FittingId id, UnaryOperator<Fitting> change) {
        return plan.withStorey(storey, s -> s.change(Fitting.class, id, change));
    }

    /** The number of a group that no fitting of the plan has yet. */
    public static int freeGroup(Plan plan) {
        return fittings(plan)
                        .flatMap(f -> f.groups().stream())
                        .mapToInt(g -> g)
                        .max()
                        .orElse(0)
                + 1;
    }

    private static Stream<Fitting> fittings(Plan plan) {
        return plan.storeys().stream().flatMap(s -> s.fittings().stream());
    }

    /**
     * Has switches switch lights, and no others: the lights become one group, which the switches have among theirs.
     *
     * @param picked lights and switches, of a storey
     * @return refused if there is no light, or no switch, among them
     */
    public static Outcome<Plan> link(Plan plan, StoreyId storey, Set<ElementId> picked) {
        var all = plan.storey(storey).fittings().stream()
                .filter(f -> picked.contains(f.id()))
                .toList();
        var lights = all.stream().filter(f -> f.kind().isLight()).toList();
        var switches = all.stream().filter(f -> f.kind().isSwitch()).toList();
        if (lights.isEmpty()) {
            return Outcome.refused(
                    "there is no light among what is picked", "Pick lights and their switches together.");
        }
        if (switches.isEmpty()) {
            return Outcome.refused(
                    "there is no switch among what is picked", "Pick lights and their switches together.");
        }
        if (switches.stream().anyMatch(s -> s.groups().size() >= Fitting.MOST_GROUPS)) {
            return Outcome.refused(
                    "a switch has at most " + Fitting.MOST_GROUPS + " groups", "Put another switch beside it.");
        }
        var groups = lights.stream().flatMap(f -> f.group().stream()).distinct().toList();
        var isWhole = groups.size() == 1
                && lights.stream().allMatch(f -> f.group().isPresent())
                && fittings(plan)
                        .filter(f -> f.group().equals(Optional.of(groups.getFirst())))
                        .allMatch(lights::contains);
        var group = isWhole ? groups.getFirst() : freeGroup(plan);
        if (group > Fitting.MOST_NUMBER) {
            return Outcome.refused("there are no numbers of groups left", "Give some lights the same group.");
        }
        var now = plan.withStorey(
                storey,
                s -> s.with(
                        Fitting.class,
                        Lists.changed(
                                s.fittings(), f -> lights.contains(f) || switches.contains(f), f -> linked(f, group))));
        return Outcome.done(now);
    }

    private static Fitting linked(Fitting fitting, int group) {
        return fitting.kind().isLight() || fitting.groups().contains(group)
                ? fitting.kind().isLight() ? fitting.withGroups(List.of(group)) : fitting
                : fitting.withGroups(Lists.plus(fitting.groups(), group));
    }

    /**
     * Makes single fittings of a row, each where it is; they no longer follow the room, wall or piece they were spread over.
     *
     * @return refused if it is no row
     */
    public static Outcome<Plan> loosen(Plan plan, StoreyGeometry geometry, FittingId id) {
        var row = geometry.storey().elements().find(Fitting.class, id).filter(f -> f.on() instanceof Fitting.Row);
        if (row.isEmpty()) {
            return Outcome.refused("it is no row", "Pick a row of fittings.");
        }
        var now = plan.withStorey(
                geometry.storey().id(),
                s -> s.with(Fitting.class, Lists.without(s.fittings(), f -> f.id().equals(id))));
        for (var placed : FittingPlaces.of(geometry, row.get())) {
            var single =
                    row.get().with(copy -> copy.on(single(geometry, placed)).turnDeg(turn(placed)));
            now = add(now, geometry.storey().id(), single).plan();
        }
        return Outcome.done(now);
    }

    private static double turn(FittingPlaces.Placed placed) {
        return placed.isOnWall() ? 0 : ((placed.facingDeg() % 360) + 360) % 360;
    }

    private static Fitting.On single(StoreyGeometry geometry, FittingPlaces.Placed placed) {
        var at = Position.of(placed.at());
        var height = Length.ofMm(Math.rint(placed.heightMm() * 1000) / 1000);
        return switch (placed.fitting().on()) {
            case AlongWall row
            when placed.isOnWall() ->
                new WallSide(
                        row.wall(),
                        row.side(),
                        Length.ofMm(geometry.storey()
                                .wall(row.wall())
                                .orElseThrow()
                                .line()
                                .along(placed.at())),
                        height);
            case AlongWall row -> new Fitting.Ceiling(at, row.height());
            case Fitting.InRoom row -> new Fitting.Ceiling(at, row.height());
            case Fitting.Ring ring -> new Fitting.Ceiling(at, ring.height());
            case Fitting.AlongPiece row -> {
                var piece = geometry.storey()
                        .elements()
                        .find(Furnishing.class, row.piece())
                        .orElseThrow();
                yield new Fitting.Piece(
                        row.piece(), Position.of(piece.placing().inverse().apply(placed.at())), row.above());
            }
            case Fitting.Ceiling on -> on;
            case Fitting.Floor on -> on;
            case WallSide on -> on;
            case Fitting.Piece on -> on;
        };
    }

    /**
     * The plan after an edit, its fittings where they were: a wall that was parted hands them to the part they are on, one
     * drawn the other way or begun elsewhere is measured anew; what a fitting went with and is gone takes it along.
     *
     * @param was the storey before the edit
     */
    static Plan kept(Storey was, Plan plan, StoreyId id) {
        var storey = plan.storey(id);
        var fittings = new ArrayList<Fitting>();
        storey.fittings().forEach(f -> heir(f, was, storey).ifPresent(fittings::add));
        return fittings.equals(storey.fittings()) ? plan : plan.withStorey(id, s -> s.with(Fitting.class, fittings));
    }

    private static Optional<Fitting> heir(Fitting fitting, Storey was, Storey storey) {
        return switch (fitting.on()) {
            case Fitting.Ceiling _, Fitting.Floor _, Fitting.Ring _ -> Optional.of(fitting);
            case Fitting.Piece _, Fitting.AlongPiece _, Fitting.InRoom _ ->
                fitting.on().host().filter(h -> isThere(storey, h)).map(_ -> fitting);
            case WallSide side ->
                onWall(fitting, side.wall(), side.side(), was, storey, side.along())
                        .map(s -> fitting.withOn(s.of(side)));
            case AlongWall row ->
                onWall(fitting, row.wall(), row.side(), was, storey, middle(was, row))
                        .map(s -> fitting.withOn(s.of(row)));
        };
    }

    private static boolean isThere(Storey storey, ElementId id) {
        return storey.elements().find(id).isPresent();
    }

    private static Length middle(Storey was, AlongWall row) {
        return was.wall(row.wall()).map(w -> Length.ofMm(w.line().length() / 2)).orElse(Length.ZERO);
    }

    /** A side of a wall, and where along it. */
    private record OnSide(Wall wall, Swing side, Length along) {
        WallSide of(WallSide like) {
            return new WallSide(wall.id(), side, along, like.height());
        }

        AlongWall of(AlongWall like) {
            return new AlongWall(wall.id(), side, like.room(), like.count(), like.away(), like.height());
        }
    }

    private static Optional<OnSide> onWall(
            Fitting fitting, ElementId.WallId wall, Swing side, Storey was, Storey storey, Length along) {
        var before = was.wall(wall);
        if (before.isEmpty()) {
            return storey.wall(wall).map(w -> new OnSide(w, side, along));
        }
        var isAsBefore =
                was.elements().find(fitting.id()).filter(fitting::equals).isPresent();
        var heirs =
                Coverings.onWalls(new Surface.WallSide(wall, side, Optional.empty()), was, storey, isAsBefore).stream()
                        .map(on -> {
                            var now = storey.wall(on.wall()).orElseThrow();
                            return new OnSide(
                                    now,
                                    on.side(),
                                    isAsBefore
                                            ? Remeasured.of(before.get(), now).of(along)
                                            : along);
                        })
                        .toList();
        return heirs.stream()
                .filter(FittingEdits::isOnIt)
                .findFirst()
                .or(() -> heirs.stream().findFirst());
    }

    private static boolean isOnIt(OnSide on) {
        return on.along().mm() >= -SAME_MM
                && on.along().mm() <= on.wall().line().length() + SAME_MM;
    }

    /** How many fittings go when these go. */
    public static long goingWith(Storey storey, Set<ElementId> gone) {
        return storey.fittings().stream()
                .filter(f -> !gone.contains(f.id()))
                .filter(f -> f.on().host().filter(gone::contains).isPresent())
                .count();
    }
}
