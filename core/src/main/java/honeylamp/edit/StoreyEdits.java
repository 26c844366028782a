package honeylamp.edit;

import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.ElementId.BoundaryId;
import honeylamp.plan.ElementId.CoveringId;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.FreeMarkId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Roof;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.Storey;
import honeylamp.plan.Storey.Levels;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** Adding, copying and ordering storeys, and their levels. */
public final class StoreyEdits {
    private StoreyEdits() {}

    /** Adds an empty storey on top, as high as the one below it. */
    public static Added<StoreyId> addOnTop(Plan plan, String name) {
        var below = plan.storeys().getLast();
        var id = new StoreyId(plan.nextNumber());
        var storeys = new ArrayList<>(plan.storeys());
        storeys.add(Storey.empty(id, name.strip(), below.level().plus(below.height()), below.height()));
        return new Added<>(plan.numbersTaken(1).withStoreys(storeys), id);
    }

    /** Gives a storey a roof, or takes it off. */
    public static Outcome<Plan> roof(Plan plan, StoreyId storey, Optional<Roof> roof) {
        return Outcome.done(plan.withStorey(storey, s -> s.withRoof(roof)));
    }

    /** Says how far a roof reaches beyond its walls; refused if that is more than two metres, or less than nothing. */
    public static Outcome<Plan> overhang(Plan plan, StoreyId storey, Length overhang) {
        if (overhang.mm() < 0 || overhang.compareTo(Roof.MOST_OVERHANG) > 0) {
            return Outcome.refused("a roof reaches 0 to " + LengthText.rounded(Roof.MOST_OVERHANG, plan.units())
                    + " beyond its walls");
        }
        return Outcome.done(plan.withStorey(storey, s -> s.withRoof(s.roof().map(r -> r.withOverhang(overhang)))));
    }

    /** Adds a storey on top with all that is built and placed on another; rooms are named anew. */
    public static Added<StoreyId> copyOnTop(Plan plan, StoreyId like, String name) {
        var from = plan.storey(like);
        var added = addOnTop(plan, name);
        var levels = from.levels();
        var all = new HashSet<ElementId>();
        from.walls().forEach(w -> all.add(w.id()));
        from.furnishings().forEach(f -> all.add(f.id()));
        from.structures().forEach(s -> all.add(s.id()));
        from.regions().forEach(r -> all.add(r.id()));
        from.fittings().forEach(f -> all.add(f.id()));
        from.activities().stream().filter(a -> a.piece().isPresent()).forEach(a -> all.add(a.id()));
        var as = added.plan()
                .withStorey(
                        added.id(),
                        s -> s.withLevels(levels.withLevel(s.level())).withRoof(from.roof()));
        return new Added<>(said(copied(as, like, all, List.of(added.id())), from, added.id()), added.id());
    }

    /** What is said of rooms, their boundaries, dimensions and notes goes with a whole storey. */
    private static Plan said(Plan plan, Storey from, StoreyId to) {
        var number = plan.nextNumber();
        var rooms = new ArrayList<RoomMark>();
        Map<ElementId, ElementId> twins = new HashMap<>();
        for (var room : from.rooms()) {
            var twin = room.withId(new RoomId(number++));
            twins.put(room.id(), twin.id());
            rooms.add(twin);
        }
        var coverings = new ArrayList<>(plan.storey(to).coverings()); // those of walls came with the walls
        for (var covering : from.coverings()) {
            var there = covering.surface().twin(id -> Optional.ofNullable(twins.get(id)));
            if (there.isPresent()) {
                coverings.add(new Covering(new CoveringId(number++), there.get(), covering.finish()));
            }
        }
        var fittings = new ArrayList<>(plan.storey(to).fittings()); // those of walls and pieces came with them
        for (var fitting : from.fittings()) {
            var there = fitting.on() instanceof Fitting.InRoom
                    ? fitting.twin(id -> Optional.ofNullable(twins.get(id)))
                    : Optional.<Fitting>empty();
            if (there.isPresent()) {
                fittings.add(there.get().withId(new FittingId(number++)));
            }
        }
        var activities = new ArrayList<>(plan.storey(to).activities()); // those of pieces came with them
        for (var activity : from.activities()) {
            if (activity.piece().isEmpty()) {
                activities.add(activity.withId(new ActivityId(number++)));
            }
        }
        var boundaries = new ArrayList<Boundary>();
        for (var boundary : from.boundaries()) {
            boundaries.add(boundary.withId(new BoundaryId(number++)));
        }
        var dimensions = new ArrayList<Dimension>();
        for (var d : from.dimensions()) {
            dimensions.add(d.withId(new DimensionId(number++)));
        }
        var notes = new ArrayList<Note>();
        for (var note : from.notes()) {
            notes.add(note.withId(new NoteId(number++)));
        }
        var rounds = new ArrayList<RoundDimension>();
        for (var d : from.roundDimensions()) {
            rounds.add(d.withId(new RoundDimensionId(number++)));
        }
        var marks = new ArrayList<FreeMark>();
        for (var mark : from.freeMarks()) {
            marks.add(mark.withId(new FreeMarkId(number++)));
        }
        return plan.numbersTaken(number - plan.nextNumber())
                .withStorey(
                        to,
                        s -> s.with(RoomMark.class, rooms)
                                .with(Boundary.class, boundaries)
                                .with(Dimension.class, dimensions)
                                .with(Note.class, notes)
                                .with(FreeMark.class, marks)
                                .with(RoundDimension.class, rounds)
                                .with(Covering.class, coverings)
                                .with(Fitting.class, fittings)
                                .with(Activity.class, activities));
    }

