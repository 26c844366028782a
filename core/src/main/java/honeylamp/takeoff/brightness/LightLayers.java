package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.Lit;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.ActivityPlaces.Placed;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.RoomFit.CountsAs;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Where the light of a room should come from: light all over it, light for each task, and light on its walls and ceiling;
 * told before there is any lamp, and what is missing once there are some.
 *
 * @param layers the general one first
 */
public record LightLayers(Room room, List<Layer> layers) {
    /** What a layer of light is for. */
    public enum Kind {
        GENERAL("All over"),
        TASK("For a task"),
        ACCENT("On walls and ceiling");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** How far a layer is. */
    public enum State {
        GIVEN,
        WEAK,
        MISSING
    }

    /**
     * A layer.
     *
     * @param of the mark of the activity it is for; empty of the others
     * @param words what there is and what is wanted
     */
    public record Layer(Kind kind, Optional<ElementId> of, State state, String words) {}

    /** What lights a room all over. */
    private static final Set<FittingKind> GENERAL = Set.of(
            FittingKind.DOWNLIGHT,
            FittingKind.CEILING_LIGHT,
            FittingKind.CHANDELIER,
            FittingKind.PENDANT,
            FittingKind.TRACK,
            FittingKind.UPLIGHT);

    /** What lights walls and ceilings, or draws the eye. */
    private static final Set<FittingKind> ACCENT = Set.of(
            FittingKind.WALL_WASHER,
            FittingKind.PICTURE_LIGHT,
            FittingKind.WALL_LIGHT,
            FittingKind.STRIP,
            FittingKind.TRACK,
            FittingKind.UPLIGHT,
            FittingKind.TABLE_LAMP,
            FittingKind.FLOOR_LAMP);

    /** Where one sits and stays, walls that are lit make a room. */
    private static final Set<Doing> STAYS = Set.of(Doing.SITTING, Doing.WATCHING, Doing.DINING, Doing.READING);

    /** Less than this share of what is wanted is none. */
    private static final double WEAK = 0.5;

    /** A room without marks has light enough to pass through it. */
    private static final Doing LEAST = Doing.PASSING;

    /** Of each lumen so much falls on work height in a usual room, until there are lamps to reckon with. */
    private static final double USUAL_USE = 0.5;

    /** Freezes the layers. */
    public LightLayers {
        layers = List.copyOf(layers);
    }

    /** Those of all rooms of a storey with a name, as all its lamps are on. */
    public static List<LightLayers> of(LaidStorey storey, LightingRules rules) {
        var geometry = storey.geometry();
        var lit = Lit.of(geometry, _ -> true);
        var lights = FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().kind().isLight() && p.fitting().stands())
                .toList();
        var marks = ActivityPlaces.on(geometry.storey());
        var out = new ArrayList<LightLayers>();
        for (var light : RoomLight.of(storey, rules, _ -> true)) {
            var room = light.room();
            if (room.mark().isPresent() && room.counts() != CountsAs.OUTDOOR) {
                var there = lights.stream()
                        .filter(p -> room.outline().contains(p.before()))
                        .map(FittingPlaces.Placed::fitting)
                        .distinct()
                        .toList();
                var done = marks.stream()
                        .filter(m -> room.outline().contains(m.at()))
                        .toList();
                var layers = new ArrayList<Layer>();
                layers.add(general(light, there, rules));
                done.stream()
                        .filter(m -> m.activity().doing().isTask())
                        .map(m -> task(m, lit, light, rules))
                        .forEach(layers::add);
                if (done.stream().anyMatch(m -> STAYS.contains(m.activity().doing()))) {
                    layers.add(accent(there));
                }
                out.add(new LightLayers(room, layers));
            }
        }
        return List.copyOf(out);
    }

    private static Layer general(RoomLight light, List<Fitting> there, LightingRules rules) {
        var wanted = light.wanted().orElse(LEAST);
        var lux = rules.lux(wanted);
        var lumen = lux * light.room().areaMm2() / 1e6 / (USUAL_USE * rules.maintenance());
        if (there.stream().noneMatch(f -> GENERAL.contains(f.kind()))) {
            return new Layer(
                    Kind.GENERAL,
                    Optional.empty(),
                    State.MISSING,
                    lux + " lx for " + word(wanted) + ": about " + rounded(lumen) + " lm from the ceiling");
        }
        return new Layer(
                Kind.GENERAL,
                Optional.empty(),
                state(light.meanLux(), lux),
                "about " + rounded(light.meanLux()) + " lx of " + lux + " for " + word(wanted) + ", by "
                        + kinds(there, GENERAL));
    }

    private static Layer task(Placed mark, Lit lit, RoomLight light, LightingRules rules) {
        var doing = mark.activity().doing();
        var wanted = rules.lux(doing);
        var lux = SpotLight.of(mark, lit, light.backLux(), rules).lux();
        var state = state(lux, wanted);
        return new Layer(
                Kind.TASK,
                Optional.of(mark.activity().id()),
                state,
                doing.label()
                        + (state == State.MISSING
                                ? ": " + wanted + " lx wanted, about " + rounded(lux) + " there"
                                : ": about " + rounded(lux) + " lx of " + wanted));
    }

    private static Layer accent(List<Fitting> there) {
        return there.stream().anyMatch(f -> ACCENT.contains(f.kind()))
                ? new Layer(Kind.ACCENT, Optional.empty(), State.GIVEN, "by " + kinds(there, ACCENT))
                : new Layer(
                        Kind.ACCENT,
                        Optional.empty(),
                        State.MISSING,
                        "no wall and no ceiling is lit: a washer, an uplight or a lamp at the wall");
    }

    private static State state(double lux, int wanted) {
        return lux >= wanted ? State.GIVEN : lux >= WEAK * wanted ? State.WEAK : State.MISSING;
    }

    private static String kinds(List<Fitting> there, Set<FittingKind> of) {
        return there.stream()
                .map(Fitting::kind)
                .filter(of::contains)
                .distinct()
                .map(k -> k.label().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }

    private static String word(Doing doing) {
        return doing.label().toLowerCase(Locale.ROOT);
    }

    /** To two figures: it is an estimate. */
    public static String rounded(double lux) {
        if (lux < 10) {
            return Long.toString(Math.round(lux));
        }
        var unit = Math.pow(10, Math.floor(Math.log10(lux)) - 1);
        return Long.toString(Math.round(Math.rint(lux / unit) * unit));
    }
}
