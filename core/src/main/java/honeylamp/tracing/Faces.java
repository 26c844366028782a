package honeylamp.tracing;

/** The faces of a wall to a fraction of a pixel, from the mean of the ink across it over all its length. */
final class Faces {
    private static final int PER_PX = 4;
    private static final int JAMB_REACH = 8;
    private static final double RIDGE_RATIO = 1.15;
    private static final double RIDGE_MORE = 0.03;

    private Faces() {}

    /** The line with its centre and thickness as its ink says; as it was where the ink says nothing. */
    static WallLine refined(Direction direction, WallLine line) {
        var t = line.thickness();
        var reach = t / 2 + Math.max(4, 0.3 * t);
        var profile = profile(direction, line, reach);
        var inside = mean(profile, reach, -0.25 * t, 0.25 * t);
        var left = face(profile, reach, -t / 2, -1, inside);
        var right = face(profile, reach, t / 2, +1, inside);
        var step = Math.max(1.5, 0.2 * t);
        var a = Math.clamp(left, -t / 2 - step, -t / 2 + step);
        var b = Math.clamp(right, t / 2 - step, t / 2 + step);
        if (b - a < 0.6 * t || b - a > 1.4 * t) {
            return line;
        }
        return new WallLine(line.across() + (a + b) / 2, line.tilt(), b - a, line.tracks());
    }

    private static double[] profile(Direction direction, WallLine line, double reach) {
        var count = (int) (2 * reach * PER_PX) + 1;
        var sum = new double[count];
        var rows = 0;
        for (var track : line.tracks()) {
            var every = Math.max(1, (int) (track.length() / 200));
            for (var y = track.from() + 1; y < track.to() - 1; y += every) {
                var middle = line.at(y + 0.5);
                for (var k = 0; k < count; k++) {
                    sum[k] += direction.ink().at(middle - reach + (double) k / PER_PX, y + 0.5);
                }
                rows++;
            }
        }
        for (var k = 0; k < count; k++) {
            sum[k] /= Math.max(1, rows);
        }
        return sum;
    }

    /**
     * Where a jamb lies along a line, to a fraction of a pixel.
     *
     * @param at where the mask says, along the line
     * @param outwards 1 if the gap lies farther along the line than the jamb, -1 if nearer
     */
    static double jamb(Direction direction, WallLine line, double at, int outwards) {
        var profile = new double[2 * JAMB_REACH * PER_PX + 1];
        var half = 0.3 * line.thickness();
        for (var k = 0; k < profile.length; k++) {
            var along = at - JAMB_REACH + (double) k / PER_PX;
            var count = 0;
            for (var c = -half; c <= half; c++) {
                profile[k] += direction.ink().at(line.at(along) + c, along);
                count++;
            }
            profile[k] /= count;
        }
        var deep = JAMB_REACH - 2.0;
        var inside = outwards > 0 ? mean(profile, JAMB_REACH, -deep, -3) : mean(profile, JAMB_REACH, 3, deep);
        return at + face(profile, JAMB_REACH, 0, outwards, inside);
    }

    private static double mean(double[] profile, double reach, double from, double to) {
        var a = (int) Math.round((from + reach) * PER_PX);
        var b = (int) Math.round((to + reach) * PER_PX);
        var sum = 0.0;
        for (var k = a; k <= b; k++) {
            sum += profile[k];
        }
        return sum / (b - a + 1);
    }

    /** Where the face near an offset lies: the middle of its outline if it has one, else where the ink is half. */
    private static double face(double[] profile, double reach, double near, int outwards, double inside) {
        var slack = Math.min(reach - Math.abs(near), Math.max(3, 0.25 * 2 * Math.abs(near)));
        var from = Math.max(1, (int) ((near - slack + reach) * PER_PX));
        var to = Math.min(profile.length - 2, (int) ((near + slack + reach) * PER_PX));
        var top = from;
        for (var k = from; k <= to; k++) {
            if (profile[k] > profile[top]) {
                top = k;
            }
        }
        if (profile[top] > RIDGE_RATIO * inside + RIDGE_MORE && top > from && top < to) {
            return centreOfRidge(profile, top, inside) / PER_PX - reach;
        }
        var outer = outwards > 0 ? profile[to] : profile[from];
        var half = (inside + Math.min(outer, inside)) / 2;
        for (var k = outwards > 0 ? to : from; outwards > 0 ? k > from : k < to; k -= outwards) {
            var next = k - outwards;
            if (profile[k] <= half && profile[next] > half) {
                var share = (half - profile[k]) / (profile[next] - profile[k]);
                return (k - outwards * share) / PER_PX - reach;
            }
        }
        return near;
    }

    /** The middle between where a ridge rises above half its height and where it falls below. */
    private static double centreOfRidge(double[] profile, int top, double inside) {
        var half = (profile[top] + Math.max(0, inside)) / 2;
        var a = top;
        while (a > 0 && profile[a - 1] > half) {
            a--;
        }
        var b = top;
        while (b < profile.length - 1 && profile[b + 1] > half) {
            b++;
        }
        return (a + b) / 2.0;
    }
}
