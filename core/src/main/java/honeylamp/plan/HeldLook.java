package honeylamp.plan;

import honeylamp.plan.ElementId.LookId;

/** A look that a plan holds, for its views to be pictured in. */
public record HeldLook(LookId id, Look look) {}
