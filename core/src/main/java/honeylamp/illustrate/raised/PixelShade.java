package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.raised.CornerGrids;
import honeylamp.raised.Scene;
import honeylamp.raised.SunBuffer;
import java.util.Optional;
import java.util.stream.IntStream;

/** The drawn shade of a raised view as {@link RaisedShade} has it, for pictures of pixels. */
interface PixelShade {
    /** Of more facets the sun's shadow takes too long for a frame, and that of corners for a picture. */
    int MOST_FACETS = 7000;

    /** No shade. */
    PixelShade NONE = (_, _) -> (_, _) -> {};

    /** Made ready for a picture of what is nearest over a box. */
    Shaded over(Scene.Nearest nearest, Box box);

    /** A picture in which it is dark. */
    interface Shaded {
        /** Makes pixels of a facet as light as they are seen. */
        void on(int facet, PixelSpan span);
    }

    /**
     * The shade of a scene as its view has it.
     *
     * @param longerPx so many pixels has the longer side of the picture
     */
    static PixelShade of(LaidView view, Scene scene, Raised subject, PaperFrame frame, int longerPx) {
        var shade = new RaisedShade(view, subject, frame, Pens.of(view.look(), frame.scale()));
        var hasCorners = view.look().cornerShade() > 0 && scene.count() <= MOST_FACETS;
        var corners = hasCorners ? CornerGrids.of(scene, shade::corner) : CornerGrids.none(scene);
        return of(shade, scene, corners, longerPx);
    }

    /** The same without corners: for while a view is turned. */
    static PixelShade ofSun(LaidView view, Scene scene, Raised subject, PaperFrame frame, int longerPx) {
        var shade = new RaisedShade(view, subject, frame, Pens.of(view.look(), frame.scale()));
        return scene.count() > MOST_FACETS ? NONE : of(shade, scene, CornerGrids.none(scene), longerPx * 2 / 3);
    }

    private static PixelShade of(RaisedShade shade, Scene scene, CornerGrids corners, int longerPx) {
        var subject = shade.subject();
        var look = shade.view().look();
        var pens = shade.pens();
        // the sun does not come in through what is cut
        var sun = look.castShadow() > 0 && !(subject instanceof Raised.Section)
                ? SunBuffer.of(scene, Toning.sun(shade.view().view().light(), subject), longerPx)
                : Optional.<SunBuffer>empty();
        var dark = new Tint(pens.colour(Role.SHADOW).argb());
        if (sun.isEmpty()) {
            return (_, _) -> (facet, span) -> dark.over(span, corners, facet);
        }
        var light = sun.get();
        if (subject instanceof Raised.Inside) {
            var bright = pens.ink(Role.SUNLIGHT).rgb();
            return (nearest, box) -> {
                var isReached = reached(light, scene, nearest, box);
                return (facet, span) -> {
                    dark.over(span, corners, facet);
                    if (isReached[facet]) {
                        light(span, light, facet, bright, shade.sunInside());
                    }
                };
            };
        }
        var shadow = shade.shadow();
        return (_, _) -> (facet, span) -> {
            dark.over(span, corners, facet);
            if (light.looksToLight(facet)) {
                dark.over(span, light, facet, shadow);
            }
        };
    }

    private static void light(PixelSpan span, SunBuffer light, int facet, int bright, double share) {
        for (var i = 0; i < span.many(); i++) {
            if (!light.isDark(facet, span.x(i), span.y())) {
                var at = span.at() + i;
                span.argb()[at] = QuickPicture.mixed(span.argb()[at], bright, share);
            }
        }
    }

    /** Which facets the sun reaches in part: what it lights all over is as light as its tone says. */
    private static boolean[] reached(SunBuffer light, Scene scene, Scene.Nearest nearest, Box box) {
        var isDark = new boolean[scene.count()];
        IntStream.range(0, nearest.height()).parallel().forEach(row -> {
            var y = box.minY() + (row + 0.5) * nearest.pixelMm();
            for (var column = 0; column < nearest.width(); column++) {
                var facet = nearest.facets()[row * nearest.width() + column];
                if (facet >= 0 && !isDark[facet] && light.looksToLight(facet)) {
                    var x = box.minX() + (column + 0.5) * nearest.pixelMm();
                    if (light.isDark(facet, x, y)) {
                        isDark[facet] = true; // by whom first does not matter
                    }
                }
            }
        });
        return isDark;
    }

    /** A colour that lies over others as ink does that is multiplied. */
    final class Tint {
        private static final int STEPS = 256;

        /** So dark is what the last step says. */
        private static final double MOST = 2;

        private final int[][] kept = new int[3][STEPS + 1];

        Tint(int rgb) {
            for (var channel = 0; channel < 3; channel++) {
                var taken = 1 - (rgb >> 8 * channel & 0xff) / 255.0;
                for (var i = 0; i <= STEPS; i++) {
                    // many thin layers: each takes its share of what is left
                    kept[channel][i] = (int) Math.round(256 * Math.exp(-taken * MOST * i / STEPS));
                }
            }
        }

        /** Pixels of a facet under what lies in its corners. */
        void over(PixelSpan span, CornerGrids corners, int facet) {
            if (corners.isIn(facet)) {
                for (var i = 0; i < span.many(); i++) {
                    var at = span.at() + i;
                    span.argb()[at] = over(span.argb()[at], corners.at(facet, span.x(i), span.y()));
                }
            }
        }

        /** Pixels of a facet under so much of it where no light comes. */
        void over(PixelSpan span, SunBuffer light, int facet, double much) {
            for (var i = 0; i < span.many(); i++) {
                if (light.isDark(facet, span.x(i), span.y())) {
                    var at = span.at() + i;
                    span.argb()[at] = over(span.argb()[at], much);
                }
            }
        }

        private int over(int argb, double much) {
            var i = (int) Math.min(STEPS, Math.round(much / MOST * STEPS));
            return argb & 0xff000000
                    | (argb >> 16 & 0xff) * kept[2][i] >> 8 << 16
                    | (argb >> 8 & 0xff) * kept[1][i] >> 8 << 8
                    | (argb & 0xff) * kept[0][i] >> 8;
        }
    }
}
