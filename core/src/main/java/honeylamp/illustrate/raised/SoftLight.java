package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.Remembered.LongWork;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Fitting;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Look;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View;
import honeylamp.raised.Lamps;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenParts;
import honeylamp.raised.traced.LightMap;
import honeylamp.raised.traced.LightSources;
import honeylamp.raised.traced.LightSources.Lamp;
import honeylamp.raised.traced.LightSources.Rgb;
import honeylamp.raised.traced.LightSources.Sun;
import honeylamp.raised.traced.TracedLight;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;

/**
 * The light of a raised view as a picture to be multiplied over its surfaces: theirs are the colours and patterns, its are
 * light and shade, so that lines and patterns stay as sharp as they are.
 */
public final class SoftLight {
    /** So many pixels its longer side has: light changes slowly. */
    private static final int LONGER_PX = 900;

    private static final int LONGER_INSIDE_PX = 560;

    private static final int RAYS = 16;
    private static final int BOUNCES_OUTSIDE = 2;
    private static final int BOUNCES_INSIDE = 3;

    private static final Rgb SKY = new Rgb(0.70f, 0.74f, 0.82f);
    private static final Rgb GROUND = new Rgb(0.24f, 0.23f, 0.21f);
    private static final Rgb SUN = new Rgb(1.42f, 1.32f, 1.12f);

    /** A little of the night sky, so that nothing is black. */
    private static final Rgb NIGHT = new Rgb(0.012f, 0.014f, 0.024f);

    /** A white surface is fully lit by so much light of lamps, in lux. */
    private static final double FULL_LUX = 190;

    /** The light that this share of what is seen does not reach is shown as white. */
    private static final double LIGHTEST = 0.97;

    /** The mean of light, as eyes take it, is shown so light at least: where all is dim the eye opens. */
    private static final double LEAST_MEAN = 0.74;

    private static final double EYE = 1.9;
    private static final int LEAST = 36;
    private static final int OPAQUE = 0xff000000;

    /** Light passes so many pixels over edges to where nothing is seen, lest it be white there. */
    private static final int OVER_PX = 3;

    private SoftLight() {}

    private record Silhouette(Object scene) {}

    /**
     * What light depends on.
     *
     * @param scene all that the scene depends on
     */
    private record Asked(Object scene, Light light, View.Lit lit, Object look, int longerPx) {}

    /**
     * Light as it is shown.
     *
     * @param box where, in picture mm
     */
    private record Known(Pixels pixels, Box box) {}

    /** Whether a view is lit so: where it is asked for, and after dark, when lamps light it. */
    public static boolean isIn(LaidView view) {
        return view.view().subject() instanceof Raised subject
                && !(subject instanceof Raised.RoofPlan)
                && (view.view().lit() == View.Lit.TRACED || evening(view).isPresent());
    }

    /** Which fittings light a view: after dark, and always in a look of the night. */
    private static Optional<Evening> evening(LaidView view) {
        return view.view()
                .light()
                .evening()
                .or(() -> view.look().shading() == Look.Shading.LAMPS ? Optional.of(Evening.ALL) : Optional.empty());
    }

    /**
     * The light on what is seen; empty as long as it is not known.
     *
     * @param about all that the scene depends on, with the things it is built of
     */
    static Optional<Mark> of(
            LaidView view,
            Raised subject,
            Scene scene,
            List<SeenParts.Part> parts,
            PaperFrame frame,
            Object about,
            List<Object> on,
            Remembered all) {
        if (scene.bounds().isEmpty()) {
            return Optional.empty();
        }
        var longerPx = subject instanceof Raised.Inside ? LONGER_INSIDE_PX : LONGER_PX;
        var asked = new Asked(about, view.view().light(), view.view().lit(), view.look(), longerPx);
        return all.<Known>longAnswerOf(asked, on, (sofar, wanted) -> {
                    var shining = shining(view, scene);
                    var traced = new TracedLight(scene, colours(view, frame), sources(view, subject));
                    return traced.map(
                                    longerPx,
                                    scene.bounds().get(),
                                    RAYS,
                                    step -> sofar.accept(new LongWork.Sofar<>(
                                            known(step.map(), shining), (double) step.rays() / step.of())),
                                    wanted)
                            .map(map -> known(map, shining));
                })
                .map(k -> clipped(new Mark.Image(k.pixels, frame.paper(k.box)), scene, parts, frame, on, about, all));
    }

    /** Cut to what is seen, so that it does not pass over its edges. */
    private static Mark clipped(
            Mark image,
            Scene scene,
            List<SeenParts.Part> parts,
            PaperFrame frame,
            List<Object> on,
            Object about,
            Remembered all) {
        if (scene.framed().isPresent()) {
            return image;
        }
        List<Outline> seen = all.answerOf(
                new Silhouette(about),
                on,
                () -> Regions.union(
                        parts.stream().flatMap(p -> p.parts().stream()).toList()));
        var path = Figure.builder();
        seen.forEach(o -> path.path(o.path()));
        return new Mark.Clip(frame.paper(path.build()), List.of(image));
    }

