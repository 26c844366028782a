package honeylamp.takeoff.fit;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Minimums;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Stand;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * Furnishes a room with what such rooms usually have, large pieces before small ones, each in the largest of its standard
 * sizes for which there is room. It stands clear of walls, doors and each other; what finds no place is left out.
 */
public final class StarterGroup {
    private static final Map<String, List<String>> BY_USE = Map.of(
            "living",
            List.of("sofa", "low-table", "screen-unit", "armchair", "bookcase", "floor-lamp", "plant"),
            "dining",
            List.of("dining-table", "sideboard", "plant"),
            "kitchen",
            List.of("base-units", "refrigerator", "dining-table"),
            "bedroom",
            List.of("bed", "wardrobe", "bedside-table", "bedside-table", "chest-of-drawers"),
            "bath",
            List.of("shower", "wc", "basin-unit", "towel-rail"),
            "work",
            List.of("desk", "bookcase", "armchair", "plant"),
            "service",
            List.of("washing-machine", "tumble-dryer", "utility-sink"),
            "circulation",
            List.of("shoe-cabinet", "coat-hooks"),
            "outdoor",
            List.of("garden-table", "planter"));

    /** Along a wall a place is looked for in such steps; in the middle of a room in larger ones. */
    private static final double ALONG_MM = 200;

    private static final double ACROSS_MM = 300;
    private static final double LEAST_OVERLAP_MM2 = 500;
    private static final double INTO_MM = 2;

    /** So much before a door stays free, beside its leaf. */
    private static final double DOOR_MM = 900;

    /** Of so many places it is looked whether they are too tight. */
    static final int MOST_TRIED = 60;

    private static final double TIGHT_COST = 1000;
    private static final double WINDOW_COST = 400;
    private static final double FLAT_MM = 40;

    /** What stands in the middle of its wall rather than in a corner. */
    private static final Set<String> IN_THE_MIDDLE =
            Set.of("sofa", "bed", "desk", "dining-table", "screen-unit", "basin-unit", "base-units", "garden-table");

    private StarterGroup() {}

    /** A room furnished. */
    public record Furnished(Plan plan, List<FurnishingId> placed, List<String> leftOut) {}

    /** The kinds of a group; none for uses without one. */
    public static List<String> of(String use) {
        return BY_USE.getOrDefault(use, List.of());
    }

    /** The plan with the group of a use in a room; kinds that stand there already are not placed again. */
    public static Furnished in(Plan plan, StoreyId storey, Room room, String use) {
        var cache = new GeometryCache();
        var there = cache.of(plan, plan.storey(storey)).furnishingsIn(room).stream()
                .map(Furnishing::kind)
                .toList();
        var now = plan;
        var placed = new ArrayList<FurnishingId>();
        var leftOut = new ArrayList<String>();
        for (var key : of(use)) {
            if (there.contains(key)) {
                continue;
            }
            var kind = Furnishings.of(key).orElseThrow();
            var geometry = cache.of(now, now.storey(storey));
            var best = place(now, geometry, room, kind, cache);
            if (best.isPresent()) {
                var added = FurnishingEdits.add(now, storey, best.get());
                now = added.plan();
                placed.add(added.id());
            } else {
                leftOut.add(kind.label());
            }
        }
        return new Furnished(now, List.copyOf(placed), List.copyOf(leftOut));
    }

    /** The widest standard size that finds a place where nothing is too tight, before no window if there is one. */
    private static Optional<Furnishing> place(
            Plan plan, StoreyGeometry geometry, Room room, FurnishingKind kind, GeometryCache cache) {
        var sizes = kind.sizes(plan.units()).stream()
                .sorted(Comparator.comparing(Made::width).reversed())
                .toList();
        Optional<Candidate> last = Optional.empty();
        for (var size : sizes) {
            var best = best(plan, geometry, room, kind, size, cache);
            if (best.isPresent() && last.filter(l -> l.cost <= best.get().cost).isEmpty()) {
                last = best;
                if (best.get().cost < WINDOW_COST) {
                    break;
                }
            }
        }
        return last.filter(c -> c.cost < TIGHT_COST).map(Candidate::piece);
    }

    private record Candidate(Furnishing piece, double cost) {}

