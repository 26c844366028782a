package honeylamp.edit;

import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.UnitCopy;
import java.util.List;

/**
 * Completes an edit in the same step: openings settle where they keep to, dimensions go with what they measure,
 * setting-out lines that served their turn go, marks go with their rooms, and spaces that have just closed become
 * rooms. Every storey that the edit touched is completed, whichever is worked on.
 *
 * <p>Law: completing a complete plan changes nothing.
 */
public final class Completing {
    private final GeometryCache cache;

    /**
     * Completes edits.
     *
     * @param cache knows the plan before, so that only what the edit touched is derived
     */
    public Completing(GeometryCache cache) {
        this.cache = cache;
    }

    /** The edited plan with all that follows from the edit. */
    public Plan of(Plan before, Plan edited) {
        if (!edited.schemes().open().equals(before.schemes().open())) {
            return laidOpen(edited);
        }
        var now = edited;
        for (var storey : edited.storeys()) {
            now = completed(before, now, storey.id());
        }
        return edited.storeys() == before.storeys() ? now : Grouping.kept(now);
    }

    /** Another arrangement was completed as it was edited; only the plan as drawn may have got rooms since then. */
    private Plan laidOpen(Plan edited) {
        var now = edited;
        for (var storey : edited.storeys()) {
            now = RoomEdits.markNew(now, storey.id(), derived(now, storey.id()));
        }
        return now;
    }

    private Plan completed(Plan before, Plan edited, StoreyId id) {
        var known = before.storeys().stream().filter(s -> s.id().equals(id)).findFirst();
        if (known.isEmpty()) {
            return edited; // a new storey brings what is said of its rooms
        }
        var was = known.get();
        var touched = edited.storey(id) != was || edited.wallTypes() != before.wallTypes();
        var settled = touched ? settled(before, was, edited) : edited;
        var kept = isBounded(was, settled.storey(id)) || copiesDiffer(before, edited, id)
                ? scoped(roomsKept(before, was, settled), id)
                : settled;
        var outlined = kept.storey(id).regions().isEmpty() ? kept : OwnRegions.kept(was, kept, id);
        var done = ActivityEdits.kept(outlined, id);
        var fitted = done.storey(id).fittings().isEmpty() ? done : FittingEdits.kept(was, done, id);
        var covered = Coverings.mayDiffer(was, fitted.storey(id))
                ? Coverings.kept(cache.of(before, was), fitted, derived(fitted, id))
                : fitted;
        return mayRise(was, covered.storey(id))
                ? Hanging.kept(cache.of(before, was), covered, derived(covered, id))
                : covered;
    }

    private Plan scoped(Plan plan, StoreyId id) {
        return plan.schemes().all().stream().allMatch(s -> s.room().isEmpty())
                ? plan
                : SchemeEdits.following(plan, id, derived(plan, id));
    }

    /** Whether ceilings may be at other heights, or what hangs from them be elsewhere or of another height. */
    private static boolean mayRise(Storey was, Storey now) {
        return !now.height().equals(was.height())
                || now.rooms() != was.rooms()
                || now.furnishings() != was.furnishings();
    }

    private static boolean isBounded(Storey was, Storey now) {
        return now.walls() != was.walls() || now.boundaries() != was.boundaries();
    }

    /** Whether the copies of units that stand on a storey are others than before, or of other walls. */
    private static boolean copiesDiffer(Plan before, Plan edited, StoreyId storey) {
        var was = copies(before, storey);
        var now = copies(edited, storey);
        return !now.equals(was) || now.stream().anyMatch(c -> unitDiffers(before, edited, c));
    }

    private static List<UnitCopy> copies(Plan plan, StoreyId storey) {
        return plan.repeats().copies().stream()
                .filter(c -> c.storey().equals(storey))
                .toList();
    }

    private static boolean unitDiffers(Plan before, Plan edited, UnitCopy copy) {
        return edited.repeats().units().stream()
                .filter(u -> u.id().equals(copy.unit()))
                .anyMatch(u -> edited.storey(u.storey()).walls()
                        != before.storey(u.storey()).walls());
    }

    private Plan settled(Plan before, Storey was, Plan edited) {
        var network = cache.of(edited, edited.storey(was.id())).network();
        var there = cache.of(before, was);
        return Following.words(before, was, Leaning.settled(there, Settling.settled(there, edited, network), network));
    }

    private Plan roomsKept(Plan before, Storey was, Plan edited) {
        var plan = SettingOutEdits.withoutUsed(before, edited, was.id());
        var kept = RoomKeeping.kept(plan, cache.of(before, was), derived(plan, was.id()));
        var drawn = RoomEdits.markNew(kept, was.id(), derived(kept, was.id()));
        if (drawn.repeats().copies().isEmpty()) {
            return drawn;
        }
        var laid = cache.laidOut(drawn).on(was.id()); // spaces between copies are rooms too
        return RoomEdits.markNew(drawn, was.id(), laid.geometry());
    }

    private StoreyGeometry derived(Plan plan, StoreyId storey) {
        return cache.of(plan, plan.storey(storey));
    }
}
