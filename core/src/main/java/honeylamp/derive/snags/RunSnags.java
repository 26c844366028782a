package honeylamp.derive.snags;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNetwork.Overlapping;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What is wrong with how walls run: on each other, off square, nearly straight, with bumps or odd types. */
final class RunSnags {
    /** Less off than this, in degrees, is what rounding leaves. */
    private static final double EXACT_DEG = 0.02;

    /** Off by more than this, in degrees, is meant. */
    private static final double MEANT_DEG = 1.5;

    /** Off by less than this at the far end, in mm, is what rounding leaves. */
    private static final double ROUNDING_MM = 1.5;

    /** Shorter than this, in mm, no wall is meant. */
    private static final double HARDLY_MM = 10;

    /** Bodies that share less than this of their thickness stand beside each other. */
    private static final double SHARED = 0.2;

    private final StoreyGeometry geometry;
    private final WallNetwork network;
    private final UnitSystem units;
    private final Map<Point, List<WallPiece>> joints;
    private final List<Snag> out = new ArrayList<>();

    RunSnags(StoreyGeometry geometry, UnitSystem units) {
        this.geometry = geometry;
        this.network = geometry.network();
        this.units = units;
        this.joints = network.joints();
    }

    List<Snag> found() {
        wallOnWall();
        lengths();
        offSquare();
        joints.forEach(this::nearlyStraight);
        oddTypes();
        return out;
    }

    private void wallOnWall() {
        overlapsByPair().forEach(all -> {
            var longest = all.stream()
                    .max(Comparator.comparingDouble(o -> o.where().length()))
                    .orElseThrow();
            onEachOther(
                    longest.covered(),
                    longest.kept(),
                    longest.where().middle(),
                    all.stream().mapToDouble(o -> o.where().length()).sum());
        });
        Set<Set<ElementId>> told = new HashSet<>();
        network.overlaps()
                .forEach(o -> told.add(Set.of(o.kept().id(), o.covered().id())));
        for (var piece : network.pieces()) {
            if (piece.wall().isCurved()) {
                continue;
            }
            for (var other : network.near(piece.body().bounds())) {
                var before =
                        ElementId.ORDER.compare(piece.wall().id(), other.wall().id()) < 0;
                if (before && !other.wall().isCurved()) {
                    var shared = shared(piece, other);
                    if (shared > Math.max(piece.thicknessMm(), other.thicknessMm())
                            && told.add(Set.of(piece.wall().id(), other.wall().id()))) {
                        onEachOther(other.wall(), piece.wall(), other.line().middle(), shared);
                    }
                }
            }
        }
    }

    /** Two walls that other walls cross lie on each other in several parts. */
    private Collection<List<Overlapping>> overlapsByPair() {
        Map<Set<ElementId>, List<Overlapping>> pairs = new LinkedHashMap<>();
        for (var overlap : network.overlaps()) {
            pairs.computeIfAbsent(Set.of(overlap.kept().id(), overlap.covered().id()), _ -> new ArrayList<>())
                    .add(overlap);
        }
        return pairs.values();
    }

    /** The length over which two bodies that run the same way lie in each other, in mm; 0 if they do not. */
    private static double shared(WallPiece piece, WallPiece other) {
        var a = middle(piece);
        var b = middle(other);
        if (a.length() < 1 || b.length() < 1 || Math.abs(a.unit().cross(b.unit())) > Math.sin(Math.toRadians(1))) {
            return 0;
        }
        var apart = Math.abs(a.offset(b.middle()));
        var thin = Math.min(piece.thicknessMm(), other.thicknessMm());
        var deep = (piece.thicknessMm() + other.thicknessMm()) / 2 - apart;
        if (deep < SHARED * thin) {
            return 0;
        }
        var from = Math.max(0, Math.min(a.along(b.a()), a.along(b.b())));
        var to = Math.min(a.length(), Math.max(a.along(b.a()), a.along(b.b())));
        return Math.max(0, to - from);
    }

    /** The middle of a straight piece's thickness. */
    private static Segment middle(WallPiece piece) {
        return piece.line().chord().shiftedLeft((piece.leftMm() - piece.rightMm()) / 2);
    }

    private void onEachOther(Wall covered, Wall kept, Point where, double length) {
        out.add(new Snag(
                Snag.Kind.WALL_ON_WALL,
                where,
                List.of(covered.id(), kept.id()),
                "Two walls lie on each other over " + shown(length) + ". Delete one of them."));
    }

    private void lengths() {
        for (var wall : geometry.storey().standing()) {
            if (wall.length().mm() < HARDLY_MM) {
                out.add(new Snag(
                        Snag.Kind.NO_LENGTH,
                        wall.line().middle(),
                        List.of(wall.id()),
                        "A wall is only " + shown(wall.length().mm()) + " long. Delete it, or draw out its end."));
            } else if (isBump(wall)) {
                out.add(new Snag(
                        Snag.Kind.BUMP,
                        wall.line().middle(),
                        List.of(wall.id()),
                        "The run of walls steps aside by " + shown(wall.length().mm())
                                + ", less than its thickness. Bring both parts on one line."));
            }
        }
    }

