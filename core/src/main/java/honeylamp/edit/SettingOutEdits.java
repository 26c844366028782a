package honeylamp.edit;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.SettingOutId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.SettingOutLine.Stay;
import honeylamp.plan.Wall;
import java.util.HashSet;
import java.util.List;

/** Laying setting-out lines, keeping them, and taking away those that have been used. */
public final class SettingOutEdits {
    /** A wall so near a line, in mm, was drawn along it. */
    private static final double ALONG_MM = 1;

    private SettingOutEdits() {}

    /** Lays a line that stays until a wall is drawn along it; refused if it has no direction. */
    public static Outcome<Added<SettingOutId>> add(Plan plan, StoreyId storey, Segment line) {
        var from = Position.of(line.a());
        var to = Position.of(line.b());
        if (from.equals(to)) {
            return Outcome.refused("a line needs a direction");
        }
        var id = new SettingOutId(plan.nextNumber());
        var laid = new SettingOutLine(id, from, to, Stay.UNTIL_USED);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(SettingOutLine.class, Lists.plus(s.settingOut(), laid))),
                id));
    }

    /** Keeps a line until it is deleted, or not. */
    public static Plan stay(Plan plan, StoreyId storey, SettingOutId id, Stay stay) {
        return plan.withStorey(storey, s -> s.change(SettingOutLine.class, id, l -> l.withStay(stay)));
    }

    /** The plan without the lines that walls new since {@code before} were drawn along. */
    public static Plan withoutUsed(Plan before, Plan plan, StoreyId storey) {
        var lines = plan.storey(storey).settingOut();
        if (lines.isEmpty() || before.storeys().stream().noneMatch(s -> s.id().equals(storey))) {
            return plan;
        }
        var old = new HashSet<>(before.storey(storey).walls());
        var fresh = plan.storey(storey).walls().stream()
                .filter(w -> !old.contains(w) && !w.isCurved())
                .toList();
        return lines.stream().noneMatch(l -> isUsed(l, fresh))
                ? plan
                : plan.withStorey(
                        storey,
                        s -> s.with(SettingOutLine.class, Lists.without(s.settingOut(), l -> isUsed(l, fresh))));
    }

    private static boolean isUsed(SettingOutLine line, List<Wall> walls) {
        return line.stay() == Stay.UNTIL_USED
                && walls.stream()
                        .anyMatch(w -> Math.abs(line.line().offset(w.from().point())) < ALONG_MM
                                && Math.abs(line.line().offset(w.to().point())) < ALONG_MM);
    }
}
