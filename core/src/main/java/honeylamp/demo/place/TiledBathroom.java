package honeylamp.demo.place;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Coverings;
import honeylamp.edit.OwnRegions;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Finish.Begins;
import honeylamp.plan.Finish.Course;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Laying.Goods;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Oklch;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Crop;
import honeylamp.takeoff.JointsThrough;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The loft with its bathroom tiled: floor, a shower a step higher, walls in three courses, joints that run through, and a
 * page with the plan, the four walls and what to order.
 */
public final class TiledBathroom {
    private static final String NAME = "Bathroom";
    private static final Oklch GROUT = new Oklch(0.860, 0.010, 200);

    /** Four pieces of mosaic and their joints are as wide as a tile and its joint. */
    private static final Laying MOSAIC = Laying.of(new Pattern.Stack(), 48, 48, 2.75)
            .withJointTone(Optional.of(GROUT))
            .withBlend(new Blend(
                    Mixing.BY_CHANCE,
                    List.of(
                            new Share(new Oklch(0.700, 0.060, 205), 4),
                            new Share(new Oklch(0.800, 0.045, 200), 3),
                            new Share(new Oklch(0.560, 0.055, 225), 2))))
            .withGoods(new Goods(Length.ofMm(6), 196, 2150, 0, Length.ofMm(2)));

    private static final Laying TILE = Laying.of(new Pattern.Stack(), 200, 200, 3)
            .withJointTone(Optional.of(GROUT))
            .withGoods(new Goods(Length.ofMm(9), 25, 3490, 780, Length.ofMm(3)));

    private static final Length TRAY = Length.ofMm(900);
    private static final Length STEP = Length.ofMm(102);
    private static final double AROUND_MM = 260;

    private TiledBathroom() {}

    /** The plan; its page of the bathroom is the second. */
    public static Plan plan() {
        var plan = SailclothYard.plan();
        var at = plan.storeys().getFirst().id();
        plan = withoutShower(plan, at);
        plan = floor(plan, at);
        plan = shower(plan, at);
        plan = walls(plan, at);
        var laid = LaidPlan.of(plan).on(at);
        plan = JointsThrough.in(plan, laid, bathroom(laid))
                .map(JointsThrough.Done::plan)
                .orElseThrow();
        return page(plan, at);
    }

    private static Room bathroom(LaidStorey storey) {
        return storey.geometry().rooms().stream()
                .filter(r -> r.name().equals(NAME))
                .findFirst()
                .orElseThrow();
    }

    private static Plan withoutShower(Plan plan, StoreyId at) {
        return plan.withStorey(
                at,
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().stream()
                                .filter(f -> !f.kind().equals("shower"))
                                .toList()));
    }

    /** Begun with whole tiles in the corner by the shower. */
    private static Plan floor(Plan plan, StoreyId at) {
        var room = bathroom(LaidPlan.of(plan).on(at));
        var corner = room.outline().bounds();
        var finish = new Finish("tile-chalk", 0, Position.ofMm(corner.minX(), corner.minY()))
                .withLaying(Optional.of(TILE))
                .withReason("Dry underfoot, R10");
        var laid = RoomEdits.floor(plan, at, room, finish);
        return RoomEdits.fit(
                laid,
                at,
                room,
                f -> f.withFloorLayers(List.of(
                        new BuildUpLayer("Adhesive", Length.ofMm(4)),
                        new BuildUpLayer("Heated screed", Length.ofMm(65)),
                        new BuildUpLayer("Insulation", Length.ofMm(40)))));
    }

    private static Plan shower(Plan plan, StoreyId at) {
        var room = bathroom(LaidPlan.of(plan).on(at));
        var box = room.outline().bounds();
        var x = Length.ofMm(box.minX());
        var y = Length.ofMm(box.minY());
        var added = OwnRegions.add(
                plan,
                at,
                new Region.Floors(),
                OwnRegions.rectangle(x, y, x.plus(TRAY), y.plus(TRAY)),
                Finish.of("mosaic-sea").withLaying(Optional.of(MOSAIC)));
        var raised = OwnRegions.change(added.plan(), at, added.id(), r -> r.withRaised(STEP));
        var out = raised;
        for (var found : Surfaces.on(LaidPlan.of(raised).on(at))) {
            if (found.surface() instanceof Surface.Edge) {
                out = Coverings.cover(
                        out,
                        at,
                        found.surface(),
                        Optional.of(Finish.of("mosaic-sea").withLaying(Optional.of(MOSAIC))));
            }
        }
        return out;
    }

    /** Six rows of tiles, three of mosaic, then limewash to the ceiling. */
    private static Plan walls(Plan plan, StoreyId at) {
        var room = bathroom(LaidPlan.of(plan).on(at));
        var finish = Finish.of("lime-white")
                .withCourses(List.of(
                        new Course("tile-chalk", TILE, Optional.empty(), Length.ofMm(6 * 203), Begins.LEFT),
                        new Course("mosaic-sea", MOSAIC, Optional.empty(), Length.ofMm(3 * 50.75), Begins.LEFT)));
        return Coverings.cover(
                plan, at, new Surface.Walls(room.mark().orElseThrow().id()), Optional.of(finish));
    }

    private static Plan page(Plan plan, StoreyId at) {
        var storey = LaidPlan.of(plan).on(at);
        var room = bathroom(storey);
        var first = plan.presentation().views().getFirst();
        var around = WallElevation.around(storey, room);
        var drawn = ViewEdits.elevations(
                plan,
                first.id(),
                around,
                around.stream().map(s -> WallElevation.name(storey, s)).toList(),
                NAME + ", tiles");
        return withPlan(drawn.plan(), drawn.id(), first.id(), room.outline().bounds());
    }

    /** The plan of the room before its walls, and what to order instead of the other lists. */
    private static Plan withPlan(Plan drawn, PageId page, ViewId like, Box room) {
        var copied = ViewEdits.copy(drawn, like);
        var box = room.grown(AROUND_MM);
        var cropped = ViewEdits.crop(
                ViewEdits.name(copied.plan(), copied.id(), NAME),
                copied.id(),
                Optional.of(new Crop(Position.ofMm(box.minX(), box.minY()), Position.ofMm(box.maxX(), box.maxY()))));
        var unnamed = ViewEdits.showing(cropped, copied.id(), Reach.THIS, Kind.ROOM_NAMES, Degree.HIDDEN);
        var out = PageEdits.toggle(unnamed, page, Reach.THIS, Listing.ROOMS);
        out = PageEdits.toggle(out, page, Reach.THIS, Listing.FINISHES);
        out = PageEdits.toggle(out, page, Reach.THIS, Listing.ORDER);
        var pages = out.presentation().pages().stream()
                .filter(p -> !p.views().equals(List.of(copied.id()))) // which a copied view is given
                .map(p -> {
                    if (!p.id().equals(page)) {
                        return p;
                    }
                    var views = new ArrayList<>(p.views());
                    views.addFirst(copied.id());
                    return p.withViews(views);
                })
                .toList();
        return out.withPresentation(out.presentation().withPages(pages));
    }
}
