package honeylamp.derive.snags;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNetwork.OpenEnd;
import honeylamp.derive.walls.WallNodes;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What is wrong at wall ends that meet nothing. */
final class EndSnags {
    /** A wall past another by no more than so many of its thicknesses was drawn too long. */
    private static final double OVERSHOOT_THICKNESSES = 1.5;

    private static final double MOST_OVERSHOOT_MM = 300;

    /** Ends of one chain so far apart, in mm, leave a room nearly closed. */
    private static final double NEARLY_CLOSED_MM = 1500;

    /** Walls that touch nothing and are no longer than this all together, in mm, are leftovers. */
    private static final double STRAY_MM = 1000;

    /** Misses smaller than this, in mm, were meant to meet. */
    private static final double NEAR_MISS_MM = 2;

    private final WallNetwork network;
    private final UnitSystem units;
    private final double reach;
    private final Map<Point, List<WallPiece>> joints;
    private final Map<WallId, WallId> parts;
    private final List<Snag> out = new ArrayList<>();

    EndSnags(StoreyGeometry geometry, UnitSystem units, double reach) {
        this.network = geometry.network();
        this.units = units;
        this.reach = reach;
        this.joints = network.joints();
        this.parts = parts();
    }

    List<Snag> found() {
        var strays = strays();
        Set<OpenEnd> done = new HashSet<>();
        for (var end : network.openEnds()) {
            if (strays.contains(part(end)) || done.contains(end)) {
                continue;
            }
            if (overshoot(end)) {
                done.add(end);
                continue;
            }
            var other = gap(end);
            if (other.isPresent()) {
                done.add(end);
                done.add(other.get());
            } else if (shortEnd(end)) {
                done.add(end);
            }
        }
        var left = network.openEnds().stream()
                .filter(e -> !done.contains(e) && !strays.contains(part(e)))
                .toList();
        open(left);
        return out;
    }

    private WallId part(OpenEnd end) {
        return part(end.wall().id());
    }

    private WallId part(WallId wall) {
        return parts.getOrDefault(wall, wall);
    }

    /** The connected part of the network each wall belongs to, by one of its walls. */
    private Map<WallId, WallId> parts() {
        Map<WallId, WallId> leader = new HashMap<>();
        for (var meeting : joints.values()) {
            var first = leader(leader, meeting.getFirst().wall().id());
            for (var piece : meeting) {
                leader.put(leader(leader, piece.wall().id()), first);
            }
        }
        Map<WallId, WallId> out = new HashMap<>();
        for (var piece : network.pieces()) {
            out.put(piece.wall().id(), leader(leader, piece.wall().id()));
        }
        return out;
    }

    private static WallId leader(Map<WallId, WallId> leader, WallId id) {
        var now = id;
        for (var next = leader.get(now); next != null && !next.equals(now); next = leader.get(now)) {
            now = next;
        }
        return now;
    }

    /** Parts that touch nothing, enclose nothing and are short, unless they are all there is. */
    private Set<WallId> strays() {
        Map<WallId, Double> lengths = new LinkedHashMap<>();
        Map<WallId, List<ElementId>> walls = new HashMap<>();
        for (var piece : network.pieces()) {
            var part = part(piece.wall().id());
            lengths.merge(part, piece.line().length(), Double::sum);
            var ids = walls.computeIfAbsent(part, _ -> new ArrayList<>());
            if (!ids.contains(piece.wall().id())) {
                ids.add(piece.wall().id());
            }
        }
        var open = new HashSet<WallId>();
        network.openEnds().forEach(e -> open.add(part(e)));
        Set<WallId> strays = new HashSet<>();
        lengths.forEach((part, length) -> {
            if (lengths.size() > 1 && length < STRAY_MM && open.contains(part)) {
                strays.add(part);
                out.add(new Snag(
                        Snag.Kind.STRAY,
                        where(part),
                        walls.getOrDefault(part, List.of()),
                        "A piece of wall " + shown(length) + " long touches nothing. Draw on from it, or delete it."));
            }
        });
        return strays;
    }

    private Point where(WallId part) {
        return network.pieces().stream()
                .filter(p -> part(p.wall().id()).equals(part))
                .findFirst()
                .orElseThrow()
                .line()
                .middle();
    }

    private boolean overshoot(OpenEnd end) {
        var piece = pieceAt(end);
        var node = piece.line().a().equals(end.at())
                ? piece.line().b()
                : piece.line().a();
        var hosts = joints.getOrDefault(node, List.of()).stream()
                .filter(p -> !p.wall().id().equals(end.wall().id()))
                .toList();
        var runsThrough = joints.getOrDefault(node, List.of()).stream()
                        .filter(p -> p.wall().id().equals(end.wall().id()))
                        .count()
                > 1;
        if (hosts.isEmpty() || !runsThrough) {
            return false;
        }
        var inside = hosts.stream().mapToDouble(WallPiece::thicknessMm).max().orElse(0) / 2;
        var past = piece.line().length() - inside;
        if (past > Math.min(MOST_OVERSHOOT_MM, OVERSHOOT_THICKNESSES * piece.thicknessMm())) {
            return false;
        }
        out.add(new Snag(
                Snag.Kind.OVERSHOOT,
                end.at(),
                List.of(end.wall().id(), hosts.getFirst().wall().id()),
                "A wall runs " + shown(piece.line().length())
                        + " past the wall it meets. Drag its end back onto that wall."));
        return true;
    }

