package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Gesture;

/** A button held down in a view that is no plan: what is dragged there goes its own way, whatever the tool is. */
public sealed interface HeldInFront extends Gesture permits MoveInFront, MoveRaised, TurnRaised {}
