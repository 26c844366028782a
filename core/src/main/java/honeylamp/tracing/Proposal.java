package honeylamp.tracing;

import honeylamp.geometry.Affine;
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

    /** The same in another frame, neither turned nor mirrored. */
    Proposal moved(Affine to) {
        return new Proposal(walls.stream().map(w -> w.moved(to)).toList(), thicknesses, turnDeg, roomsShare);
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

    /** How well a place is known. */
    public enum Precision {
        /** As well as the pixels of a picture tell. */
        PIXELS,
        /** As it was drawn: it lies on lines of the drawing. */
        LINES
    }

    /**
     * A wall by its centre line.
     *
     * @param face the foot of its middle on one of its faces
     * @param thickness which of the thicknesses it has
     * @param sure from 0 to 1; below a half it is doubtful
     * @param precision how well its line and its thickness are known
     */
    public record ProposedWall(
            Segment line,
            Point face,
            Run run,
            int thickness,
            List<ProposedOpening> openings,
            double sure,
            Precision precision) {
        /** Freezes the list. */
        public ProposedWall {
            openings = List.copyOf(openings);
        }

        private ProposedWall moved(Affine to) {
            return new ProposedWall(
                    new Segment(to.apply(line.a()), to.apply(line.b())),
                    to.apply(face),
                    run,
                    thickness,
                    openings.stream().map(o -> o.moved(to)).toList(),
                    sure,
                    precision);
        }
    }

    /**
     * An opening by its jambs on the centre line.
     *
     * @param hinge the jamb its leaf is hinged at; for others its first jamb
     * @param opensTo a point on the side its leaf opens to; for others a point on the line
     * @param sure from 0 to 1; below a half it is doubtful
     * @param precision how well its jambs are known
     */
    public record ProposedOpening(
            Kind kind, Point first, Point second, Point hinge, Point opensTo, double sure, Precision precision) {
        private ProposedOpening moved(Affine to) {
            return new ProposedOpening(
                    kind, to.apply(first), to.apply(second), to.apply(hinge), to.apply(opensTo), sure, precision);
        }
    }
}
