package honeylamp.tracing;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Projective;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Watch.Step;
import honeylamp.underlay.DrawnLines;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.LevelFinder;
import honeylamp.underlay.LinesPicture;
import honeylamp.underlay.TracedPicture;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads the walls and openings of a drawn plan from its picture. How it does is told in {@code docs/tracing.md}. */
public final class WallReader {
    private static final double MOST_PIXELS = 4_500_000;

    /** Beside walls there are leaves of doors. */
    private static final double BESIDE_SHARE = 0.08;

    private static final double CLOSER_SHARE = 0.7;

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

    /**
     * What the lines of a drawing show, or its picture where they show no walls: a page may be a scan in a frame of lines.
     * Empty if the reading was ended.
     */
    public static Optional<Proposal> read(
            TracedPicture picture, Optional<DrawnLines> lines, Underlay underlay, Watch watch) {
        var ofLines = lines.filter(l -> !l.all().isEmpty())
                .filter(_ -> underlay.squaring().isEmpty()) // what stands aslant to the paper was photographed
                .map(l -> read(l, underlay, watch));
        return ofLines.isPresent()
                        && ofLines.get().map(p -> !p.walls().isEmpty()).orElse(true)
                ? ofLines.get()
                : read(picture, underlay, watch);
    }

    /**
     * What lines of a drawing show where its picture lies: read as a picture of them is, once as a whole and once more
     * close up around the walls, then put onto the lines themselves. Empty if the reading was ended.
     */
    private static Optional<Proposal> read(DrawnLines lines, Underlay underlay, Watch watch) {
        return read(lines, underlay.shownPx(), watch)
                .flatMap(whole -> closeUp(whole, underlay.shownPx())
                        .map(box -> read(lines, box, watch)
                                .map(close -> close.walls().isEmpty() ? whole : close))
                        .orElse(Optional.of(whole)))
                .map(found -> OnLines.of(found, lines.sides().toList()));
    }

    /** The walls with what is beside them, if they take so little of a picture that it shows more to look closer. */
    private static Optional<Box> closeUp(Proposal whole, Box shown) {
        if (whole.walls().isEmpty()) {
            return Optional.empty();
        }
        var walls = Box.around(whole.walls().stream()
                .flatMap(w -> Stream.of(w.line().a(), w.line().b()))
                .toList());
        return walls.grown(BESIDE_SHARE * Math.max(walls.width(), walls.height()))
                .shared(shown)
                .filter(b -> b.width() * b.height() < CLOSER_SHARE * shown.width() * shown.height());
    }

    private static Optional<Proposal> read(DrawnLines lines, Box box, Watch watch) {
        var scale = Math.sqrt(MOST_PIXELS / (box.width() * box.height()));
        var toPicture = Affine.move(-box.minX(), -box.minY()).then(Affine.scale(scale, scale));
        var picture = LinesPicture.of(
                lines, toPicture, (int) Math.ceil(box.width() * scale), (int) Math.ceil(box.height() * scale));
        return read(picture, Projective.IDENTITY, whole(picture), false, watch)
                .map(found -> found.moved(toPicture.inverse()));
    }

    private static Box whole(TracedPicture picture) {
        return new Box(0, 0, picture.pyramid().width(), picture.pyramid().height());
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
        return read(picture, Projective.IDENTITY, whole(picture), false, Watch.NONE)
                .orElseThrow();
    }
}
