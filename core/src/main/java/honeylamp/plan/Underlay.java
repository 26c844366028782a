package honeylamp.plan;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A picture to trace. Its own frame has pixels, x right and y down from the top left corner; marks, crop
 * and notes are held in that frame and so stay true whatever is done to its place.
 *
 * @param crop the part that is shown, in picture pixels; the whole picture if empty
 * @param knownLengths in the order they were marked
 * @param linework the lines it was drawn with; empty for a picture of pixels
 */
@RecordBuilder
public record Underlay(
        UnderlayId id,
        Picture picture,
        Placing placing,
        Optional<Squaring> squaring,
        Optional<Box> crop,
        Treatment treatment,
        Lock lock,
        Sight sight,
        List<KnownLength> knownLengths,
        List<PictureNote> notes,
        Optional<Linework> linework)
        implements Element, UnderlayBuilder.With {
    /**
     * The picture itself.
     *
     * @param asset SHA-256 of the picture's bytes, its name inside the file
     */
    public record Picture(String asset, String name, int widthPx, int heightPx) {
        /** Refuses sizes that are not above zero. */
        public Picture {
            Checks.positive("picture width", widthPx);
            Checks.positive("picture height", heightPx);
        }

        /** All of it, in pixels. */
        public Box box() {
            return new Box(0, 0, widthPx, heightPx);
        }
    }

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

    /** Freezes the lists; refuses a crop outside the picture. */
    public Underlay {
        knownLengths = List.copyOf(knownLengths);
        notes = List.copyOf(notes);
        crop.ifPresent(c -> {
            if (!(c.width() >= 1 && c.height() >= 1 && picture.box().contains(c))) {
                throw new IllegalArgumentException("the crop does not lie inside the picture");
            }
        });
    }

    /** A picture as it comes in: locked, shown, a third faded. */
    public static Underlay of(UnderlayId id, Picture picture, Placing placing) {
        return new Underlay(
                id,
                picture,
                placing,
                Optional.empty(),
                Optional.empty(),
                Treatment.FIRST,
                Lock.LOCKED,
                Sight.SHOWN,
                List.of(),
                List.of(),
                Optional.empty());
    }

    /** From picture pixels to plan mm. */
    public Projective toPlan() {
        return squared().then(placing.affine());
    }

    /** From picture pixels to squared pixels; the same if the picture is not squared up. */
    public Projective squared() {
        return squaring.map(Squaring::projective).orElse(Projective.IDENTITY);
    }

    /** Where a pixel lies in the plan. */
    public Point plan(Point px) {
        return toPlan().apply(px);
    }

    /** Which pixel lies at a point of the plan. */
    public Point pixel(Point plan) {
        return toPlan().inverse().apply(plan);
    }

    /** What is shown of it, in picture pixels. */
    public Box shownPx() {
        return crop.orElse(picture.box());
    }

    /** The corners of what is shown, in plan mm, clockwise in the picture from its top left. */
    public List<Point> corners() {
        var box = shownPx();
        var toPlan = toPlan();
        return List.of(
                toPlan.apply(new Point(box.minX(), box.minY())),
                toPlan.apply(new Point(box.maxX(), box.minY())),
                toPlan.apply(new Point(box.maxX(), box.maxY())),
                toPlan.apply(new Point(box.minX(), box.maxY())));
    }

    /** A picture is turned and never mirrored: it stays as it can be read. */
    @Override
    public Underlay moved(Motion motion) {
        var there = placing.at(motion.of(placing.at()));
        return withPlacing(motion.mirrors() ? there : there.turned(motion.turned(placing.turnDeg())));
    }

    @Override
    public Underlay under(ElementId.Key key) {
        return withId(new UnderlayId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(placing.at());
    }
}
