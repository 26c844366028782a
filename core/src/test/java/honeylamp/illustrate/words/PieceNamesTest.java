package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Names of pieces, and how far they stand from walls. */
class PieceNamesTest {
    /** A room of 5,000 by 4,000 clear; a sofa of 2,000 by 900 whose middle lies 1,500 from the left and 1,250 from below. */
    private static final Plan ROOM =
            TestPlans.with(TestPlans.clearRectangle(5000, 4000), "sofa", 2000, 900, 800, 1500, 1250, 0);

    private static Plan saying(Plan plan, UnaryOperator<Annotation> change) {
        return ViewEdits.annotation(plan, TestPlans.view(plan).view().id(), Reach.ALL, change);
    }

    private static OtherWords words(Plan plan, double scale) {
        var view = TestPlans.view(plan);
        return OtherWords.of(view, PaperFrame.atOrigin(scale), Pens.of(view.look(), scale));
    }

    private static Stream<Mark.Text> names(OtherWords words) {
        return Mark.words(words.parts());
    }

    @Test
    void aNameLiesOnItsPieceWhereItFitsAndElseBesideItOnALeader() {
        var plan = saying(ROOM, a -> a.naming("seats"));
        var on = words(plan, 50);
        var text = names(on).findFirst().orElseThrow();
        assertThat(text.text()).isEqualTo("Sofa");
        assertThat(text.at().distance(new Point(30, -25))).isLessThan(2); // the middle of the sofa at 1:50
        assertThat(on.lines()).isEmpty();
        var beside = words(plan, 400);
        assertThat(beside.lines()).hasSize(1);
        assertThat(names(saidNothing())).isEmpty();
    }

    /** A wardrobe of 600 by 700 stands over the middle of the sofa. */
    @Test
    void aNameOnItsPieceKeepsOffWhatStandsOverIt() {
        var over = TestPlans.with(ROOM, "wardrobe", 600, 700, 2000, 1500, 1250, 0);
        var text = names(words(saying(over, a -> a.naming("seats")), 50))
                .findFirst()
                .orElseThrow();
        var half = text.widthMm() / 2;
        assertThat(Math.abs(text.at().x() - 30)).as("beside 24 to 36 mm").isGreaterThan(6 + half);
        assertThat(text.at().x()).isBetween(10 + half, 50 - half);
    }

    private static OtherWords saidNothing() {
        return words(ROOM, 50);
    }

    @Test
    void aProductIsNamedInsteadOfItsKind() {
        var bought = ROOM.withStorey(
                TestPlans.storey(ROOM),
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().stream()
                                .map(f -> f.withBuying(f.buying().withName("Gull")))
                                .toList()));
        assertThat(names(words(saying(bought, a -> a.naming("seats")), 50)).map(Mark.Text::text))
                .containsExactly("Gull");
    }

    /** Its left side is 500 from the left wall, its nearer long side 1,250 - 450 = 800 from the lower one. */
    @Test
    void aPieceIsMeasuredFromTheNearerWalls() {
        var sofa = ROOM.storeys().getFirst().furnishings().getFirst().id();
        var words = words(saying(ROOM, a -> a.measuring(sofa)), 50);
        assertThat(Mark.words(words.figures()).map(Mark.Text::text)).containsExactlyInAnyOrder("500", "800");
        assertThat(words.lines()).hasSize(2);
        assertThat(words.lines().stream().mapToDouble(l -> l.length()).sum()).isCloseTo(1300, within(1e-6));
        assertThat(words(saying(ROOM, a -> a.measuring(sofa).measuring(sofa)), 50)
                        .figures())
                .isEqualTo(List.of());
    }
}
