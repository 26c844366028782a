package honeylamp.derive.lighting;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Fitting;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * A storey by the light of its fittings: the light that comes from them straight, by the inverse square of the distance and
 * the cosine of the angle at which it falls, walls and tall pieces in the way. What comes back from walls is not in it.
 */
public final class Lit {
    /** No light is followed farther. */
    private static final double REACH_MM = 15_000;

    /** Less light than this is none. */
    private static final double LEAST_LUX = 0.05;

    private static final double MM_PER_M = 1000;

    private final List<Seen> lamps;

    /** A point that shines, and how far it does. */
    public record Seen(LampPoint lamp, Sight sight) {
        /**
         * The light that falls on what looks a way, in lux.
         *
         * @param heightMm of the place above the floor
         * @param looks where it looks
         * @param softMm so wide are the edges of shadows
         */
        public double lux(Point at, double heightMm, LampPoint.Aim looks, double softMm) {
            var east = (at.x() - lamp.at().x()) / MM_PER_M;
            var north = (at.y() - lamp.at().y()) / MM_PER_M;
            var up = (heightMm - lamp.heightMm()) / MM_PER_M;
            var far = Math.sqrt(east * east + north * north + up * up);
            if (far < 1e-6) {
                return 0;
            }
            var falls = -(east * looks.east() + north * looks.north() + up * looks.up()) / far;
            if (falls <= 0) {
                return 0;
            }
            var aim = lamp.aim();
            var candela = lamp.beam().candela((east * aim.east() + north * aim.north() + up * aim.up()) / far);
            var open = candela * falls / (far * far);
            return open < LEAST_LUX ? 0 : open * sight.share(at, heightMm, softMm);
        }
    }

    private Lit(List<Seen> lamps) {
        this.lamps = List.copyOf(lamps);
    }

    /** By those of its fittings that are on. */
    public static Lit of(StoreyGeometry geometry, Predicate<Fitting> isOn) {
        return of(LampPoint.on(geometry, isOn), InTheWay.of(geometry));
    }

    /** By some points that shine, with this in their way. */
    public static Lit of(List<LampPoint> lamps, InTheWay way) {
        return new Lit(lamps.stream()
                .map(l -> new Seen(l, Sight.of(l.at(), l.heightMm(), REACH_MM, way)))
                .toList());
    }

    private record Spot(Point at, double heightMm) {}

    /** Others that shine with the same in their way: from spots where something shone before it is known how far one sees. */
    public Lit with(List<LampPoint> others, InTheWay way) {
        Map<Spot, Sight> known = new HashMap<>();
        lamps.forEach(s -> known.put(new Spot(s.lamp.at(), s.lamp.heightMm()), s.sight));
        return new Lit(others.stream()
                .map(l -> new Seen(
                        l,
                        known.computeIfAbsent(
                                new Spot(l.at(), l.heightMm()), _ -> Sight.of(l.at(), l.heightMm(), REACH_MM, way))))
                .toList());
    }

    /** What shines. */
    public List<Seen> lamps() {
        return lamps;
    }

    /** The light on what lies level at a place so high above the floor, in lux. */
    public double level(Point at, double heightMm) {
        return facing(at, heightMm, LampPoint.Aim.UP);
    }

    /** The light on what looks a way at a place so high above the floor, in lux. */
    public double facing(Point at, double heightMm, LampPoint.Aim looks) {
        return lamps.stream().mapToDouble(l -> l.lux(at, heightMm, looks, 0)).sum();
    }
}
