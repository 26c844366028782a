package honeylamp.edit;

import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;

/** A plan with something new in it, and the identity of what is new. */
public record Added<I extends ElementId>(Plan plan, I id) {}
