package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.Optional;

/**
 * A picture to trace. Its own frame has pixels, x right and y down from the top left corner.
 *
 * @param asset SHA-256 of the picture's bytes, its name inside the file
 * @param at where the picture's top left corner lies in the plan
 * @param mmPerPixel scale
 * @param turnDeg counter-clockwise
 * @param fade 0 shows the picture in full, 1 hides it
 */
public record Underlay(
        UnderlayId id,
        String asset,
        String name,
        int widthPx,
        int heightPx,
        Position at,
        double mmPerPixel,
        double turnDeg,
        double fade,
        Lock lock,
        Sight sight,
        Optional<KnownLength> knownLength) {
    /** Whether the picture can be moved. */
    public enum Lock {
        /** It stays where it is. */
        LOCKED,
        /** It can be moved. */
        FREE
    }

    /** Whether the picture is seen on screen; it is never printed. */
    public enum Sight {
        /** Seen. */
        SHOWN,
        /** Not seen. */
        HIDDEN
    }

    /** Two marks on the picture, in pixels, and the true length between them. */
    public record KnownLength(Point firstPx, Point secondPx, Length length) {
        /** Refuses marks closer than one pixel and lengths of zero or less. */
        public KnownLength {
            Checks.positive("known length", length);
            if (firstPx.distance(secondPx) < 1) {
                throw new IllegalArgumentException("the marks of a known length lie within one pixel");
            }
        }

        /** The scale this length gives. */
        public double mmPerPixel() {
            return length.mm() / firstPx.distance(secondPx);
        }

        /** What an error of one pixel in one mark does to a length of one metre, in mm. */
        public double errorMmPerMetre() {
            return 1000 / firstPx.distance(secondPx);
        }
    }

    /** Refuses sizes and scales that are not above zero. */
    public Underlay {
        Checks.positive("picture width", widthPx);
        Checks.positive("picture height", heightPx);
        Checks.positive("mm per pixel", mmPerPixel);
        Checks.finite("underlay turn", turnDeg);
        Checks.within("fade", fade, 0, 1);
    }

    /** From picture pixels to plan mm. */
    public Affine placing() {
        return Affine.scale(mmPerPixel, -mmPerPixel)
                .then(Affine.turn(turnDeg))
                .then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The underlay placed anew. */
    public Underlay placed(Position newAt, double newMmPerPixel, double newTurnDeg) {
        return new Underlay(
                id, asset, name, widthPx, heightPx, newAt, newMmPerPixel, newTurnDeg, fade, lock, sight, knownLength);
    }

    /** The underlay with another fade. */
    public Underlay faded(double newFade) {
        return new Underlay(
                id, asset, name, widthPx, heightPx, at, mmPerPixel, turnDeg, newFade, lock, sight, knownLength);
    }

    /** The underlay locked or freed. */
    public Underlay with(Lock newLock) {
        return new Underlay(
                id, asset, name, widthPx, heightPx, at, mmPerPixel, turnDeg, fade, newLock, sight, knownLength);
    }

    /** The underlay shown or hidden. */
    public Underlay with(Sight newSight) {
        return new Underlay(
                id, asset, name, widthPx, heightPx, at, mmPerPixel, turnDeg, fade, lock, newSight, knownLength);
    }

    /** The underlay with a known length remembered. */
    public Underlay with(KnownLength known) {
        return new Underlay(
                id, asset, name, widthPx, heightPx, at, mmPerPixel, turnDeg, fade, lock, sight, Optional.of(known));
    }
}
