package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.storeys.ActivityPlaces.Placed;
import honeylamp.geometry.Point;
import honeylamp.plan.Doing;
import honeylamp.plan.Fitting;
import honeylamp.plan.LightingRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The light where something is done: on what one looks at, before oneself; on one's face where one looks into a mirror.
 *
 * @param at where it is wanted, in plan mm
 * @param lux all of it
 * @param shares what comes straight, the strongest first
 */
record SpotLight(Point at, double lux, List<Share> shares) {
    /** What one looks at lies so far before one. */
    private static final double AHEAD_MM = 400;

    /** What comes straight from a fitting. */
    record Share(LampPoint lamp, double lux) {
        Fitting fitting() {
            return lamp.placed().fitting();
        }
    }

    static SpotLight of(Placed mark, Lit lit, double backLux, LightingRules rules) {
        var shares = new ArrayList<Share>();
        var sum = backLux;
        for (var lamp : lit.lamps()) {
            var lux = rules.maintenance() * straight(mark, lamp);
            if (lux > 0) {
                shares.add(new Share(lamp.lamp(), lux));
                sum += lux;
            }
        }
        shares.sort(Comparator.comparingDouble(Share::lux).reversed());
        return new SpotLight(at(mark), sum, List.copyOf(shares));
    }

    private static Point at(Placed mark) {
        return mark.activity().doing().isByHand() ? mark.at().plus(mark.ahead().times(AHEAD_MM)) : mark.at();
    }

    /** What comes straight from a lamp, in lux. */
    static double straight(Placed mark, Lit.Seen lamp) {
        var doing = mark.activity().doing();
        var looks = doing == Doing.GROOMING
                ? new LampPoint.Aim(mark.ahead().x(), mark.ahead().y(), 0)
                : LampPoint.Aim.UP;
        return lamp.lux(at(mark), doing.levelMm(), looks, 0);
    }
}
