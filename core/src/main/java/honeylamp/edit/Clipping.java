package honeylamp.edit;

import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Elements;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Group;
import honeylamp.plan.Motion;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What was copied, to be pasted into any storey of any plan: walls with their openings, and the wall
 * types they need, and whatever else stands by itself.
 *
 * @param types those of the walls
 * @param elements what was copied
 * @param groups of what was copied
 */
public record Clipping(List<WallType> types, Elements elements, List<Group> groups) {
    public Clipping {
        types = List.copyOf(types);
        groups = List.copyOf(groups);
    }

    /** So far beside a fitting on a wall or a piece its copy is put. */
    private static final Length BESIDE = Length.ofMm(200);

    /** A copy of what is picked; openings come with their walls. */
    public static Clipping of(Plan plan, StoreyId storey, Set<ElementId> picked) {
        var hosts = new HashSet<>(picked);
        plan.storey(storey).regions().stream()
                .filter(r -> picked.contains(r.carrier()))
                .forEach(r -> hosts.add(r.id()));
        var copied = plan.storey(storey).elements().only(e -> comesAlong(e, hosts));
        var used = copied.of(Wall.class).stream().map(Wall::type).collect(Collectors.toSet());
        var numbers = copied.all().map(e -> e.id().number()).collect(Collectors.toSet());
        return new Clipping(
                plan.wallTypes().stream().filter(t -> used.contains(t.id())).toList(),
                copied,
                Grouping.mapped(plan.groups(), n -> numbers.contains(n) ? n : 0));
    }

    private static boolean comesAlong(Element element, Set<ElementId> picked) {
        return switch (element) {
            case Opening o -> picked.contains(o.host());
            case Region r -> picked.contains(r.carrier());
            case Covering c -> picked.contains(c.surface().host());
            case Fitting f ->
                picked.contains(f.id())
                        || f.on().host().filter(picked::contains).isPresent();
            case Activity a ->
                picked.contains(a.id()) || a.piece().filter(picked::contains).isPresent();
            case RoomMark _, Underlay _ -> false; // a mark goes with its room, a picture with its file
            case Wall _,
                    Structure _,
                    Furnishing _,
                    Dimension _,
                    RoundDimension _,
                    Note _,
                    FreeMark _,
                    SettingOutLine _,
                    Boundary _,
                    Ground _ -> picked.contains(element.id());
        };
    }

    /** Whether there is nothing to paste. */
    public boolean isEmpty() {
        return elements.isEmpty();
    }

    /** Whether any of what was copied stands in a storey at its own place. */
    public boolean standsIn(Storey storey) {
        var places = elements.all()
                .filter(e -> !e.places().isEmpty())
                .map(Standing::of)
                .collect(Collectors.toSet());
        return storey.elements().all().map(Standing::of).anyMatch(places::contains);
    }

    /** What stands where; pieces of different kinds may share a place, as a table and its rug do. */
    private record Standing(Class<? extends Element> kind, List<Position> places, Object what) {
        static Standing of(Element element) {
            var what = switch (element) {
                case Furnishing f -> f.kind();
                case Structure x -> x.form();
                case Note n -> n.text();
                case FreeMark m -> m.shape();
                case Ground g -> g.use();
                case Region r -> r.on();
                case Fitting f -> f.kind();
                case Activity a -> a.doing();
                case Wall _,
                        Opening _,
                        RoomMark _,
                        Underlay _,
                        Dimension _,
                        RoundDimension _,
                        SettingOutLine _,
                        Boundary _,
                        Covering _ -> "";
            };
            return new Standing(element.getClass(), element.places(), what);
        }
    }

