package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.Scales;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Plan;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetTest {
    @ParameterizedTest
    @CsvSource({
        // a plan of so many mm fits 250 × 180 mm of paper at
        "4000,3000,20",
        "6000,4000,25",
        "12000,9000,50",
        "12600,9000,75",
        "12000,9100,75",
        "19000,9000,100",
        "30000,27000,150",
        "45000,36000,200",
        "900000,10,1000"
    })
    void theLargestStandardScaleThatFits(double w, double h, int scale) {
        assertThat(Scales.largestThatFits(UnitSystem.MM, w, h, 250, 180)).isEqualTo(scale);
    }

    @Test
    void scalesHaveTheirTradeNames() {
        assertThat(Scales.words(50, UnitSystem.MM)).isEqualTo("1:50");
        // a quarter inch to the foot: 12 ÷ 0.25 = 48
        assertThat(Scales.words(48, UnitSystem.FEET_INCHES)).isEqualTo("1/4\" = 1'-0\"");
        assertThat(Scales.largestThatFits(UnitSystem.FEET_INCHES, 12_000, 9000, 250, 180))
                .isEqualTo(64);
    }

    @Test
    void theDemoLiesOnA3AtOneToFiftyWithinItsView() {
        var plan = SailclothYard.plan();
        var page = compose(plan);
        assertThat(page.frame().scale()).isEqualTo(50);
        assertThat(page.widthMm()).isEqualTo(420);
        var view = SheetLayout.of(TestPlans.page(plan), 0).view();
        for (var corner : List.of(new Point(0, -1400), new Point(13_000, 8800))) {
            assertThat(view.contains(page.frame().paper(corner))).isTrue();
        }
        var texts = texts(page);
        assertThat(texts).contains("1:50 on A3", "N", "Net, within inner faces", "95.13 m²", "Herringbone, oak", "C");
    }

    @ParameterizedTest
    @CsvSource({"297,210", "210,297", "297,420", "420,297", "1189,841", "355.6,215.9"})
    void everythingStaysOnThePaper(double across, double up) {
        var demo = SailclothYard.plan();
        var plan = PageEdits.paper(demo, new PageId(1), Reach.ALL, across, up).orThrow();
        var page = compose(plan);
        var edge = new Box(0, 0, page.widthMm(), page.heightMm());
        for (var layer : page.drawing().layers()) {
            for (var text : Mark.words(layer.marks()).toList()) {
                assertThat(edge.contains(text.start())).as(text.text()).isTrue();
                if (text.turnDeg() == 0) {
                    assertThat(text.start().x() + text.widthMm())
                            .as(text.text())
                            .isLessThan(page.widthMm());
                }
            }
        }
    }

    @Test
    void aLockedScaleIsKept() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        assertThat(compose(ViewEdits.scale(plan, Optional.of(100))).frame().scale())
                .isEqualTo(100);
        // 5,600 + tiers fit the A3 view at 1:20
        assertThat(compose(plan).frame().scale()).isEqualTo(20);
    }

    /** From 1:5 on, in metres and feet: the bar begins right of where the view ends, and its last figure says its length. */
    @ParameterizedTest
    @CsvSource({
        "5,MM",
        "10,MM",
        "20,MM",
        "25,MM",
        "50,MM",
        "100,MM",
        "500,MM",
        "12,FEET_INCHES",
        "24,FEET_INCHES",
        "48,FEET_INCHES",
        "96,FEET_INCHES"
    })
    void theScaleBarStaysInItsColumn(int scale, UnitSystem units) {
        var plan = ViewEdits.scale(TestPlans.clearRectangle(1200, 900), Optional.of(scale))
                .withUnits(units);
        var view = SheetLayout.of(TestPlans.page(plan), 0).view();
        var figures = compose(plan).drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHEET)
                .flatMap(l -> Mark.words(l.marks()))
                .filter(t -> t.text().matches("[0-9.]+( m| ft)?"))
                .toList();
        assertThat(figures.getFirst().text()).isEqualTo("0");
        assertThat(figures).allSatisfy(t -> assertThat(t.start().x()).isGreaterThan(view.maxX()));
        var last = figures.getLast();
        var length = Double.parseDouble(last.text().split(" ")[0]) * (units.isMetric() ? 1000 : 304.8);
        assertThat(last.at().x() - figures.getFirst().at().x()).isCloseTo(length / scale, within(1e-6));
    }

    @Test
    void thePlanLiesInTheMiddleOfItsViewOrALittleAbove() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var page = compose(plan);
        var view = SheetLayout.of(TestPlans.page(plan), 0).view();
        var middle = page.frame().paper(new Point(2500, 2000));
        assertThat(middle.x()).isCloseTo(view.centre().x(), within(0.01));
        assertThat(view.centre().y() - middle.y()).isBetween(0.0, 5.0);
    }

    @Test
    void aPlanWithoutWallsHasAPageToo() {
        var page = compose(NewPlan.in(UnitSystem.MM));
        assertThat(page.frame().scale()).isEqualTo(50);
        assertThat(page.title()).isEmpty(); // nothing is called what nobody called it
        assertThat(page.drawing().layers()).extracting(l -> l.kind()).contains(LayerKind.PAPER, LayerKind.SHEET);
    }

    private static ComposedPage compose(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1);
    }

    private static List<String> texts(ComposedPage page) {
        return page.drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .map(Mark.Text::text)
                .toList();
    }
}
