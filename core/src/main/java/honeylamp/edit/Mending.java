package honeylamp.edit;

import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.snags.SwingJudgement;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork.OpenEnd;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Puts snags right where one answer is safe; what is mended and how is said before, and no mend makes a new snag. */
public final class Mending {
    /** An end is carried on at most so far past the reach within which it was found, in mm. */
    private static final double CARRIED_MM = 1200;

    /** Mending all of a kind ends after so many, should mends ever undo each other. */
    private static final int MOST_MENDS = 2000;

    /** A wall whose direction changes by a greater sine is turned; whole nanometres turn it by less. */
    private static final double TURNED_SINE = 1e-6;

    private Mending() {}

    /**
     * A way to put a snag right.
     *
     * @param words what will be done, for the button
     */
    public record Mend(String words, Plan plan) {}

    /**
     * What came of mending all of a kind.
     *
     * @param done what was done, in words, one for each mend
     * @param left how many of the kind a person has to decide
     */
    public record Mended(Plan plan, List<String> done, int left) {
        public Mended {
            done = List.copyOf(done);
        }

        /** What was done, counted, and what is left. */
        public String sentence(Snag.Kind kind) {
            if (done.isEmpty()) {
                return "None of " + kind.label() + " can be mended safely; look at each.";
            }
            var counted = new LinkedHashMap<String, Integer>();
            done.forEach(words -> counted.merge(words, 1, Integer::sum));
            var all = counted.entrySet().stream()
                    .map(e -> e.getValue() == 1 ? e.getKey() : e.getValue() + " × " + e.getKey())
                    .collect(Collectors.joining("; "));
            return "Mended " + done.size() + " of " + kind.label() + ": " + all + "."
                    + (left == 0 ? "" : " " + left + " left for you to decide.");
        }
    }

    /**
     * The mend of a snag; empty where a person has to decide.
     *
     * <p>Laws: the mended plan has this snag no more, and no snag at a place where there was none; no wall is turned,
     * unless its snag is that it runs a little askew, and none is moved aside by more than its thickness.
     */
    public static Optional<Mend> of(Plan plan, StoreyGeometry geometry, Snag snag, Length gapReach) {
        return proposed(plan, geometry, snag)
                .filter(m -> keepsWalls(plan, geometry, snag, m.plan))
                .filter(m -> mends(plan, geometry, snag, m.plan, gapReach));
    }

    /**
     * Whether every wall that is there before and after runs as it ran, but for one that is off square or nearly
     * straight, and lies where it lay, within its thickness: else a person decides.
     */
    private static boolean keepsWalls(Plan plan, StoreyGeometry geometry, Snag snag, Plan mended) {
        var turns = snag.kind() == Snag.Kind.OFF_SQUARE || snag.kind() == Snag.Kind.NEARLY_STRAIGHT;
        var before = geometry.storey();
        var after = mended.storey(before.id());
        for (var wall : before.walls()) {
            var now = after.wall(wall.id());
            if (now.isEmpty() || now.get().equals(wall)) {
                continue;
            }
            var old = wall.chord();
            var fresh = now.get().chord();
            var most = plan.wallType(wall.type()).thickness().mm();
            if (Math.abs(old.offset(fresh.a())) > most || Math.abs(old.offset(fresh.b())) > most) {
                return false;
            }
            if (!turns && Math.abs(old.unit().cross(fresh.unit())) > TURNED_SINE) {
                return false;
            }
        }
        return true;
    }

    /** The plan with all snags of a kind mended that have a mend, one after the other; itself if there is none. */
    public static Plan all(Plan plan, StoreyId storey, Snag.Kind kind, Length gapReach) {
        return all(plan, storey, kind, gapReach, () -> true).map(Mended::plan).orElse(plan);
    }

