package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.takeoff.NoteHeights.Told;
import honeylamp.takeoff.PlanFields.Field;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Heights that notes tell, typed over. */
class NoteHeightsTest {
    private static final Length SILL = Length.ofMm(900);
    private static final Length HEAD = Length.ofMm(2100);

    /** A window from 0.9 to 2.1 m in the lower wall, and a note on its middle. */
    private static Plan windowed(String words) {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000), 0, OpeningKind.FIXED_WINDOW, 2000, 1200, Hand.FIRST, Swing.LEFT);
        var window = TestPlans.newest(plan);
        var set = OpeningEdits.setHeights(plan, TestPlans.storey(plan), window.id(), SILL, HEAD)
                .orThrow();
        var cut = TestPlans.geometry(set).cut(window.id()).orElseThrow();
        var middle = cut.leftFace().a().plus(cut.rightFace().b()).times(0.5);
        return noted(set, words, Position.of(middle));
    }

    private static Plan noted(Plan plan, String words, Position at) {
        return NoteEdits.add(plan, TestPlans.storey(plan), at, words).plan();
    }

    private static LaidStorey laid(Plan plan) {
        return LaidPlan.of(plan).all().getFirst();
    }

    private static Note note(Plan plan) {
        return plan.storeys().getFirst().notes().getLast();
    }

    private static Outcome<Plan> typed(Plan plan, Told... wanted) {
        return NoteHeights.typed(plan, laid(plan), note(plan), List.of(wanted));
    }

    private static Told told(Field field, double mm) {
        return new Told(field, Length.ofMm(mm));
    }

    private static Opening window(Plan plan) {
        return plan.storeys().getFirst().openings().getFirst();
    }

    @Test
    void aNoteTellsItsHeightsInTheOrderItHasThem() {
        var plan = windowed("head {head}, sill {sill}; {area}, {height}");
        assertThat(NoteHeights.of(laid(plan), note(plan)))
                .containsExactly(new Told(Field.HEAD, HEAD), new Told(Field.SILL, SILL), told(Field.HEIGHT, 1200));
    }

    @Test
    void sillAndHeadAreTypedOverAloneAndTogether() {
        var plan = windowed("{sill} {head}");
        assertThat(window(typed(plan, told(Field.SILL, 400)).orThrow()).sill()).isEqualTo(Length.ofMm(400));
        assertThat(window(typed(plan, told(Field.HEAD, 2300)).orThrow()).head()).isEqualTo(Length.ofMm(2300));
        var high = window(
                typed(plan, told(Field.SILL, 2200), told(Field.HEAD, 2600)).orThrow()); // above all there was
        assertThat(high.sill()).isEqualTo(Length.ofMm(2200));
        assertThat(high.head()).isEqualTo(Length.ofMm(2600));
        assertThat(typed(plan, told(Field.SILL, 2200))).isInstanceOf(Outcome.Refused.class);
    }

    /** The sill stays, so a window 1.5 m high ends at 2.4 m. */
    @Test
    void theHeightOfAWindowMovesItsHead() {
        var window =
                window(typed(windowed("{height}"), told(Field.HEIGHT, 1500)).orThrow());
        assertThat(window.sill()).isEqualTo(SILL);
        assertThat(window.head()).isEqualTo(Length.ofMm(2400));
    }

    @Test
    void piecesWallsAndRoomsBecomeAsHighAsTyped() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var piece = noted(
                TestPlans.with(room, "wardrobe", 1000, 600, 2000, 1000, 1000, 0),
                "{height}",
                Position.ofMm(1000, 1000));
        assertThat(typed(piece, told(Field.HEIGHT, 2250))
                        .orThrow()
                        .storeys()
                        .getFirst()
                        .furnishings()
                        .getFirst()
                        .height())
                .isEqualTo(Length.ofMm(2250));
        var wall = noted(room, "{height}", Position.ofMm(5100, 2000));
        assertThat(typed(wall, told(Field.HEIGHT, 1100))
                        .orThrow()
                        .storeys()
                        .getFirst()
                        .walls())
                .filteredOn(w -> w.height().equals(Length.ofMm(1100)))
                .hasSize(1);
        var floor = noted(room, "{ceiling}", Position.ofMm(2500, 2000));
        var higher = typed(floor, told(Field.CEILING, 2750)).orThrow();
        assertThat(NoteHeights.of(laid(higher), note(higher))).containsExactly(told(Field.CEILING, 2750));
        assertThat(typed(floor, told(Field.CEILING, 0))).isInstanceOf(Outcome.Refused.class);
        var outside = noted(room, "{ceiling}", Position.ofMm(-5000, 0));
        assertThat(typed(outside, told(Field.CEILING, 2750))).isInstanceOf(Outcome.Refused.class);
    }
}
