package honeylamp.sheet;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.takeoff.lived.LivedIn;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** What of a plan is still as it came, and what of its picture overwhelms, before it leaves the house. */
public final class Refining {
    /** Counter-clockwise from east: up the sheet. */
    private static final double NORTH_AS_IT_CAME_DEG = 90;

    private static final double STRONG = 1.5;
    private static final double DEEP_CAST = 0.85;
    private static final double DEEP_CEILING = 0.3;

    /** So many small things on a square metre of a room are clutter. */
    private static final double CLUTTER_PER_M2 = 0.8;

    private static final int FEW = 4;
    private static final double SMALL_MM2 = 0.16e6;
    private static final double MM2_PER_M2 = 1e6;

    private Refining() {}

    /** What could be refined. */
    public enum Kind {
        LOOK,
        NAMES,
        FLOORS,
        TITLE,
        NORTH,
        STRENGTH,
        SHADE,
        CLUTTER,
        LIVED_IN
    }

    /**
     * One thing to refine.
     *
     * @param sentence what it is, and what to do
     * @param about where the first thing it is about stands, if it is about one
     */
    public record Hint(Kind kind, String sentence, Optional<About> about) {
        private static Hint of(Kind kind, String sentence) {
            return new Hint(kind, sentence, Optional.empty());
        }
    }

    /** An element, on its storey, at its place in plan mm. */
    public record About(StoreyId storey, ElementId element, Point at) {}

    /** All hints: first what is as it came, in the order people work, then what overwhelms. */
    public static List<Hint> of(LaidPlan plan) {
        var out = new ArrayList<Hint>();
        for (var storey : plan.all()) {
            rooms(out, storey, Kind.NAMES, m -> m.name().isBlank(), "has no name", "have no name");
            rooms(
                    out,
                    storey,
                    Kind.FLOORS,
                    m -> Materials.of(m.floor().material()).isEmpty(),
                    "has a bare floor",
                    "have bare floors");
        }
        titles(out, plan.drawn());
        if (plan.northDeg() == NORTH_AS_IT_CAME_DEG) {
            out.add(Hint.of(
                    Kind.NORTH, "North is up, as it came: if it is not so, say where it is with North, in Site."));
        }
        var plans = plan.pages().stream()
                .flatMap(p -> p.views().stream())
                .filter(v -> v.view().isPlan())
                .toList();
        if (!plans.isEmpty() && plans.stream().allMatch(v -> v.look().equals(Looks.DAYLIGHT))) {
            out.add(Hint.of(Kind.LOOK, "The look is Daylight, as it came. Light has others."));
        }
        plans.stream().filter(Refining::isStrong).findFirst().ifPresent(v -> out.add(strong(v)));
        plans.stream().filter(Refining::isDeep).findFirst().ifPresent(v -> out.add(deep(v)));
        plan.all().forEach(storey -> clutter(out, storey));
        plans.forEach(view -> livedIn(out, view));
        return out;
    }

    private static void rooms(
            List<Hint> out, LaidStorey storey, Kind kind, Predicate<RoomMark> isSo, String one, String many) {
        var found = storey.geometry().rooms().stream()
                .filter(r -> r.mark().map(isSo::test).orElse(true))
                .toList();
        if (!found.isEmpty()) {
            var count = found.size() == 1 ? "One room " + one : found.size() + " rooms " + many;
            out.add(new Hint(
                    kind,
                    count + " on " + storey.storey().name() + ".",
                    found.stream()
                            .flatMap(r -> r.mark().stream())
                            .map(m -> new About(storey.storey().id(), m.id(), m.at().point()))
                            .findFirst()));
        }
    }

    private static void titles(List<Hint> out, Plan plan) {
        for (var page : plan.presentation().pages()) {
            var title = page.sheet().title();
            var missing = new ArrayList<String>();
            add(missing, title.project().isBlank(), "project");
            add(missing, title.author().isBlank(), "author");
            add(missing, title.date().isBlank(), "date");
            if (!missing.isEmpty()) {
                out.add(Hint.of(Kind.TITLE, "The title block says no " + String.join(", no ", missing) + "."));
                return;
            }
        }
    }

    private static void add(List<String> missing, boolean is, String what) {
        if (is) {
            missing.add(what);
        }
    }

    private static boolean isStrong(LaidView view) {
        var colouring = view.look().colouring();
        return colouring.floors() == Floors.LAID
                && colouring.strength()
                        >= STRONG
                                * Math.max(
                                        1,
                                        Looks.of(view.look().name()).colouring().strength());
    }

    private static Hint strong(LaidView view) {
        return Hint.of(
                Kind.STRENGTH,
                "The colours of " + view.name() + " are strong and may drown what stands on them: Calmer, in Light.");
    }

    private static boolean isDeep(LaidView view) {
        return view.look().castShadow() >= DEEP_CAST && view.look().shadeCeiling() > DEEP_CEILING;
    }

    private static Hint deep(LaidView view) {
        return Hint.of(
                Kind.SHADE,
                "The shade of " + view.name() + " is deep and may drown small rooms: lower the most shade on a floor.");
    }

    private static void clutter(List<Hint> out, LaidStorey storey) {
        for (var room : storey.geometry().rooms()) {
            var small = storey.geometry().furnishingsIn(room).stream()
                    .filter(f -> f.width().mm() * f.depth().mm() < SMALL_MM2)
                    .filter(f -> Furnishings.of(f)
                            .filter(k -> k.group() == Group.DECOR || k.group() == Group.PLANTS)
                            .isPresent())
                    .toList();
            if (isCluttered(room, small.size())) {
                out.add(new Hint(
                        Kind.CLUTTER,
                        name(room) + " holds " + small.size() + " small things and looks cluttered; take some away.",
                        Optional.of(new About(
                                storey.storey().id(),
                                small.getFirst().id(),
                                small.getFirst().at().point()))));
            }
        }
    }

    private static boolean isCluttered(Room room, long things) {
        return things > FEW && things > CLUTTER_PER_M2 * room.areaMm2() / MM2_PER_M2;
    }

    /** Of what lies about in a view, not of what is in the plan. */
    private static void livedIn(List<Hint> out, LaidView view) {
        if (view.view().livedIn() == 0) {
            return;
        }
        var geometry = view.storey().geometry();
        var seen = LivedIn.at(LivedIn.all(geometry), view.view().livedIn());
        var in = seen.stream()
                .map(s -> geometry.roomAt(s.piece().at().point()))
                .flatMap(Optional::stream)
                .collect(Collectors.groupingBy(room -> room, LinkedHashMap::new, Collectors.counting()));
        var names = in.entrySet().stream()
                .filter(e -> isCluttered(e.getKey(), e.getValue()))
                .map(e -> name(e.getKey()))
                .toList();
        if (!names.isEmpty()) {
            out.add(Hint.of(
                    Kind.LIVED_IN,
                    "In " + view.name() + " much lies about in " + String.join(", ", names)
                            + ": make it barer with Lived in, in Light."));
        }
    }

    private static String name(Room room) {
        return room.name().isBlank() ? "A room" : room.name();
    }
}