    /** Of the places that are to one's taste the first where nothing becomes too tight, or else where least does. */
    private static Optional<Candidate> best(
            Plan plan, StoreyGeometry geometry, Room room, FurnishingKind kind, Made size, GeometryCache cache) {
        var kept = keptFree(geometry);
        var minimums = plan.brief().minimums();
        var before = tight(geometry, room, minimums);
        var tried = candidates(plan, geometry, room, kind, size).stream()
                .filter(f -> stands(geometry, room, f, kept))
                .map(f -> new Candidate(f, windows(geometry, f) + taste(room, f)))
                .sorted(Comparator.comparingDouble(Candidate::cost))
                .limit(MOST_TRIED)
                .toList();
        Optional<Candidate> best = Optional.empty();
        for (var candidate : tried) {
            var with = FurnishingEdits.add(plan, geometry.storey().id(), candidate.piece)
                    .plan();
            var then = cache.of(with, with.storey(geometry.storey().id()));
            var cost = candidate.cost + TIGHT_COST * Math.max(0, tight(then, room, minimums) - before);
            if (best.filter(b -> b.cost <= cost).isEmpty()) {
                best = Optional.of(new Candidate(candidate.piece, cost));
            }
            if (cost < TIGHT_COST) {
                break;
            }
        }
        return best;
    }

    /** Places one would try: beside what it belongs to, along the walls, or anywhere. */
    static List<Furnishing> candidates(Plan plan, StoreyGeometry geometry, Room room, FurnishingKind kind, Made size) {
        var beside = besides(plan, geometry, room, kind, size);
        if (!beside.isEmpty()) {
            return beside;
        }
        return kind.stand() == Stand.AT_WALL ? atWalls(plan, room, kind, size) : anywhere(plan, room, kind, size);
    }

    private static Furnishing piece(Plan plan, FurnishingKind kind, Made size, Point at, double turnDeg) {
        return new Furnishing(
                        new FurnishingId(plan.nextNumber()),
                        kind.key(),
                        size.width(),
                        size.depth(),
                        size.height(),
                        Position.of(at),
                        turnDeg)
                .withBottom(kind.bottom());
    }

    /** Bedside tables stand beside the head of a bed, low tables before a sofa, armchairs beside the low table. */
    private static List<Furnishing> besides(
            Plan plan, StoreyGeometry geometry, Room room, FurnishingKind kind, Made size) {
        var out = new ArrayList<Furnishing>();
        for (var other : geometry.furnishingsIn(room)) {
            var w = other.width().mm() / 2;
            var d = other.depth().mm() / 2;
            var own = size.width().mm() / 2;
            var deep = size.depth().mm() / 2;
            switch (kind.key() + " by " + other.kind()) {
                case "bedside-table by bed" -> {
                    for (var x : new double[] {-w - own - 20, w + own + 20}) {
                        var at = other.placing().apply(new Point(x, d - deep));
                        out.add(piece(plan, kind, size, at, other.turnDeg()));
                    }
                }
                case "low-table by sofa" ->
                    out.add(piece(
                            plan, kind, size, other.placing().apply(new Point(0, -d - 400 - deep)), other.turnDeg()));
                case "armchair by low-table" -> {
                    for (var side : new double[] {-1, 1}) {
                        var at = other.placing().apply(new Point(side * (w + 350 + deep), 0));
                        out.add(piece(plan, kind, size, at, other.turnDeg() - side * 90));
                    }
                }
                default -> {}
            }
        }
        return out;
    }

    private static List<Furnishing> atWalls(Plan plan, Room room, FurnishingKind kind, Made size) {
        var out = new ArrayList<Furnishing>();
        var half = size.width().mm() / 2;
        for (var face : edges(room)) {
            if (face.length() < 2 * half) {
                continue;
            }
            var inward = face.unit().left();
            places(half, face.length() - half)
                    .forEach(along -> out.add(piece(
                            plan,
                            kind,
                            size,
                            face.at(along).plus(inward.times(size.depth().mm() / 2)),
                            (inward.angleDeg() + 90) % 360)));
        }
        return out;
    }

    private static List<Segment> edges(Room room) {
        return room.outline().rings().flatMap(r -> r.edges().stream()).toList();
    }

    /** From one end to the other in steps, with both ends and the middle. */
    private static DoubleStream places(double from, double to) {
        var steps = Math.max(1, (int) Math.round((to - from) / ALONG_MM));
        return DoubleStream.concat(
                DoubleStream.iterate(0, i -> i <= steps, i -> i + 1).map(i -> from + (to - from) * i / steps),
                DoubleStream.of((from + to) / 2));
    }

