package honeylamp.illustrate.words;

import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnPlace;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPart;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/** Writes what the parts of own pieces are called on them, upright, or along them where they are narrow. */
public final class PartLabels {
    private static final double AIR_MM = 0.6;
    private static final double UPWARDS_DEG = -90;

    private final PaperFrame frame;
    private final Pens pens;

    public PartLabels(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /** The labels of all pieces; one that is there several times on a piece is written once. */
    public List<Mark> marks(List<Furnishing> pieces) {
        var out = new ArrayList<Mark>();
        for (var piece : pieces) {
            piece.own().ifPresent(own -> {
                var place = new OwnPlace(piece, own);
                var said = new HashSet<String>();
                for (var part : place.parts()) {
                    if (!part.label().isEmpty() && said.add(part.label())) {
                        out.add(written(place, part));
                    }
                }
            });
        }
        return out;
    }

    private Mark written(OwnPlace place, OwnPart part) {
        var corners = OwnLines.points(part.outer()).stream()
                .map(p -> frame.paper(place.toPlan().apply(p)))
                .toList();
        var box = Box.around(corners);
        var high = pens.cap(TextRole.NOTE);
        var wide = pens.face(TextRole.NOTE, Typeface.REGULAR).widthMm(part.label(), high, 0) + 2 * AIR_MM;
        var runsUp = wide > box.width() && box.height() > box.width();
        var middle = OwnLines.outline(part)
                .filter(o -> !o.holes().isEmpty())
                .map(o -> frame.paper(place.toPlan().apply(Regions.inside(o))))
                .orElse(box.centre());
        var base = runsUp ? middle.plus(new Point(high / 2, 0)) : middle.plus(new Point(0, high / 2));
        return new Mark.Text(
                part.label(),
                base,
                high,
                pens.face(TextRole.NOTE, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                runsUp ? UPWARDS_DEG : 0,
                pens.ink());
    }
}
