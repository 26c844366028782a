package honeylamp.tracing;

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
        var turn = isSquared ? 0 : LevelFinder.turnDeg(picture, shown);
        if (!watch.goesOn(Step.INK)) {
            return Optional.empty();
        }
        var ink = InkPicture.levelled(picture, squared, turn, shown, MOST_PIXELS);
        return new Reading(ink, watch).proposal(turn);
    }

    /** The whole of a picture that is laid under no plan. */
    static Proposal read(TracedPicture picture) {
        var whole = new Box(0, 0, picture.pyramid().width(), picture.pyramid().height());
        return read(picture, Projective.IDENTITY, whole, false, Watch.NONE).orElseThrow();
    }
}
