package honeylamp.lettering;

import honeylamp.underlay.InkPicture;
import java.util.Arrays;
import java.util.Optional;

/**
 * The line a length is written at, from tick to tick, in the frame in which it runs along a row.
 *
 * @param y its row
 * @param from the column of its first tick
 * @param to the column of its second
 */
record DimensionLine(double y, double from, double to) {
    /** A line may be so much fainter than the figures; a tick less so. */
    private static final double LINE_SHARE = 0.25;

    private static final double TICK_SHARE = 0.35;

    /** A line is no farther from the figures than this share of the height of a capital. */
    private static final double FARTHEST = 1.4;

    private static final int LARGEST_HOLE = 2;

    /** A line is longer than what is written by this, as a share of the height of a capital on each side. */
    private static final double LONGER = 0.3;

    /** How far a tick or a witness line reaches beyond the line, in px. */
    private static final double TICK_PX = 3;

    private static final double[] SLOPES = {0, 1, -1};

    /** The nearest line below or above a row of figures that is longer than they are. */
    static Optional<DimensionLine> at(Row row, InkPicture ink) {
        var dark = row.letters().stream().mapToDouble(Blot::darkest).average().orElse(1);
        var search = new Search(ink, LINE_SHARE * dark);
        var ticks = new Search(ink, TICK_SHARE * dark);
        var middle = (row.letters().getFirst().x0() + row.letters().getLast().x1()) / 2;
        for (var away = 1; away < FARTHEST * row.cap(); away++) {
            for (var y : new double[] {row.foot() + away, row.foot() - row.cap() - away}) {
                var found = search.along(row, middle, (int) y);
                if (found.isPresent()) {
                    var next = search.along(row, middle, (int) y + (y > row.foot() ? 1 : -1)); // it may be thick
                    return ticks.ticked(
                            next.filter(n -> n.length() > found.get().length()).orElse(found.get()), middle);
                }
            }
        }
        return Optional.empty();
    }

    double length() {
        return to - from;
    }

    /** Looks along rows of a picture. */
    private record Search(InkPicture ink, double threshold) {
        private boolean is(double x, double y) {
            return ink.at(x, y) > threshold;
        }

        /** The line in a row of pixels, if it reaches beyond the figures on both sides. */
        Optional<DimensionLine> along(Row row, int middle, int y) {
            var from = end(middle, y, -1);
            var to = end(middle, y, 1);
            return from > row.letters().getFirst().x0() - LONGER * row.cap()
                            || to < row.letters().getLast().x1() + LONGER * row.cap()
                    ? Optional.empty()
                    : Optional.of(new DimensionLine(y + 0.5, from, to));
        }

        /** The last column of the line that runs through a column, in one direction. */
        int end(int start, int y, int way) {
            var last = start;
            var hole = 0;
            for (var x = start; x >= 0 && x < ink.width() && hole <= LARGEST_HOLE; x += way) {
                if (is(x + 0.5, y + 0.5)) {
                    last = x;
                    hole = 0;
                } else {
                    hole++;
                }
            }
            return last;
        }

        Optional<DimensionLine> ticked(DimensionLine line, int middle) {
            var thick = thickness(line, middle);
            var y = thick[0] + (thick[1] - thick[0]) / 2;
            var reach = (thick[1] - thick[0]) / 2 + TICK_PX;
            var from = tick(line, middle, y, reach, -1);
            var to = tick(line, middle, y, reach, 1);
            return to - from < 2 * TICK_PX ? Optional.empty() : Optional.of(new DimensionLine(y, from, to));
        }

        /** The first tick from the middle on, or the line's end. */
        private double tick(DimensionLine line, int middle, double y, double reach, int way) {
            for (var x = middle; x >= line.from - 1 && x <= line.to + 1; x += way) {
                if (isTick(x + 0.5, y, reach)) {
                    var last = x;
                    while (last >= line.from - 1 && last <= line.to + 1 && isTick(last + 0.5, y, reach)) {
                        last += way;
                    }
                    return (x + last + (way > 0 ? 0 : 2)) / 2.0;
                }
            }
            return way < 0 ? line.from : line.to + 1;
        }

        private boolean isTick(double x, double y, double reach) {
            for (var slope : SLOPES) {
                if (is(x + slope * reach, y - reach)
                        && is(x - slope * reach, y + reach)
                        && is(x + slope * (reach - 1), y - reach + 1)
                        && is(x - slope * (reach - 1), y + reach - 1)) {
                    return true;
                }
            }
            return false;
        }

        /** The upper and lower edge of a line, from the middling one of several columns. */
        private double[] thickness(DimensionLine line, int middle) {
            var tops = new double[9];
            var lows = new double[9];
            var span = Math.min(line.to - middle, middle - line.from) * 0.6;
            for (var k = 0; k < 9; k++) {
                var x = middle + (k - 4) / 4.0 * span;
                var top = line.y;
                while (is(x, top - 1) && line.y - top < 40) {
                    top--;
                }
                var low = line.y;
                while (is(x, low + 1) && low - line.y < 40) {
                    low++;
                }
                tops[k] = top - 0.5;
                lows[k] = low + 0.5;
            }
            Arrays.sort(tops);
            Arrays.sort(lows);
            return new double[] {tops[4], lows[4]};
        }
    }
}