    /**
     * The plan with all snags of a kind mended, as {@link #all(Plan, StoreyId, Snag.Kind, Length)} gives it.
     *
     * @param wanted asked before each mend
     * @return empty if it was no longer wanted
     */
    public static Optional<Mended> all(
            Plan plan, StoreyId storey, Snag.Kind kind, Length gapReach, BooleanSupplier wanted) {
        var now = plan;
        var done = new ArrayList<String>();
        for (var i = 0; i < MOST_MENDS; i++) {
            if (!wanted.getAsBoolean()) {
                return Optional.empty();
            }
            var geometry = StoreyGeometry.of(now, now.storey(storey));
            var before = now;
            var snags = Snags.of(geometry, now, gapReach).stream()
                    .filter(s -> s.kind() == kind)
                    .toList();
            var mend = snags.stream()
                    .flatMap(s -> of(before, geometry, s, gapReach).stream())
                    .findFirst();
            if (mend.isEmpty()) {
                return Optional.of(new Mended(now, done, snags.size()));
            }
            now = mend.get().plan;
            done.add(mend.get().words);
        }
        return Optional.of(new Mended(now, done, 0));
    }

    /** All snags of a kind on all storeys mended, as on one. */
    public static Optional<Mended> everywhere(Plan plan, Snag.Kind kind, Length gapReach, BooleanSupplier wanted) {
        var now = plan;
        var done = new ArrayList<String>();
        var left = 0;
        for (var storey : plan.storeys()) {
            var mended = all(now, storey.id(), kind, gapReach, wanted);
            if (mended.isEmpty()) {
                return Optional.empty();
            }
            now = mended.get().plan;
            done.addAll(mended.get().done);
            left += mended.get().left;
        }
        return Optional.of(new Mended(now, done, left));
    }

    private static boolean mends(Plan plan, StoreyGeometry geometry, Snag snag, Plan mended, Length gapReach) {
        var before = likeIt(snag, Snags.of(geometry, plan, gapReach));
        var now = StoreyGeometry.of(mended, mended.storey(geometry.storey().id()));
        var after = likeIt(snag, Snags.of(now, mended, gapReach));
        var isKnown = before.stream().anyMatch(b -> same(b, snag)); // of pieces others say what is wrong
        return after.size() < before.size() + (isKnown ? 0 : 1)
                && after.stream().allMatch(a -> before.stream().anyMatch(b -> same(a, b)));
    }

    /** Snags of rooms and openings follow from what is built and do not count against a mend of walls, nor the reverse. */
    private static List<Snag> likeIt(Snag snag, List<Snag> all) {
        return all.stream()
                .filter(s -> s.kind() != Snag.Kind.UNNAMED_ROOM && s.kind() != Snag.Kind.OPEN_END)
                .filter(s -> s.kind().isOfOpenings() == snag.kind().isOfOpenings())
                .toList();
    }

    private static boolean same(Snag a, Snag b) {
        return a.kind() == b.kind() && a.about().stream().anyMatch(b.about()::contains);
    }

