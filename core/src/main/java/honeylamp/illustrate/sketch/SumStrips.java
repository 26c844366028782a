package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.traced.TracedLengths;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Oklch;
import honeylamp.plan.Side;
import honeylamp.plan.TextRole;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;

/**
 * What proves dimensions, above the picture and never printed: beside every side its tiers as sums, and where what was
 * traced is not what is written on the picture.
 */
public final class SumStrips {
    private static final double CAP_PX = 8;
    private static final double ROW_PX = 20;
    private static final double AIR_PX = 12;

    /** Traced and written that differ by less agree, in mm; of long ones in percent. */
    private static final double AGREE_MM = 10;

    private static final double AGREE_PERCENT = 0.5;

    private SumStrips() {}

    /** The sum of every tier that has several parts, beside its side, the innermost nearest to the plan. */
    public static List<Mark> sums(LaidView view, PaperFrame frame, double penMm) {
        var out = new ArrayList<Mark>();
        var rows = new EnumMap<Side, Integer>(Side.class);
        var placed = TierPlaces.of(view, frame);
        var text = view.look().drafting().of(TextRole.DIMENSION);
        for (var tier : placed) {
            if (tier.tier().texts().size() > 1) {
                var side = tier.tier().side();
                var outermost = placed.stream()
                        .filter(p -> p.tier().side() == side)
                        .mapToDouble(TierPlaces.Placed::fromBuildingMm)
                        .max()
                        .orElse(0);
                var row = rows.merge(side, 1, Integer::sum) - 1;
                var off = outermost - tier.fromBuildingMm() + 2 * text + (AIR_PX + ROW_PX * row) * penMm;
                out.addAll(strip(tier, off, frame, penMm));
            }
        }
        return out;
    }

    private static List<Mark> strip(TierPlaces.Placed placed, double offMm, PaperFrame frame, double penMm) {
        var side = placed.tier().side();
        var stops = placed.tier().stopsMm();
        var middle = (stops.getFirst() + stops.getLast()) / 2;
        var at = side.alongX()
                ? new Point(frame.paper(new Point(middle, 0)).x(), placed.line())
                : new Point(placed.line(), frame.paper(new Point(0, middle)).y());
        var outward = new Point(side.outward().x(), -side.outward().y()); // y is down on paper
        return plate(
                at.plus(outward.times(offMm)), placed.tier().sum(), side.alongX() ? 0 : -90, ScreenColours.SAGE, penMm);
    }

    /** Every written length of the pictures of a storey that was traced and does not agree, with both. */
    public static List<Mark> disagreeing(LaidView view, List<Underlay> pictures, PaperFrame frame, double penMm) {
        var out = new ArrayList<Mark>();
        var units = view.plan().units();
        for (var picture : pictures) {
            for (var row : TracedLengths.of(view.storey().geometry(), picture)) {
                var written = row.known().length();
                var traced = row.tracedMm();
                var most = Math.max(AGREE_MM, AGREE_PERCENT / 100 * written.mm());
                if (traced.isPresent() && Math.abs(traced.getAsDouble() - written.mm()) > most) {
                    var a = frame.paper(picture.plan(row.known().firstPx()));
                    var b = frame.paper(picture.plan(row.known().secondPx()));
                    out.add(new Mark.Stroke(
                            Figure.line(a, b), Pen.butt(2 * penMm), Ink.of(ScreenColours.BRICK.argb())));
                    var words = "written " + LengthText.roundedWithUnit(written, units) + ", traced "
                            + LengthText.roundedWithUnit(Length.ofMm(traced.getAsDouble()), units);
                    out.addAll(plate(new Segment(a, b).middle(), words, 0, ScreenColours.BRICK, penMm));
                }
            }
        }
        return out;
    }

    /** Words on paper of their own, as large on screen at every zoom. */
    private static List<Mark> plate(Point centre, String text, double turnDeg, Oklch colour, double penMm) {
        var cap = CAP_PX * penMm;
        var half = Typeface.NARROW_MEDIUM.widthMm(text, cap, 0) / 2 + CAP_PX * penMm;
        var isLevel = turnDeg == 0;
        var box = isLevel
                ? new Box(centre.x() - half, centre.y() - cap, centre.x() + half, centre.y() + cap)
                : new Box(centre.x() - cap, centre.y() - half, centre.x() + cap, centre.y() + half);
        var base = isLevel ? centre.plus(new Point(0, cap / 2)) : centre.plus(new Point(cap / 2, 0));
        var plate = Figure.builder().roundedBox(box, 4 * penMm).build();
        return List.of(
                new Mark.Fill(plate, Ink.of(ScreenColours.PAPER.argb()).at(0.94)),
                new Mark.Stroke(plate, Pen.butt(penMm), Ink.of(colour.argb())),
                new Mark.Text(
                        text,
                        base,
                        cap,
                        Typeface.NARROW_MEDIUM,
                        0,
                        Mark.Align.MIDDLE,
                        turnDeg,
                        Ink.of(ScreenColours.INK.argb())));
    }
}
