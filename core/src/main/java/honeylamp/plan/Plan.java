package honeylamp.plan;

import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A whole plan: one immutable value from which every picture, list and warning is derived.
 *
 * @param name empty as long as nobody gave it one
 * @param roundedTo what shown lengths are whole multiples of; zero: as fine as the units show
 * @param northDeg direction of north, counter-clockwise from east
 * @param groups things that are picked together; nothing is in two
 * @param schemes other arrangements of the storeys
 * @param lighting what is gone by when lights are planned
 * @param review what those who were sent it said
 * @param nextNumber the number the next new element gets; larger than every number in use
 */
@RecordBuilder
public record Plan(
        String name,
        UnitSystem units,
        Length roundedTo,
        double northDeg,
        List<WallType> wallTypes,
        List<Storey> storeys,
        Presentation presentation,
        Brief brief,
        Repeats repeats,
        List<Group> groups,
        Schemes schemes,
        LightingRules lighting,
        Review review,
        int nextNumber)
        implements PlanBuilder.With {
    /** Freezes the lists; refuses a plan whose parts do not hang together. */
    public Plan {
        wallTypes = List.copyOf(wallTypes);
        storeys = List.copyOf(storeys);
        groups = List.copyOf(groups);
        if (storeys.isEmpty()) {
            throw new IllegalArgumentException("a plan needs a storey");
        }
        var types = new HashSet<WallTypeId>();
        wallTypes.forEach(t -> types.add(t.id()));
        for (var storey : storeys) {
            requireWhole(storey, types);
        }
        schemes.apart().flatMap(s -> s.walls().stream()).forEach(w -> requireType(w, types));
        Checks.finite("north", northDeg);
        requireStoreys(repeats, presentation, storeys);
        requireSchemes(presentation, schemes);
    }

    private static void requireSchemes(Presentation presentation, Schemes schemes) {
        for (var view : presentation.views()) {
            Stream.concat(view.arranged().as().stream(), view.arranged().against().stream())
                    .filter(id -> !schemes.has(id))
                    .findFirst()
                    .ifPresent(id -> {
                        throw new IllegalArgumentException(
                                "view " + view.id().text() + " asks for " + id.text() + ", which is not there");
                    });
        }
    }

    /** Its name as one speaks of it, also while it has none. */
    public String spokenName() {
        return name.isBlank() ? "a plan without a name" : "\"" + name + "\"";
    }

    /** Whether nothing differs but from which side raised views are looked at. */
    public boolean isSeenAs(Plan other) {
        return this == other || straight().equals(other.straight());
    }

    private Plan straight() {
        return withPresentation(presentation.withViews(presentation.views().stream()
                .map(v -> switch (v.subject()) {
                    case Raised.Cutaway cutaway -> v.withSubject(cutaway.fromAnywhere());
                    case Raised.WholeStorey whole -> v.withSubject(whole.fromAnywhere());
                    case Raised.Building building -> v.withSubject(building.fromAnywhere());
                    // these have their marks in plans
                    case Raised.Inside _, Raised.Outside _, Raised.Section _, Raised.RoofPlan _ -> v;
                    case View.Subject.StoreyPlan _, View.Subject.Front _ -> v;
                })
                .toList()));
    }

    private static List<StoreyId> ids(List<Storey> storeys) {
        return storeys.stream().map(Storey::id).toList();
    }

    private static void requireStoreys(Repeats repeats, Presentation presentation, List<Storey> storeys) {
        var known = new HashSet<StoreyId>();
        storeys.forEach(s -> known.add(s.id()));
        repeats.units().forEach(u -> requireKnown(known, "unit " + u.id().text(), u.storey()));
        repeats.copies().forEach(c -> requireKnown(known, "copy " + c.id().text(), c.storey()));
        presentation.views().forEach(v -> requireKnown(known, "view " + v.id().text(), v.storey()));
    }

    private static void requireKnown(HashSet<StoreyId> known, String what, StoreyId storey) {
        if (!known.contains(storey)) {
            throw new IllegalArgumentException(what + " stands on no storey (" + storey.text() + ")");
        }
    }

    private static void requireType(Wall wall, HashSet<WallTypeId> types) {
        if (!types.contains(wall.type())) {
            throw new IllegalArgumentException("wall " + wall.id().text() + " is of unknown type "
                    + wall.type().text());
        }
    }

    private static void requireWhole(Storey storey, HashSet<WallTypeId> types) {
        var walls = new HashSet<ElementId.WallId>();
        for (var wall : storey.walls()) {
            requireType(wall, types);
            if (!walls.add(wall.id())) {
                throw new IllegalArgumentException(
                        "two walls are called " + wall.id().text());
            }
        }
        for (var opening : storey.openings()) {
            if (!walls.contains(opening.host())) {
                throw new IllegalArgumentException("opening " + opening.id().text() + " hangs in no wall ("
                        + opening.host().text() + ")");
            }
        }
    }

    /**
     * The wall type of this id.
     *
     * @throws NoSuchElementException if the plan has none
     */
    public WallType wallType(WallTypeId id) {
        return wallTypes.stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
    }

    /**
     * The storey of this id.
     *
     * @throws NoSuchElementException if the plan has none
     */
    public Storey storey(StoreyId id) {
        return storeys.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** The plan with one storey changed; all others stay the same objects, and so does a plan that does not change. */
    public Plan withStorey(StoreyId id, UnaryOperator<Storey> change) {
        var before = storeys.stream().filter(s -> s.id().equals(id)).findFirst();
        var after = before.map(change);
        if (before.isEmpty() || after.filter(s -> s == before.get()).isPresent()) {
            return this;
        }
        return withStoreys(
                storeys.stream().map(s -> s == before.get() ? after.get() : s).toList());
    }

    /** The plan with other storeys; a new one gets a view and a page, one that goes takes its own along. */
    public Plan withStoreys(List<Storey> other) {
        var followed = schemes.following(storeys, other);
        return with(copy -> copy.storeys(other)
                .schemes(followed)
                .presentation(presentation.following(ids(storeys), ids(other)).inSchemes(followed)));
    }

    /**
     * The plan with another arrangement laid open; what is open now becomes what it differs in.
     *
     * @throws NoSuchElementException if there is no such arrangement
     */
    public Plan opening(SchemeId id) {
        return id.equals(schemes.open())
                ? this
                : with(copy -> copy.storeys(schemes.storeys(id, storeys)).schemes(schemes.opened(id, storeys)));
    }

    /** The plan as it is in the scheme laid open, which is none any more; all other schemes stay as they are. */
    public Plan adopting() {
        var adopted = schemes.adopted(storeys);
        return with(copy -> copy.schemes(adopted).presentation(presentation.inSchemes(adopted)));
    }

    /** The plan with other schemes; views of those that go show what is laid open. */
    public Plan keepingSchemes(Schemes other) {
        return other.equals(schemes)
                ? this
                : with(copy -> copy.schemes(other).presentation(presentation.inSchemes(other)));
    }

    /** The plan after {@code count} more numbers were given out. */
    public Plan numbersTaken(int count) {
        return withNextNumber(nextNumber + count);
    }
}
