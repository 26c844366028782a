package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.raised.Looking;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenThings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A raised view in few pixels, for while it is turned: surfaces in their tones, edges where one thing ends before another. */
public final class QuickPicture {
    private static final int LONGER_PX = 900;
    private static final int UNDER_LINES_PX = 2600;
    private static final double OVER_MM = 60;
    private static final int OPAQUE = 0xff000000;

    /** How much of the ink edges take. */
    private static final double EDGE = 0.55;

    private QuickPicture() {}

    /**
     * The picture of a view as another eye sees it, where it lies on paper; nothing if what it shows is gone.
     *
     * @param seen what is seen in the view
     */
    public static List<Mark> of(LaidView view, SeenThings seen, Raised elsewhere, PaperFrame frame) {
        return seen.from(view, elsewhere)
                .flatMap(scene -> scene.bounds().map(box -> {
                    var out = new ArrayList<Mark>(List.of(over(view, box, frame)));
                    out.addAll(of(view, scene, box, elsewhere, frame, new Fine(LONGER_PX, EDGE)));
                    return List.copyOf(out);
                }))
                .orElse(List.of());
    }

    /** Paper over what was drawn of the view before, and over what is drawn now. */
    private static Mark over(LaidView view, Box box, PaperFrame frame) {
        var before = view.view().subject() instanceof Raised raised
                ? Looking.of(view, raised).map(Looking::extent)
                : Optional.<Box>empty();
        var all = before.map(box::union).orElse(box);
        return new Mark.Fill(
                frame.paper(Figure.ring(all.grown(OVER_MM).ring())),
                Pens.of(view.look(), frame.scale()).ink(Role.PAPER));
    }

    /** The picture of a scene in so many pixels along its longer side. */
    static List<Mark> small(LaidView view, Scene scene, Raised subject, PaperFrame frame, double longerPx) {
        return scene.bounds()
                .map(box -> of(view, scene, box, subject, frame, new Fine((int) Math.ceil(2 * longerPx), EDGE)))
                .orElse(List.of());
    }

    /** The surfaces of a scene alone, finer, to lie under lines. */
    static List<Mark> surfaces(LaidView view, Scene scene, Raised subject, PaperFrame frame) {
        return scene.bounds()
                .map(box -> of(view, scene, box, subject, frame, new Fine(UNDER_LINES_PX, 0)))
                .orElse(List.of());
    }

    /** How many pixels the longer side has, and how much of the ink edges take. */
    private record Fine(int longerPx, double edge) {}

    private static List<Mark> of(LaidView view, Scene scene, Box box, Raised subject, PaperFrame frame, Fine fine) {
        var nearest = scene.nearest(box, fine.longerPx);
        var pens = Pens.of(view.look(), frame.scale());
        var tones = new FacetTones(
                pens, Toning.of(view.view().light(), subject.eye()), view.view().seen());
        var paper = OPAQUE | pens.ink(Role.PAPER).rgb();
        var edge = pens.ink().rgb();
        var inks = new int[scene.count()];
        for (var i = 0; i < inks.length; i++) {
            inks[i] = OPAQUE | tones.of(scene.body(i).kind(), scene.facet(i)).rgb();
        }
        var out = new int[nearest.width() * nearest.height()];
        for (var row = 0; row < nearest.height(); row++) {
            var from = (nearest.height() - 1 - row) * nearest.width();
            for (var x = 0; x < nearest.width(); x++) {
                var here = nearest.facets()[from + x];
                var right = nearest.facets()[from + Math.min(x + 1, nearest.width() - 1)];
                var below = nearest.facets()[Math.max(from - nearest.width(), 0) + x];
                var ink = here < 0 ? 0 : inks[here];
                out[row * nearest.width() + x] = fine.edge == 0 || here == right && here == below
                        ? ink
                        : mixed(here < 0 ? paper : ink, edge, fine.edge);
            }
        }
        var where = new Box(
                box.minX(),
                box.minY(),
                box.minX() + nearest.width() * nearest.pixelMm(),
                box.minY() + nearest.height() * nearest.pixelMm());
        return List.of(new Mark.Image(new Pixels(nearest.width(), nearest.height(), out), frame.paper(where)));
    }

    private static int mixed(int under, int over, double share) {
        return OPAQUE
                | channel(under, over, share, 16)
                | channel(under, over, share, 8)
                | channel(under, over, share, 0);
    }

    private static int channel(int under, int over, double share, int shift) {
        var a = under >> shift & 0xff;
        var b = over >> shift & 0xff;
        return (int) Math.rint(a + share * (b - a)) << shift;
    }
}
