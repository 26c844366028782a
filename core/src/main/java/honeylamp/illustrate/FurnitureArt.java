package honeylamp.illustrate;

import honeylamp.catalogue.Furnishings;
import honeylamp.catalogue.SymbolPart;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Path;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Draws furnishings from their symbols: rugs, standing pieces with their contact shade, things on top. */
final class FurnitureArt {
    private static final double[] CONTACT_MM = {82, 64, 47, 31, 16};
    private static final double CONTACT_SHARE = 0.048;

    private final PaperFrame frame;
    private final Detail detail;
    private final Pens pens;
    private final Lamp lamp;

    FurnitureArt(PaperFrame frame, Pens pens, Lamp lamp) {
        this.frame = frame;
        this.detail = new Detail(frame.scale());
        this.pens = pens;
        this.lamp = lamp;
    }

    /** The marks of one level of all pieces, lower pieces first. */
    List<Mark> marks(List<Furnishing> pieces, SymbolPart.Level level) {
        var sorted = new ArrayList<>(pieces);
        sorted.sort(Comparator.comparing(Furnishing::height).thenComparing(Furnishing::id, ElementId.ORDER));
        var out = new ArrayList<Mark>();
        for (var piece : sorted) {
            var kind = Furnishings.of(piece.kind());
            if (kind.isEmpty()) {
                continue;
            }
            var symbol = kind.get().symbol(piece);
            var toPaper = piece.placing().then(frame.toPaper());
            if (level == SymbolPart.Level.BODY && lamp == Lamp.LIT) {
                contact(
                        out,
                        symbol.solids().stream()
                                .map(s -> Outline.of(
                                        s.footprint().through(piece.placing()).counterClockwise()))
                                .toList());
            }
            for (var part : symbol.parts()) {
                if (part.level() == level && detail.shows(part.detail())) {
                    part(out, part, part.path().through(toPaper));
                }
            }
        }
        return out;
    }

    private void contact(List<Mark> out, List<Outline> solids) {
        var together = Regions.union(solids);
        for (var reach : CONTACT_MM) {
            var path = Path.builder();
            for (var outline : Regions.softened(together, reach)) {
                path.path(frame.paper(outline));
            }
            var shade = path.build();
            if (!shade.isEmpty()) {
                out.add(new Mark.Fill(shade, new Ink(pens.colour(Role.SHADOW).argb(), CONTACT_SHARE)));
            }
        }
    }

    private void part(List<Mark> out, SymbolPart part, Path path) {
        switch (part.paint()) {
            case SymbolPart.Paint.Of(var tone) -> out.add(new Mark.Fill(path, fill(tone)));
            case SymbolPart.Paint.None() -> {}
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