    private WallPiece pieceAt(OpenEnd end) {
        return joints.getOrDefault(end.at(), List.of()).getFirst();
    }

    private Optional<OpenEnd> gap(OpenEnd end) {
        var other = network.openEnds().stream()
                .filter(o -> !o.wall().id().equals(end.wall().id()) && o.at().distance(end.at()) <= reach)
                .min(Comparator.comparingDouble(o -> o.at().distance(end.at())));
        other.ifPresent(o -> out.add(new Snag(
                Snag.Kind.GAP,
                end.at().towards(o.at(), 0.5),
                List.of(end.wall().id(), o.wall().id()),
                "Two walls end " + shown(o.at().distance(end.at())) + " apart. Drag one end onto the other.")));
        return other;
    }

    private boolean shortEnd(OpenEnd end) {
        var ahead = new Segment(end.at(), end.at().plus(end.unit().times(reach)));
        var joined = joinedTo(end);
        var nearest = Double.POSITIVE_INFINITY;
        Optional<ElementId> wall = Optional.empty();
        for (var piece : network.near(end.at(), reach)) {
            if (piece.wall().id().equals(end.wall().id())) {
                continue;
            }
            for (var face : piece.faces()) {
                var distance =
                        distance(end, ahead, face, joined.contains(piece.wall().id()));
                if (distance < nearest) {
                    nearest = distance;
                    wall = Optional.of(piece.wall().id());
                }
            }
        }
        if (wall.isEmpty()) {
            return false;
        }
        out.add(new Snag(
                Snag.Kind.SHORT_END,
                end.at(),
                List.of(end.wall().id(), wall.get()),
                "A wall ends " + shown(nearest) + " short of the next wall. Drag its end onto that wall."));
        return true;
    }

    /** How far a face lies ahead of an end; the corner of a wall the end is not joined to counts as ahead as well. */
    private double distance(OpenEnd end, Segment ahead, Curve face, boolean joined) {
        if (face.length() < WallNodes.SAME_MM) {
            return Double.POSITIVE_INFINITY;
        }
        var straight = ahead.crossings(face).stream()
                .mapToDouble(end.at()::distance)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        if (straight <= reach || joined) {
            return straight;
        }
        var nearest = face.nearest(end.at());
        var by = nearest.minus(end.at());
        return by.length() <= reach && by.dot(end.unit()) > 0.7 * by.length() ? by.length() : Double.POSITIVE_INFINITY;
    }

    private Set<WallId> joinedTo(OpenEnd end) {
        var out = new HashSet<WallId>();
        for (var piece : network.near(end.wall().line().bounds())) {
            if (piece.wall().id().equals(end.wall().id())) {
                for (var node : List.of(piece.line().a(), piece.line().b())) {
                    joints.getOrDefault(node, List.of())
                            .forEach(p -> out.add(p.wall().id()));
                }
            }
        }
        return out;
    }

    /** The connected parts that enclose a space already: an opening in such a part may well be meant. */
    private Set<WallId> enclosing() {
        Set<WallId> out = new HashSet<>();
        for (var face : network.faces()) {
            var edge = face.outline().shell().edges().getFirst().middle();
            for (var piece : network.near(edge, WallNodes.SAME_MM)) {
                out.add(part(piece.wall().id()));
            }
        }
        return out;
    }

    /** Ends with nothing near: two of one chain may leave a room nearly closed; without any room all are told. */
    private void open(List<OpenEnd> ends) {
        var enclosing = enclosing();
        Set<OpenEnd> paired = new HashSet<>();
        for (var i = 0; i < ends.size(); i++) {
            for (var j = i + 1; j < ends.size(); j++) {
                var a = ends.get(i);
                var b = ends.get(j);
                var apart = a.at().distance(b.at());
                if (part(a).equals(part(b))
                        && !a.wall().id().equals(b.wall().id())
                        && apart <= NEARLY_CLOSED_MM
                        && !enclosing.contains(part(a))
                        && paired.add(a)
                        && paired.add(b)) {
                    out.add(new Snag(
                            Snag.Kind.NEARLY_CLOSED,
                            a.at().towards(b.at(), 0.5),
                            List.of(a.wall().id(), b.wall().id()),
                            "Only a wall of " + shown(apart) + " is missing for a room to form here. Draw it."));
                }
            }
        }
        if (!network.faces().isEmpty()) {
            return;
        }
        for (var end : ends) {
            if (!paired.contains(end)) {
                out.add(new Snag(
                        Snag.Kind.OPEN_END,
                        end.at(),
                        List.of(end.wall().id()),
                        "This chain of walls is open here, so no room forms. Draw on to close it."));
            }
        }
    }

    /** A length for a sentence; one so small that it would round away or nearly so is told in full. */
    private String shown(double mm) {
        if (mm < NEAR_MISS_MM) {
            return LengthText.exact(Length.ofMm(Math.rint(mm * 1000) / 1000), UnitSystem.MM);
        }
        return LengthText.roundedWithUnit(Length.ofMm(mm), units);
    }
}
