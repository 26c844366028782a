package honeylamp;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.Settling;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Keeping;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sheet;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;

/** Small plans for tests: walls of 100 mm (partition) and 300 mm (outer), given by their drawn lines. */
public final class TestPlans {
    public static final WallTypeId OUTER = new WallTypeId(1);
    public static final WallTypeId PARTITION = new WallTypeId(3);

    private Plan plan = NewPlan.in(UnitSystem.MM);

    public static TestPlans start() {
        return new TestPlans();
    }

    /** A closed rectangle whose inner faces are drawn, so the clear size is exactly w by d. */
    public static Plan clearRectangle(double w, double d) {
        return start().chain(BodySide.RIGHT, OUTER, true, 0, 0, w, 0, w, d, 0, d)
                .plan();
    }

    public TestPlans wall(double x0, double y0, double x1, double y1, BodySide body, WallTypeId type) {
        plan = WallEdits.add(plan, storey(plan), Position.ofMm(x0, y0), Position.ofMm(x1, y1), body, type)
                .orThrow()
                .plan();
        return this;
    }

    public TestPlans chain(BodySide body, WallTypeId type, boolean closed, double... xy) {
        var n = xy.length / 2;
        for (var i = 0; i < (closed ? n : n - 1); i++) {
            var j = (i + 1) % n;
            wall(xy[2 * i], xy[2 * i + 1], xy[2 * j], xy[2 * j + 1], body, type);
        }
        return this;
    }

    public Plan plan() {
        return plan;
    }

    public StoreyGeometry geometry() {
        return geometry(plan);
    }

    /** A round room of 2 m radius within two half-round walls: the first from south to north in the east. */
    public static Plan silo() {
        var start = start().plan();
        var storey = storey(start);
        var north = Position.ofMm(0, 2000);
        var south = Position.ofMm(0, -2000);
        var rise = Length.ofMm(-2000);
        var half = WallEdits.addArc(start, storey, south, north, rise, BodySide.RIGHT, OUTER)
                .orThrow();
        var round = WallEdits.addArc(half.plan(), storey, north, south, rise, BodySide.RIGHT, OUTER)
                .orThrow();
        return RoomEdits.mark(round.plan(), storey, Position.ofMm(0, 0), "Silo", Finish.of("bare"))
                .plan();
    }

    /** The first storey as it is shown. */
    public static LaidStorey laid(Plan plan) {
        return LaidPlan.of(plan).on(storey(plan));
    }

    /** The first page as it is composed. */
    public static LaidPage page(Plan plan) {
        return LaidPlan.of(plan).pages().getFirst();
    }

    /** The first view as it is pictured. */
    public static LaidView view(Plan plan) {
        return page(plan).views().getFirst();
    }

    /** The look of the first view. */
    public static Look look(Plan plan) {
        return view(plan).look();
    }

    /** The light of the first view. */
    public static Light light(Plan plan) {
        return view(plan).view().light();
    }

    /** The sheet of the first page. */
    public static Sheet sheet(Plan plan) {
        return page(plan).page().sheet();
    }

    public static StoreyGeometry geometry(Plan plan) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }

    /** The plan with an opening more, in the wall of this index. */
    public static Plan opening(
            Plan plan, int wall, OpeningKind kind, double offset, double width, Hand hand, Swing swing) {
        return OpeningEdits.add(
                        plan,
                        storey(plan),
                        kind,
                        wallId(plan, wall),
                        Length.ofMm(offset),
                        Length.ofMm(width),
                        hand,
                        swing)
                .plan();
    }

    /** The plan with a wall more, its middle from one point to another. */
    public static Plan walled(Plan plan, double x0, double y0, double x1, double y1, WallTypeId type) {
        return WallEdits.add(plan, storey(plan), Position.ofMm(x0, y0), Position.ofMm(x1, y1), BodySide.CENTRE, type)
                .orThrow()
                .plan();
    }

    /** The newest opening as it lies in the plan. */
    public static Opening newest(Plan plan) {
        return plan.storeys().getFirst().openings().getLast();
    }

    /** The newest opening keeping to something, settled as after an edit of a plan without it. */
    public static Plan keeping(Plan plan, Keeping keeping) {
        return Settling.settled(
                geometry(plan),
                OpeningEdits.keep(plan, storey(plan), newest(plan).id(), keeping));
    }

    public static StoreyId storey(Plan plan) {
        return plan.storeys().getFirst().id();
    }

    public static WallId wallId(Plan plan, int index) {
        return plan.storeys().getFirst().walls().get(index).id();
    }

    /** A plan with a piece more, in mm and degrees. */
    public static Plan with(Plan plan, String kind, double w, double d, double h, double x, double y, double turnDeg) {
        return FurnishingEdits.add(
                        plan,
                        storey(plan),
                        kind,
                        Length.ofMm(w),
                        Length.ofMm(d),
                        Length.ofMm(h),
                        Position.ofMm(x, y),
                        turnDeg)
                .plan();
    }

    /** With a fitting of a kind as it usually is, new, in these groups. */
    public static Plan fitted(Plan plan, FittingKind kind, Fitting.On on, Integer... groups) {
        var fitting = new Fitting(
                new FittingId(1),
                kind,
                on,
                0,
                Length.ofMm(1000),
                Fittings.emission(kind),
                List.of(groups),
                0,
                Wall.Works.NEW,
                Buying.UNKNOWN);
        return FittingEdits.add(plan, storey(plan), fitting).plan();
    }
}
