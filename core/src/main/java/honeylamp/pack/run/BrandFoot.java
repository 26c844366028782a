package honeylamp.pack.run;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Decoded;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.pack.Brand;
import honeylamp.plan.Look;
import honeylamp.plan.Role;
import honeylamp.sheet.ComposedPage;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Optional;

/** The foot of a page or picture of a brand: a rule, its words and its mark. */
final class BrandFoot {
    /** As high as what is written at the foot, in paper mm. */
    private static final double HIGH_MM = 8;

    private static final double EDGE_MM = 10;
    private static final double CAPITAL_MM = 1.7;
    private static final double RULE_MM = 0.35;
    private static final double MARK_HIGH_MM = 5.5;

    private BrandFoot() {}

    /**
     * The page with its foot: within its margin, or below it where it has none.
     *
     * @param look of the page, for what the brand leaves to it
     * @param grows whether room is made below the page
     */
    static ComposedPage under(ComposedPage page, Brand brand, Look look, boolean grows) {
        var grown = grows ? grown(page, look) : page;
        var top = grown.heightMm() - HIGH_MM;
        var left = Math.min(EDGE_MM, grown.widthMm() / 20);
        var right = grown.widthMm() - left;
        var marks = new ArrayList<Mark>();
        var ink = Ink.of(look.palette().of(Role.INK).argb());
        brand.accent()
                .map(code -> Ink.of(Brand.colour("accent", code).argb()))
                .ifPresent(accent -> marks.add(new Mark.Stroke(
                        Figure.builder()
                                .line(new Point(left, top), new Point(right, top))
                                .build(),
                        Pen.butt(RULE_MM),
                        accent)));
        var mark = mark(brand, right, top);
        mark.ifPresent(marks::add);
        words(brand, left, mark.map(m -> m.where().minX()).orElse(right), top, ink)
                .ifPresent(marks::add);
        return grown.with(Layer.of(LayerKind.LABELS, marks));
    }

    private static ComposedPage grown(ComposedPage page, Look look) {
        var part = new Box(0, 0, page.widthMm(), page.heightMm() + HIGH_MM);
        var paper = new Mark.Fill(
                Figure.ring(part.ring()), Ink.of(look.palette().of(Role.PAPER).argb()));
        var below = page.cut(part);
        return below.drawn(new Drawing(java.util.List.of(Layer.of(LayerKind.PAPER, java.util.List.of(paper))))
                .with(page.drawing().only(k -> k != LayerKind.PAPER)));
    }

    /** The words, made smaller where they would be too long. */
    private static Optional<Mark> words(Brand brand, double left, double right, double top, Ink ink) {
        var said = brand.footer().isBlank() ? brand.name() : brand.footer();
        var at = new Point(left, top + HIGH_MM / 2 + CAPITAL_MM / 2);
        var whole = new Mark.Text(said, at, CAPITAL_MM, Typeface.REGULAR, 0, Align.LEFT, 0, ink);
        var share = Math.min(1, (right - left - 4) / whole.widthMm());
        return share <= 0
                ? Optional.empty()
                : Optional.of(new Mark.Text(said, at, CAPITAL_MM * share, Typeface.REGULAR, 0, Align.LEFT, 0, ink));
    }

    private static Optional<Mark.Image> mark(Brand brand, double right, double top) {
        return brand.logo()
                .flatMap(code -> Decoded.of(Base64.getMimeDecoder().decode(code), Brand.MOST_MARK_PX))
                .map(pixels -> {
                    var high = MARK_HIGH_MM;
                    var wide = high * pixels.width() / pixels.height();
                    var down = top + (HIGH_MM - high) / 2 + 0.5;
                    return new Mark.Image(pixels, new Box(right - wide, down, right, down + high));
                });
    }
}
