package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.Mark;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Width and depth of rooms as a pair of lines. */
class RoomSizesTest {
    private static Plan loft(UnaryOperator<Annotation> change) {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var named = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Sail loft");
        return ViewEdits.annotation(named, TestPlans.view(named).view().id(), Reach.ALL, change);
    }

    private static OtherWords words(Plan plan) {
        var view = TestPlans.view(plan);
        return OtherWords.of(view, PaperFrame.atOrigin(50), Pens.of(view.look(), 50));
    }

    private static List<String> texts(Plan plan) {
        return Mark.words(words(plan).figures()).map(Mark.Text::text).toList();
    }

    @Test
    void aPairRunsFromFaceToFaceAndKeepsOffTheLabel() {
        var plan = loft(a -> a.withPairs(RoomPairs.ALL));
        assertThat(texts(plan)).containsExactly("5000", "4000");
        var lines = words(plan).lines();
        assertThat(lines.getFirst().length()).isCloseTo(5000, within(1e-6));
        assertThat(lines.getLast().length()).isCloseTo(4000, within(1e-6));
        var view = TestPlans.view(plan);
        var label = new LabelArt(view, PaperFrame.atOrigin(50), Pens.of(view.look(), 50))
                .placed()
                .getFirst();
        for (var line : lines) {
            var middle = PaperFrame.atOrigin(50).paper(line.middle());
            assertThat(label.box().contains(middle)).isFalse();
        }
    }

    @Test
    void oneRoomMayBeOtherwise() {
        var plan = loft(a -> a.withPairs(RoomPairs.ALL));
        var room =
                TestPlans.geometry(plan).rooms().getFirst().mark().orElseThrow().id();
        var without = ViewEdits.annotation(
                plan,
                TestPlans.view(plan).view().id(),
                Reach.ALL,
                a -> a.withPairs(a.pairs().toggling(room)));
        assertThat(texts(without)).isEmpty();
        assertThat(RoomPairs.NONE.toggling(room).has(room)).isTrue();
        assertThat(RoomPairs.NONE.toggling(room).has(new RoomId(99))).isFalse();
    }

    /** Two wardrobes along the whole of the room, 1,000 deep and 900 apart: lines of 4,000 up run under both. */
    @Test
    void aLineRunsUnderFurnitureAndNotOverIt() {
        var plan = loft(a -> a.withPairs(RoomPairs.ALL));
        for (var y : List.of(900, 2800)) {
            plan = TestPlans.with(plan, "wardrobe", 5000, 1000, 2000, 2500, y, 0);
        }
        var parts = words(plan).figures().stream()
                .flatMap(m -> m instanceof Mark.Stroke s && s.path().bounds().width() < 0.01
                        ? Stream.of(s.path())
                        : Stream.empty())
                .findFirst()
                .orElseThrow();
        var seen = new ArrayList<Double>();
        parts.walk(new Figure.Walker() {
            private double from;

            @Override
            public void moveTo(double x, double y) {
                from = y;
            }

            @Override
            public void lineTo(double x, double y) {
                seen.add(Math.abs(y - from));
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {}

            @Override
            public void close() {}
        });
        // 400 below the first, 900 between the two, 700 above the second
        assertThat(seen).hasSize(3);
        assertThat(seen.stream().mapToDouble(mm -> mm * 50).sorted().toArray())
                .usingComparatorWithPrecision(1e-6)
                .containsExactly(400, 700, 900);
    }

    /** 5,000 mm are 16' 4 7/8" to the sixteenth, 4,000 mm 13' 1 1/2". */
    @Test
    void aSecondUnitIsShownBehindTheFirst() {
        var plan = loft(a -> a.withPairs(RoomPairs.ALL).withSecond(Optional.of(UnitSystem.FEET_INCHES)));
        assertThat(texts(plan))
                .containsExactly(
                        "5000 (16\u2032 4\u2009\u2077\u2044\u2088\u2033)",
                        "4000 (13\u2032 1\u2009\u00b9\u2044\u2082\u2033)");
    }

    /** At 1:400 the room is 12.5 by 10 mm on paper: its name has room, two figures beside it have not. */
    @Test
    void sizesThatWouldLieOverTheNameAreLeftOut() {
        var plan = loft(a -> a.withPairs(RoomPairs.ALL));
        var view = TestPlans.view(plan);
        var frame = PaperFrame.atOrigin(400);
        var pens = Pens.of(view.look(), 400);
        var words = OtherWords.of(view, frame, pens);
        for (var label : new LabelArt(view, frame, pens).placed()) {
            for (var line : words.lines()) {
                assertThat(label.box().contains(frame.paper(line.middle()))).isFalse();
            }
        }
        assertThat(words.lines()).hasSizeLessThan(2);
    }
}