    private static List<Furnishing> anywhere(Plan plan, Room room, FurnishingKind kind, Made size) {
        var out = new ArrayList<Furnishing>();
        var longest = edges(room).stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow();
        var box = room.outline().bounds();
        for (var x = box.minX(); x <= box.maxX(); x += ACROSS_MM) {
            for (var y = box.minY(); y <= box.maxY(); y += ACROSS_MM) {
                var at = new Point(x, y);
                if (room.outline().contains(at)) {
                    for (var quarter = 0; quarter < 2; quarter++) {
                        out.add(piece(plan, kind, size, at, (longest.unit().angleDeg() + 90 * quarter + 360) % 360));
                    }
                }
            }
        }
        return out;
    }

    /** The ground before doors. */
    static List<Outline> keptFree(StoreyGeometry geometry) {
        return geometry.cuts().stream()
                .filter(c -> !c.opening().kind().isWindow())
                .map(StarterGroup::before)
                .map(Outline::of)
                .toList();
    }

    private static Ring before(OpeningCut cut) {
        var middle = cut.middle();
        var away = cut.unit().left().times(cut.thicknessMm() / 2 + DOOR_MM);
        return Ring.of(
                        middle.a().plus(away),
                        middle.a().minus(away),
                        middle.b().minus(away),
                        middle.b().plus(away))
                .counterClockwise();
    }

    static boolean stands(StoreyGeometry geometry, Room room, Furnishing piece, List<Outline> kept) {
        var footprint = Picking.footprint(piece);
        var inner = List.of(Outline.of(new honeylamp.geometry.Box(
                        -piece.width().mm() / 2 + INTO_MM,
                        -piece.depth().mm() / 2 + INTO_MM,
                        piece.width().mm() / 2 - INTO_MM,
                        piece.depth().mm() / 2 - INTO_MM)
                .ring()
                .through(piece.placing())
                .counterClockwise()));
        if (area(Regions.difference(inner, List.of(room.outline()))) > LEAST_OVERLAP_MM2) {
            return false;
        }
        var near = footprint.bounds();
        for (var other : geometry.storey().furnishings()) {
            var theirs = Picking.footprint(other);
            var isBeside =
                    other.bottom().compareTo(piece.top()) >= 0 || other.top().compareTo(piece.bottom()) <= 0;
            if (other.height().mm() > FLAT_MM
                    && !isBeside
                    && theirs.bounds().meets(near)
                    && area(Regions.intersection(inner, List.of(Outline.of(theirs)))) > LEAST_OVERLAP_MM2) {
                return false;
            }
        }
        return kept.stream()
                .noneMatch(k ->
                        k.bounds().meets(near) && area(Regions.intersection(inner, List.of(k))) > LEAST_OVERLAP_MM2);
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    static int tight(StoreyGeometry geometry, Room room, Minimums minimums) {
        return geometry.furnishingsIn(room).stream()
                .mapToInt(f -> FitCheck.of(geometry, f, minimums).size())
                .sum();
    }

    /** What stands before a window and is higher than its sill takes light. */
    private static double windows(StoreyGeometry geometry, Furnishing piece) {
        var back = piece.placing().apply(new Point(0, piece.depth().mm() / 2));
        return geometry.cuts().stream()
                        .filter(c -> c.opening().kind().isWindow())
                        .filter(c -> c.opening().sill().compareTo(piece.top()) < 0)
                        .anyMatch(c -> c.middle().distance(back) < piece.width().mm() / 2 + c.thicknessMm())
                ? WINDOW_COST
                : 0;
    }

    /** From the middle of its wall, or from the nearest corner, in hundredths of a millimetre so that all else counts more. */
    private static double taste(Room room, Furnishing piece) {
        var back = piece.placing().apply(new Point(0, piece.depth().mm() / 2));
        var face = edges(room).stream()
                .min(Comparator.comparingDouble(e -> e.distance(back)))
                .orElseThrow();
        var off = Math.abs(face.along(back) - face.length() / 2);
        var isMiddle = IN_THE_MIDDLE.contains(piece.kind());
        var lengths = edges(room).stream().mapToDouble(Segment::length).max().orElse(0);
        return isMiddle ? (off + lengths - face.length()) / 100 : (face.length() / 2 - off) / 100;
    }
}
