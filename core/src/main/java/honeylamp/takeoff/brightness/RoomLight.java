package honeylamp.takeoff.brightness;

import honeylamp.derive.lighting.InTheWay;
import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Doing;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.LightingRules;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.takeoff.lighting.EvenLayout;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The light of a room by the lumen method: an estimate.
 *
 * @param meanLux of its lamps on work height
 * @param dayLux the mean of daylight there; 0 if it is left out
 * @param backLux of that, what comes back from surfaces
 * @param lumen of all lamps in it
 * @param watt that they draw
 * @param wanted the activity in it that wants the most light all over; empty if none is marked
 * @param wantedLux what that wants; 0 if none is marked
 */
public record RoomLight(
        Room room,
        double meanLux,
        double dayLux,
        double backLux,
        double lumen,
        double watt,
        Optional<Doing> wanted,
        int wantedLux) {
    private static final double DOWNWARDS = 0.5;

    /** The rooms of a storey by those of its fittings that are on, the brightest last. */
    public static List<RoomLight> of(LaidStorey storey, LightingRules rules, Predicate<Fitting> isOn) {
        var geometry = storey.geometry();
        var lamps = LampPoint.on(geometry, isOn);
        var marks = ActivityPlaces.on(geometry.storey());
        var out = new ArrayList<RoomLight>();
        var way = rules.skyLux() == 0 ? Optional.<InTheWay>empty() : Optional.of(InTheWay.of(geometry));
        for (var room : geometry.rooms()) {
            if (room.counts() != CountsAs.OUTDOOR) {
                var within = lamps.stream()
                        .filter(l -> room.outline().contains(l.at()))
                        .toList();
                out.add(of(storey, room, within, wanted(marks, room, rules), rules, way));
            }
        }
        return List.copyOf(out);
    }

    /** A room by the lamps in it, told what is in the way of daylight if that counts. */
    static RoomLight of(
            LaidStorey storey,
            Room room,
            List<LampPoint> lamps,
            Optional<Doing> wanted,
            LightingRules rules,
            Optional<InTheWay> way) {
        var back = Reflectances.of(storey, room);
        Map<Alike, Used> known = new HashMap<>(); // those of a row are alike
        var mean = 0.0;
        var given = 0.0;
        var lumen = 0.0;
        for (var lamp : lamps) {
            var used = known.computeIfAbsent(Alike.of(lamp), _ -> used(room, lamp, back));
            mean += used.all * lamp.beam().lumen() * rules.maintenance() / (room.areaMm2() / 1e6);
            given += used.givenBack * lamp.beam().lumen() * rules.maintenance() / (room.areaMm2() / 1e6);
            lumen += lamp.beam().lumen();
        }
        return new RoomLight(
                room,
                mean,
                way.map(w -> rules.skyLux()
                                * Daylight.of(storey.geometry(), w, room, back).mean(EvenLayout.WORK_HEIGHT_MM))
                        .orElse(0.0),
                given,
                lumen,
                watts(lamps),
                wanted,
                wanted.map(rules::lux).orElse(0));
    }

    /** What lamps have in common of which the same share is used. */
    private record Alike(Emission light, double heightMm, double downwards) {
        static Alike of(LampPoint lamp) {
            return new Alike(
                    lamp.placed().fitting().emission().orElseThrow(), lamp.heightMm(), RoomLight.downwards(lamp));
        }
    }

    /** Shares of a lamp's light: on work height, and of that what is given back. */
    private record Used(double all, double givenBack) {}

    private static Used used(Room room, LampPoint lamp, Reflectances back) {
        var proportions = new LumenMethod.Proportions(
                room.areaMm2() / 1e6, room.perimeterMm() / 1e3, (lamp.heightMm() - EvenLayout.WORK_HEIGHT_MM) / 1e3);
        var straight = LumenMethod.straight(proportions, lamp.beam(), downwards(lamp));
        return new Used(
                straight + LumenMethod.givenBack(proportions, straight, downwards(lamp), back),
                LumenMethod.givenBack(proportions, straight, downwards(lamp), back));
    }

    /** Each fitting once, whatever the number of its points. */
    private static double watts(List<LampPoint> lamps) {
        return lamps.stream()
                .map(LampPoint::placed)
                .distinct()
                .mapToDouble(p -> p.fitting().emission().orElseThrow().watt())
                .sum();
    }

    /** The share of a lamp's light that goes down, by where it is aimed. */
    private static double downwards(LampPoint lamp) {
        var front = lamp.beam().forward();
        return lamp.aim().up() < -DOWNWARDS ? front : lamp.aim().up() > DOWNWARDS ? 1 - front : DOWNWARDS;
    }

    /** What is done all over the room; what is done at one spot has light of its own. */
    static Optional<Doing> wanted(List<ActivityPlaces.Placed> marks, Room room, LightingRules rules) {
        return marks.stream()
                .filter(p -> room.outline().contains(p.at()))
                .map(p -> p.activity().doing())
                .filter(d -> !d.isTask())
                .max(Comparator.comparingInt(rules::lux));
    }

    /** Whether it has the light that is wanted in it, or nothing is. */
    public boolean isEnough() {
        return meanLux >= wantedLux;
    }
}
