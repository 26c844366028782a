package honeylamp.takeoff.brightness;

import static honeylamp.TestPlans.storey;

import honeylamp.TestPlans;
import honeylamp.edit.ActivityEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Activity;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.Optional;

/** A room of 6,000 by 4,000 with lights and activities put in one by one, for tests. */
record LitRoom(Plan plan) {
    static LitRoom empty() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        return new LitRoom(
                RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1000), "Living room", Finish.of("wide-oak"))
                        .plan());
    }

    LitRoom with(FittingKind kind, Fitting.On on, Integer... groups) {
        return new LitRoom(TestPlans.fitted(plan, kind, on, groups));
    }

    /** At the ceiling, or hanging so high above the floor. */
    LitRoom hung(FittingKind kind, double x, double y, double heightMm, Integer... groups) {
        return with(
                kind,
                new Fitting.Ceiling(
                        Position.ofMm(x, y), heightMm == 0 ? Optional.empty() : Optional.of(Length.ofMm(heightMm))),
                groups);
    }

    LitRoom done(Doing doing, double x, double y, double facingDeg) {
        return new LitRoom(ActivityEdits.add(
                        plan, storey(plan), new Activity(new ActivityId(1), doing, Position.ofMm(x, y), facingDeg))
                .plan());
    }

    LitRoom furnished(String kind, double w, double d, double h, double x, double y, double turnDeg) {
        return new LitRoom(TestPlans.with(plan, kind, w, d, h, x, y, turnDeg));
    }
}
