package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Opening;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How far a picked opening lies from what bounds its stretch of wall, each length on the side it is of. */
public final class ClearOfIt {
    /** The lines run so far beside the wall, on the screen. */
    private static final double BESIDE_PX = 12;

    private static final double TICK_PX = 5;
    private static final double LEAST_MM = 1;
    private static final Ink INK = Ink.of(ScreenColours.HONEY.argb());

    private ClearOfIt() {}

    /** The marks of an opening of a storey, in paper mm; none if it has no place. */
    public static List<Mark> marks(
            PaperFrame frame, StoreyGeometry geometry, OpeningId id, UnitSystem units, double penMm) {
        return placed(geometry, id)
                .flatMap(o ->
                        geometry.storey().wall(o.host()).map(host -> marks(frame, geometry, host, o, units, penMm)))
                .orElse(List.of());
    }

    private static Optional<Opening> placed(StoreyGeometry geometry, OpeningId id) {
        return geometry.places().placed().stream()
                .filter(o -> o.id().equals(id))
                .findFirst();
    }

    private static List<Mark> marks(
            PaperFrame frame, StoreyGeometry geometry, Wall host, Opening opening, UnitSystem units, double penMm) {
        var neighbours = geometry.places().placed().stream()
                .filter(o -> o.host().equals(host.id()) && !o.id().equals(opening.id()))
                .toList();
        var stretch = Stretches.bounding(geometry.network(), host, neighbours, opening.middleMm());
        var out = new ArrayList<Mark>();
        out.addAll(length(
                frame,
                geometry,
                host,
                opening,
                stretch.stretchFromMm(),
                opening.offset().mm(),
                units,
                penMm));
        out.addAll(length(frame, geometry, host, opening, opening.end().mm(), stretch.stretchToMm(), units, penMm));
        return out;
    }

    /** A line with ticks and its length beside the wall, where no leaf swings. */
    private static List<Mark> length(
            PaperFrame frame,
            StoreyGeometry geometry,
            Wall host,
            Opening opening,
            double fromMm,
            double toMm,
            UnitSystem units,
            double penMm) {
        if (toMm - fromMm < LEAST_MM) {
            return List.of();
        }
        var thick = geometry.network().of(host.id()).getFirst().thicknessMm();
        var left = opening.swing() == Opening.Swing.RIGHT;
        var beside = BESIDE_PX * penMm * frame.scale();
        var off = left
                ? thick * host.body().leftShare() + beside
                : -thick * (1 - host.body().leftShare()) - beside;
        var line = host.line();
        var ends = new ArrayList<Point>();
        for (var at : List.of(fromMm, (fromMm + toMm) / 2, toMm)) {
            ends.add(line.at(at).plus(line.unitAt(at).left().times(off)));
        }
        var tick = line.unitAt(fromMm).left().times(TICK_PX * penMm * frame.scale());
        var last = line.unitAt(toMm).left().times(TICK_PX * penMm * frame.scale());
        var drawn = Figure.builder()
                .line(ends.get(0), ends.get(1), ends.get(2))
                .line(ends.get(0).plus(tick), ends.get(0).minus(tick))
                .line(ends.get(2).plus(last), ends.get(2).minus(last))
                .build();
        var out = new ArrayList<Mark>();
        out.add(new Mark.Stroke(frame.paper(drawn), Pen.butt(1.5 * penMm), INK));
        out.addAll(Sketches.words(frame, ends.get(1), LengthText.rounded(Length.ofMm(toMm - fromMm), units), penMm));
        return out;
    }
}
