package honeylamp.tracing;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.List;

/**
 * The walls and openings that a picture seems to show, in full pixels of the picture.
 *
 * @param walls in the order they were read
 * @param thicknesses how many thicknesses the walls have
 * @param turnDeg how far the lines of the picture are turned, counter-clockwise as seen
 * @param roomsShare the share of the box around the walls that closed rooms cover, from 0 to 1
 */
public record Proposal(List<ProposedWall> walls, int thicknesses, double turnDeg, double roomsShare) {
    /** Nothing was found. */
    public static final Proposal NONE = new Proposal(List.of(), 0, 0, 0);

    /** Freezes the list. */
    public Proposal {
        walls = List.copyOf(walls);
    }

    /** What an opening is drawn as. */
    public enum Kind {
        DOOR,
        PAIR_DOOR,
        WINDOW,
        /** A gap in which nothing is drawn; it may be no wall at all. */
        PLAIN
    }

    /** How a wall runs in the levelled picture. */
    public enum Run {
        UPRIGHT,
        LYING,
        /** By a few degrees off either. */
        ASLANT
    }

    /**
     * A wall by its centre line.
     *
     * @param face the foot of its middle on one of its faces
     * @param thickness which of the thicknesses it has
     * @param sure from 0 to 1; below a half it is doubtful
     */
    public record ProposedWall(
            Segment line, Point face, Run run, int thickness, List<ProposedOpening> openings, double sure) {
        /** Freezes the list. */
        public ProposedWall {
            openings = List.copyOf(openings);
        }
    }

    /**
     * An opening by its jambs on the centre line.
     *
     * @param hinge the jamb its leaf is hinged at; for others its first jamb
     * @param opensTo a point on the side its leaf opens to; for others a point on the line
     * @param sure from 0 to 1; below a half it is doubtful
     */
    public record ProposedOpening(Kind kind, Point first, Point second, Point hinge, Point opensTo, double sure) {}
}
