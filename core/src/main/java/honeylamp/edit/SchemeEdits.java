package honeylamp.edit;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Presentation;
import honeylamp.plan.Schemes;
import honeylamp.plan.Schemes.InRoom;
import honeylamp.plan.View;
import honeylamp.plan.View.Arranged;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Making schemes, laying them open, taking over from them, and showing them on pages. */
public final class SchemeEdits {
    /** Rooms whose outlines differ by more than this share are not the same room. */
    private static final double SAME_ROOM = 0.01;

    private SchemeEdits() {}

    /**
     * Adds a scheme like what is laid open, and lays it open.
     *
     * @param name empty for the next letter
     * @param storey the only one on which it may differ; empty for all
     */
    public static Outcome<Plan> add(Plan plan, String name, Optional<StoreyId> storey) {
        return add(plan, name, storey, Optional.empty());
    }

    /**
     * Adds a scheme of one room: whatever else is changed while it is laid open is changed in all arrangements. Refused for a
     * room that is not there.
     *
     * @param name empty for the room's and the next letter
     */
    public static Outcome<Plan> addOfRoom(LaidPlan plan, String name, StoreyId storey, RoomId room) {
        return room(plan, storey, room)
                .map(there -> add(
                        plan.drawn(),
                        name.isBlank() && !there.name().isBlank()
                                ? proposed(plan.drawn().schemes(), there.name())
                                : name,
                        Optional.of(storey),
                        Optional.of(scope(there, room))))
                .orElseGet(() -> Outcome.refused("the room is not there", "Pick one that is."));
    }

    /** Schemes of rooms follow the walls of their rooms, which are the house's; those of gone rooms stay where they were. */
    static Plan following(Plan plan, StoreyId storey, StoreyGeometry geometry) {
        var out = plan;
        for (var scheme : plan.schemes().all()) {
            var open = plan.schemes().open();
            var isHouse = open.equals(Schemes.AS_DRAWN) || open.equals(scheme.id());
            if (isHouse && scheme.room().isPresent() && scheme.storey().equals(Optional.of(storey))) {
                var id = scheme.room().get().room();
                var now = geometry.rooms().stream()
                        .filter(r -> r.mark().filter(m -> m.id().equals(id)).isPresent())
                        .findFirst()
                        .map(r -> scope(r, id))
                        .orElse(scheme.room().get());
                if (!now.equals(scheme.room().get())) {
                    out = out.keepingSchemes(out.schemes().outlining(scheme.id(), now));
                }
            }
        }
        return out;
    }

    private static InRoom scope(Room room, RoomId id) {
        return new InRoom(
                id,
                room.outline().shell().corners().stream()
                        .map(p -> Position.ofMm(p.x(), p.y()))
                        .toList());
    }

    private static Outcome<Plan> add(Plan plan, String name, Optional<StoreyId> storey, Optional<InRoom> room) {
        var schemes = plan.schemes();
        if (schemes.all().size() >= Schemes.MOST) {
            return Outcome.refused(Schemes.MOST + " schemes are there already", "Forget one first.");
        }
        return named(plan, name.isBlank() ? proposed(schemes, "Scheme") : name, schemes.next())
                .map(called -> plan.keepingSchemes(schemes.adding(called, storey, room, plan.storeys()))
                        .opening(schemes.next()));
    }

    /** The first letter that no scheme is called by. */
    private static String proposed(Schemes schemes, String of) {
        return Stream.iterate('A', letter -> (char) (letter + 1))
                .map(letter -> of + " " + letter)
                .filter(name -> schemes.all().stream().noneMatch(s -> s.name().equals(name)))
                .findFirst()
                .orElseThrow();
    }

    private static Outcome<String> named(Plan plan, String name, SchemeId id) {
        var stripped = name.strip();
        if (stripped.isEmpty()) {
            return Outcome.refused("a scheme needs a name");
        }
        return plan.schemes().all().stream().anyMatch(s -> s.name().equals(stripped) && !s.id().equals(id))
                ? Outcome.refused("another scheme is called " + stripped, "Type another name.")
                : Outcome.done(stripped);
    }

    /** Calls a scheme otherwise; refused without a name, and if another is called so. */
    public static Outcome<Plan> name(Plan plan, SchemeId id, String name) {
        return named(plan, name, id)
                .map(called -> plan.keepingSchemes(plan.schemes().naming(id, called)));
    }

    /** Lays the scheme open that comes so many places after the one that is, round and round. */
    public static Plan next(Plan plan, int by) {
        var ids = plan.schemes().ids();
        var at = ids.indexOf(plan.schemes().open());
        return plan.opening(ids.get(Math.floorMod(at + by, ids.size())));
    }

    /** Forgets a scheme; if it is laid open, the plan as drawn is. */
    public static Plan forget(Plan plan, SchemeId id) {
        var other = plan.schemes().open().equals(id) ? plan.opening(Schemes.AS_DRAWN) : plan;
        return other.keepingSchemes(other.schemes().without(id));
    }

    /** Makes the plan as drawn what the scheme laid open is, which goes; refused if none is laid open. */
    public static Outcome<Plan> adopt(Plan plan) {
        return plan.schemes().open().equals(Schemes.AS_DRAWN)
                ? Outcome.refused("no scheme is laid open", "Lay the one open that is to become the plan.")
                : Outcome.done(plan.adopting());
    }

