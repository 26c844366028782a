package honeylamp.desktop.gesture;

import honeylamp.geometry.Segment;

/**
 * What the two ends of a wall are called, as they lie on the plan.
 *
 * @param from of the end it was drawn from
 * @param to of the end it was drawn to
 */
public record Ends(String from, String to) {
    /** The sides of a wall's chord: left and right, or below and above where it stands steeper. */
    public static Ends of(Segment chord) {
        var along = chord.unit();
        return Math.abs(along.x()) >= Math.abs(along.y())
                ? along.x() >= 0 ? new Ends("Left", "Right") : new Ends("Right", "Left")
                : along.y() >= 0 ? new Ends("Below", "Above") : new Ends("Above", "Below");
    }
}
