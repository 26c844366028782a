package honeylamp.desktop.gesture.pick;

import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Outlined;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.Optional;
import java.util.Set;

/** What the button holds, as it was when it went down. */
public sealed interface Held {
    /** A corner of walls. */
    record Corner(Position at) implements Held {}

    /** A wall, grabbed at a point. */
    record WholeWall(Wall wall, Point grabbed) implements Held {}

    /** An opening, grabbed so far from its first jamb. */
    record Hole(Opening opening, Wall host, double grabMm) implements Held {}

    /** A piece, grabbed beside its centre. */
    record Piece(Furnishing piece, Point fromCentre) implements Held {}

    /** A light, a switch or an outlet, grabbed beside its place. */
    record Fit(Fitting fitting, Point fromPlace) implements Held {}

    /** The mark of an activity, grabbed beside its place. */
    record Done(Activity activity, Point fromPlace) implements Held {}

    /** A fixed part, grabbed beside its centre. */
    record Part(Structure part, Point fromCentre) implements Held {}

    /** A corner of an outline. */
    record OutlineCorner(Outlined outline, Position corner) implements Held {}

    /** An outline, grabbed at a point. */
    record WholeOutline(Outlined outline, Point grabbed) implements Held {}

    /** A region on a wall, grabbed so far from the wall's first end. */
    record OnWall(Region region, Wall wall, double grabMm) implements Held {}

    /** A picture that is not locked, grabbed at a point. */
    record Picture(Underlay underlay, Point grabbed) implements Held {}

    /**
     * Several things that are picked, grabbed at one of them.
     *
     * @param under what a click picks alone; empty if they were not picked before
     */
    record Several(Set<ElementId> ids, Optional<ElementId> under, Point grabbed) implements Held {}

    /** The turn handle of a piece. */
    record Turn(Furnishing piece) implements Held {}

    /** The size handle of a piece. */
    record Size(Furnishing piece) implements Held {}
}
