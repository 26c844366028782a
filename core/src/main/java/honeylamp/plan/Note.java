package honeylamp.plan;

import honeylamp.plan.ElementId.NoteId;

/** A line of text on the plan, centred at a point. */
public record Note(NoteId id, Position at, String text) {}
