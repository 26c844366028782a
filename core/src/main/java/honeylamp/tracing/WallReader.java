package honeylamp.tracing;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Projective;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Watch.Step;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.LevelFinder;
import honeylamp.underlay.TracedPicture;
import java.util.Optional;

/** Reads the walls and openings of a drawn plan from its picture. How it does is told in {@code docs/tracing.md}. */
public final class WallReader {
    private static final double MOST_PIXELS = 4_500_000;

    private WallReader() {}

    /**
     * What the shown part of a picture seems to show; the same picture gives the same proposal. Empty if the reading
     * was ended.
     */
    public static Optional<Proposal> read(TracedPicture picture, Underlay underlay, Watch watch) {
        return read(
                picture,
                underlay.squared(),
                underlay.shownPx(),
                underlay.squaring().isPresent(),
                watch);
    }

    private static Optional<Proposal> read(
            TracedPicture picture, Projective squared, Box shown, boolean isSquared, Watch watch) {
        if (!watch.goesOn(Step.LEVEL)) {
            return Optional.empty();
        }
        // a picture that is squared up is level already
        var turn = isSquared
                ? 0
                : LevelFinder.of(picture, shown)
                        .map(LevelFinder.Proposal::turnDeg)
                        .orElse(0.0);
        if (!watch.goesOn(Step.INK)) {
            return Optional.empty();
        }
        var ink = levelled(picture, squared.then(Affine.turn(turn)), shown);
        return new Reading(ink, watch).proposal(turn);
    }

    /** The picture in a frame in which its lines run along rows and columns. */
    private static InkPicture levelled(TracedPicture picture, Projective level, Box shown) {
        var box = Box.around(shown.ring().corners().stream().map(level::apply).toList());
        var step = Math.max(1, Math.sqrt(box.width() * box.height() / MOST_PIXELS));
        var toPicture = Projective.of(Affine.scale(step, step).then(Affine.move(box.minX(), box.minY())))
                .then(level.inverse());
        return InkPicture.of(
                picture, toPicture, (int) Math.ceil(box.width() / step), (int) Math.ceil(box.height() / step));
    }

    /** The whole of a picture that is laid under no plan. */
    static Proposal read(TracedPicture picture) {
        var whole = new Box(0, 0, picture.pyramid().width(), picture.pyramid().height());
        return read(picture, Projective.IDENTITY, whole, false, Watch.NONE).orElseThrow();
    }
}