    /** Facets throw back light of the colours they are seen in. */
    private static TracedLight.ThrowsBack colours(LaidView view, PaperFrame frame) {
        var tones = new FacetTones(
                Pens.of(view.look(), frame.scale()), Toning.NONE, view.view().seen());
        return (body, facet) -> facet.skin().isCut()
                ? Rgb.ofColour(0x777777) // dark where it is cut, but not for light
                : Rgb.ofColour(tones.of(body.kind(), facet).rgb());
    }

    /** The facets of shades that shine after dark. */
    private static IntPredicate shining(LaidView view, Scene scene) {
        var evening = evening(view);
        var on = view.plan().all().stream()
                .flatMap(s -> s.storey().fittings().stream())
                .filter(f ->
                        f.kind().isLight() && evening.filter(e -> e.lights(f)).isPresent())
                .map(Fitting::id)
                .collect(Collectors.toSet());
        return n -> scene.body(n).kind() == Kind.FITTINGS
                && scene.facet(n).skin().role() == Role.LINEN
                && scene.body(n).of().filter(on::contains).isPresent();
    }

    private static LightSources sources(LaidView view, Raised subject) {
        var light = view.view().light();
        var bounces = subject instanceof Raised.Inside ? BOUNCES_INSIDE : BOUNCES_OUTSIDE;
        var evening = evening(view);
        if (evening.isPresent()) {
            var lamps = Lamps.of(view, subject, evening.get()::lights).stream()
                    .map(l -> new Lamp(l.at(), l.aim(), l.beam(), perLux(l.kelvin())))
                    .toList();
            return new LightSources(NIGHT, NIGHT, Optional.empty(), lamps, bounces);
        }
        var isUp = view.light().isPresent();
        return new LightSources(
                SKY,
                GROUND,
                isUp ? Optional.of(new Sun(Toning.sun(light, subject), SUN)) : Optional.empty(),
                List.of(),
                bounces);
    }

    /** The colour of light of a temperature, its green taken as even, between what 2,700 and 6,500 K look like to an eye at home. */
    private static Rgb perLux(int kelvin) {
        var mired = 1e6 / kelvin;
        var warm = Math.clamp((mired - 1e6 / 6500) / (1e6 / 2700 - 1e6 / 6500), -0.3, 1.3);
        var per = 1 / FULL_LUX;
        return new Rgb((float) (per * (1.02 + 0.16 * warm)), (float) (per * (1 - 0.05 * warm)), (float)
                (per * (1.03 - 0.42 * warm)));
    }

    private static Known known(LightMap map, IntPredicate shining) {
        var white = white(map);
        var out = new int[map.count()];
        for (var row = 0; row < map.height(); row++) {
            for (var x = 0; x < map.width(); x++) {
                var i = row * map.width() + x;
                if (map.seen()[i] >= 0 && shining.test(map.seen()[i])) {
                    out[(map.height() - 1 - row) * map.width() + x] = OPAQUE | 0xffffff; // it is as light as can be
                } else if (map.seen()[i] >= 0) {
                    out[(map.height() - 1 - row) * map.width() + x] = OPAQUE
                            | shown(map.red()[i] / white) << 16
                            | shown(map.green()[i] / white) << 8
                            | shown(map.blue()[i] / white);
                }
            }
        }
        for (var k = 0; k < OVER_PX; k++) {
            out = spread(out, map.width(), map.height());
        }
        return new Known(new Pixels(map.width(), map.height(), out), map.box());
    }

    /** The light that is shown as white. */
    private static double white(LightMap map) {
        var bright = new float[map.count()];
        var many = 0;
        var mean = 0.0;
        for (var i = 0; i < map.count(); i++) {
            if (map.seen()[i] >= 0) {
                var v = 0.2126f * map.red()[i] + 0.7152f * map.green()[i] + 0.0722f * map.blue()[i];
                bright[many++] = v;
                mean += Math.pow(v, 1 / EYE);
            }
        }
        if (many == 0 || mean == 0) {
            return 1;
        }
        Arrays.sort(bright, 0, many);
        var lightest = bright[(int) (LIGHTEST * (many - 1))];
        var open = Math.pow(mean / many / LEAST_MEAN, EYE);
        return Math.max(1e-6, Math.min(lightest, open));
    }

    /** As an eye takes it, of 255; light over three quarters adds ever less. */
    private static int shown(double light) {
        var v = Math.pow(Math.max(0, light), 1 / EYE);
        var soft = v < 0.75 ? v : 0.75 + 0.25 * (1 - Math.exp(-(v - 0.75) / 0.25));
        return LEAST + (int) Math.rint((255 - LEAST) * soft);
    }

    /** Pixels without light beside some with light take theirs. */
    private static int[] spread(int[] from, int width, int height) {
        var out = from.clone();
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                var i = y * width + x;
                if (from[i] == 0) {
                    var beside = x > 0 && from[i - 1] != 0
                            ? from[i - 1]
                            : x < width - 1 && from[i + 1] != 0
                                    ? from[i + 1]
                                    : y > 0 && from[i - width] != 0
                                            ? from[i - width]
                                            : y < height - 1 ? from[i + width] : 0;
                    out[i] = beside;
                }
            }
        }
        return out;
    }
}
