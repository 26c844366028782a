package honeylamp.edit;

import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import java.util.Set;

/** Removing things, and saying what goes with them. */
public final class Deletion {
    private Deletion() {}

    /** The plan without these elements; openings of a deleted wall go with it, names of rooms stay. */
    public static Plan of(Plan plan, StoreyId storey, Set<ElementId> gone) {
        return plan.withStorey(
                        storey,
                        s -> s.withOpenings(Lists.without(
                                        s.openings(), o -> gone.contains(o.id()) || gone.contains(o.host())))
                                .withWalls(Lists.without(s.walls(), w -> gone.contains(w.id())))
                                .withRooms(Lists.without(s.rooms(), r -> gone.contains(r.id())))
                                .withStructures(Lists.without(s.structures(), x -> gone.contains(x.id())))
                                .withFurnishings(Lists.without(s.furnishings(), f -> gone.contains(f.id())))
                                .withUnderlays(Lists.without(s.underlays(), u -> gone.contains(u.id())))
                                .withDimensions(Lists.without(s.dimensions(), d -> gone.contains(d.id())))
                                .withNotes(Lists.without(s.notes(), n -> gone.contains(n.id())))
                                .withSettingOut(Lists.without(s.settingOut(), l -> gone.contains(l.id())))
                                .withBoundaries(Lists.without(s.boundaries(), x -> gone.contains(x.id())))
                                .withGrounds(Lists.without(s.grounds(), x -> gone.contains(x.id()))))
                .with(UnitEdits.without(plan.repeats(), gone));
    }

    /** What a deletion takes with it, in words; empty if nothing more than was picked. */
    public static String alongWith(Storey storey, Set<ElementId> gone) {
        var openings = storey.openings().stream()
                .filter(o -> gone.contains(o.host()) && !gone.contains(o.id()))
                .count();
        return openings == 0 ? "" : openings == 1 ? "and the opening in it" : "and the " + openings + " openings in it";
    }
}
