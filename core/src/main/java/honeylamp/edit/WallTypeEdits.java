package honeylamp.edit;

import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.HeightRule;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import java.util.stream.Stream;

/** Making wall types and changing them; walls follow the height rule of their type. */
public final class WallTypeEdits {
    private static final Length FULL = Length.ofMm(2600);
    private static final Length LOW = Length.ofMm(900);

    private WallTypeEdits() {}

    /** Adds a type; one that is the same but for its id is not added again. */
    public static Added<WallTypeId> add(Plan plan, WallType type) {
        var same = plan.wallTypes().stream()
                .filter(t -> t.withId(type.id()).equals(type))
                .findFirst();
        if (same.isPresent()) {
            return new Added<>(plan, same.get().id());
        }
        var id = new WallTypeId(plan.nextNumber());
        return new Added<>(plan.numbersTaken(1).withWallTypes(Lists.plus(plan.wallTypes(), type.withId(id))), id);
    }

    /** Puts a changed type in the place of the one of its id. If its height rule changed, its walls follow. */
    public static Plan change(Plan plan, WallType type) {
        var before = plan.wallType(type.id());
        var changed = plan.withWallTypes(Lists.changed(plan.wallTypes(), t -> t.id().equals(type.id()), _ -> type));
        return before.heightRule().equals(type.heightRule()) ? changed : follow(changed, type);
    }

    /**
     * Sets the length of a type's height rule, and the height of its walls; refused if a wall would have no height.
     *
     * @param by the height, or what is left free under the next storey
     */
    public static Outcome<Plan> setHeight(Plan plan, WallType type, Length by) {
        var kind = type.heightRule().kind();
        return kind != HeightRule.Kind.TO_NEXT_STOREY && by.compareTo(Length.ZERO) <= 0
                ? Outcome.refused("a wall needs some height")
                : Outcome.done(change(plan, type.withHeightRule(new HeightRule(kind, by))));
    }

    private static Plan follow(Plan plan, WallType type) {
        return plan.withStoreys(
                        plan.storeys().stream().map(s -> follow(s, type)).toList())
                .keepingSchemes(plan.schemes().changing(s -> follow(s, type)));
    }

    private static Storey follow(Storey storey, WallType type) {
        var height = type.heightRule().in(storey.height());
        return storey.with(
                Wall.class,
                Lists.changed(
                        storey.walls(),
                        w -> w.type().equals(type.id()) && !w.height().equals(height),
                        w -> w.withHeight(height)));
    }

    /** Takes a type away; refused if a wall is of this type, or it is the only one. */
    public static Outcome<Plan> remove(Plan plan, WallTypeId id) {
        var used = Stream.concat(plan.storeys().stream(), plan.schemes().apart()) // in any arrangement
                .flatMap(s -> s.walls().stream())
                .filter(w -> w.type().equals(id))
                .count();
        if (used > 0) {
            return Outcome.refused(
                    used + (used == 1 ? " wall is" : " walls are") + " of this type", "Give them another first.");
        }
        if (plan.wallTypes().size() == 1) {
            return Outcome.refused("a plan needs one wall type");
        }
        return Outcome.done(plan.withWallTypes(Lists.without(plan.wallTypes(), t -> t.id().equals(id))));
    }

    /** The rule a type gets when another kind of rule is chosen, to be changed from there. */
    public static HeightRule rule(HeightRule.Kind kind) {
        return switch (kind) {
            case FIXED -> new HeightRule(kind, FULL);
            case TO_NEXT_STOREY -> HeightRule.FULL;
            case LOW -> new HeightRule(kind, LOW);
        };
    }
}
