package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.listing.RunLayout.Part;
import honeylamp.plan.Run;
import honeylamp.plan.Run.Series;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.CutOut;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunLayoutTest {
    private static Length mm(double v) {
        return Length.ofMm(v);
    }

    private static RunUnit unit(Kind kind, double width, double at) {
        return new RunUnit(kind, mm(width), mm(at), Optional.empty());
    }

    private static Run run(RunUnit... units) {
        return Run.of(Series.METRIC, Kind.DOORS).withUnits(List.of(units));
    }

    private static String told(RunLayout layout) {
        return layout.parts().stream()
                .map(p -> p.kind().name().charAt(0) + "" + Math.round(p.width().mm()))
                .collect(Collectors.joining(" "));
    }

    /** Widths by hand: the least left over, then the fewest, then the most even; F is the filler. */
    @ParameterizedTest
    @CsvSource({
        "140, F140",
        "150, D150",
        "190, D150 F40",
        "200, D200",
        "250, D200 F50",
        "300, D300",
        "350, D200 D150",
        "400, D400",
        "460, D450 F10",
        "500, D500",
        "550, D400 D150",
        "600, D600",
        "700, D400 D300",
        "750, D450 D300",
        "850, D450 D400",
        "950, D500 D450",
        "1000, D1000",
        "1100, D600 D500",
        "1200, D600 D600",
        "1300, D800 D500",
        "1350, D900 D450",
        "1500, D900 D600",
        "1600, D800 D800",
        "1800, D900 D900",
        "1990, D900 D600 D450 F40",
        "2000, D1000 D1000",
        "2400, D800 D800 D800",
        "2750, D900 D800 D600 D450",
        "3000, D1000 D1000 D1000",
        "3015, D1000 D1000 D1000 F15",
        "3600, D900 D900 D900 D900"
    })
    void aGapIsFilledAsByHand(double width, String expected) {
        assertThat(told(RunLayout.of(run(), mm(width)))).isEqualTo(expected);
    }

    /** In inches, in steps of three. */
    @ParameterizedTest
    @CsvSource({"8, F8", "9, D9", "12, D12", "24, D24", "36, D36", "39, D21 D18", "50, D24 D24 F2", "72, D36 D36"})
    void inInchesToo(double inches, String expected) {
        var layout = RunLayout.of(Run.of(Series.INCHES, Kind.DOORS), Length.ofInches(inches));
        assertThat(layout.parts().stream()
                        .map(p -> p.kind().name().charAt(0) + ""
                                + Math.round(p.width().mm() / Length.MM_PER_INCH))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void unitsStandWhereTheyAreAskedForAndTheRestFillsItself() {
        assertThat(told(RunLayout.of(run(unit(Kind.SINK, 900, 1500)), mm(3000))))
                .isEqualTo("D600 D450 S900 D600 D450");
        assertThat(told(RunLayout.of(run(unit(Kind.HOB, 600, 300)), mm(1800)))).isEqualTo("H600 D600 D600");
        // beyond the end, it stands at the end; before the beginning, at the beginning
        assertThat(told(RunLayout.of(run(unit(Kind.HOB, 600, 9000)), mm(1800)))).isEqualTo("D600 D600 H600");
        assertThat(told(RunLayout.of(run(unit(Kind.HOB, 600, 0)), mm(1800)))).isEqualTo("H600 D600 D600");
        // two at the same place stand side by side
        assertThat(told(RunLayout.of(run(unit(Kind.HOB, 600, 900), unit(Kind.OVEN, 600, 900)), mm(1800))))
                .isEqualTo("D600 H600 O600");
    }

    @Test
    void fillersLieAtTheEndsOfTheRun() {
        var layout = RunLayout.of(run(unit(Kind.SINK, 800, 1270)), mm(2400));
        // 870 on the left: 450 and 400 and a filler of 20 at the very left; 730 on the right: 400 and 300, filler at
        // the right
        assertThat(told(layout)).isEqualTo("F20 D450 D400 S800 D400 D300 F30");
    }

    @Test
    void aMistypedLengthKeepsNobodyWaiting() {
        var layout = RunLayout.of(run(), mm(1e9));
        assertThat(layout.parts()).hasSize(101); // a hundred metres of units of a metre, and what closes the rest
        assertThat(layout.parts().getLast().kind()).isEqualTo(Kind.FILLER);
        assertThat(layout.parts().getLast().to()).isEqualTo(mm(1e9));
    }

    @Test
    void whatHasNoRoomIsLeftOut() {
        var layout = RunLayout.of(run(unit(Kind.SINK, 900, 500), unit(Kind.HOB, 600, 1500)), mm(1400));
        assertThat(layout.leftOut()).extracting(RunUnit::kind).containsExactly(Kind.HOB);
        assertThat(told(layout)).isEqualTo("F50 S900 D450");
    }

    /** Law: the parts follow each other and add up to the run, to the nanometre. */
    @Test
    void partsAddUpExactly() {
        var chance = new Random(77);
        for (var round = 0; round < 500; round++) {
            var units = new ArrayList<RunUnit>();
            for (var i = chance.nextInt(5); i > 0; i--) {
                units.add(new RunUnit(
                        Kind.values()[chance.nextInt(8)],
                        new Length(150_000_000L + chance.nextInt(900_000_000)),
                        new Length(chance.nextInt(2_000_000_000)),
                        Optional.empty()));
            }
            var series = Series.values()[chance.nextInt(2)];
            var width = new Length(100_000_000L + chance.nextInt(2_000_000_000));
            var layout = RunLayout.of(new Run(series, Kind.DRAWERS, Run.Front.OPEN, units, Run.Edge.SQUARE), width);
            var at = Length.ZERO;
            for (var part : layout.parts()) {
                assertThat(part.from()).isEqualTo(at);
                assertThat(part.width().nanometres()).isPositive();
                at = part.to();
            }
            assertThat(at).isEqualTo(width);
            assertThat(layout.parts().stream().flatMap(p -> p.asked().stream()).count()
                            + layout.leftOut().size())
                    .isEqualTo(units.size());
            var narrowest = series.widths().getLast();
            assertThat(layout.parts().stream()
                            .filter(p -> p.kind() == Kind.FILLER)
                            .map(Part::width))
                    .allMatch(f -> f.compareTo(narrowest) < 0);
        }
    }

    /** A sink 520 deep in a counter of 600 leaves 40 before and behind. */
    @Test
    void aCutOutLiesInTheMiddleOfTheDepth() {
        var sink = new RunUnit(Kind.SINK, mm(900), mm(450), Optional.of(new CutOut(mm(780), mm(520))));
        var part = RunLayout.of(run(sink), mm(900)).parts().getFirst();
        assertThat(part.cutOut(mm(600))).contains(new CutOut(mm(780), mm(520)));
        assertThat(RunLayout.of(run(unit(Kind.HOB, 600, 300)), mm(600))
                        .parts()
                        .getFirst()
                        .cutOut(mm(600)))
                .contains(new CutOut(mm(560), mm(510)));
        assertThat(RunLayout.of(run(unit(Kind.OVEN, 600, 300)), mm(600))
                        .parts()
                        .getFirst()
                        .cutOut(mm(600)))
                .isEmpty();
    }
}
