package honeylamp.illustrate.words;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Writes the tag of each opening on a small plate, on the side its leaf does not sweep if there is room. */
final class TagArt {
    private static final double AIR_MM = 1.1;

    /** From the face of the wall to the plate, in paper mm. */
    private static final double AWAY_MM = 1.0;

    /** So much farther from the wall it may lie, the nearest first. */
    private static final List<Double> FARTHER_MM = List.of(0.0, 1.5);

    /** So many times half its width aside from the middle of its opening, the nearest first. */
    private static final List<Double> ASIDE = List.of(0.0, 1.0, -1.0, 2.0, -2.0, 3.0, -3.0);

    /** Between a plate and what it keeps off. */
    private static final double AROUND_MM = 0.3;

    /** Between two plates. */
    private static final double APART_MM = 0.5;

    private final PaperFrame frame;
    private final Pens pens;

    TagArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /**
     * Tags where they found a place.
     *
     * @param without openings whose tags are left out
     */
    record Tagged(List<Mark> marks, List<OpeningId> without) {}

    /**
     * The tags of openings, each as near to the middle of its opening as there is room.
     *
     * @param geometry of their storey: a tag stays in the room it is for
     * @param off everything that words keep off
     * @param fixed the same without furniture, over which tags rather lie than nowhere
     */
    Tagged tagged(StoreyGeometry geometry, Map<OpeningId, String> tags, KeptOff off, KeptOff fixed) {
        var out = new ArrayList<Mark>();
        var without = new ArrayList<OpeningId>();
        var taken = new ArrayList<Box>();
        for (var cut : geometry.cuts()) {
            var tag = tags.get(cut.opening().id());
            if (tag != null) {
                var half = halfWideMm(tag);
                var places = places(geometry, cut, half);
                place(places, half, off, taken)
                        .or(() -> place(places, half, fixed, taken))
                        .ifPresentOrElse(
                                at -> {
                                    taken.add(box(at, half).grown(APART_MM));
                                    plate(out, at, tag);
                                },
                                () -> without.add(cut.opening().id()));
            }
        }
        return new Tagged(out, without);
    }

    private Optional<Point> place(List<Point> places, double half, KeptOff off, List<Box> taken) {
        return places.stream().filter(at -> isFree(box(at, half), off, taken)).findFirst();
    }

    /** On the side its leaf does not sweep before the other, near the wall before farther, at the middle before aside. */
    private List<Point> places(StoreyGeometry geometry, OpeningCut cut, double half) {
        var usual = -cut.opening().swing().sign();
        var normal = cut.unit().left();
        var deep = Math.abs(normal.x()) * half + Math.abs(normal.y()) * highMm() / 2;
        return Stream.of(usual, -usual)
                .flatMap(side -> FARTHER_MM.stream().map(more -> {
                    var away = cut.thicknessMm() / 2 + frame.planMm(AWAY_MM + deep + more);
                    return cut.middle().middle().plus(normal.times(side * away));
                }))
                .flatMap(at -> {
                    var room = geometry.roomAt(at);
                    return ASIDE.stream()
                            .map(aside -> at.plus(cut.unit().times(aside * frame.planMm(half))))
                            .filter(aside -> geometry.roomAt(aside).equals(room));
                })
                .map(frame::paper)
                .toList();
    }

    private boolean isFree(Box plate, KeptOff off, List<Box> taken) {
        var air = plate.grown(AROUND_MM);
        return taken.stream().noneMatch(air::meets)
                && off.isFree(Box.around(
                        air.ring().corners().stream().map(frame::plan).toList()));
    }

    private double halfWideMm(String tag) {
        return Math.max(
                highMm() / 2,
                pens.face(TextRole.TAG, Typeface.MEDIUM).widthMm(tag, pens.cap(TextRole.TAG), 0) / 2 + AIR_MM);
    }

    private Box box(Point at, double half) {
        return new Box(at.x() - half, at.y() - highMm() / 2, at.x() + half, at.y() + highMm() / 2);
    }

    private void plate(List<Mark> out, Point at, String tag) {
        var plate = Figure.builder()
                .roundedBox(box(at, halfWideMm(tag)), highMm() / 2)
                .build();
        out.add(new Mark.Fill(plate, pens.ink(Role.PAPER)));
        out.add(new Mark.Stroke(plate, pens.dimension(), pens.dimensionInk()));
        out.add(new Mark.Text(
                tag,
                at.plus(new Point(0, pens.cap(TextRole.TAG) / 2)),
                pens.cap(TextRole.TAG),
                pens.face(TextRole.TAG, Typeface.MEDIUM),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.ink()));
    }

    /** The height of a plate. */
    private double highMm() {
        return 2 * pens.cap(TextRole.TAG);
    }
}
