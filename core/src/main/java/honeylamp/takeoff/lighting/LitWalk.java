package honeylamp.takeoff.lighting;

import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Group;
import honeylamp.plan.OpeningKind.Family;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A way through a storey after dark, walked as one walks it: into each room one puts on its light where a hand finds a
 * switch at the way in, and out of each one puts it off if a hand finds one there.
 *
 * @param steps from the start on, one for each room that is come into
 */
public record LitWalk(List<Step> steps) {
    /** How a step goes. */
    public enum Verdict {
        /** There is light. */
        LIT("lit"),
        /** There are lights, but no switch of them at hand: one steps into the dark. */
        INTO_THE_DARK("into the dark"),
        /** There is no light at all. */
        NO_LIGHT("no light");

        private final String label;

        Verdict(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /**
     * A room that is come into.
     *
     * @param line of the way within it, in plan mm
     * @param room its name
     * @param on the groups that are on while one is in it, rising
     * @param leftOn groups that stay on behind one, for no switch of them is at hand where one leaves them
     * @param door by which it was come into; empty at the start, and where there is none
     * @param sentence what to say of it
     */
    public record Step(
            List<Point> line,
            String room,
            Verdict verdict,
            List<Integer> on,
            List<Integer> leftOn,
            Optional<OpeningId> door,
            String sentence) {
        /** Freezes the lists. */
        public Step {
            line = List.copyOf(line);
            on = List.copyOf(on);
            leftOn = List.copyOf(leftOn);
        }

        /** Whether nothing is wrong with it. */
        public boolean isGood() {
            return verdict == Verdict.LIT && leftOn.isEmpty();
        }
    }

    /** Freezes the steps. */
    public LitWalk {
        steps = List.copyOf(steps);
    }

    /** Whether one walks in the light all along, and leaves none on. */
    public boolean isGood() {
        return steps.stream().allMatch(Step::isGood);
    }

    /** Where one begins, a switch or a lamp is at hand so far away. */
    static final double FROM_BED_MM = 1_200;

    /** The walk along a line, in plan mm. */
    public static LitWalk along(LaidStorey storey, List<Point> line) {
        return new LitWalk(new Walker(storey).walk(line));
    }

    private static final class Walker {
        private static final double STEP_MM = 50;

        /** Less of a way over the ground outside is none. */
        private static final double LEAST_OUTSIDE_MM = 1_000;

        /** So far from it a light outside still shows the ground. */
        private static final double SHOWS_GROUND_MM = 6_000;

        /** A door that is walked through lies so near to where rooms change. */
        private static final double DOOR_MM = 700;

        private final StoreyGeometry geometry;
        private final double reachMm;
        private final List<Placed> placed;
        private final Map<Room, Set<Integer>> lights = new HashMap<>();
        private final Set<Room> lamps = new HashSet<>();
        private final Set<Integer> on = new TreeSet<>();

        Walker(LaidStorey storey) {
            this.geometry = storey.geometry();
            this.reachMm = storey.plan().drawn().lighting().reach().mm();
            this.placed = FittingPlaces.on(geometry).stream()
                    .filter(p -> p.fitting().stands())
                    .toList();
            for (var group : LightGroup.on(geometry)) {
                for (var light : group.lights()) {
                    geometry.roomAt(light.before())
                            .ifPresent(r -> lights.computeIfAbsent(r, _ -> new TreeSet<>())
                                    .add(group.number()));
                }
            }
        }

        /** A part of the way within one room. */
        private record Part(Optional<Room> room, List<Point> line) {}

        private List<Part> parts(List<Point> line) {
            var out = new ArrayList<Part>();
            var now = new ArrayList<Point>();
            var room = Optional.<Room>empty();
            for (var p : steps(line)) {
                var here = geometry.roomAt(p);
                if (here.isPresent() && !here.equals(room)) {
                    if (room.isPresent()) {
                        out.add(new Part(room, now));
                    }
                    now = new ArrayList<>();
                    room = here;
                }
                now.add(p);
            }
            if (room.isPresent()) {
                out.add(new Part(room, now));
            }
            return out;
        }

        private static List<Point> steps(List<Point> line) {
            var out = new ArrayList<Point>();
            for (var i = 0; i + 1 < line.size(); i++) {
                var n = Math.max(1, (int) Math.ceil(line.get(i).distance(line.get(i + 1)) / STEP_MM));
                for (var k = 0; k < n; k++) {
                    out.add(line.get(i).towards(line.get(i + 1), (double) k / n));
                }
            }
            if (!line.isEmpty()) {
                out.add(line.getLast());
            }
            return out;
        }

        List<Step> walk(List<Point> line) {
            var out = new ArrayList<Step>();
            outside(line).ifPresent(out::add);
            Optional<Room> from = Optional.empty();
            for (var part : parts(line)) {
                var room = part.room.orElseThrow();
                var door = door(part.line.getFirst());
                out.add(from.isEmpty() && door.isEmpty() ? begun(part, room) : entered(part, from, room, door));
                from = part.room;
            }
            return out;
        }

        /** The way over the ground before one comes in; empty if there is none worth telling. */
        private Optional<Step> outside(List<Point> line) {
            var ground = steps(line).stream()
                    .takeWhile(p -> geometry.roomAt(p).isEmpty())
                    .toList();
            if (ground.size() * STEP_MM < LEAST_OUTSIDE_MM) {
                return Optional.empty();
            }
            var near = placed.stream()
                    .filter(p -> p.fitting().kind().isLight()
                            && geometry.roomAt(p.before()).isEmpty()
                            && ground.stream().anyMatch(g -> g.distance(p.at()) <= SHOWS_GROUND_MM))
                    .flatMap(p -> p.fitting().groups().stream())
                    .collect(Collectors.toCollection(TreeSet::new));
            var sensed = placed.stream()
                    .filter(p -> p.fitting().kind() == FittingKind.SENSOR)
                    .flatMap(p -> p.fitting().groups().stream())
                    .anyMatch(near::contains);
            var verdict = near.isEmpty() ? Verdict.NO_LIGHT : sensed ? Verdict.LIT : Verdict.INTO_THE_DARK;
            var sentence = switch (verdict) {
                case LIT -> "Outside: lit by " + groups(List.copyOf(near));
                case INTO_THE_DARK ->
                    "Outside: into the dark. Nobody is at the switch of " + groups(List.copyOf(near))
                            + " when one comes home: link a sensor with it.";
                case NO_LIGHT -> "Outside: no light is switched here. Put one beside the door, with a sensor.";
            };
            return Optional.of(new Step(
                    ground,
                    "Outside",
                    verdict,
                    verdict == Verdict.LIT ? List.copyOf(near) : List.of(),
                    List.of(),
                    Optional.empty(),
                    sentence));
        }

        private Optional<OpeningCut> door(Point at) {
            return geometry.cuts().stream()
                    .filter(c -> !c.opening().kind().isWindow())
                    .filter(c -> c.middle().distance(at) < c.thicknessMm() / 2 + DOOR_MM)
                    .min(Comparator.comparingDouble(c -> c.middle().distance(at)));
        }

        private Set<Integer> lights(Room room) {
            return lights.getOrDefault(room, Set.of());
        }

        /** One wakes up in the dark: what is at hand is put on. */
        private Step begun(Part part, Room room) {
            var at = part.line.getFirst();
            placed.stream()
                    .filter(p -> p.fitting().kind().isSwitch() && p.at().distance(at) <= FROM_BED_MM)
                    .flatMap(p -> p.fitting().groups().stream())
                    .filter(lights(room)::contains)
                    .forEach(on::add);
            var isLamp = placed.stream()
                    .anyMatch(p -> p.fitting().kind().group() == Group.LAMPS && p.at().distance(at) <= FROM_BED_MM);
            if (isLamp) {
                lamps.add(room);
            }
            return step(part, room, List.of(), Optional.empty());
        }

        private Step entered(Part part, Optional<Room> from, Room room, Optional<OpeningCut> door) {
            var there = lights(room);
            if (there.stream().noneMatch(on::contains)) {
                door.ifPresent(cut -> atHand(room, there, cut).forEach(on::add));
            }
            if (from.isPresent() && isLitFrom(from.get(), room, door)) {
                lamps.add(room);
                return step(part, room, List.of(), door.map(c -> c.opening().id()));
            }
            var left = new TreeSet<Integer>();
            from.ifPresent(before -> {
                for (var group : lights(before)) {
                    if (on.contains(group) && !there.contains(group)) {
                        if (door.isEmpty()
                                || !atHand(before, Set.of(group), door.get()).isEmpty()) {
                            on.remove(group);
                        } else {
                            left.add(group);
                        }
                    }
                }
            });
            return step(part, room, List.copyOf(left), door.map(c -> c.opening().id()));
        }

        /** Whether a room that cannot be lit has the light of the one before, through an opening that nothing shuts. */
        private boolean isLitFrom(Room before, Room room, Optional<OpeningCut> door) {
            return (door.isEmpty() || door.get().opening().kind().family() == Family.PLAIN)
                    && lights(room).stream().noneMatch(on::contains)
                    && (lamps.contains(before) || lights(before).stream().anyMatch(on::contains));
        }

        /** The groups of a room of which a switch is at hand at an opening; a sensor sees who comes. */
        private Set<Integer> atHand(Room room, Set<Integer> groups, OpeningCut cut) {
            var out = new TreeSet<Integer>();
            for (var group : groups) {
                if (placed.stream()
                        .filter(p -> p.fitting().kind().isSwitch())
                        .anyMatch(p -> FittingCheck.isAtHand(geometry, p, room, Set.of(group), cut, reachMm)
                                && !isCovered(p))) {
                    out.add(group);
                }
            }
            return out;
        }

        private boolean isCovered(Placed p) {
            return p.fitting().kind() != FittingKind.SENSOR
                    && p.isOnWall()
                    && new OpenLeaves(geometry).over(p.before()).isPresent();
        }

        private Step step(Part part, Room room, List<Integer> left, Optional<OpeningId> door) {
            var isLit = lamps.contains(room) || lights(room).stream().anyMatch(on::contains);
            var verdict = isLit ? Verdict.LIT : lights(room).isEmpty() ? Verdict.NO_LIGHT : Verdict.INTO_THE_DARK;
            var name = room.name().isBlank() ? "a room without a name" : room.name();
            var sentence = switch (verdict) {
                case LIT -> name + ": lit" + (on.isEmpty() ? "" : " by " + groups(List.copyOf(on)));
                case INTO_THE_DARK ->
                    name + ": into the dark. Put a switch of its light where one comes in"
                            + (door.isEmpty() ? ", or at hand where one begins" : "") + ".";
                case NO_LIGHT -> name + ": no light is switched here. Put one in, and link it.";
            };
            var behind = left.isEmpty()
                    ? ""
                    : (verdict == Verdict.LIT ? ". " : " ") + "Behind one "
                            + groups(left)
                            + (left.size() == 1 ? " stays" : " stay")
                            + " on: no switch is at hand here. Make it two-way.";
            return new Step(part.line, room.name(), verdict, List.copyOf(on), left, door, sentence + behind);
        }

        private static String groups(List<Integer> groups) {
            return (groups.size() == 1 ? "group " : "groups ")
                    + String.join(", ", groups.stream().map(String::valueOf).toList());
        }
    }
}
