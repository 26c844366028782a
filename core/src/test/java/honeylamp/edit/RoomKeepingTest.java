package honeylamp.edit;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.storey;
import static honeylamp.TestPlans.wallId;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What becomes of names, floors and settings when walls part, merge and move rooms. */
class RoomKeepingTest {
    /** 8,000 by 4,000 with a partition at x; west is the Kitchen on oak, east the Parlour on carpet. */
    private static Plan twoRooms(double x) {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(x, 0, x, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 2000), "Kitchen", Finish.of("wide-plank-oak"))
                .plan();
        return RoomEdits.mark(plan, storey(plan), Position.ofMm(7000, 2000), "Parlour", Finish.of("carpet-oat"))
                .plan();
    }

    private static Plan kept(Plan before, Plan after) {
        var kept = RoomKeeping.kept(after, geometry(before), geometry(after));
        return RoomEdits.markNew(kept, storey(kept), geometry(kept));
    }

    private static Room at(Plan plan, double x, double y) {
        return geometry(plan).roomAt(new honeylamp.geometry.Point(x, y)).orElseThrow();
    }

    private static Plan moved(Plan plan, double by) {
        return kept(
                plan,
                WallEdits.moveWall(plan, storey(plan), wallId(plan, 4), Length.ofMm(by), Length.ZERO)
                        .orThrow());
    }

    @Test
    void namesStayWithTheirRoomsWhenAWallMovesOverTheirMarks() {
        // the partition moves from 5,000 to 600: the Kitchen's mark, at 1,000, now lies in the other room
        var plan = moved(twoRooms(5000), -4400);
        assertThat(at(plan, 300, 2000).name()).isEqualTo("Kitchen");
        assertThat(at(plan, 5000, 2000).name()).isEqualTo("Parlour");
        assertThat(geometry(plan).storey().rooms()).hasSize(2);
    }

    @Test
    void ofMergedRoomsTheLargerSpeaksAndTheOtherWaits() {
        var before = twoRooms(5000);
        var merged = kept(before, Deletion.of(before, storey(before), Set.of(wallId(before, 4))));
        assertThat(geometry(merged).rooms()).hasSize(1);
        assertThat(at(merged, 7000, 2000).name()).isEqualTo("Kitchen");
        assertThat(Snags.of(geometry(merged), merged)).noneMatch(s -> s.kind() == Snag.Kind.LOST_NAME);
        // a new wall elsewhere parts them again: both names are back, each where it was
        var added = WallEdits.add(
                        merged,
                        storey(merged),
                        Position.ofMm(4500, 0),
                        Position.ofMm(4500, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow();
        var parted = kept(merged, added.plan());
        assertThat(at(parted, 1000, 2000).name()).isEqualTo("Kitchen");
        assertThat(at(parted, 7000, 2000).name()).isEqualTo("Parlour");
        assertThat(geometry(parted).storey().rooms())
                .extracting(RoomMark::standing)
                .containsOnly(RoomMark.Standing.LIVE);
    }

    @Test
    void theSmallerPartOfASplitRoomIsNewOnTheSameFloor() {
        var before = twoRooms(5000);
        var split = WallEdits.add(
                        before,
                        storey(before),
                        Position.ofMm(1500, 0),
                        Position.ofMm(1500, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow();
        // the mark lies at 1,000, in the smaller part: it moves over into the larger
        var plan = kept(before, split.plan());
        assertThat(at(plan, 3000, 2000).name()).isEqualTo("Kitchen");
        var smaller = at(plan, 700, 2000);
        assertThat(smaller.name()).isEmpty();
        assertThat(smaller.mark().orElseThrow().floor().material()).isEqualTo("wide-plank-oak");
        assertThat(at(plan, 7000, 2000).name()).isEqualTo("Parlour");
    }

    @Test
    void settingsGoWithTheName() {
        var plan = twoRooms(5000);
        var parlour = at(plan, 7000, 2000);
        plan = RoomEdits.fit(
                plan,
                storey(plan),
                parlour,
                f -> f.usedAs("living", CountsAs.INDOOR).withNumber("0.2"));
        var after = moved(plan, 2500); // the partition goes to 7,500: the mark at 7,000 is left behind
        var fit = at(after, 7800, 2000).mark().orElseThrow().fit();
        assertThat(fit.use()).isEqualTo("living");
        assertThat(fit.number()).isEqualTo("0.2");
    }

    @Test
    void aRoomThatOpensToTheOutsideKeepsItsMarkForTheSnag() {
        var before = twoRooms(5000);
        var open = kept(before, Deletion.of(before, storey(before), Set.of(wallId(before, 1))));
        assertThat(geometry(open).rooms()).hasSize(1);
        assertThat(Snags.of(geometry(open), open)).anyMatch(s -> s.kind() == Snag.Kind.LOST_NAME);
    }

    @Test
    void roomsThatDoNotChangeAreNotTouched() {
        var before = twoRooms(5000);
        var wall = WallEdits.add(
                        before,
                        storey(before),
                        Position.ofMm(6500, 0),
                        Position.ofMm(6500, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow();
        var plan = kept(before, wall.plan());
        assertThat(plan.storeys().getFirst().rooms().getFirst())
                .isSameAs(before.storeys().getFirst().rooms().getFirst());
    }
}