    /**
     * Takes a room's pieces, fixed parts and finishes over from another arrangement into the one laid open; refused if the
     * room is not there, or has other walls.
     */
    public static Outcome<Plan> takeRoom(LaidPlan plan, StoreyId storey, RoomId room, SchemeId from) {
        var here = room(plan, storey, room);
        var other = plan.arranged(from);
        var there = room(other, storey, room);
        var called = plan.drawn().schemes().name(from);
        if (here.isEmpty() || there.isEmpty()) {
            return Outcome.refused("the room is not there in both", "Pick a room that " + called + " has too.");
        }
        if (differ(here.get().outline(), there.get().outline())) {
            return Outcome.refused(
                    "the walls of the room lie elsewhere in " + called,
                    "Take over the whole scheme, or move walls first.");
        }
        var taken = other.drawn()
                .storey(storey)
                .elements()
                .all()
                .filter(scope(there.get(), room)::holds)
                .toList();
        var ids = taken.stream().map(Element::id).collect(Collectors.toSet()); // a piece may stand in another room here
        var kept = plan.drawn()
                .storey(storey)
                .elements()
                .only(e -> !scope(here.get(), room).holds(e) && !ids.contains(e.id()));
        return Outcome.done(plan.drawn().withStorey(storey, s -> s.with(kept.plus(taken))));
    }

    private static Optional<Room> room(LaidPlan plan, StoreyId storey, RoomId id) {
        return plan.on(storey).geometry().rooms().stream()
                .filter(r -> r.mark().filter(m -> m.id().equals(id)).isPresent())
                .findFirst();
    }

    private static boolean differ(Outline a, Outline b) {
        var more = Stream.concat(
                        Regions.difference(List.of(a), List.of(b)).stream(),
                        Regions.difference(List.of(b), List.of(a)).stream())
                .mapToDouble(Outline::area)
                .sum();
        return more > SAME_ROOM * a.area();
    }

    /** What a view shows of the schemes. */
    public static Plan show(Plan plan, ViewId view, Arranged arranged) {
        return plan.withPresentation(plan.presentation().changing(List.of(view), v -> v.withArranged(arranged)));
    }

    /** A page of each arrangement, like the first page of what a view shows; those that are there already stay. */
    public static Plan pages(Plan plan, ViewId like) {
        var out = plan;
        var subject = plan.presentation().view(like).orElseThrow().subject();
        var after = plan.presentation().views().stream()
                .filter(v -> v.subject().equals(subject))
                .findFirst()
                .orElseThrow()
                .id();
        for (var id : plan.schemes().ids()) {
            var arranged = new Arranged(Optional.of(id), Optional.empty());
            if (!hasPage(out.presentation(), subject, arranged)) {
                var added = ViewEdits.copy(out, after);
                after = added.id();
                out = show(added.plan(), after, arranged);
            }
        }
        return out;
    }

    private static boolean hasPage(Presentation presentation, View.Subject subject, Arranged arranged) {
        return presentation.pages().stream()
                .filter(p -> p.views().size() == 1)
                .flatMap(p -> presentation.view(p.views().getFirst()).stream())
                .anyMatch(v -> v.subject().equals(subject) && v.arranged().equals(arranged));
    }

    /**
     * A page with two arrangements side by side, what differs marked on the second.
     *
     * @param like the view whose storey, look and words they have
     */
    public static Added<PageId> sideBySide(Plan plan, ViewId like, SchemeId first, SchemeId second) {
        var one = ViewEdits.copy(plan, like);
        var shown = show(one.plan(), one.id(), new Arranged(Optional.of(first), Optional.empty()));
        var two = ViewEdits.copy(shown, one.id());
        var both = show(two.plan(), two.id(), new Arranged(Optional.of(second), Optional.of(first)));
        var presentation = both.presentation();
        var page = presentation.pageOf(one.id()).orElseThrow();
        var other = presentation.pageOf(two.id()).orElseThrow();
        var names = both.schemes();
        var pages = new ArrayList<>(presentation.pages());
        pages.remove(other);
        pages.set(
                pages.indexOf(page),
                page.withViews(List.of(one.id(), two.id()))
                        .withLists(Set.of(Page.Listing.DIFFERENCES))
                        .withName(names.name(first) + " and " + names.name(second)));
        return new Added<>(both.withPresentation(presentation.withPages(pages)), page.id());
    }

    /** Pages of a view before, during and after the works: what is there, what goes and comes, and what will be. */
    public static Plan worksPages(Plan plan, ViewId like) {
        var out = plan;
        var after = like;
        for (var works : List.of(View.Works.BEFORE, View.Works.MARKED, View.Works.AFTER)) {
            var added = ViewEdits.copy(out, after);
            after = added.id();
            out = ViewEdits.name(ViewEdits.works(added.plan(), after, Reach.THIS, works), after, worksName(works));
        }
        return out;
    }

    private static String worksName(View.Works works) {
        return switch (works) {
            case BEFORE -> "Existing";
            case MARKED -> "Demolition and new";
            case AFTER -> "Proposed";
        };
    }
}