    /** What lies on something else lies on the twin of that; nothing if that was not pasted. */
    private static Optional<? extends Element> onItsTwin(
            Element fresh, Map<ElementId, ElementId> twins, Storey storey) {
        if (fresh instanceof Region r) {
            return r.twin(id -> Optional.ofNullable(twins.get(id)));
        }
        if (fresh instanceof Fitting f) {
            return f.twin(id -> Optional.ofNullable(twins.get(id))).or(() -> beside(f, storey));
        }
        if (fresh instanceof Activity a) {
            return a.twin(id -> Optional.ofNullable(twins.get(id)))
                    .or(() -> a.piece()
                            .filter(f -> storey.elements().find(f).isPresent())
                            .map(_ -> a.withAt(a.at().moved(BESIDE, Length.ZERO))));
        }
        return fresh instanceof Covering c
                ? c.surface().twin(id -> Optional.ofNullable(twins.get(id))).map(c::withSurface)
                : Optional.of(fresh);
    }

    /** Beside it on the same thing, where that stands on the storey and was not copied itself; rows are not doubled. */
    private static Optional<Fitting> beside(Fitting fitting, Storey storey) {
        return fitting.on()
                .host()
                .filter(host -> storey.elements().find(host).isPresent())
                .flatMap(_ -> fitting.on().beside(BESIDE))
                .map(fitting::withOn);
    }

    /** What hangs in something or lies on it is picked with that. */
    private static boolean isPickedItself(Element element) {
        return !(element instanceof Opening
                || element instanceof Covering
                || element instanceof Region r && r.wall().isPresent());
    }

    /** A plan with pasted things, and their ids. */
    public record Pasted(Plan plan, Set<ElementId> ids) {}

    /**
     * Pastes into a storey, moved by two lengths. Wall types the plan does not have come along; one that
     * differs only by its id is the same type. Lights that come with their switches are switched by those alone.
     */
    public Pasted into(Plan plan, StoreyId storey, Length across, Length up) {
        var number = plan.nextNumber();
        Map<WallTypeId, WallTypeId> typeIds = new HashMap<>();
        var allTypes = new ArrayList<>(plan.wallTypes());
        for (var type : types) {
            var same = plan.wallTypes().stream()
                    .filter(t -> t.withId(type.id()).equals(type))
                    .findFirst();
            if (same.isPresent()) {
                typeIds.put(type.id(), same.get().id());
            } else {
                var id = new WallTypeId(number++);
                allTypes.add(type.withId(id));
                typeIds.put(type.id(), id);
            }
        }
        Map<ElementId, ElementId> twins = new HashMap<>();
        Map<WallId, WallId> hosts = new HashMap<>();
        for (var wall : elements.of(Wall.class)) {
            hosts.put(wall.id(), new WallId(number++));
        }
        var motion = Motion.by(across, up);
        var switched = PastedGroups.of(elements, plan);
        Set<ElementId> ids = new HashSet<>();
        var pasted = new ArrayList<Element>();
        for (var element : elements.all().toList()) {
            var there = element.moved(motion);
            var fresh = there instanceof Wall w
                    ? w.withId(hosts.getOrDefault(w.id(), w.id())).withType(typeIds.getOrDefault(w.type(), w.type()))
                    : there.under(new Key.Drawn(number++));
            if (fresh instanceof Opening o) {
                fresh = o.in(hosts.getOrDefault(o.host(), o.host()), o.offset());
            }
            onItsTwin(fresh, twins, plan.storey(storey)).map(switched::in).ifPresent(pastedOne -> {
                twins.put(element.id(), pastedOne.id());
                pasted.add(pastedOne);
                if (isPickedItself(pastedOne)) {
                    ids.add(pastedOne.id());
                }
            });
        }
        Map<Integer, Integer> numbers = new HashMap<>();
        twins.forEach((from, to) -> numbers.put(from.number(), to.number()));
        var typed = allTypes.size() == plan.wallTypes().size() ? plan : plan.withWallTypes(allTypes);
        var whole = typed.numbersTaken(number - plan.nextNumber())
                .withStorey(storey, s -> s.with(s.elements().plus(pasted)));
        var fresh = Grouping.mapped(groups, n -> numbers.getOrDefault(n, 0));
        return new Pasted(
                fresh.isEmpty() ? whole : whole.withGroups(Lists.plusAll(whole.groups(), fresh)), Set.copyOf(ids));
    }
}
