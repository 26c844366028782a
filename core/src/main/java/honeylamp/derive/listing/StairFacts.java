package honeylamp.derive.listing;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairRule;
import honeylamp.derive.fixed.StairSteps;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import java.util.Optional;

/**
 * What is told of a stair on a storey.
 *
 * @param treads how many it has
 * @param risers how many it has
 * @param easy whether two risers and a going make an easy stride
 * @param climb how it is walked, where the storey has it
 */
public record StairFacts(int treads, int risers, boolean easy, Optional<Climb> climb) {
    /**
     * The way up.
     *
     * @param walkMm along the walking line
     * @param openFromStep the step, counted from 1, from which the floor above is open
     */
    public record Climb(double walkMm, int openFromStep) {}

    /** The facts of a stair that stands on a storey. */
    public static StairFacts of(Plan plan, Storey storey, Structure part, Stair stair) {
        var steps = StairSteps.of(stair);
        return new StairFacts(
                steps.treads().size(),
                steps.risers().size(),
                StairRule.isEasy(stair),
                FixedParts.on(plan, storey).stairs().stream()
                        .filter(f -> f.part().id().equals(part.id()))
                        .findFirst()
                        .map(f -> new Climb(f.steps().walkMm(), f.openFrom() + 1)));
    }
}
