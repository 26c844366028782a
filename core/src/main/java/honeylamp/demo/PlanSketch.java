package honeylamp.demo;

import honeylamp.catalogue.RoomUses;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;

/** Builds a demo plan step by step with the program's own edits; all numbers in mm. */
final class PlanSketch {
    private final StoreyId storey;
    private Plan plan;
    private int rooms;

    PlanSketch(Plan empty) {
        plan = empty;
        storey = empty.storeys().getFirst().id();
    }

    Plan plan() {
        return plan;
    }

    WallId wall(double x0, double y0, double x1, double y1, BodySide body, WallTypeId type) {
        var added = WallEdits.add(plan, storey, Position.ofMm(x0, y0), Position.ofMm(x1, y1), body, type);
        plan = added.plan();
        return added.id();
    }

    OpeningId opening(OpeningKind kind, WallId host, double offset, double width, Hand hand, Swing swing) {
        var added = OpeningEdits.add(plan, storey, kind, host, Length.ofMm(offset), Length.ofMm(width), hand, swing);
        plan = added.plan();
        return added.id();
    }

    OpeningId window(WallId host, double offset, double width) {
        return opening(OpeningKind.CASEMENT_WINDOW, host, offset, width, Hand.FIRST, Swing.LEFT);
    }

    void heights(OpeningId opening, double sill, double head) {
        plan = OpeningEdits.setHeights(plan, storey, opening, Length.ofMm(sill), Length.ofMm(head));
    }

    void room(double x, double y, String name, String material, double directionDeg, double startX, double startY) {
        var added = RoomEdits.mark(
                plan,
                storey,
                Position.ofMm(x, y),
                name,
                new Finish(material, directionDeg, Position.ofMm(startX, startY)));
        rooms++;
        var number = "1." + rooms;
        plan = RoomEdits.change(
                added.plan(),
                storey,
                added.id(),
                m -> m.fitted(RoomUses.named(name)
                        .map(u -> m.fit().usedAs(u.key(), u.part()))
                        .orElse(m.fit())
                        .numbered(number)));
    }

    void piece(String kind, double w, double d, double h, double x, double y, double turnDeg) {
        plan = FurnishingEdits.add(
                        plan,
                        storey,
                        kind,
                        Length.ofMm(w),
                        Length.ofMm(d),
                        Length.ofMm(h),
                        Position.ofMm(x, y),
                        turnDeg)
                .plan();
    }

    void structure(Structure.Kind kind, double w, double d, double h, double x, double y, double turnDeg, int risers) {
        plan = StructureEdits.add(
                        plan,
                        storey,
                        id -> new Structure(
                                id,
                                kind,
                                Length.ofMm(w),
                                Length.ofMm(d),
                                Length.ofMm(h),
                                Position.ofMm(x, y),
                                turnDeg,
                                risers))
                .plan();
    }

    void note(double x, double y, String text) {
        plan = NoteEdits.add(plan, storey, Position.ofMm(x, y), text).plan();
    }
}
