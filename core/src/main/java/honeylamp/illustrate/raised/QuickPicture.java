package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.PaperRoom;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenThings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A raised view in few pixels, for while it is turned: surfaces in their tones, edges where one thing ends before another. */
public final class QuickPicture {
    private static final int LONGER_PX = 900;
    private static final double OVER_MM = 1; // on paper
    private static final int OPAQUE = 0xff000000;

    /** How much of the ink edges take. */
    private static final double EDGE = 0.55;

    private final LaidView view;
    private final SeenThings seen;
    private final PaperFrame frame;
    private final Optional<Box> drawn;

    private QuickPicture(LaidView view, SeenThings seen, PaperFrame frame) {
        this.view = view;
        this.seen = seen;
        this.frame = frame;
        this.drawn = view.view().subject() instanceof Raised raised
                ? seen.looking()
                        .map(looking -> frame.paper(withWords(looking.extent(), SquareWords.room(view, raised), frame)))
                : Optional.empty();
    }

    /**
     * Pictures of a view.
     *
     * @param seen what is seen in it
     * @param frame where it lies on paper
     */
    public static QuickPicture of(LaidView view, SeenThings seen, PaperFrame frame) {
        return new QuickPicture(view, seen, frame);
    }

    /**
     * The picture as another eye sees it; nothing if what the view shows is gone.
     *
     * @param pictures of what covers surfaces
     */
    public List<Mark> from(Raised elsewhere, SurfacePictures pictures) {
        return seen.from(view, elsewhere)
                .flatMap(scene -> scene.bounds().map(box -> {
                    var there = held(box);
                    var shade = PixelShade.ofSun(view, scene, elsewhere, there, LONGER_PX);
                    var out = new ArrayList<Mark>(List.of(over(there.paper(box))));
                    out.addAll(of(view, scene, box, elsewhere, there, new Fine(LONGER_PX, EDGE, pictures, shade)));
                    return List.copyOf(out);
                }))
                .orElse(List.of());
    }

    /** What is turned stays where it is on paper. */
    private PaperFrame held(Box turned) {
        return seen.scene()
                .flatMap(Scene::bounds)
                .map(box -> frame.holding(box.centre(), turned.centre()))
                .orElse(frame);
    }

    /** Paper over what was drawn of the view before, its words too, and over what is drawn now. */
    private Mark over(Box now) {
        var all = drawn.map(now::union).orElse(now);
        return new Mark.Fill(
                Figure.ring(all.grown(OVER_MM).ring()),
                Pens.of(view.look(), frame.scale()).ink(Role.PAPER));
    }

    private static Box withWords(Box picture, PaperRoom words, PaperFrame frame) {
        return new Box(
                picture.minX() - frame.planMm(words.left()),
                picture.minY() - frame.planMm(words.below()),
                picture.maxX() + frame.planMm(words.right()),
                picture.maxY() + frame.planMm(words.above()));
    }

    /** The picture of a scene in so many pixels along its longer side. */
    static List<Mark> small(LaidView view, Scene scene, Raised subject, PaperFrame frame, double longerPx) {
        return scene.bounds()
                .map(box -> of(
                        view,
                        scene,
                        box,
                        subject,
                        frame,
                        new Fine((int) Math.ceil(2 * longerPx), EDGE, SurfacePictures.NONE, PixelShade.NONE)))
                .orElse(List.of());
    }

    /** The surfaces of a scene alone, finer, to lie under lines. */
    static List<Mark> surfaces(
            LaidView view,
            Scene scene,
            Raised subject,
            PaperFrame frame,
            SurfacePictures pictures,
            boolean shaded,
            int longerPx) {
        var shade = shaded ? PixelShade.of(view, scene, subject, frame, longerPx) : PixelShade.NONE;
        return scene.bounds()
                .map(box -> of(view, scene, box, subject, frame, new Fine(longerPx, 0, pictures, shade)))
                .orElse(List.of());
    }

    /** How many pixels the longer side has, how much of the ink edges take, what covers surfaces, and where it is dark. */
    private record Fine(int longerPx, double edge, SurfacePictures pictures, PixelShade shade) {}

