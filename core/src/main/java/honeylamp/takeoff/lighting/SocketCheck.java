package honeylamp.takeoff.lighting;

import honeylamp.catalogue.RoomUses;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Group;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Note;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is probably wrong with sockets: too near to bath or shower, behind what stands before them, too few in a room or along
 * a wall, none for a lamp that is plugged in. What is asked for is among the rules of the plan.
 */
final class SocketCheck {
    /**
     * Zone 2 of rooms with bath or shower: beside them, and up to such a height, there are no sockets but those for shavers
     * (IEC 60364-7-701:2019, 701.30.3).
     */
    private static final double WET_UP_MM = 2_250;

    /** What stands so near before a socket covers it. */
    private static final double BEFORE_MM = 80;

    /** A note so near speaks of a socket. */
    private static final double NOTE_MM = 400;

    /** Where people live and work, and so many sockets are wanted. */
    private static final Set<String> LIVED_IN = Set.of("living", "dining", "kitchen", "bedroom", "work");

    private final StoreyGeometry geometry;
    private final LightingRules rules;
    private final UnitSystem units;
    private final List<Placed> sockets;
    private final List<Placed> placed;
    private final List<Snag> out = new ArrayList<>();

    private SocketCheck(LaidStorey storey, List<Placed> placed) {
        this.geometry = storey.geometry();
        this.rules = storey.plan().drawn().lighting();
        this.units = storey.plan().units();
        this.placed = placed;
        this.sockets = placed.stream()
                .filter(p -> p.fitting().kind().group() == Group.SOCKETS)
                .toList();
    }

    /** What is wrong on a storey, of fittings that stay or are new. */
    static List<Snag> of(LaidStorey storey, List<Placed> placed) {
        var check = new SocketCheck(storey, placed);
        check.nearWater();
        check.covered();
        check.few();
        check.lamps();
        return check.out;
    }

    private String text(Length length) {
        return LengthText.rounded(length, units);
    }

    private void nearWater() {
        var wet = geometry.storey().furnishings().stream()
                .filter(f -> f.kind().startsWith("shower")
                        || f.kind().startsWith("bath")
                                && !f.kind().startsWith("bath-cabinet")
                                && !f.kind().startsWith("bath-tall"))
                .map(Picking::footprint)
                .map(Outline::of)
                .toList();
        var boxes = new BoxIndex(
                wet.size(), i -> wet.get(i).bounds().grown(rules.wetBeside().mm()));
        for (var p : sockets) {
            if (p.fitting().kind() != FittingKind.SHAVER_SOCKET && p.heightMm() < WET_UP_MM) {
                var room = geometry.roomAt(p.before());
                boxes.meeting(Box.around(List.of(p.at()))).stream()
                        .map(wet::get)
                        .filter(o -> o.contains(p.at())
                                || o.edgeDistance(p.at()) < rules.wetBeside().mm())
                        .filter(o -> room.isEmpty()
                                || room.get().outline().contains(o.bounds().centre()))
                        .findFirst()
                        .ifPresent(_ -> out.add(new Snag(
                                Snag.Kind.SOCKET_NEAR_WATER,
                                p.at(),
                                List.of(p.fitting().id()),
                                "A socket is less than " + text(rules.wetBeside())
                                        + " from a bath or a shower. Move it away, or make it a shaver socket.")));
            }
        }
    }

    /** Sockets behind what stands before them, unless a note beside says so; those of appliances are meant to be there. */
    private void covered() {
        var notes = geometry.storey().notes().stream().toList();
        var pieces = List.copyOf(geometry.storey().furnishings());
        var boxes = new BoxIndex(
                pieces.size(),
                i -> Box.around(List.of(pieces.get(i).at().point())).grown(reach(pieces.get(i))));
        for (var p : sockets) {
            if (p.isOnWall() && p.fitting().kind() != FittingKind.APPLIANCE_OUTLET) {
                boxes.meeting(Box.around(List.of(p.at()))).stream()
                        .map(pieces::get)
                        .filter(f -> covers(f, p))
                        .findFirst()
                        .filter(_ -> notes.stream().noneMatch(n -> speaksOf(n, p.at())))
                        .ifPresent(f -> out.add(new Snag(
                                Snag.Kind.SOCKET_COVERED,
                                p.at(),
                                List.of(p.fitting().id(), f.id()),
                                "A socket is behind a piece. Move one of them, or say in a note beside it that it is"
                                        + " meant.")));
            }
        }
    }

