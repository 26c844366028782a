package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.Lit;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.Doing;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind.Group;
import honeylamp.plan.LightingRules;
import honeylamp.takeoff.lighting.LitWalk;
import honeylamp.takeoff.lighting.NightWays;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * A dark corner on a way of the night, though the room is lit: round a corner, behind a wardrobe, at the far end.
 *
 * @param at where it is darkest, in plan mm
 * @param lux there, on the floor
 * @param sentence what to say of it
 */
public record DarkPlace(Point at, double lux, String sentence) {
    /** Less than this share of what passing wants is dark. */
    private static final double DARK = 0.1;

    /** Every so many points of a way are looked at. */
    private static final int EVERY = 8;

    /** Those on some ways, one at most for each room and state of its switches. */
    public static List<DarkPlace> on(LaidStorey storey, LightingRules rules, List<NightWays.Named> ways) {
        var out = new ArrayList<DarkPlace>();
        Set<String> seen = new TreeSet<>();
        for (var way : ways) {
            for (var step : way.walk().steps()) {
                if (step.verdict() == LitWalk.Verdict.LIT && seen.add(step.room() + step.on())) {
                    darkest(storey, rules, step).ifPresent(out::add);
                }
            }
        }
        return List.copyOf(out);
    }

    private static Optional<DarkPlace> darkest(LaidStorey storey, LightingRules rules, LitWalk.Step step) {
        // lamps that stand have switches of their own, and are on where they are all that lights a step
        Predicate<Fitting> isOn = f -> f.group().filter(step.on()::contains).isPresent()
                || step.on().isEmpty() && f.kind().group() == Group.LAMPS;
        var lit = Lit.of(storey.geometry(), isOn);
        var rooms = RoomLight.of(storey, rules, isOn);
        var dark = DARK * rules.lux(Doing.PASSING);
        var found = Optional.<DarkPlace>empty();
        for (var i = 0; i < step.line().size(); i += EVERY) {
            var at = step.line().get(i);
            var back = rooms.stream()
                    .filter(r -> r.room().outline().contains(at))
                    .mapToDouble(RoomLight::backLux)
                    .findFirst();
            if (back.isPresent()) {
                var lux = back.getAsDouble() + rules.maintenance() * lit.level(at, 0);
                if (lux < dark && found.filter(f -> f.lux <= lux).isEmpty()) {
                    found = Optional.of(new DarkPlace(
                            at,
                            lux,
                            "A dark corner on the way through " + step.room() + ": about " + LightLayers.rounded(lux)
                                    + " lx on the floor. Put a light there."));
                }
            }
        }
        return found;
    }
}