    /** Copies picked walls with their openings, furnishings and fixed parts to storeys, each to the same place. */
    public static Plan copied(Plan plan, StoreyId from, Set<ElementId> picked, Collection<StoreyId> to) {
        var clipping = Clipping.of(plan, from, picked);
        var now = plan;
        for (var storey : to) {
            now = clipping.into(now, storey, Length.ZERO, Length.ZERO).plan();
        }
        return now;
    }

    /** Storeys that something can be copied to at once, with a name for them. */
    public record Target(String name, List<StoreyId> storeys) {
        public Target {
            storeys = List.copyOf(storeys);
        }
    }

    /** Each other storey by itself; where there are several, also all others, all above and all below. */
    public static List<Target> targets(Plan plan, StoreyId from) {
        var others = plan.storeys().stream().filter(s -> !s.id().equals(from)).toList();
        var out = new ArrayList<Target>();
        others.forEach(s -> out.add(new Target(s.name(), List.of(s.id()))));
        if (others.size() > 1) {
            var level = plan.storey(from).level();
            several(out, "All above", others, s -> s.level().compareTo(level) > 0);
            several(out, "All below", others, s -> s.level().compareTo(level) < 0);
            several(out, "All others", others, _ -> true);
        }
        return out;
    }

    private static void several(List<Target> out, String name, List<Storey> of, Predicate<Storey> which) {
        var ids = of.stream().filter(which).map(Storey::id).toList();
        if (ids.size() > 1 && out.stream().noneMatch(t -> t.storeys.equals(ids))) {
            out.add(new Target(name, ids));
        }
    }

    /** Gives a storey another name. */
    public static Plan name(Plan plan, StoreyId id, String name) {
        return plan.withStorey(id, s -> s.withName(name.strip()));
    }

    /** Changes level, height or cut of a storey; storeys above keep theirs. */
    public static Plan levels(Plan plan, StoreyId id, UnaryOperator<Levels> change) {
        return plan.withStorey(id, s -> s.withLevels(change.apply(s.levels())));
    }

    /**
     * Exchanges a storey with the one above it: the lower one's level stays the lower, and the gap between floor and
     * ceiling stays as high. Refused if it is the top one.
     */
    public static Outcome<Plan> raise(Plan plan, StoreyId id) {
        var at = index(plan, id);
        if (at + 1 >= plan.storeys().size()) {
            return Outcome.refused("no storey lies above this one");
        }
        var lower = plan.storeys().get(at);
        var upper = plan.storeys().get(at + 1);
        var gap = upper.level().minus(lower.level().plus(lower.height()));
        var storeys = new ArrayList<>(plan.storeys());
        storeys.set(at, upper.withLevels(upper.levels().withLevel(lower.level())));
        storeys.set(
                at + 1,
                lower.withLevels(lower.levels()
                        .withLevel(lower.level().plus(upper.height()).plus(gap))));
        return Outcome.done(plan.withStoreys(storeys));
    }

    /** Exchanges a storey with the one below it; refused if it is the lowest. */
    public static Outcome<Plan> lower(Plan plan, StoreyId id) {
        var at = index(plan, id);
        if (at == 0) {
            return Outcome.refused("no storey lies below this one");
        }
        return raise(plan, plan.storeys().get(at - 1).id());
    }

    /** Takes a storey out, with all that is on it; refused if it is the only one. */
    public static Outcome<Plan> remove(Plan plan, StoreyId id) {
        if (plan.storeys().size() == 1) {
            return Outcome.refused("a plan needs a storey");
        }
        return Outcome.done(plan.withRepeats(UnitEdits.without(plan.repeats(), id))
                .withStoreys(Lists.without(plan.storeys(), s -> s.id().equals(id))));
    }

    private static int index(Plan plan, StoreyId id) {
        return plan.storeys().indexOf(plan.storey(id));
    }
}