    private static Optional<Mend> proposed(Plan plan, StoreyGeometry geometry, Snag snag) {
        var storey = geometry.storey().id();
        return switch (snag.kind()) {
            case GAP -> joined(plan, geometry, snag);
            case SHORT_END -> carriedOn(plan, geometry, snag);
            case OVERSHOOT -> pulledBack(plan, geometry, snag);
            case NEARLY_CLOSED -> closed(plan, geometry, snag);
            case WALL_ON_WALL -> uncovered(plan, geometry, snag);
            case BUMP -> onOneLine(plan, geometry, snag);
            case OFF_SQUARE -> squared(plan, geometry, snag);
            case NEARLY_STRAIGHT -> straightened(plan, geometry, snag);
            case ODD_TYPE -> typed(plan, geometry, snag);
            case STRAY ->
                Optional.of(new Mend("Delete the piece", Deletion.of(plan, storey, Set.copyOf(snag.about()))));
            case NO_LENGTH -> shrunk(plan, geometry, snag);
            case LOOSE_DIMENSION ->
                Optional.of(new Mend("Delete the dimension", Deletion.of(plan, storey, Set.copyOf(snag.about()))));
            case LOOSE_NOTE ->
                Optional.of(new Mend(
                        "Take its leader away",
                        NoteEdits.point(plan, storey, (NoteId) snag.about().getFirst(), Optional.empty())));
            case LOST_NAME ->
                Optional.of(new Mend("Delete the name", Deletion.of(plan, storey, Set.copyOf(snag.about()))));
            case OPENING_OUT_OF_PLACE -> keptWhereShown(plan, geometry, snag);
            case LEAF_AGAINST_WALL,
                    SMALL_NIB,
                    LEAF_AGAINST_LEAF,
                    LEAF_OVER_STAIR,
                    LEAF_AGAINST_PIECE,
                    POCKET_TOO_SHORT,
                    STORE_OPENS_INWARD -> hungAnew(plan, geometry, snag);
            case PIECE_OFF_WALL -> PieceMends.movedBack(plan, geometry, snag);
            case PIECE_IN_AIR -> PieceMends.putDown(plan, geometry, snag);
            case SWITCH_BEHIND_LEAF -> besideHandle(plan, geometry, snag);
            case NICHE_TOO_DEEP -> shallower(plan, storey, snag);
            case SEAT_OFF_RUG -> PieceMends.ontoRug(plan, geometry, snag);
            case STAIR_OFF_LEVEL, STAIR_HARD_TO_CLIMB -> steppedAnew(plan, storey, snag);
            case OPEN_END,
                    UNNAMED_ROOM,
                    OPENING_WITHOUT_ROOM,
                    OPENING_ABOVE_ROOF,
                    NARROW_DOOR,
                    SMALL_ROOM,
                    LOW_HEADROOM,
                    WALL_IN_STAIR,
                    STEEP_RAMP,
                    SETBACK,
                    NARROW_BAY,
                    PIECE_IN_WALL,
                    PIECE_FAR_OFF,
                    PIECE_TIGHT,
                    SEAT_AND_SCREEN,
                    SASH_AGAINST_PIECE,
                    NARROW_WAY,
                    REGION_OFF_SURFACE,
                    LIGHT_WITHOUT_SWITCH,
                    SWITCH_WITHOUT_LIGHT,
                    NO_SWITCH_AT_DOOR,
                    SOCKET_NEAR_WATER,
                    SOCKET_COVERED,
                    FEW_SOCKETS,
                    LAMP_WITHOUT_SOCKET,
                    STAIR_LIT_FROM_ONE_END,
                    ACTIVITY_UNLIT,
                    HAND_IN_LIGHT,
                    GLARE,
                    ONE_LIGHT_FOR_TWO,
                    LABEL_WITHOUT_PLACE,
                    WORDS_OVER_WORDS,
                    OFF_SHEET -> Optional.empty();
        };
    }

    /** A switch behind a leaf comes to the other jamb, where the handle is, on the side to which the leaf opens. */
    private static Optional<Mend> besideHandle(Plan plan, StoreyGeometry geometry, Snag snag) {
        var fitting = snag.about().stream()
                .filter(FittingId.class::isInstance)
                .flatMap(id -> geometry.storey().elements().find(Fitting.class, id).stream())
                .findFirst();
        var cut = opening(geometry, snag);
        if (fitting.isEmpty() || cut.isEmpty() || !(fitting.get().on() instanceof Fitting.WallSide side)) {
            return Optional.empty();
        }
        var host = geometry.storey().wall(cut.get().opening().host());
        var handle = LeafSweep.of(cut.get()).stream()
                .findFirst()
                .map(leaf -> leaf.closed().plus(leaf.shut().times(FROM_HANDLE_MM)));
        return host.flatMap(wall -> handle.map(wall.line()::along)
                .filter(along -> along > 0 && along < wall.line().length())
                .map(along -> new Mend(
                        "Put the switch beside the handle",
                        FittingEdits.change(
                                plan,
                                geometry.storey().id(),
                                fitting.get().id(),
                                f -> f.withOn(new Fitting.WallSide(
                                        wall.id(),
                                        cut.get().opening().swing(),
                                        Length.ofMm(Math.rint(along)),
                                        side.height()))))));
    }

    /** From the edge of a shut leaf to a switch beside it: the lining, and a hand's breadth and a half. */
    private static final double FROM_HANDLE_MM = LeafSweep.LINING_MM + 150;

    private static Optional<Mend> shallower(Plan plan, StoreyId storey, Snag snag) {
        return snag.about().stream()
                .flatMap(id -> plan.storey(storey).elements().find(Region.class, (RegionId) id).stream())
                .findFirst()
                .map(region -> {
                    var most = Length.ZERO.minus(OwnRegions.deepest(plan, storey, region));
                    var words = most.equals(Length.ZERO)
                            ? "Leave it level with its wall"
                            : "Make the niche as shallow as its wall asks for";
                    return new Mend(words, OwnRegions.change(plan, storey, region.id(), r -> r.withRaised(most)));
                });
    }

