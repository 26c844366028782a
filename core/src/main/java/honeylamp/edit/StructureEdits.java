package honeylamp.edit;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairRule;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Adding and changing fixed parts that are no walls. */
public final class StructureEdits {
    private StructureEdits() {}

    /** Adds a part; {@code make} is given its identity. */
    public static Added<StructureId> add(Plan plan, StoreyId storey, Function<StructureId, Structure> make) {
        var id = new StructureId(plan.nextNumber());
        var part = make.apply(id);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Structure.class, Lists.plus(s.structures(), part))),
                id);
    }

    /** Adds a part of a form. */
    public static Added<StructureId> add(Plan plan, StoreyId storey, Structure.Form form, Position at, double turnDeg) {
        return add(plan, storey, id -> new Structure(id, form, at, turnDeg));
    }

    /** Changes a part, on whichever storey it is. */
    public static Plan change(Plan plan, StructureId id, UnaryOperator<Structure> change) {
        var out = plan;
        for (var storey : plan.storeys()) {
            out = out.withStorey(storey.id(), s -> s.change(Structure.class, id, change));
        }
        return out;
    }

    /** Moves a part. */
    public static Plan moveTo(Plan plan, StructureId id, Position at) {
        return change(plan, id, x -> x.withAt(at));
    }

    /** Gives a part another form; a stair keeps its first step where it is. */
    public static Plan form(Plan plan, StructureId id, Structure.Form form) {
        return change(
                plan,
                id,
                x -> x.form() instanceof Stair before && form instanceof Stair after
                        ? Stairs.formed(x, before, after)
                        : x.withForm(form));
    }

    /** Gives a stair another count of risers, its going as it is; refused if its shape has too many or too few. */
    public static Outcome<Plan> risers(Plan plan, StructureId id, Stair stair, int risers) {
        return Stair.whyNotRisers(stair.shape(), risers)
                .map(Outcome::<Plan>refused)
                .orElseGet(() -> Outcome.done(form(plan, id, stair.stepped(risers, stair.going()))));
    }

    /** Lets a stair turn after so many treads; refused if it has not as many. */
    public static Outcome<Plan> turningAfter(Plan plan, StructureId id, Stair stair, int treads) {
        return stair.whyNotTurningAfter(treads)
                .map(Outcome::<Plan>refused)
                .orElseGet(() -> Outcome.done(form(plan, id, stair.withLower(treads))));
    }

    /** Gives a stair the rise from floor to floor and the steps that it asks for. */
    public static Plan stepped(Plan plan, StoreyId storey, StructureId id) {
        return change(
                plan,
                id,
                x -> x.form() instanceof Stair stair
                        ? Stairs.formed(
                                x,
                                stair,
                                StairRule.stepped(
                                        stair.withRise(FixedParts.rise(plan, plan.storey(storey), stair.leads())),
                                        plan.units()))
                        : x);
    }
}
