package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What covers a surface.
 *
 * @param material its key in the catalogue
 * @param directionDeg of its courses, in the frame of the surface
 * @param start the corner of its first piece, in the frame of the surface
 * @param laying how its pieces lie; empty for what is usual with the material
 * @param tone its colour here only; empty for that of the material
 * @param reason why it was chosen, in a few words, perhaps none
 * @param courses that lie below it on what stands upright, from the floor up; it reaches from the last of them to the top
 */
@RecordBuilder
public record Finish(
        String material,
        double directionDeg,
        Position start,
        Optional<Laying> laying,
        Optional<Oklch> tone,
        String reason,
        List<Course> courses)
        implements FinishBuilder.With {
    /** A wall has no more courses. */
    public static final int MOST_COURSES = 12;

    /** Where a course begins along its wall. */
    public enum Begins {
        LEFT("From the left"),
        /** With a piece in the middle. */
        CENTRE("From the middle"),
        RIGHT("From the right"),
        /** Where the finish of the whole wall starts. */
        STARTED("From the starting point");

        private final String label;

        Begins(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /**
     * A strip of a wall that is laid by itself.
     *
     * @param height of the strip, above 0
     */
    @RecordBuilder
    public record Course(String material, Laying laying, Optional<Oklch> tone, Length height, Begins begins)
            implements FinishCourseBuilder.With {
        public Course {
            Checks.positive("height of a course", height);
        }
    }

    /** Refuses a direction that is no number. */
    public Finish {
        Checks.finite("finish direction", directionDeg);
        courses = List.copyOf(courses);
        if (courses.size() > MOST_COURSES) {
            throw new IllegalArgumentException(
                    "a finish has " + courses.size() + " courses, at most " + MOST_COURSES + " can be");
        }
    }

    /** A material laid as is usual with it. */
    public Finish(String material, double directionDeg, Position start) {
        this(material, directionDeg, start, Optional.empty(), Optional.empty(), "", List.of());
    }

    /** The material laid from the plan's origin, courses running east. */
    public static Finish of(String material) {
        return new Finish(material, 0, Position.ORIGIN);
    }

    /** The finish laid in another direction. */
    public Finish turnedTo(double deg) {
        return withDirectionDeg(deg);
    }

    /** The finish with another starting point. */
    public Finish startingAt(Position point) {
        return withStart(point);
    }

    /** The finish as it lies after a motion. */
    public Finish moved(Motion motion) {
        return with(copy -> copy.directionDeg(motion.turned(directionDeg)).start(motion.of(start)));
    }
}