    private static List<Mark> of(LaidView view, Scene scene, Box box, Raised subject, PaperFrame frame, Fine fine) {
        var nearest = scene.nearest(box, fine.longerPx);
        var pens = Pens.of(view.look(), frame.scale());
        var tones = new FacetTones(
                pens, Toning.of(view.view().light(), subject.eye()), view.view().seen());
        var paper = OPAQUE | pens.ink(Role.PAPER).rgb();
        var edge = pens.ink().rgb();
        var inks = inks(scene, nearest, tones);
        var covers = covers(scene, inks, nearest.pixelMm(), fine.pictures);
        var shade = fine.shade.over(nearest, box);
        var out = new int[nearest.width() * nearest.height()];
        IntStream.range(0, nearest.height()).parallel().forEach(row -> {
            var y = box.minY() + (nearest.height() - 1 - row + 0.5) * nearest.pixelMm();
            var from = (nearest.height() - 1 - row) * nearest.width();
            for (var x = 0; x < nearest.width(); ) {
                var here = nearest.facets()[from + x];
                var first = x;
                while (x < nearest.width() && nearest.facets()[from + x] == here) {
                    x++;
                }
                if (here >= 0) {
                    var span = new PixelSpan(
                            box.minX() + (first + 0.5) * nearest.pixelMm(),
                            nearest.pixelMm(),
                            y,
                            out,
                            row * nearest.width() + first,
                            x - first);
                    var cover = covers[here];
                    if (cover == null) {
                        span.fill(inks[here]);
                    } else {
                        cover.paint(span);
                    }
                    shade.on(here, span);
                }
            }
            if (fine.edge > 0) {
                edges(nearest, from, out, row, paper, edge, fine.edge);
            }
        });
        var where = new Box(
                box.minX(),
                box.minY(),
                box.minX() + nearest.width() * nearest.pixelMm(),
                box.minY() + nearest.height() * nearest.pixelMm());
        return List.of(new Mark.Image(new Pixels(nearest.width(), nearest.height(), out), frame.paper(where)));
    }

    /** The colours of all facets that are seen. */
    private static int[] inks(Scene scene, Scene.Nearest nearest, FacetTones tones) {
        var isSeen = new boolean[scene.count()];
        for (var i : nearest.facets()) {
            if (i >= 0) {
                isSeen[i] = true;
            }
        }
        var inks = new int[isSeen.length];
        IntStream.range(0, isSeen.length)
                .parallel()
                .filter(i -> isSeen[i])
                .forEach(i -> inks[i] =
                        OPAQUE | tones.of(scene.body(i).kind(), scene.facet(i)).rgb());
        return inks;
    }

    /** Where one facet ends before another. */
    private static void edges(Scene.Nearest nearest, int from, int[] out, int row, int paper, int edge, double share) {
        var facets = nearest.facets();
        var wide = nearest.width();
        var below = Math.max(from - wide, 0);
        for (var x = 0; x < wide; x++) {
            var here = facets[from + x];
            if (here != facets[from + Math.min(x + 1, wide - 1)] || here != facets[below + x]) {
                var at = row * wide + x;
                out[at] = mixed(here < 0 ? paper : out[at], edge, share);
            }
        }
    }

    private static @Nullable Cover[] covers(Scene scene, int[] inks, double pixelMm, SurfacePictures pictures) {
        var out = new @Nullable Cover[inks.length];
        for (var i = 0; i < inks.length; i++) {
            var picture = inks[i] == 0 ? Optional.<SurfacePicture>empty() : pictures.of(scene.facet(i));
            if (picture.isPresent()) {
                out[i] = Cover.of(picture.get(), scene.toFrame(i), scene.box(i).centre(), pixelMm, inks[i]);
            }
        }
        return out;
    }

    /**
     * What covers a facet, as it is lit.
     *
     * @param level how fine it is seen
     * @param red how much of the picture's red is seen, in parts of 256; of the other colours the same
     */
    private record Cover(SurfacePicture picture, Projective to, int level, int red, int green, int blue) {
        static Cover of(SurfacePicture picture, Projective to, Point middle, double pixelMm, int ink) {
            var near = to.near(middle);
            var mm = pixelMm * Math.sqrt(Math.abs(near.a() * near.d() - near.b() * near.c()));
            var mean = picture.mean();
            return new Cover(
                    picture, to, picture.level(mm), share(ink, mean, 16), share(ink, mean, 8), share(ink, mean, 0));
        }

        private static int share(int ink, int mean, int shift) {
            return 256 * (ink >> shift & 0xff) / Math.max(1, mean >> shift & 0xff);
        }

        /** Covers some pixels of a row. */
        void paint(PixelSpan span) {
            var y = span.y();
            for (var i = 0; i < span.many(); i++) {
                var x = span.x(i);
                var by = 1 / (to.g() * x + to.h() * y + to.i());
                var rgb = picture.at(
                        (to.a() * x + to.b() * y + to.c()) * by, (to.d() * x + to.e() * y + to.f()) * by, level);
                span.argb()[span.at() + i] = OPAQUE
                        | Math.min(255, (rgb >> 16 & 0xff) * red >> 8) << 16
                        | Math.min(255, (rgb >> 8 & 0xff) * green >> 8) << 8
                        | Math.min(255, (rgb & 0xff) * blue >> 8);
            }
        }
    }

    /** One colour under another. */
    static int mixed(int under, int over, double share) {
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
