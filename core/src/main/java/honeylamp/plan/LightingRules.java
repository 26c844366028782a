package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a person goes by when lights, switches and sockets are planned.
 *
 * @param overlap so much of its width a beam covers of the next one at work height, from 0
 * @param washerAway so far from a wall those stand that wash it, as a share of its height
 * @param maintenance the share of light that is left when lamps are old and dirty
 * @param skyLux the light of an overcast sky on open ground, in lux; 0 leaves daylight out
 * @param reach from the jamb to a switch that is at hand
 * @param wetBeside so far beside bath and shower there are no sockets
 * @param cord a lamp that is plugged in stands no farther from a socket
 * @param socketEach so much wall has a socket; zero asks for none
 * @param leastSockets in each room that is lived in; 0 asks for none
 * @param heights where a kind is fixed at another height than usual
 * @param targets where an activity is to have other light than usual
 * @param dropped activities that were proposed and are not wanted
 */
@RecordBuilder
public record LightingRules(
        double overlap,
        double washerAway,
        double maintenance,
        int skyLux,
        Length reach,
        Length wetBeside,
        Length cord,
        Length socketEach,
        int leastSockets,
        List<Height> heights,
        List<Target> targets,
        List<Dropped> dropped)
        implements LightingRulesBuilder.With {
    /** As new plans have it: a fifth of overlap, a third of the height, 0.8 (CIE 97:2005 for clean rooms and LED). */
    public static final LightingRules USUAL = new LightingRules(
            0.2,
            1.0 / 3,
            0.8,
            0,
            Length.ofMm(900),
            Length.ofMm(600),
            Length.ofMm(2000),
            Length.ofMm(4000),
            2,
            List.of(),
            List.of(),
            List.of());

    private static final int MOST_LUX = 20_000;

    /** An overcast sky in the middle of a day, as daylight is usually reckoned with. */
    public static final int USUAL_SKY_LUX = 10_000;

    /** Brighter no sky is. */
    public static final int MOST_SKY_LUX = 120_000;

    /** The height above the floor, or over what it stands on, at which a kind is fixed. */
    public record Height(FittingKind kind, Length height) {
        /** Refuses what is fixed below the floor. */
        public Height {
            Checks.notNegative("usual height", height);
        }
    }

    /** The light that an activity is to have, in lux. */
    public record Target(Doing doing, int lux) {
        /** Refuses what no lamp gives. */
        public Target {
            Checks.within("light of an activity, in lux,", lux, 0, MOST_LUX);
        }
    }

    /**
     * An activity that is not wanted though it was proposed.
     *
     * @param with the id of what it was proposed with, as text
     */
    public record Dropped(Doing doing, String with) {
        private static final int LONGEST = 60;

        /** Refuses what is no id. */
        public Dropped {
            Checks.within("letters of an id", with.length(), 1, LONGEST);
        }
    }

    /** Freezes the lists; refuses what no plan can keep to. */
    public LightingRules {
        Checks.within("overlap of beams", overlap, 0, 0.9);
        Checks.within("distance of washers from the wall", washerAway, 0.05, 1);
        Checks.within("light left of old lamps", maintenance, 0.3, 1);
        Checks.within("light of the sky, in lux,", skyLux, 0, MOST_SKY_LUX);
        Checks.positive("reach to a switch", reach);
        Checks.notNegative("distance of sockets from bath and shower", wetBeside);
        Checks.positive("length of a cord", cord);
        Checks.notNegative("wall for each socket", socketEach);
        Checks.within("sockets in a room", leastSockets, 0, 40);
        heights = List.copyOf(heights);
        targets = List.copyOf(targets);
        dropped = dropped.stream().distinct().toList();
    }

    /** The light an activity is to have, in lux. */
    public int lux(Doing doing) {
        return targets.stream()
                .filter(t -> t.doing == doing)
                .findFirst()
                .map(Target::lux)
                .orElse(doing.usualLux());
    }

    /** The height a kind is fixed at where that is other than usual. */
    public Optional<Length> height(FittingKind kind) {
        return heights.stream().filter(h -> h.kind == kind).findFirst().map(Height::height);
    }

    /** With other light for an activity. */
    public LightingRules with(Target target) {
        return withTargets(Stream.concat(targets.stream().filter(t -> t.doing != target.doing), Stream.of(target))
                .filter(t -> t.lux != t.doing.usualLux())
                .sorted(Comparator.comparing(Target::doing))
                .toList());
    }

    /** With another height for a kind. */
    public LightingRules with(Height height) {
        return withHeights(Stream.concat(heights.stream().filter(h -> h.kind != height.kind), Stream.of(height))
                .sorted(Comparator.comparing(Height::kind))
                .toList());
    }
}
