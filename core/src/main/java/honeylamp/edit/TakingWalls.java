package honeylamp.edit;

import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.HeightRule;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.TreeMap;

/** Takes walls that were read from a picture into the plan: from then on they are walls like any other. */
public final class TakingWalls {
    /** A wall type this near in thickness is the one that is meant. */
    private static final double SAME_TYPE_MM = 12;

    private static final double CARRIES_MM = 115;
    private static final double WIDTH_STEP_MM = 5;
    private static final double WIDTH_STEP_INCH = 0.25;
    private static final double LEAST_WIDTH_MM = 200;
    private static final double JAMB_MM = 1;

    private TakingWalls() {}

    /**
     * A plan with walls taken in.
     *
     * @param ids by the numbers of the walls that were read
     */
    public record Taken(Plan plan, TreeMap<Integer, WallId> ids) {}

    /** Takes walls and their openings into a storey. Those shorter than a wall can be are left out. */
    public static Taken take(Plan plan, StoreyId storey, List<ReadWall> walls) {
        var out = plan;
        var ids = new TreeMap<Integer, WallId>();
        for (var read : walls) {
            var typed = type(out, read.thicknessMm());
            var from = Position.of(read.line().a());
            var to = Position.of(read.line().b());
            var added = WallEdits.add(typed.plan(), storey, from, to, BodySide.CENTRE, typed.id())
                    .result();
            if (added.isEmpty()) {
                continue;
            }
            out = added.get().plan();
            ids.put(read.number(), added.get().id());
            for (var opening : read.openings()) {
                out = opening(out, storey, read, opening, added.get().id());
            }
        }
        return new Taken(out, ids);
    }

    /** The wall type that is nearest in thickness, or a new one. */
    private static Added<WallTypeId> type(Plan plan, double thicknessMm) {
        return plan.wallTypes().stream()
                .filter(t -> t.heightRule().equals(HeightRule.FULL))
                .filter(t -> Math.abs(t.thickness().mm() - thicknessMm) <= SAME_TYPE_MM)
                .min((a, b) -> Double.compare(
                        Math.abs(a.thickness().mm() - thicknessMm),
                        Math.abs(b.thickness().mm() - thicknessMm)))
                .map(t -> new Added<>(plan, t.id()))
                .orElseGet(() -> added(plan, Length.ofMm(Math.rint(thicknessMm))));
    }

    private static Added<WallTypeId> added(Plan plan, Length thickness) {
        var carries = thickness.mm() >= CARRIES_MM;
        return WallTypeEdits.add(
                plan,
                new WallType(
                        new WallTypeId(plan.nextNumber()),
                        "Wall " + LengthText.roundedWithUnit(thickness, plan.units()),
                        thickness,
                        carries,
                        carries ? WallType.Poche.SOLID : WallType.Poche.TINT));
    }

    private static Plan opening(Plan plan, StoreyId storey, ReadWall wall, ReadOpening read, WallId host) {
        var length = wall.line().length();
        var middle = (along(wall.line(), read, true) + along(wall.line(), read, false)) / 2;
        var width = Math.min(stepped(plan, read.widthMm()), length - 2 * JAMB_MM);
        if (width < LEAST_WIDTH_MM) {
            return plan;
        }
        var offset = Math.clamp(middle - width / 2, JAMB_MM, length - width - JAMB_MM);
        var kind = read.kind() == OpeningKind.DOOR && wall.outer() ? OpeningKind.OUTER_DOOR : read.kind();
        return OpeningEdits.add(
                        plan, storey, kind, host, Length.ofMm(offset), Length.ofMm(width), read.hand(), read.swing())
                .plan();
    }

    private static double along(Segment line, ReadOpening read, boolean first) {
        return line.along(first ? read.first() : read.second());
    }

    /** A picture tells no width to the millimetre. */
    private static double stepped(Plan plan, double mm) {
        var step = plan.units().isMetric() ? WIDTH_STEP_MM : WIDTH_STEP_INCH * Length.MM_PER_INCH;
        return Math.rint(mm / step) * step;
    }
}
