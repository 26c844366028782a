package honeylamp;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

/** Small houses to correct in a window. */
public final class TestWalls {
    private static final WallTypeId OUTER = new WallTypeId(1);
    private static final WallTypeId PARTITION = new WallTypeId(3);

    private TestWalls() {}

    /** 6,000 by 4,000 between wall centres, a partition at 2,500, a door in the lower wall. */
    public static Plan house() {
        var plan = shell();
        plan = wall(plan, 2500, 0, 2500, 4000, PARTITION);
        var storey = plan.storeys().getFirst();
        return OpeningEdits.add(
                        plan,
                        storey.id(),
                        OpeningKind.DOOR,
                        storey.walls().getFirst().id(),
                        Length.ofMm(3000),
                        Length.ofMm(900),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
    }

    /** The same shell with two partitions that stop short of the upper wall. */
    public static Plan twoShortEnds() {
        return wall(wall(shell(), 2000, 0, 2000, 3700, PARTITION), 4000, 0, 4000, 3650, PARTITION);
    }

    /** Partitions one after the other, through these points; nothing else stands. */
    public static Plan partitions(double... xy) {
        var plan = NewPlan.in(UnitSystem.MM);
        for (var i = 0; i + 3 < xy.length; i += 2) {
            plan = wall(plan, xy[i], xy[i + 1], xy[i + 2], xy[i + 3], PARTITION);
        }
        return plan;
    }

    /** The first storey with all that is built on it. */
    public static StoreyGeometry geometry(Plan plan) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst());
    }

    private static Plan shell() {
        var plan = NewPlan.in(UnitSystem.MM);
        plan = wall(plan, 0, 0, 6000, 0, OUTER);
        plan = wall(plan, 6000, 0, 6000, 4000, OUTER);
        plan = wall(plan, 6000, 4000, 0, 4000, OUTER);
        return wall(plan, 0, 4000, 0, 0, OUTER);
    }

    private static Plan wall(Plan plan, double x0, double y0, double x1, double y1, WallTypeId type) {
        return WallEdits.add(
                        plan,
                        plan.storeys().getFirst().id(),
                        Position.ofMm(x0, y0),
                        Position.ofMm(x1, y1),
                        BodySide.CENTRE,
                        type)
                .orThrow()
                .plan();
    }
}
