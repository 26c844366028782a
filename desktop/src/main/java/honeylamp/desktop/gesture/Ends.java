package honeylamp.desktop.gesture;

import honeylamp.geometry.Segment;

/**
 * What the two ends of a wall, or its two sides, are called, as they lie on the plan.
 *
 * @param from of the end it was drawn from, or of its left side
 * @param to of the end it was drawn to, or of its right side
 */
public record Ends(String from, String to) {
    /** The same as places beside the wall or the opening: left of it, above it. */
    public Ends ofIt() {
        return new Ends(ofIt(from), ofIt(to));
    }

    private static String ofIt(String word) {
        return word + (word.equals("Left") || word.equals("Right") ? " of it" : " it");
    }

    /** The sides beside a wall's chord, that on its left first. */
    public static Ends beside(Segment chord) {
        var middle = chord.middle();
        return of(new Segment(middle.plus(chord.unit().left()), middle));
    }

    /** The ends of a wall's chord: left and right, or below and above where it stands steeper. */
    public static Ends of(Segment chord) {
        var along = chord.unit();
        return Math.abs(along.x()) >= Math.abs(along.y())
                ? along.x() >= 0 ? new Ends("Left", "Right") : new Ends("Right", "Left")
                : along.y() >= 0 ? new Ends("Below", "Above") : new Ends("Above", "Below");
    }
}
