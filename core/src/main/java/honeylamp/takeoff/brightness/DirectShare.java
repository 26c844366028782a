package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.Beam;
import java.util.stream.IntStream;

/**
 * The share of the light of lamps, spread evenly over the ceiling of a square room, that falls straight on work height: all
 * places of the lamps and all points below are gone through in even steps.
 */
final class DirectShare {
    private static final int LAMPS = 8;
    private static final int POINTS = 48;

    private DirectShare() {}

    /**
     * The share, from 0 to 1.
     *
     * @param index of the room: the side of the square over twice the height of the lamps
     */
    static double of(Beam down, double index) {
        var side = 2 * index; // with lamps at a height of 1
        // lamps of an eighth of the room, between an axis and a diagonal, stand for all of them; those on the diagonal
        // once
        return IntStream.range(0, LAMPS / 2)
                        .mapToDouble(i -> IntStream.rangeClosed(0, i)
                                .mapToDouble(j ->
                                        (i == j ? 1 : 2) * fallen(down, side, at(i, LAMPS, side), at(j, LAMPS, side)))
                                .sum())
                        .sum()
                / (LAMPS * LAMPS / 4.0)
                / down.lumen();
    }

    private static double at(int nth, int of, double side) {
        return (nth + 0.5) * side / of;
    }

    private static double fallen(Beam down, double side, double x, double y) {
        var cell = side / POINTS;
        var sum = 0.0;
        for (var i = 0; i < POINTS; i++) {
            for (var j = 0; j < POINTS; j++) {
                var dx = at(i, POINTS, side) - x;
                var dy = at(j, POINTS, side) - y;
                var far = Math.sqrt(dx * dx + dy * dy + 1);
                sum += down.candela(1 / far) / (far * far * far); // the cosine of the fall is 1 / far
            }
        }
        return sum * cell * cell;
    }
}
