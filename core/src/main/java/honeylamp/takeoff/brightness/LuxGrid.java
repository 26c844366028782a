package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.InTheWay;
import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.Fitting;
import honeylamp.plan.LightingRules;
import honeylamp.takeoff.lighting.EvenLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * The light of a room at points of an even grid on work height: what comes straight from fittings, with walls and tall pieces
 * in its way, what the room gives back, and daylight where that is asked for. An estimate.
 *
 * @param light of the room
 * @param origin of the first point, in plan mm
 * @param lux row by row from the south; points that lie outside the room have the light of the nearest of their row within
 */
public record LuxGrid(RoomLight light, Point origin, double stepMm, int columns, int rows, List<Float> lux) {
    /** Freezes the values. */
    public LuxGrid {
        lux = List.copyOf(lux);
    }

    /** The rooms of a storey that have light. */
    public static List<LuxGrid> of(LaidStorey storey, LightingRules rules, Predicate<Fitting> isOn, double stepMm) {
        var way = InTheWay.of(storey.geometry());
        var lit = Lit.of(LampPoint.on(storey.geometry(), isOn), way);
        return RoomLight.of(storey, rules, isOn).stream()
                .filter(r -> r.meanLux() + r.dayLux() > 0)
                .map(r -> of(r, source(storey, r, lit, rules, way), stepMm))
                .toList();
    }

    private interface Source {
        double lux(Point at);
    }

    /** What falls on a place on work height in a room. */
    private static Source source(LaidStorey storey, RoomLight light, Lit lit, LightingRules rules, InTheWay way) {
        Source lamps = at -> light.backLux() + rules.maintenance() * lit.level(at, EvenLayout.WORK_HEIGHT_MM);
        if (light.dayLux() == 0) {
            return lamps;
        }
        var day = Daylight.of(storey.geometry(), way, light.room(), Reflectances.of(storey, light.room()));
        return at -> lamps.lux(at) + rules.skyLux() * day.share(at, EvenLayout.WORK_HEIGHT_MM);
    }

    private static LuxGrid of(RoomLight light, Source source, double stepMm) {
        var box = light.room().outline().bounds();
        var columns = Math.max(2, (int) Math.ceil(box.width() / stepMm) + 1);
        var rows = Math.max(2, (int) Math.ceil(box.height() / stepMm) + 1);
        var origin = new Point(
                box.centre().x() - (columns - 1) * stepMm / 2, box.centre().y() - (rows - 1) * stepMm / 2);
        var values = new Float[rows * columns];
        IntStream.range(0, rows).parallel().forEach(row -> row(light, source, origin, stepMm, columns, row, values));
        return new LuxGrid(light, origin, stepMm, columns, rows, List.of(values));
    }

    private static void row(
            RoomLight light, Source source, Point origin, double stepMm, int columns, int row, Float[] into) {
        var outline = light.room().outline();
        var last = (float) light.backLux();
        var begun = -1;
        for (var column = 0; column < columns; column++) {
            var at = new Point(origin.x() + column * stepMm, origin.y() + row * stepMm);
            if (outline.contains(at)) {
                last = (float) source.lux(at);
                if (begun < 0) {
                    begun = column;
                }
            }
            into[row * columns + column] = last;
        }
        for (var column = 0; column < begun; column++) {
            into[row * columns + column] = into[row * columns + begun];
        }
    }

    /** The same with each value averaged with its neighbours, so that lines through it run smoothly. */
    public LuxGrid smooth() {
        var out = new ArrayList<Float>(lux.size());
        for (var row = 0; row < rows; row++) {
            for (var column = 0; column < columns; column++) {
                var sum = 0.0;
                var n = 0;
                for (var r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++) {
                    for (var c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++) {
                        sum += at(r * columns + c);
                        n++;
                    }
                }
                out.add((float) (sum / n));
            }
        }
        return new LuxGrid(light, origin, stepMm, columns, rows, out);
    }

    /** A point of the grid, in plan mm. */
    public Point at(int column, int row) {
        return new Point(origin.x() + column * stepMm, origin.y() + row * stepMm);
    }

    /** The light at a point of the grid. */
    public double at(int number) {
        return lux.get(number);
    }

    /** The room. */
    public Room room() {
        return light.room();
    }

    /** The least light of points within the room. */
    public double least() {
        return within().min().orElse(0);
    }

    /** The most light of points within the room. */
    public double most() {
        return within().max().orElse(0);
    }

    /** The mean light of points within the room. */
    public double mean() {
        return within().average().orElse(0);
    }

    private DoubleStream within() {
        return IntStream.range(0, lux.size())
                .filter(i -> room().outline().contains(at(i % columns, i / columns)))
                .mapToDouble(this::at);
    }
}
