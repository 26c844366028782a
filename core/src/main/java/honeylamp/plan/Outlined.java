package honeylamp.plan;

import honeylamp.geometry.Ring;
import java.util.List;

/** An element that is an outline of corners, each of which can be moved. */
public sealed interface Outlined permits Ground, Region {
    ElementId id();

    /** Around the outline, three or more. */
    List<Position> corners();

    /** The outline, counter-clockwise. */
    Ring ring();

    /** The same with other corners. */
    Outlined around(List<Position> corners);
}