    /** A short wall square between two that run the same way. */
    private boolean isBump(Wall wall) {
        var line = wall.chord();
        var pieces = joints.getOrDefault(line.a(), List.of()).stream()
                .filter(p -> p.wall().id().equals(wall.id()))
                .toList();
        if (pieces.isEmpty() || line.length() >= pieces.getFirst().thicknessMm() || wall.isCurved()) {
            return false;
        }
        var before = only(wall, line.a());
        var after = only(wall, line.b());
        return before.size() == 1
                && after.size() == 1
                && offStraightDeg(
                                before.getFirst().line().chord(),
                                after.getFirst().line().chord())
                        < MEANT_DEG
                && Math.abs(before.getFirst().line().chord().unit().dot(line.unit())) < 0.5;
    }

    private List<WallPiece> only(Wall wall, Point node) {
        return joints.getOrDefault(node, List.of()).stream()
                .filter(p -> !p.wall().id().equals(wall.id()))
                .toList();
    }

    private static double offStraightDeg(Segment a, Segment b) {
        return Math.toDegrees(Math.asin(Math.min(1, Math.abs(a.unit().cross(b.unit())))));
    }

    private void offSquare() {
        if (!isDrawnSquare()) {
            return; // a house measured as it stands has hardly a square wall, and none is a mistake
        }
        for (var wall : geometry.storey().standing()) {
            var line = wall.chord();
            var off = offSquareDeg(line);
            if (!wall.isCurved()
                    && off > EXACT_DEG
                    && off < MEANT_DEG
                    && line.length() >= HARDLY_MM
                    && line.length() * Math.sin(Math.toRadians(off)) > ROUNDING_MM) {
                out.add(new Snag(
                        Snag.Kind.OFF_SQUARE,
                        line.middle(),
                        List.of(wall.id()),
                        Words.of(
                                "A wall is %.1f\u00b0 off square. Turn it square, or leave it if it is built so.",
                                off)));
            }
        }
    }

    /** Whether at least half of all straight walls, by length, run exactly level or plumb. */
    private boolean isDrawnSquare() {
        var exact = 0.0;
        var all = 0.0;
        for (var wall : geometry.storey().standing()) {
            if (!wall.isCurved()) {
                var line = wall.chord();
                all += line.length();
                exact += offSquareDeg(line) <= EXACT_DEG ? line.length() : 0;
            }
        }
        return exact >= all / 2;
    }

    /** By how much a line is off level or plumb, in degrees. */
    static double offSquareDeg(Segment line) {
        var quarter = line.unit().angleDeg() % 90;
        return Math.min(quarter, 90 - quarter);
    }

    private void nearlyStraight(Point node, List<WallPiece> meeting) {
        if (meeting.size() != 2
                || meeting.get(0).wall().id().equals(meeting.get(1).wall().id())
                || meeting.stream().anyMatch(p -> p.wall().isCurved())) {
            return;
        }
        var a = away(meeting.get(0), node);
        var b = away(meeting.get(1), node);
        var off = offStraightDeg(a, b);
        var square = offSquareDeg(a) < EXACT_DEG || offSquareDeg(b) < EXACT_DEG;
        var shorter = Math.min(a.length(), b.length());
        if (a.unit().dot(b.unit()) < 0
                && off > EXACT_DEG
                && off < MEANT_DEG
                && !square // then one of them is told to be off square
                && shorter * Math.sin(Math.toRadians(off)) > ROUNDING_MM) {
            out.add(new Snag(
                    Snag.Kind.NEARLY_STRAIGHT,
                    node,
                    List.of(meeting.get(0).wall().id(), meeting.get(1).wall().id()),
                    Words.of(
                            "Two walls meet %.1f\u00b0 off a straight line. Bring them on one line, or leave them if they are built so.",
                            off)));
        }
    }

    private static Segment away(WallPiece piece, Point node) {
        var line = piece.line().chord();
        return line.a().equals(node) ? line : line.reversed();
    }

    /** A wall between two on its line that are of one other type. */
    private void oddTypes() {
        for (var wall : geometry.storey().standing()) {
            var line = wall.chord();
            if (wall.isCurved() || line.length() < HARDLY_MM) {
                continue;
            }
            var before = inRun(wall, line.a());
            var after = inRun(wall, line.b());
            if (before.isPresent()
                    && after.isPresent()
                    && before.get().type().equals(after.get().type())
                    && !before.get().type().equals(wall.type())) {
                out.add(new Snag(
                        Snag.Kind.ODD_TYPE,
                        line.middle(),
                        List.of(wall.id(), before.get().id()),
                        "A wall is of another type than its neighbours on both sides. Give it theirs, or leave it."));
            }
        }
    }

    private Optional<Wall> inRun(Wall wall, Point node) {
        return only(wall, node).stream()
                .filter(p -> !p.wall().isCurved()
                        && offStraightDeg(p.line().chord(), wall.chord()) < 0.5
                        && away(p, node).unit().dot(away(wall.chord(), node)) < 0)
                .map(WallPiece::wall)
                .findFirst();
    }

    private static Point away(Segment line, Point node) {
        return line.a().distance(node) < line.b().distance(node)
                ? line.unit()
                : line.reversed().unit();
    }

    private String shown(double mm) {
        return LengthText.roundedWithUnit(Length.ofMm(mm), units);
    }
}
