package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Look;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.sheet.Refining.Hint;
import honeylamp.sheet.Refining.Kind;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What of a plan is still as it came, and what overwhelms. */
class RefiningTest {
    private static List<Hint> of(Plan plan) {
        return Refining.of(LaidPlan.of(plan));
    }

    private static List<Kind> kinds(Plan plan) {
        return of(plan).stream().map(Hint::kind).toList();
    }

    private static Plan look(Plan plan, Look look) {
        return ViewEdits.look(plan, plan.presentation().views().getFirst().id(), Reach.ALL, _ -> look);
    }

    @Test
    void aBareRoomHasAllThatIsStillAsItCame() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        assertThat(kinds(plan)).contains(Kind.NAMES, Kind.FLOORS, Kind.TITLE, Kind.NORTH, Kind.LOOK);
        assertThat(of(plan))
                .filteredOn(h -> h.kind() == Kind.NAMES)
                .singleElement()
                .satisfies(h -> assertThat(h.sentence()).startsWith("One room has no name on "));
        assertThat(of(plan))
                .filteredOn(h -> h.kind() == Kind.TITLE)
                .singleElement()
                .satisfies(h -> assertThat(h.sentence()).contains("no author").contains("no date"));
    }

    @Test
    void eachHintGoesOnceItsReasonDoes() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var storey = TestPlans.storey(plan);
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var named = RoomEdits.name(plan, storey, room, "Sail loft");
        assertThat(kinds(named)).doesNotContain(Kind.NAMES).contains(Kind.FLOORS);
        var there = TestPlans.geometry(named).rooms().getFirst();
        assertThat(of(named).getFirst().about().orElseThrow().element())
                .isEqualTo(there.mark().orElseThrow().id());
        var floored = RoomEdits.floor(named, storey, there, Finish.of("herringbone-oak"));
        assertThat(kinds(floored)).doesNotContain(Kind.FLOORS);
        assertThat(kinds(PlanEdits.north(floored, 20))).doesNotContain(Kind.NORTH);
        assertThat(kinds(look(floored, Looks.INK))).doesNotContain(Kind.LOOK);
    }

    @Test
    void strongColoursAndDeepShadeAreTold() {
        var plan = SailclothYard.plan();
        assertThat(kinds(plan)).doesNotContain(Kind.STRENGTH, Kind.SHADE, Kind.CLUTTER);
        assertThat(kinds(look(plan, Looks.stronger(Looks.DAYLIGHT, 1.6)))).contains(Kind.STRENGTH);
        assertThat(kinds(look(plan, Looks.MARKER))).doesNotContain(Kind.STRENGTH); // its inks are meant to be
        assertThat(kinds(look(plan, Looks.LATE_SUN.withShadeCeiling(0.4)))).contains(Kind.SHADE);
    }

    /** Ten small plants in four square metres. */
    @Test
    void aRoomFullOfSmallThingsIsCluttered() {
        var plan = TestPlans.clearRectangle(2000, 2000);
        for (var i = 0; i < 10; i++) {
            plan = FurnishingEdits.add(
                            plan,
                            TestPlans.storey(plan),
                            "plant",
                            Length.ofMm(250),
                            Length.ofMm(250),
                            Length.ofMm(300),
                            Position.ofMm(300 + 300 * (i % 5), 600 + 500 * (i / 5)),
                            0)
                    .plan();
        }
        assertThat(of(plan))
                .filteredOn(h -> h.kind() == Kind.CLUTTER)
                .singleElement()
                .satisfies(h -> assertThat(h.sentence()).contains("holds 10 small things"));
    }

    /** A bedroom of nine square metres with much in it: at the end of the dial it is told, at half of it not. */
    @Test
    void roomsInWhichMuchLiesAboutAreTold() {
        var plan = TestPlans.with(TestPlans.clearRectangle(3000, 3000), "bed", 1600, 2050, 900, 1500, 1900, 0);
        plan = TestPlans.with(plan, "desk", 1200, 600, 740, 600, 350, 180);
        plan = TestPlans.with(plan, "sideboard", 1200, 400, 750, 2300, 300, 180);
        plan = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Bunk room");
        assertThat(kinds(ViewEdits.livedIn(plan, 0.2))).doesNotContain(Kind.LIVED_IN);
        assertThat(of(ViewEdits.livedIn(plan, 1)))
                .filteredOn(h -> h.kind() == Kind.LIVED_IN)
                .singleElement()
                .satisfies(h -> assertThat(h.sentence()).contains("Bunk room").contains("Lived in"));
    }
}
