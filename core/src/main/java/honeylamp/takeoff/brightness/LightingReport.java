package honeylamp.takeoff.brightness;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.takeoff.brightness.LightLayers.State;
import honeylamp.takeoff.lighting.ActivityProposals;
import honeylamp.takeoff.lighting.ActivityProposals.ActivityProposal;
import honeylamp.takeoff.lighting.FittingCheck;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.takeoff.lighting.NightWays;
import honeylamp.takeoff.way.Ways;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * How far the lighting and power plan of a storey is: its five steps, what is proposed, and the ways of the night.
 *
 * @param steps in the order of the work
 * @param proposals activities that may be done there
 * @param layers where light should come from, room by room
 * @param rooms how bright they are
 * @param walks the ways of the night; none until there are switches
 * @param dark corners on them
 */
public record LightingReport(
        List<Step> steps,
        List<ActivityProposal> proposals,
        List<LightLayers> layers,
        List<RoomLight> rooms,
        List<NightWays.Named> walks,
        List<DarkPlace> dark) {
    /**
     * A step of the work.
     *
     * @param words how far it is
     */
    public record Step(String name, boolean isDone, String words) {}

    /** Freezes the lists. */
    public LightingReport {
        steps = List.copyOf(steps);
        proposals = List.copyOf(proposals);
        layers = List.copyOf(layers);
        rooms = List.copyOf(rooms);
        walks = List.copyOf(walks);
        dark = List.copyOf(dark);
    }

    /**
     * The report of a storey.
     *
     * @param wanted asked now and then; once it says no, any report does
     */
    public static LightingReport of(LaidStorey storey, BooleanSupplier wanted) {
        var rules = storey.plan().drawn().lighting();
        var proposals = ActivityProposals.of(storey, rules);
        var layers = LightLayers.of(storey, rules);
        var snags = wanted.getAsBoolean() ? FittingCheck.of(storey) : List.<Snag>of();
        var walks = wanted.getAsBoolean() && hasSwitches(storey)
                ? NightWays.of(Ways.of(storey, wanted))
                : List.<NightWays.Named>of();
        var dark = wanted.getAsBoolean() ? DarkPlace.on(storey, rules, walks) : List.<DarkPlace>of();
        var steps = List.of(
                base(storey),
                activities(storey, proposals),
                sources(storey, layers),
                fittings(storey),
                switches(storey, snags, walks, dark));
        return new LightingReport(steps, proposals, layers, RoomLight.of(storey, rules, _ -> true), walks, dark);
    }

    private static boolean hasSwitches(LaidStorey storey) {
        return storey.geometry().storey().fittings().stream()
                .anyMatch(f -> f.kind().isSwitch() && f.stands());
    }

    private static Step base(LaidStorey storey) {
        var is = LightingViews.view(
                        storey.plan().drawn(), storey.geometry().storey().id())
                .isPresent();
        return new Step("Base", is, is ? "its view is there" : "no lighting view yet");
    }

    private static Step activities(LaidStorey storey, List<ActivityProposal> proposals) {
        var marked = storey.geometry().storey().activities().size();
        return new Step(
                "Activities",
                marked > 0 && proposals.isEmpty(),
                marked + " marked" + (proposals.isEmpty() ? "" : ", " + proposals.size() + " proposed"));
    }

    private static Step sources(LaidStorey storey, List<LightLayers> layers) {
        var all = layers.stream().flatMap(l -> l.layers().stream()).toList();
        var given = all.stream().filter(l -> l.state() == State.GIVEN).count();
        return new Step(
                "Where light comes from",
                !storey.geometry().storey().activities().isEmpty() && given == all.size(),
                given + " of " + all.size() + " given");
    }

    private static Step fittings(LaidStorey storey) {
        var geometry = storey.geometry();
        var lights = FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().kind().isLight() && p.fitting().stands())
                .map(FittingPlaces.Placed::before)
                .toList();
        var rooms = geometry.rooms().stream()
                .filter(r -> r.mark().isPresent() && r.lie() == Room.Lie.INSIDE && r.counts() != CountsAs.OUTDOOR)
                .toList();
        var lit = rooms.stream()
                .filter(r -> lights.stream().anyMatch(r.outline()::contains))
                .count();
        return new Step(
                "Fittings", !rooms.isEmpty() && lit == rooms.size(), lit + " of " + rooms.size() + " rooms lit");
    }

    private static Step switches(
            LaidStorey storey, List<Snag> snags, List<NightWays.Named> walks, List<DarkPlace> dark) {
        if (!hasSwitches(storey)) {
            return new Step("Switches, sockets, walk", false, "no switch yet");
        }
        var good = walks.stream().filter(w -> w.walk().isGood()).count();
        return new Step(
                "Switches, sockets, walk",
                snags.isEmpty() && dark.isEmpty() && good == walks.size(),
                (snags.isEmpty() && dark.isEmpty() ? "" : snags.size() + dark.size() + " to mend, ")
                        + (walks.isEmpty() ? "no way walked" : good + " of " + walks.size() + " ways lit"));
    }
}
