package honeylamp.plan;

import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.units.Checks;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Other arrangements of the storeys of a plan. One of them, or the plan as drawn, is laid open: it is what stands on the
 * storeys and is edited. Of all others only that is held in which they differ from the plan as drawn; and while a scheme is
 * open, that in which the plan as drawn differs from it, so that no edit of a scheme changes any other.
 *
 * @param open the one laid open, {@link #AS_DRAWN} for none of them
 * @param drawn how the plan as drawn differs from the scheme laid open; nothing while that is open itself
 */
public record Schemes(List<Scheme> all, SchemeId open, List<Departure> drawn) {
    /** The plan as drawn, from which schemes differ. */
    public static final SchemeId AS_DRAWN = new SchemeId(0);

    /** There is one arrangement only. */
    public static final Schemes NONE = new Schemes(List.of(), AS_DRAWN, List.of());

    private static final int MOST_CORNERS = 2000;

    /** More of them nobody keeps apart. */
    public static final int MOST = 12;

    /**
     * A named arrangement.
     *
     * @param storey the only one on which it may differ; empty for all
     * @param room the only one of that storey in which it may differ; empty for all
     * @param parts how it differs from the plan as drawn, by storey; nothing while it is laid open
     */
    public record Scheme(
            SchemeId id, String name, Optional<StoreyId> storey, Optional<InRoom> room, List<Departure> parts) {
        /** Freezes the list; refuses a scheme without a name. */
        public Scheme {
            parts = List.copyOf(parts);
            if (name.isBlank()) {
                throw new IllegalArgumentException("a scheme needs a name");
            }
        }

        /** Of what makes storeys others, what lies where it may differ. */
        private List<Departure> within(List<Storey> from, List<Storey> to) {
            var by = byId(from);
            return to.stream()
                    .filter(s -> storey.filter(o -> !o.equals(s.id())).isEmpty())
                    .flatMap(s ->
                            Optional.ofNullable(by.get(s.id()))
                                    .flatMap(f -> Departure.between(f, within(f, s)))
                                    .stream())
                    .toList();
        }

        /** A storey that is like another where this one may differ from it, and like the first elsewhere. */
        private Storey within(Storey outside, Storey inside) {
            return room.map(r -> r.mixed(outside, inside)).orElse(inside);
        }

        Scheme withParts(List<Departure> other) {
            return new Scheme(id, name, storey, room, other);
        }
    }

    /**
     * A room in which a scheme may differ: in what stands in it, and in what covers it; its walls are the house's.
     *
     * @param outline of the room when the scheme was made
     */
    public record InRoom(RoomId room, List<Position> outline) {
        /** Freezes the list; refuses an outline that is none. */
        public InRoom {
            outline = List.copyOf(outline);
            Checks.within("corners of a room", outline.size(), 3, MOST_CORNERS);
        }

        /** Whether something makes the room what it is, and goes with no wall. */
        public boolean holds(Element element) {
            return switch (element) {
                case Furnishing f -> isIn(f.at());
                case Structure s -> isIn(s.at());
                case RoomMark m -> m.id().equals(room);
                case Fitting f -> holds(f.on());
                case Activity a -> a.piece().isEmpty() && isIn(a.at());
                case Covering c -> covers(c.surface());
                case Wall _,
                        Opening _,
                        Underlay _,
                        Dimension _,
                        Note _,
                        FreeMark _,
                        RoundDimension _,
                        SettingOutLine _,
                        Boundary _,
                        Ground _,
                        Region _ -> false;
            };
        }

        private boolean holds(Fitting.On on) {
            return on instanceof Fitting.InRoom rows
                    ? rows.room().equals(room)
                    : on.places().stream().anyMatch(this::isIn);
        }

        private boolean isIn(Position at) {
            return new Ring(outline.stream().map(Position::point).toList()).contains(at.point());
        }

        private boolean covers(Surface surface) {
            return switch (surface) {
                case Surface.OfRoom r -> r.room().equals(room);
                case Surface.OnWall w -> w.room().filter(room::equals).isPresent();
                case Surface.OfStair _,
                        Surface.Reveal _,
                        Surface.Threshold _,
                        Surface.Site _,
                        Surface.Counter _,
                        Surface.OwnRegion _,
                        Surface.Edge _ -> false;
            };
        }

        /** What is of the room in either storey is as it is inside, all else as it is outside. */
        private Storey mixed(Storey outside, Storey inside) {
            var ids = Stream.concat(outside.elements().all(), inside.elements().all())
                    .filter(this::holds)
                    .map(Element::id)
                    .collect(Collectors.toSet());
            var kept = outside.elements()
                    .changed(e -> ids.contains(e.id()) ? inside.elements().find(e.id()) : Optional.of(e));
            var more = inside.elements()
                    .all()
                    .filter(e -> ids.contains(e.id()) && kept.find(e.id()).isEmpty())
                    .toList();
            return outside.withElements(more.isEmpty() ? kept : kept.plus(more));
        }
    }

    /**
     * How a storey differs from another arrangement of it.
     *
     * @param other a storey with the elements alone that are new or other
     * @param without the numbers of elements that are not there
     * @param order the numbers of all elements of the kinds that have them in an order of their own
     */
    public record Departure(Storey other, List<Integer> without, List<Integer> order) {
        /** Freezes the lists. */
        public Departure {
            without = List.copyOf(without);
            order = List.copyOf(order);
        }

        /** What makes one arrangement of a storey another; empty if they are the same. */
        static Optional<Departure> between(Storey from, Storey to) {
            if (from.elements().equals(to.elements())) {
                return Optional.empty();
            }
            var there = to.elements();
            var before = from.elements();
            var without = before.all()
                    .filter(e -> there.find(e.id()).isEmpty())
                    .map(e -> e.id().number())
                    .toList();
            var other = there.only(e -> before.find(e.id()).filter(e::equals).isEmpty());
            var plain = new Departure(from.withElements(other), without, List.of());
            return Optional.of(
                    plain.of(from).elements().equals(there)
                            ? plain
                            : new Departure(
                                    plain.other,
                                    without,
                                    there.all().map(e -> e.id().number()).toList()));
        }

        /** The storey as it is in the arrangement that differs so. */
        Storey of(Storey from) {
            var gone = new HashSet<>(without);
            var there = other.elements();
            var changed = from.elements()
                    .changed(e -> gone.contains(e.id().number())
                            ? Optional.empty()
                            : there.find(e.id()).or(() -> Optional.of(e)));
            var more = there.all().filter(e -> changed.find(e.id()).isEmpty()).toList();
            var all = more.isEmpty() ? changed : changed.plus(more);
            return hanging(from.with(order.isEmpty() ? all : all.inOrder(order)));
        }

        /** Without openings of walls that the plan as drawn has lost since. */
        private static Storey hanging(Storey storey) {
            return storey.openings().stream()
                            .allMatch(o -> storey.wall(o.host()).isPresent())
                    ? storey
                    : storey.with(
                            Opening.class,
                            storey.openings().stream()
                                    .filter(o -> storey.wall(o.host()).isPresent())
                                    .toList());
        }

        private StoreyId storey() {
            return other.id();
        }
    }

    /** Freezes the lists; refuses two of one id, and one laid open that is not there. */
    public Schemes {
        Checks.within("schemes", all.size(), 0, MOST);
        all = List.copyOf(all);
        drawn = List.copyOf(drawn);
        var ids = new HashSet<>(List.of(AS_DRAWN));
        for (var scheme : all) {
            if (!ids.add(scheme.id())) {
                throw new IllegalArgumentException(
                        "two schemes are called " + scheme.id().text());
            }
        }
        if (!ids.contains(open)) {
            throw new IllegalArgumentException("the scheme " + open.text() + " is laid open, but not there");
        }
    }

    /** Whether an arrangement is there: a scheme, or the plan as drawn. */
    public boolean has(SchemeId id) {
        return id.equals(AS_DRAWN) || find(id).isPresent();
    }

    /** The scheme of this id; empty for the plan as drawn too. */
    public Optional<Scheme> find(SchemeId id) {
        return all.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** What an arrangement is called. */
    public String name(SchemeId id) {
        return find(id).map(Scheme::name).orElse("As drawn");
    }

    /** All there are, the plan as drawn first. */
    public List<SchemeId> ids() {
        return Stream.concat(Stream.of(AS_DRAWN), all.stream().map(Scheme::id)).toList();
    }

    /** An id that no scheme has. */
    public SchemeId next() {
        return new SchemeId(
                1 + all.stream().mapToInt(s -> s.id().number()).max().orElse(0));
    }

    /**
     * The storeys in an arrangement.
     *
     * @param storeys as they are laid open
     * @throws NoSuchElementException if there is no such arrangement
     */
    List<Storey> storeys(SchemeId wanted, List<Storey> storeys) {
        if (wanted.equals(open)) {
            return storeys;
        }
        var base = open.equals(AS_DRAWN) ? storeys : changed(storeys, drawn);
        return wanted.equals(AS_DRAWN)
                ? base
                : changed(base, find(wanted).orElseThrow().parts());
    }

    private static List<Storey> changed(List<Storey> storeys, List<Departure> parts) {
        return storeys.stream()
                .map(s -> parts.stream()
                        .filter(p -> p.storey().equals(s.id()))
                        .findFirst()
                        .map(p -> p.of(s))
                        .orElse(s))
                .toList();
    }

    private static List<Departure> between(List<Storey> from, List<Storey> to) {
        var by = byId(from);
        return to.stream()
                .flatMap(s -> Optional.ofNullable(by.get(s.id())).flatMap(f -> Departure.between(f, s)).stream())
                .toList();
    }

    private static Map<StoreyId, Storey> byId(List<Storey> storeys) {
        Map<StoreyId, Storey> out = HashMap.newHashMap(storeys.size());
        storeys.forEach(s -> out.put(s.id(), s));
        return out;
    }

    /**
     * With a further scheme that is like what is laid open.
     *
     * @param storey the only one on which it may differ; empty for all
     * @param room the only one of that storey in which it may differ; empty for all
     * @throws IllegalArgumentException if it has no name, or if there are too many
     */
    public Schemes adding(String name, Optional<StoreyId> storey, Optional<InRoom> room, List<Storey> storeys) {
        var fresh = new Scheme(next(), name, storey, room, List.of());
        var made = fresh.withParts(fresh.within(storeys(AS_DRAWN, storeys), storeys));
        return new Schemes(Stream.concat(all.stream(), Stream.of(made)).toList(), open, drawn);
    }

    /** With a scheme called otherwise. */
    public Schemes naming(SchemeId id, String name) {
        return new Schemes(
                all.stream()
                        .map(s -> s.id().equals(id) ? new Scheme(id, name, s.storey(), s.room(), s.parts()) : s)
                        .toList(),
                open,
                drawn);
    }

    /** With a scheme of a room whose walls lie elsewhere now. */
    public Schemes outlining(SchemeId id, InRoom room) {
        return new Schemes(
                all.stream()
                        .map(s -> s.id().equals(id)
                                ? new Scheme(id, s.name(), s.storey(), Optional.of(room), s.parts())
                                : s)
                        .toList(),
                open,
                drawn);
    }

    /** Without a scheme that is not laid open. */
    public Schemes without(SchemeId id) {
        return new Schemes(all.stream().filter(s -> !s.id().equals(id)).toList(), open, drawn);
    }

    /** With another arrangement laid open, where those of the one open now are known. */
    Schemes opened(SchemeId wanted, List<Storey> storeys) {
        var base = storeys(AS_DRAWN, storeys);
        return new Schemes(
                all.stream()
                        .map(s -> s.id().equals(wanted)
                                ? s.withParts(List.of())
                                : s.id().equals(open) ? s.withParts(between(base, storeys)) : s)
                        .toList(),
                wanted,
                between(storeys(wanted, storeys), base));
    }

    /**
     * With the plan as drawn like what is laid open. All other schemes stay as they were where they may differ; on other
     * storeys they are alike again.
     */
    Schemes adopted(List<Storey> storeys) {
        return new Schemes(
                all.stream()
                        .filter(s -> !s.id().equals(open))
                        .map(s -> s.withParts(s.within(storeys, storeys(s.id(), storeys))))
                        .toList(),
                AS_DRAWN,
                List.of());
    }

    /**
     * What becomes of them when the storeys change: what is done to the scheme laid open is not done to the plan as drawn.
     * Storeys, their names and levels are those of the house, alike in all; so is what stands on storeys on which a scheme
     * may not differ.
     */
    Schemes following(List<Storey> before, List<Storey> now) {
        if (all.isEmpty()) {
            return this;
        }
        var there = byId(now);
        var kept = all.stream()
                .filter(s -> s.storey().filter(only -> !there.containsKey(only)).isEmpty())
                .map(s -> s.withParts(s.parts().stream()
                        .filter(p -> there.containsKey(p.storey()))
                        .toList()))
                .toList();
        var still = kept.stream().anyMatch(s -> s.id().equals(open)) ? open : AS_DRAWN;
        return new Schemes(kept, still, still.equals(AS_DRAWN) ? List.of() : drawn(before, now));
    }

    private List<Departure> drawn(List<Storey> before, List<Storey> now) {
        var base = byId(storeys(AS_DRAWN, before));
        var scheme = find(open).orElseThrow();
        var only = scheme.storey();
        var was = byId(before);
        return now.stream()
                .filter(s -> only.filter(o -> !o.equals(s.id())).isEmpty())
                .flatMap(s -> s == was.get(s.id())
                        ? drawn.stream().filter(p -> p.storey().equals(s.id()))
                        : Optional.ofNullable(base.get(s.id()))
                                .flatMap(b -> Departure.between(s, scheme.within(s, b)))
                                .stream())
                .toList();
    }

    /** All that is held apart from the storeys. */
    public Stream<Storey> apart() {
        return parts().map(Departure::other);
    }

    /** The numbers of all elements that are in any arrangement but perhaps not in the one laid open. */
    public Stream<Integer> numbersApart() {
        return apart().flatMap(s -> s.elements().all()).map(e -> e.id().number());
    }

    private Stream<Departure> parts() {
        return Stream.concat(drawn.stream(), all.stream().flatMap(s -> s.parts().stream()));
    }

    /** With all that is held apart changed: as a wall type changes, which all arrangements have. */
    public Schemes changing(UnaryOperator<Storey> change) {
        UnaryOperator<List<Departure>> each = parts -> parts.stream()
                .map(p -> new Departure(change.apply(p.other()), p.without(), p.order()))
                .toList();
        return new Schemes(
                all.stream().map(s -> s.withParts(each.apply(s.parts()))).toList(), open, each.apply(drawn));
    }
}
