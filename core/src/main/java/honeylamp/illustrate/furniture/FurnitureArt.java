package honeylamp.illustrate.furniture;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SideView;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Draws furnishings from their symbols: rugs, standing pieces, things on top. */
public final class FurnitureArt {
    private final PaperFrame frame;
    private final Detail detail;
    private final Pens pens;
    private final Lamp lamp;
    private final Remembered remembered;

    /** What the marks of a piece depend on beside it. */
    private record Drawn(SymbolShape.Level level, Lamp lamp) {}

    /**
     * Draws with pens on paper.
     *
     * @param remembered what was drawn before on this paper, with these pens
     */
    public FurnitureArt(PaperFrame frame, Pens pens, Lamp lamp, Remembered remembered) {
        this.remembered = remembered;
        this.frame = frame;
        this.detail = new Detail(frame.scale());
        this.pens = pens;
        this.lamp = lamp;
    }

    /** The marks of one level of all pieces, lower pieces first. */
    public List<Mark> marks(List<Furnishing> pieces, SymbolShape.Level level) {
        var sorted = new ArrayList<>(pieces);
        sorted.sort(Comparator.comparing(Furnishing::height).thenComparing(Furnishing::id, ElementId.ORDER));
        var out = new ArrayList<Mark>();
        var drawn = new Drawn(level, lamp);
        for (var piece : sorted) {
            out.addAll(remembered.answerAbout(drawn, piece, () -> List.copyOf(marks(piece, level))));
        }
        return out;
    }

    private List<Mark> marks(Furnishing piece, SymbolShape.Level level) {
        var out = new ArrayList<Mark>();
        Furnishings.of(piece.kind()).ifPresent(kind -> {
            var toPaper = piece.placing().then(frame.toPaper());
            for (var part : kind.symbol(piece).parts()) {
                if (part.level() == level && detail.shows(part.detail())) {
                    part(out, part, part.path().through(toPaper));
                }
            }
        });
        return out;
    }

    /** The marks of a piece seen level from a side; its middle at the foot is where {@code toPaper} takes the origin. */
    public List<Mark> fromSide(Furnishing piece, SideView.From from, Affine toPaper) {
        var out = new ArrayList<Mark>();
        Furnishings.of(piece.kind()).ifPresent(kind -> {
            var isMirrored = piece.sense() == Sense.MIRRORED;
            var seen = isMirrored ? from.mirrored() : from;
            var there = (isMirrored ? Affine.scale(-1, 1) : Affine.IDENTITY).then(toPaper);
            for (var part : SideView.of(kind.symbol(piece), seen)) {
                if (detail.shows(part.detail())) {
                    drawn(out, part, part.path().through(there));
                }
            }
        });
        return out;
    }

    /** What hangs above is seen as dashes, nothing of it filled. */
    private void part(List<Mark> out, SymbolShape part, Figure path) {
        if (part.level() == SymbolShape.Level.ABOVE) {
            if (part.edge() == SymbolShape.Edge.OUTLINE) {
                out.add(new Mark.Stroke(path, pens.overhead(), pens.furnitureInk()));
            }
            return;
        }
        drawn(out, part, path);
    }

    private void drawn(List<Mark> out, SymbolShape part, Figure path) {
        switch (part.paint()) {
            case SymbolShape.Paint.Of(var tone) -> out.add(new Mark.Fill(path, fill(tone)));
            case SymbolShape.Paint.None() -> {}
        }
        switch (part.edge()) {
            case OUTLINE -> out.add(new Mark.Stroke(path, pens.furniture(), pens.furnitureInk()));
            case INNER -> out.add(new Mark.Stroke(path, pens.furnitureInner(), pens.innerInk()));
            case GRAIN -> {
                if (lamp != Lamp.DRAFT) {
                    out.add(new Mark.Stroke(path, pens.furnitureInner(), grainInk()));
                }
            }
            case NONE -> {}
        }
    }

    /** In draft, pieces are plain paper with bold lines. */
    private Ink fill(Role tone) {
        return Ink.of((lamp == Lamp.DRAFT ? pens.colour(Role.PAPER) : pens.colour(tone)).argb());
    }

    private Ink grainInk() {
        return new Ink(pens.colour(Role.TIMBER_DARK).lighter(-0.06).argb(), 0.55);
    }
}