    private static Optional<Mend> steppedAnew(Plan plan, StoreyId storey, Snag snag) {
        return snag.about().stream()
                .filter(ElementId.StructureId.class::isInstance)
                .map(ElementId.StructureId.class::cast)
                .findFirst()
                .map(id -> new Mend("Step it anew from floor to floor", StructureEdits.stepped(plan, storey, id)));
    }

    private static Optional<OpeningCut> opening(StoreyGeometry geometry, Snag snag) {
        return snag.about().stream()
                .filter(ElementId.OpeningId.class::isInstance)
                .map(ElementId.OpeningId.class::cast)
                .findFirst()
                .flatMap(geometry::cut);
    }

    /** The door at its other jamb, to its other side, or both: whichever nothing speaks against. */
    private static Optional<Mend> hungAnew(Plan plan, StoreyGeometry geometry, Snag snag) {
        var judgement = new SwingJudgement(geometry, plan);
        return opening(geometry, snag)
                .flatMap(cut -> judgement.better(cut).map(better -> {
                    var storey = geometry.storey().id();
                    var id = cut.opening().id();
                    var now = plan;
                    var words = new ArrayList<String>();
                    if (better.hand() != cut.opening().hand()) {
                        now = OpeningEdits.flipHand(now, storey, id);
                        words.add("hang it at the other jamb");
                    }
                    if (better.swing() != cut.opening().swing()) {
                        now = OpeningEdits.flipSwing(now, storey, id);
                        words.add("let it open to the other side");
                    }
                    var sentence = String.join(" and ", words);
                    return new Mend(sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1), now);
                }));
    }

    private static Optional<Mend> keptWhereShown(Plan plan, StoreyGeometry geometry, Snag snag) {
        return opening(geometry, snag)
                .map(cut -> new Mend(
                        "Keep it where it is shown",
                        OpeningEdits.moveTo(
                                plan,
                                geometry.storey().id(),
                                cut.opening().id(),
                                cut.opening().offset())));
    }

    private static Wall wall(StoreyGeometry geometry, ElementId id) {
        return geometry.storey().wall((WallId) id).orElseThrow();
    }

    private static Optional<OpenEnd> openEnd(StoreyGeometry geometry, ElementId wall, Point near) {
        return geometry.network().openEnds().stream()
                .filter(e -> e.wall().id().equals(wall))
                .min(Comparator.comparingDouble(e -> e.at().distance(near)));
    }

    /** The stored end of a wall at an open end; the derived one may lie a hair beside it. */
    private static Position stored(OpenEnd end) {
        var wall = end.wall();
        return wall.from().point().distance(end.at()) < wall.to().point().distance(end.at()) ? wall.from() : wall.to();
    }

    /** Both ends are carried to where their lines cross; one of two that run alike, straight on to the other's end. */
    private static Optional<Mend> joined(Plan plan, StoreyGeometry geometry, Snag snag) {
        var a = openEnd(geometry, snag.about().get(0), snag.where());
        var b = openEnd(geometry, snag.about().get(1), snag.where());
        if (a.isEmpty() || b.isEmpty()) {
            return Optional.empty();
        }
        var one = a.get();
        var other = b.get();
        Map<Position, Position> moves = new HashMap<>();
        if (Math.abs(one.unit().cross(other.unit())) > Math.sin(Math.toRadians(10))) {
            var apart = one.at().distance(other.at());
            var corner = one.wall()
                    .chord()
                    .lineCrossing(other.wall().chord())
                    .filter(c -> c.distance(one.at()) <= 2 * apart && c.distance(other.at()) <= 2 * apart);
            if (corner.isEmpty()) {
                return Optional.empty();
            }
            moves.put(stored(one), Position.of(corner.get()));
            moves.put(stored(other), Position.of(corner.get()));
        } else {
            var line = one.wall().chord();
            moves.put(stored(one), Position.of(line.at(line.along(other.at()))));
        }
        return mend("Bring both ends together", WallEdits.moved(plan, storey(geometry), moves));
    }

    /** A mend, unless it is refused because it would shrink a wall to nothing: then a person decides. */
    private static Optional<Mend> mend(String words, Outcome<Plan> outcome) {
        return outcome.result().map(plan -> new Mend(words, plan));
    }

    private static StoreyId storey(StoreyGeometry geometry) {
        return geometry.storey().id();
    }

    /** Carries the open end on, straight ahead, to the nearest wall line it meets, or else the nearest face. */
    private static Optional<Mend> carriedOn(Plan plan, StoreyGeometry geometry, Snag snag) {
        return openEnd(geometry, snag.about().getFirst(), snag.where())
                .flatMap(end -> met(geometry, end, p -> Stream.of(p.wall().line()))
                        .or(() -> met(geometry, end, p -> p.faces().stream()))
                        .flatMap(target -> mend(
                                "Carry the wall on to the next",
                                WallEdits.moveCorner(plan, geometry.storey().id(), stored(end), Position.of(target)))));
    }

    private static Optional<Point> met(StoreyGeometry geometry, OpenEnd end, Function<WallPiece, Stream<Curve>> lines) {
        var ahead = new Segment(end.at(), end.at().plus(end.unit().times(CARRIED_MM)));
        return geometry.network().near(ahead.bounds()).stream()
                .filter(p -> !p.wall().id().equals(end.wall().id()))
                .flatMap(lines)
                .flatMap(l -> ahead.crossings(l).stream())
                .min(Comparator.comparingDouble(p -> p.distance(end.at())));
    }

    private static Optional<Mend> pulledBack(Plan plan, StoreyGeometry geometry, Snag snag) {
        return openEnd(geometry, snag.about().getFirst(), snag.where())
                .flatMap(end -> geometry.network().near(end.at(), 1).stream()
                        .filter(p -> p.wall().id().equals(end.wall().id()))
                        .filter(p ->
                                p.line().a().equals(end.at()) || p.line().b().equals(end.at()))
                        .map(p -> p.line().a().equals(end.at())
                                ? p.line().b()
                                : p.line().a())
                        .findFirst()
                        .flatMap(node -> mend(
                                "Draw the end back to the wall it meets",
                                WallEdits.moveCorner(plan, geometry.storey().id(), stored(end), Position.of(node)))));
    }

    private static Optional<Mend> closed(Plan plan, StoreyGeometry geometry, Snag snag) {
        var a = openEnd(geometry, snag.about().get(0), snag.where());
        var b = openEnd(geometry, snag.about().get(1), snag.where());
        if (a.isEmpty() || b.isEmpty()) {
            return Optional.empty();
        }
        var like = a.get().wall();
        // the missing wall runs on from the first one's end, so its body keeps that side
        var body = stored(a.get()).equals(like.to()) ? like.body() : like.body().flipped();
        var added = WallEdits.add(plan, geometry.storey().id(), stored(a.get()), stored(b.get()), body, like.type());
        return mend("Draw the missing wall", added.map(Added::plan));
    }

    /** Deletes a wall that is covered all along, or draws it back to where it comes out; never one with openings. */
    private static Optional<Mend> uncovered(Plan plan, StoreyGeometry geometry, Snag snag) {
        var storey = geometry.storey().id();
        var covered = wall(geometry, snag.about().getFirst());
        if (!geometry.storey().openingsIn(covered.id()).isEmpty()) {
            return Optional.empty();
        }
        var kept = wall(geometry, snag.about().getLast()).chord();
        var line = covered.chord();
        var from = kept.along(line.a());
        var to = kept.along(line.b());
        var inA = from > -2 && from < kept.length() + 2;
        var inB = to > -2 && to < kept.length() + 2;
        if (inA && inB) {
            return Optional.of(
                    new Mend("Delete the covered wall", Deletion.of(plan, storey, Set.<ElementId>of(covered.id()))));
        }
        if (!inA && !inB) {
            return Optional.empty();
        }
        var out = inA ? to : from;
        var end = out > kept.length() ? kept.b() : kept.a();
        var first = inA ? Position.of(end) : covered.from();
        var second = inA ? covered.to() : Position.of(end);
        if (covered.whyNotBetween(first, second).isPresent()) {
            return Optional.empty();
        }
        var shorter = covered.between(first, second);
        return Optional.of(new Mend(
                "Draw the covered wall back",
                plan.withStorey(storey, s -> s.change(Wall.class, covered.id(), _ -> shorter))));
    }

    /** Takes the step out: the shorter of the walls beside it moves over. */
    private static Optional<Mend> onOneLine(Plan plan, StoreyGeometry geometry, Snag snag) {
        var storey = geometry.storey();
        var bump = wall(geometry, snag.about().getFirst());
        var beside = storey.standing().stream()
                .filter(w -> !w.id().equals(bump.id()) && (touches(w, bump.from()) || touches(w, bump.to())))
                .sorted(Comparator.comparing(Wall::length))
                .toList();
        if (beside.size() != 2 || !storey.openingsIn(bump.id()).isEmpty()) {
            return Optional.empty();
        }
        var moving = beside.getFirst();
        var near = touches(moving, bump.from()) ? bump.from() : bump.to();
        var target = near.equals(bump.from()) ? bump.to() : bump.from();
        var without = Deletion.of(plan, storey.id(), Set.<ElementId>of(bump.id()));
        var far = moving.from().equals(near) ? moving.to() : moving.from();
        var shift = target.point().minus(near.point());
        Map<Position, Position> moves = new HashMap<>();
        moves.put(near, target);
        moves.put(far, far.moved(Length.ofMm(shift.x()), Length.ofMm(shift.y())));
        return mend("Bring both parts on one line", WallEdits.moved(without, storey.id(), moves));
    }

    private static boolean touches(Wall wall, Position end) {
        return wall.from().equals(end) || wall.to().equals(end);
    }

    /** Turns a wall square about the end where more walls meet. */
    private static Optional<Mend> squared(Plan plan, StoreyGeometry geometry, Snag snag) {
        var wall = wall(geometry, snag.about().getFirst());
        var line = wall.chord();
        var level = Math.abs(line.unit().x()) > Math.abs(line.unit().y());
        var fixed = meeting(geometry, wall.from()) >= meeting(geometry, wall.to()) ? wall.from() : wall.to();
        var loose = fixed.equals(wall.from()) ? wall.to() : wall.from();
        var target = level ? new Position(loose.x(), fixed.y()) : new Position(fixed.x(), loose.y());
        return mend(
                level ? "Turn the wall level" : "Turn the wall plumb",
                WallEdits.moveCorner(plan, geometry.storey().id(), loose, target));
    }

    private static long meeting(StoreyGeometry geometry, Position end) {
        return geometry.storey().standing().stream()
                .filter(w -> touches(w, end))
                .count();
    }

    /** Brings the corner onto the straight line between the far ends. */
    private static Optional<Mend> straightened(Plan plan, StoreyGeometry geometry, Snag snag) {
        var a = wall(geometry, snag.about().get(0));
        var b = wall(geometry, snag.about().get(1));
        var shared = new HashSet<>(Set.of(a.from(), a.to()));
        shared.retainAll(Set.of(b.from(), b.to()));
        if (shared.size() != 1) {
            return Optional.empty();
        }
        var corner = shared.iterator().next();
        var farA = a.from().equals(corner) ? a.to() : a.from();
        var farB = b.from().equals(corner) ? b.to() : b.from();
        var line = new Segment(farA.point(), farB.point());
        return mend(
                "Bring both walls on one line",
                WallEdits.moveCorner(plan, geometry.storey().id(), corner, Position.of(line.nearest(corner.point()))));
    }

    private static Optional<Mend> typed(Plan plan, StoreyGeometry geometry, Snag snag) {
        var wall = wall(geometry, snag.about().getFirst());
        var type = plan.wallType(wall(geometry, snag.about().getLast()).type());
        return Optional.of(new Mend(
                "Make it " + type.name(),
                WallEdits.setType(plan, geometry.storey().id(), List.of(wall.id()), type.id())));
    }

    /** Deletes a wall of no length and brings its ends together. */
    private static Optional<Mend> shrunk(Plan plan, StoreyGeometry geometry, Snag snag) {
        var wall = wall(geometry, snag.about().getFirst());
        if (!geometry.storey().openingsIn(wall.id()).isEmpty()) {
            return Optional.empty();
        }
        var without = Deletion.of(plan, geometry.storey().id(), Set.<ElementId>of(wall.id()));
        return mend("Delete it", WallEdits.moveCorner(without, geometry.storey().id(), wall.from(), wall.to()));
    }
}
