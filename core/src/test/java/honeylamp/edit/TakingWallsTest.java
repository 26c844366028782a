package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Four walls around 6 by 4 m, read from a picture, become walls of the plan. */
class TakingWallsTest {
    private static List<ReadWall> box(double thickness, ReadOpening... openings) {
        var corners = List.of(new Point(0, 0), new Point(6000, 0), new Point(6000, 4000), new Point(0, 4000));
        var out = new ArrayList<ReadWall>();
        for (var i = 0; i < 4; i++) {
            out.add(new ReadWall(
                    i,
                    new Segment(corners.get(i), corners.get((i + 1) % 4)),
                    Optional.of((i + 3) % 4),
                    Optional.of((i + 1) % 4),
                    thickness,
                    true,
                    i == 0 ? List.of(openings) : List.of(),
                    0.9,
                    Precision.PIXELS));
        }
        return out;
    }

    private static ReadOpening opening(OpeningKind kind, double from, double to) {
        return new ReadOpening(
                kind, new Point(from, 0), new Point(to, 0), Hand.SECOND, Swing.LEFT, 0.9, Precision.PIXELS);
    }

    private static Plan taken(UnitSystem units, List<ReadWall> walls) {
        var plan = NewPlan.in(units);
        return TakingWalls.take(plan, plan.storeys().getFirst().id(), walls).plan();
    }

    /** Between faces: (6000 - 240) by (4000 - 240) mm. */
    @Test
    void takenWallsCloseARoom() {
        var plan = taken(UnitSystem.MM, box(240));
        var rooms = TestPlans.geometry(plan).rooms();
        assertThat(rooms).hasSize(1);
        assertThat(rooms.getFirst().areaMm2()).isCloseTo(5760.0 * 3760, within(0.5));
        assertThat(plan.storeys().getFirst().walls()).hasSize(4);
    }

    @Test
    void aTypeNearInThicknessIsUsedAndElseOneIsMade() {
        var fresh = NewPlan.in(UnitSystem.MM);
        var known = fresh.wallTypes().getFirst();
        var near = taken(UnitSystem.MM, box(known.thickness().mm() + 6));
        assertThat(near.wallTypes()).isEqualTo(fresh.wallTypes());
        assertThat(near.storeys().getFirst().walls()).allMatch(w -> w.type().equals(known.id()));
        var other = taken(UnitSystem.MM, box(517));
        assertThat(other.wallTypes()).hasSize(fresh.wallTypes().size() + 1);
        assertThat(other.wallTypes().getLast().thickness().mm()).isEqualTo(517);
        assertThat(other.wallTypes().getLast().structural()).isTrue();
    }

    @Test
    void aDoorInAnOuterWallIsAnOuterDoorWhereItWasRead() {
        var plan = taken(UnitSystem.MM, box(240, opening(OpeningKind.DOOR, 1003, 1894)));
        var door = plan.storeys().getFirst().openings().getFirst();
        assertThat(door.kind()).isEqualTo(OpeningKind.OUTER_DOOR);
        assertThat(door.width().mm()).isEqualTo(890); // to 5 mm
        assertThat(door.middleMm()).isCloseTo(1448.5, within(1e-3));
        assertThat(door.hand()).isEqualTo(Hand.SECOND);
        assertThat(door.swing()).isEqualTo(Swing.LEFT);
    }

    @Test
    void inFeetAndInchesWidthsAreOfQuarterInches() {
        var plan = taken(UnitSystem.FEET_INCHES, box(150, opening(OpeningKind.CASEMENT_WINDOW, 2000, 2921)));
        assertThat(plan.storeys().getFirst().openings().getFirst().width().mm() / 25.4 * 4)
                .isCloseTo(145, within(1e-6)); // 921 mm are 36.26 in
    }

    @Test
    void anOpeningAtTheVeryEndStaysInItsWall() {
        var plan = taken(UnitSystem.MM, box(240, opening(OpeningKind.PLAIN, -40, 900)));
        var opening = plan.storeys().getFirst().openings().getFirst();
        assertThat(opening.offset().isNegative()).isFalse();
        assertThat(opening.end().mm()).isLessThan(6000);
    }
}
