package honeylamp.illustrate.shade;

import honeylamp.derive.lighting.LampPoint.Aim;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Light.Evening;
import java.util.stream.IntStream;

/**
 * A wall from the front after dark: the light of the real fittings that falls on it straight, by the inverse square and the
 * cosine at which it falls, what stands in the way left in the dark, and what the surfaces of its room give back.
 */
public final class FrontLight {
    /** Light is reckoned at points no farther apart on the wall, in mm, and passes evenly between them. */
    private static final double STEP_MM = 25;

    /** A long face has no more points than this each way. */
    private static final int MOST = 600;

    /** So far before the face, that the wall is not in its own way. */
    private static final double BEFORE_MM = 15;

    private static final double SOFT_MM = 60;

    private FrontLight() {}

    /** What fittings light of a storey, to be asked for each of its walls. */
    public static Lit lit(StoreyGeometry geometry, Evening evening) {
        return Lit.of(geometry, evening::lights);
    }

    /**
     * The light on a wall, to be multiplied over it and what stands before it.
     *
     * @param outside how dark it is where no light falls
     * @param frame in which the wall's left end lies at 0
     */
    public static Mark.Image of(
            StoreyGeometry geometry, Lit lit, WallElevation wall, LampLight.Outside outside, PaperFrame frame) {
        var high = Math.max(1, wall.heightMm());
        var width = points(wall.lengthMm());
        var height = points(high);
        var back = geometry.roomAt(wall.middle().plus(wall.into().times(BEFORE_MM)))
                .map(room -> EveningLight.givenBack(geometry, room, lit.lamps()))
                .orElseGet(() -> new double[3]);
        var pixels = new int[width * height];
        IntStream.range(0, height).parallel().forEach(row -> {
            var up = (height - row - 0.5) * high / height;
            for (var column = 0; column < width; column++) {
                var foot = wall.foot((column + 0.5) * wall.lengthMm() / width);
                pixels[row * width + column] = argb(lit, foot, up, back, outside);
            }
        });
        return new Mark.Image(new Pixels(width, height, pixels), frame.paper(new Box(0, 0, wall.lengthMm(), high)));
    }

    private static int points(double mm) {
        return Math.clamp(Math.round(mm / STEP_MM), 1, MOST);
    }

    private static int argb(Lit lit, WallElevation.Foot foot, double upMm, double[] back, LampLight.Outside outside) {
        var at = foot.at().plus(foot.into().times(BEFORE_MM));
        var looks = new Aim(foot.into().x(), foot.into().y(), 0);
        var light = back.clone();
        for (var lamp : lit.lamps()) {
            var lux = lamp.lux(at, upMm, looks, SOFT_MM);
            if (lux > 0) {
                var tone = EveningLight.tone(lamp.lamp().kelvin());
                for (var c = 0; c < 3; c++) {
                    light[c] += lux * tone[c];
                }
            }
        }
        var shown = EveningLight.shown(light[0], light[1], light[2]);
        return LampLight.argb(outside, light[0] * shown, light[1] * shown, light[2] * shown);
    }
}
