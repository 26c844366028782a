package honeylamp.illustrate.pen;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Ink;
import honeylamp.plan.Oklch;
import java.util.List;

/** Marks that are seen faintly: most of their colour goes over into that of the paper, in every output alike. */
public final class Fading {
    /** How much of a colour is left. */
    private static final double LEFT = 0.30;

    private final int paper;

    private Fading(int paper) {
        this.paper = paper;
    }

    /** The same marks, faintly on a paper. */
    public static List<Mark> of(List<Mark> marks, Oklch paper) {
        var fading = new Fading(paper.argb());
        return marks.stream().map(fading::faint).toList();
    }

    /** An ink, faintly on a paper. */
    public static Ink of(Ink ink, Oklch paper) {
        return new Fading(paper.argb()).faint(ink);
    }

    private Mark faint(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, var ink) -> new Mark.Fill(path, faint(ink));
            case Mark.Stroke(var path, var pen, var ink) -> new Mark.Stroke(path, pen, faint(ink));
            case Mark.Text text -> faint(text);
            case Mark.Shaded(var path, var gradient, var opacity) -> new Mark.Shaded(path, faint(gradient), opacity);
            case Mark.Haloed(var text, var room, var ink) -> new Mark.Haloed(faint(text), room, ink);
            case Mark.Clip(var path, var inside) ->
                new Mark.Clip(path, inside.stream().map(this::faint).toList());
            case Mark.Image _, Mark.Picture _ -> mark; // no kind of thing is drawn by pictures
        };
    }

    private Mark.Text faint(Mark.Text text) {
        return text.in(faint(text.ink()));
    }

    private Ink faint(Ink ink) {
        return new Ink(mixed(ink.rgb()), ink.opacity());
    }

    private Gradient faint(Gradient gradient) {
        return gradient.mapped(this::mixed);
    }

    private int mixed(int rgb) {
        return mixed(rgb, paper, LEFT);
    }

    /** A colour of which a share is left; the rest is that of the paper. */
    static int mixed(int rgb, int paper, double left) {
        return channel(rgb, paper, left, 16) | channel(rgb, paper, left, 8) | channel(rgb, paper, left, 0);
    }

    private static int channel(int rgb, int paper, double left, int shift) {
        var own = rgb >> shift & 0xff;
        var under = paper >> shift & 0xff;
        return (int) Math.rint(under + left * (own - under)) << shift;
    }
}
