package honeylamp.desktop.gesture;

import honeylamp.derive.Snags;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.edit.WallEdits.End;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.OpeningKind;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

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
        NewOpening opening,
        String furnishing,
        String material,
        TracedWork tracedWork,
        Lines lines,
        Length gapReach,
        End lengthEnd,
        Glance glance,
        Working working) {
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

    /** Whether the room that is picked is shown taken apart. */
    public enum Working {
        SHOWN,
        HIDDEN
    }

    /** The choices of a fresh start. */
    public static Choices of(WallTypeId wallType, UnitSystem units) {
        return new Choices(
                wallType,
                DrawnFace.INNER,
                Angle.SQUARE,
                NewOpening.of(OpeningKind.DOOR, units),
                "sofa",
                "wide-plank-oak",
                TracedWork.GOES_ALONG,
                Lines.CAUGHT,
                Snags.USUAL_GAP_REACH,
                End.TO,
                Glance.HIDDEN,
                Working.HIDDEN);
    }

    /** With another wall type. */
    public Choices withWallType(WallTypeId other) {
        return new Choices(
                other,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another drawn face. */
    public Choices withFace(DrawnFace other) {
        return new Choices(
                wallType,
                other,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** Square or free. */
    public Choices withAngle(Angle other) {
        return new Choices(
                wallType,
                face,
                other,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another opening to put in. */
    public Choices withOpening(NewOpening other) {
        return new Choices(
                wallType,
                face,
                angle,
                other,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another kind of furnishing. */
    public Choices withFurnishing(String other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                other,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another material. */
    public Choices withMaterial(String other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                other,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another fate of traced work when a picture is made true. */
    public Choices withTracedWork(TracedWork other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                other,
                lines,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** Catching the lines of pictures or not. */
    public Choices withLines(Lines other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                other,
                gapReach,
                lengthEnd,
                glance,
                working);
    }

    /** With another reach within which wall ends count as gaps. */
    public Choices withGapReach(Length other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                other,
                lengthEnd,
                glance,
                working);
    }

    /** With another end of a wall that moves when its length is typed. */
    public Choices withLengthEnd(End other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                other,
                glance,
                working);
    }

    /** With the raised glance shown or hidden. */
    public Choices withGlance(Glance other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                other,
                working);
    }

    /** With the working of areas shown or hidden. */
    public Choices withWorking(Working other) {
        return new Choices(
                wallType,
                face,
                angle,
                opening,
                furnishing,
                material,
                tracedWork,
                lines,
                gapReach,
                lengthEnd,
                glance,
                other);
    }
}
