package honeylamp.desktop.gesture;

import honeylamp.derive.Snags;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.edit.WallEdits.End;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening.Kind;
import honeylamp.units.Length;

/**
 * What is chosen in the tray and stays chosen until changed there.
 *
 * @param lengthEnd the end of a wall that moves when its length is typed
 * @param gapReach wall ends nearer than this to a wall or to each other are taken for gaps
 */
public record Choices(
        WallTypeId wallType,
        DrawnFace face,
        Angle angle,
        Kind opening,
        Length openingWidth,
        String furnishing,
        String material,
        TracedWork tracedWork,
        Lines lines,
        Length gapReach,
        End lengthEnd,
        Glance glance) {
    /** Whether walls run square by themselves. */
    public enum Angle {
        /** Level or plumb. */
        SQUARE,
        /** Any direction. */
        FREE
    }

    /** Whether the lines of pictures to trace are caught. */
    public enum Lines {
        /** They are. */
        CAUGHT,
        /** They are not. */
        IGNORED
    }

    /** Whether the small raised picture of the storey is shown. */
    public enum Glance {
        /** In a corner of the plan. */
        SHOWN,
        /** It is not. */
        HIDDEN;

        /** The other one. */
        public Glance other() {
            return this == SHOWN ? HIDDEN : SHOWN;
        }
    }

    /** The choices of a fresh start. */
    public static Choices of(WallTypeId wallType) {
        return new Choices(
                wallType,
                DrawnFace.INNER,
                Angle.SQUARE,
                Kind.DOOR,
                OpeningEdits.usualWidth(Kind.DOOR),
                "sofa",
                "wide-plank-oak",
                TracedWork.GOES_ALONG,
                Lines.CAUGHT,
                Snags.USUAL_GAP_REACH,
                End.TO,
                Glance.HIDDEN);
    }

    /** With another wall type. */
    public Choices withWallType(WallTypeId other) {
        return new Choices(
                other,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another drawn face. */
    public Choices withFace(DrawnFace other) {
        return new Choices(
                wallType,
                other,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** Square or free. */
    public Choices withAngle(Angle other) {
        return new Choices(
                wallType,
                face,
                other,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another kind of opening, at its usual width. */
    public Choices withOpening(Kind other) {
        return new Choices(
                wallType,
                face,
                angle,
                other,
                OpeningEdits.usualWidth(other),
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another width for new openings. */
    public Choices withOpeningWidth(Length other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                other,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another kind of furnishing. */
    public Choices withFurnishing(String other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                other,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another material. */
    public Choices withMaterial(String other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                other,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another fate of traced work when a picture is made true. */
    public Choices withTracedWork(TracedWork other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                other,
                lines,
                gapReach,
                lengthEnd,
                glance);
    }

    /** Catching the lines of pictures or not. */
    public Choices withLines(Lines other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                other,
                gapReach,
                lengthEnd,
                glance);
    }

    /** With another reach within which wall ends count as gaps. */
    public Choices withGapReach(Length other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                other,
                lengthEnd,
                glance);
    }

    /** With another end of a wall that moves when its length is typed. */
    public Choices withLengthEnd(End other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                other,
                glance);
    }

    /** With the raised glance shown or hidden. */
    public Choices withGlance(Glance other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                openingWidth,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                other);
    }
}