    /** No socket farther from the middle of a piece is behind it. */
    private static double reach(Furnishing piece) {
        return (piece.width().mm() + piece.depth().mm()) / 2 + BEFORE_MM;
    }

    /** Whether a piece stands just before a socket. */
    static boolean covers(Furnishing piece, Placed socket) {
        if (piece.at().point().distance(socket.at()) > reach(piece)) {
            return false; // of many pieces few are near
        }
        var before = socket.at().plus(Point.direction(socket.facingDeg()).times(BEFORE_MM));
        return piece.works() != Works.REMOVED
                && piece.bottom().mm() <= socket.heightMm()
                && piece.top().mm() > socket.heightMm()
                && Picking.footprint(piece).contains(before);
    }

    private static boolean speaksOf(Note note, Point at) {
        return Stream.of(note)
                .flatMap(n -> n.places().stream())
                .anyMatch(p -> p.point().distance(at) < NOTE_MM);
    }

    /** In rooms that are lived in, once sockets are planned on the storey. */
    private void few() {
        if (sockets.isEmpty()) {
            return;
        }
        Map<Room, List<Placed>> byRoom = sockets.stream()
                .flatMap(p -> geometry.roomAt(p.before()).stream().map(r -> Map.entry(r, p)))
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        for (var room : geometry.rooms()) {
            if (room.mark()
                    .filter(m -> LIVED_IN.stream().anyMatch(u -> RoomUses.isOf(m, u)))
                    .isPresent()) {
                var there = byRoom.getOrDefault(room, List.of());
                if (there.size() < rules.leastSockets()) {
                    out.add(few(
                            room,
                            room.outline().bounds().centre(),
                            List.of(room.mark().orElseThrow().id()),
                            room.name() + " has " + count(there.size()) + "; " + rules.leastSockets()
                                    + " are wanted in such a room."));
                } else {
                    bareWalls(room, there);
                }
            }
        }
    }

    private static String count(int n) {
        return n == 0 ? "no socket" : n == 1 ? "1 socket" : n + " sockets";
    }

    private Snag few(Room room, Point at, List<ElementId> about, String sentence) {
        return new Snag(
                Snag.Kind.FEW_SOCKETS,
                geometry.roomAt(at).filter(room::equals).isPresent()
                        ? at
                        : room.outline().shell().corners().getFirst(),
                about,
                sentence + " Put one in, or change the rule.");
    }

    /** Sides of walls that are long and have none. */
    private void bareWalls(Room room, List<Placed> there) {
        var each = rules.socketEach().mm();
        if (each == 0) {
            return;
        }
        for (var side : WallSides.of(geometry, room)) {
            if (side.lengthMm() >= each && there.stream().noneMatch(p -> side.distance(p.at()) < BEFORE_MM)) {
                var middle = side.faces().getFirst().middle();
                out.add(few(
                        room,
                        middle,
                        List.of(side.wall()),
                        "A wall of " + room.name() + ", " + text(Length.ofMm(side.lengthMm()))
                                + " long, has no socket; one is wanted for each " + text(rules.socketEach()) + "."));
            }
        }
    }

    /** Lamps that stand need a socket within their cord, once sockets are planned on the storey. */
    private void lamps() {
        if (sockets.isEmpty()) {
            return;
        }
        var boxes = new BoxIndex(
                sockets.size(),
                i -> Box.around(List.of(sockets.get(i).at())).grown(rules.cord().mm()));
        for (var p : placed) {
            if (p.fitting().kind().group() == Group.LAMPS
                    && boxes.meeting(Box.around(List.of(p.at()))).stream()
                            .noneMatch(i -> isInReach(p, sockets.get(i)))) {
                out.add(new Snag(
                        Snag.Kind.LAMP_WITHOUT_SOCKET,
                        p.at(),
                        List.of(p.fitting().id()),
                        "No socket is within " + text(rules.cord()) + " of a "
                                + p.fitting().kind().label().toLowerCase(Locale.ROOT)
                                + ". Put one nearer, or move the lamp."));
            }
        }
    }

    private boolean isInReach(Placed lamp, Placed socket) {
        return socket.at().distance(lamp.at()) <= rules.cord().mm()
                && geometry.roomAt(socket.before()).equals(geometry.roomAt(lamp.before()));
    }
}
