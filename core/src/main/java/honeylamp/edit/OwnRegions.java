package honeylamp.edit;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId.CoveringId;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Region.Upright;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface.OwnRegion;
import honeylamp.plan.Surface.WallSide;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Outlines parts of surfaces, and keeps those on walls where they are through edits of their walls. */
public final class OwnRegions {
    /** So near to the line of a wall is on it; so near together is the same place. */
    private static final double SAME_MM = 1;

    /** From a worktop up to wall units, as wide as a hob. */
    private static final double SPLASH_BACK_FOOT_MM = 900;

    private static final double SPLASH_BACK_TOP_MM = 1500;
    private static final double SPLASH_BACK_WIDTH_MM = 600;
    /** It leaves something of a short stretch on both sides. */
    private static final double OF_FREE = 0.8;

    private static final Length USUAL_NICHE = Length.ofMm(90);
    private static final Length LEAST_SPLASH_BACK = Length.ofMm(100);

    private OwnRegions() {}

    /** Outlines a part of a surface by three corners or more, and covers it. */
    public static Added<RegionId> add(Plan plan, StoreyId storey, Region.On on, List<Position> corners, Finish finish) {
        var region = new Region(new RegionId(plan.nextNumber()), on, corners);
        var outlined =
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Region.class, Lists.plus(s.regions(), region)));
        return new Added<>(
                Coverings.cover(outlined, storey, new OwnRegion(region.id()), Optional.of(finish)), region.id());
    }

    /** The corners of a rectangle, lower left first. */
    public static List<Position> rectangle(Length fromX, Length fromY, Length toX, Length toY) {
        return List.of(
                new Position(fromX, fromY), new Position(toX, fromY), new Position(toX, toY), new Position(fromX, toY));
    }

    /** The corners of a region drawn to another size, its lower left kept. */
    public static List<Position> sized(Region region, Length width, Length height) {
        var box = region.ring().bounds();
        var across = box.width() == 0 ? 1 : width.mm() / box.width();
        var up = box.height() == 0 ? 1 : height.mm() / box.height();
        return region.corners().stream()
                .map(c -> Position.ofMm(
                        box.minX() + (c.x().mm() - box.minX()) * across, box.minY() + (c.y().mm() - box.minY()) * up))
                .toList();
    }

    /**
     * A rectangle of a usual splash-back on a wall's side, in the middle of the widest stretch without openings between two
     * places along the wall; in the middle of them if there is no such stretch.
     */
    public static List<Position> splashBack(Storey storey, WallId wall, double fromMm, double toMm) {
        var least = Math.min(fromMm, toMm);
        var most = Math.max(fromMm, toMm);
        var widest = new Stretch(0, 0);
        var at = least;
        var openings = storey.openingsIn(wall).stream()
                .sorted(Comparator.comparing(Opening::offset))
                .toList();
        for (var opening : openings) {
            var from = opening.offset().mm();
            widest = widest.orWider(new Stretch(at, Math.min(from, most)));
            at = Math.max(at, from + opening.width().mm());
        }
        widest = widest.orWider(new Stretch(at, most));
        var free = widest.longMm() > SAME_MM ? widest : new Stretch(least, most);
        var half = Math.min(SPLASH_BACK_WIDTH_MM, OF_FREE * free.longMm()) / 2;
        var middle = (free.from + free.to) / 2;
        return rectangle(
                Length.ofMm(middle - half),
                Length.ofMm(SPLASH_BACK_FOOT_MM),
                Length.ofMm(middle + half),
                Length.ofMm(SPLASH_BACK_TOP_MM));
    }

    private record Stretch(double from, double to) {
        double longMm() {
            return to - from;
        }

        Stretch orWider(Stretch other) {
            return other.longMm() > longMm() ? other : this;
        }
    }

    /**
     * Outlines a splash-back as wide as a piece on the wall behind it, from its top up to what hangs above it.
     *
     * @return refused if its back is at no straight wall
     */
    public static Outcome<Added<RegionId>> behind(Plan plan, StoreyGeometry geometry, Furnishing piece, Finish finish) {
        var at = Leaning.gaps(geometry.network(), piece)
                .flatMap(gaps -> geometry.storey().wall(gaps.wall()))
                .filter(wall -> wall.line() instanceof Segment);
        if (at.isEmpty()) {
            return Outcome.refused("its back is at no straight wall", "Move it to one first.");
        }
        var line = at.get().line();
        var half = piece.width().mm() / 2;
        var ends = Stream.of(new Point(-half, 0), new Point(half, 0))
                .map(p -> line.along(piece.placing().apply(p)))
                .sorted()
                .toList();
        var foot = piece.top();
        var top = geometry.storey().furnishings().stream()
                .filter(f ->
                        f.bottom().compareTo(foot) > 0 && Picking.footprint(f).contains(nearest(piece, f)))
                .map(Furnishing::bottom)
                .min(Comparator.naturalOrder())
                .orElse(Length.max(Length.ofMm(SPLASH_BACK_TOP_MM), foot.plus(LEAST_SPLASH_BACK)));
        var side = line.offset(piece.at().point()) > 0 ? Swing.LEFT : Swing.RIGHT;
        return Outcome.done(add(
                plan,
                geometry.storey().id(),
                new Region.Upright(at.get().id(), side),
                rectangle(
                        Length.ofMm(Math.max(0, ends.getFirst())),
                        foot,
                        Length.ofMm(Math.min(line.length(), ends.getLast())),
                        top),
                finish));
    }

    /** The place of what hangs above a piece, drawn to where its front half is. */
    private static Point nearest(Furnishing piece, Furnishing above) {
        var local = piece.placing().inverse().apply(above.at().point());
        var w = piece.width().mm() / 2;
        var d = piece.depth().mm() / 2;
        return piece.placing().apply(new Point(Math.clamp(local.x(), -w, w), Math.clamp(local.y(), -d, d)));
    }

    /** How deep a niche in a wall may be so that something is left behind it; nothing in walls that are too thin for one. */
    public static Length deepest(Plan plan, StoreyId storey, Region region) {
        return region.wall()
                .flatMap(plan.storey(storey)::wall)
                .map(w -> plan.wallType(w.type()).thickness().minus(Region.BEHIND_NICHE))
                .filter(left -> left.compareTo(Length.ZERO) > 0)
                .orElse(Length.ZERO);
    }

    /** A niche as deep as is usual, or as its wall lets it be. */
    public static Outcome<Plan> niche(Plan plan, StoreyId storey, Region region) {
        var deep = Length.min(USUAL_NICHE, deepest(plan, storey, region));
        return deep.equals(Length.ZERO)
                ? Outcome.refused("its wall is too thin for a niche", "Build it out instead.")
                : standingOut(plan, storey, region, Length.ZERO.minus(deep));
    }

    /**
     * Lets a region of a wall in, or builds it out.
     *
     * @param by so far out of the wall, less than 0 into it
     */
    public static Outcome<Plan> standingOut(Plan plan, StoreyId storey, Region region, Length by) {
        var most = deepest(plan, storey, region);
        if (by.plus(most).compareTo(Length.ZERO) < 0) {
            return Outcome.refused(
                    "its wall is too thin for that",
                    "The deepest niche in it is " + LengthText.exact(most, plan.units()) + ".");
        }
        if (by.compareTo(Region.FARTHEST_OUT) > 0) {
            return Outcome.refused(
                    "that is more than a wall is built out",
                    "At most " + LengthText.exact(Region.FARTHEST_OUT, plan.units()) + " can be.");
        }
        return Outcome.done(change(plan, storey, region.id(), r -> r.withRaised(by)));
    }

    /** Changes a region; the same plan if it is not there. */
    public static Plan change(Plan plan, StoreyId storey, RegionId id, UnaryOperator<Region> change) {
        return plan.withStorey(storey, s -> s.change(Region.class, id, change));
    }

    /**
     * The plan after an edit, its regions where they were: a wall that was parted hands them to the parts they lie on, one
     * drawn the other way or begun elsewhere is measured anew, one that is gone takes its own along.
     *
     * @param was the storey before the edit
     */
    static Plan kept(Storey was, Plan plan, StoreyId id) {
        var storey = plan.storey(id);
        var regions = new ArrayList<Region>();
        var coverings = new ArrayList<>(storey.coverings());
        var number = plan.nextNumber();
        for (var region : storey.regions()) {
            var heirs = heirs(region, was, storey).stream()
                    .filter(h -> regions.stream().noneMatch(r -> isSame(r, h)))
                    .toList();
            for (var i = 0; i < heirs.size(); i++) {
                var heir = i == 0 ? heirs.get(i) : heirs.get(i).withId(new RegionId(number++));
                regions.add(heir);
                if (i > 0) {
                    var cover = covering(storey, region.id());
                    if (cover.isPresent()) {
                        coverings.add(new Covering(
                                new CoveringId(number++),
                                new OwnRegion(heir.id()),
                                cover.get().finish()));
                    }
                }
            }
        }
        if (regions.equals(storey.regions())) {
            return plan;
        }
        return plan.numbersTaken(number - plan.nextNumber())
                .withStorey(id, s -> s.with(Region.class, regions).with(Covering.class, coverings));
    }

    private static Optional<Covering> covering(Storey storey, RegionId region) {
        return storey.coverings().stream()
                .filter(c -> c.surface().equals(new OwnRegion(region)))
                .findFirst();
    }

    private static boolean isSame(Region a, Region b) {
        var isNear = a.on().equals(b.on()) && a.corners().size() == b.corners().size();
        for (var i = 0; isNear && i < a.corners().size(); i++) {
            isNear = a.corners().get(i).point().distance(b.corners().get(i).point()) <= SAME_MM;
        }
        return isNear;
    }

    /** The region on each wall it now lies on, first where it was. */
    private static List<Region> heirs(Region region, Storey was, Storey storey) {
        if (!(region.on() instanceof Upright(var wall, var side))) {
            return List.of(region);
        }
        var before = was.wall(wall);
        if (before.isEmpty()) {
            return storey.wall(wall).isPresent() ? List.of(region) : List.of();
        }
        var isAsBefore = was.elements().find(region.id()).filter(region::equals).isPresent();
        var out = new ArrayList<Region>();
        for (var on : Coverings.onWalls(new WallSide(wall, side, Optional.empty()), was, storey, isAsBefore)) {
            var now = storey.wall(on.wall()).orElseThrow();
            var there = isAsBefore ? measured(region, before.get(), now) : region;
            out.add(there.withOn(new Upright(on.wall(), on.side())));
        }
        var lying = out.stream().filter(r -> liesOn(r, storey)).toList();
        return lying.isEmpty() ? out.stream().limit(1).toList() : lying;
    }

    private static boolean liesOn(Region region, Storey storey) {
        var length = region.wall()
                .flatMap(storey::wall)
                .map(Wall::line)
                .orElseThrow()
                .length();
        var extent = region.ring().bounds();
        return extent.maxX() > SAME_MM && extent.minX() < length - SAME_MM;
    }

    /** A region of one wall measured along another that lies on the same line; along others as it was. */
    private static Region measured(Region region, Wall before, Wall now) {
        var anew = Remeasured.of(before, now);
        return region.withCorners(region.corners().stream()
                .map(c -> new Position(anew.of(c.x()), c.y()))
                .toList());
    }
}
