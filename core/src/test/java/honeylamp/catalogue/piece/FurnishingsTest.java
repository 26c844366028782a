package honeylamp.catalogue.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestOwn;
import honeylamp.catalogue.piece.FurnishingKind.Size;
import honeylamp.catalogue.symbol.SideView;
import honeylamp.catalogue.symbol.Symbol;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.geometry.Box;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.OwnPart;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FurnishingsTest {
    static Stream<FurnishingKind> kinds() {
        return Furnishings.all().stream();
    }

    /** A piece redraws at any size and stays within its footprint, but for chairs, stools and hems. */
    @ParameterizedTest
    @MethodSource("kinds")
    void symbolsAreTrueToTheirSize(FurnishingKind kind) {
        for (var factor : List.of(1.0, 1.35)) {
            var w = kind.width().mm() * factor;
            var d = kind.depth().mm() * factor;
            var symbol = kind.symbol(new Size(w, d, kind.height().mm(), 3));
            var body = symbol.parts().stream()
                    .map(p -> p.path().bounds())
                    .reduce(Box::union)
                    .orElseThrow();
            assertThat(body.width()).isGreaterThan(0.85 * w);
            assertThat(body.height()).isGreaterThan(0.85 * d);
            assertThat(body.maxX()).isLessThan(w / 2 + 640);
            assertThat(-body.minY()).isLessThan(d / 2 + 640);
            assertThat(body.maxY()).isLessThan(d / 2 + 640);
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void shadeComesFromConvexFootprints(FurnishingKind kind) {
        var symbol = kind.symbol(
                new Size(kind.width().mm(), kind.depth().mm(), kind.height().mm(), 3));
        for (var solid : symbol.solids()) {
            assertThat(solid.heightMm()).isLessThanOrEqualTo(kind.height().mm() + 900); // a screen stands on its unit
            var edges = solid.footprint().counterClockwise().edges();
            for (var k = 0; k < edges.size(); k++) {
                var turn = edges.get(k)
                        .unit()
                        .cross(edges.get((k + 1) % edges.size()).unit());
                assertThat(turn).isGreaterThan(-1e-9); // never turns right
            }
        }
    }

    @Test
    void aWiderSofaGetsMoreSeatsNotWiderArms() {
        // seats of about 780 mm: 2,200 ÷ 780 → 3, 3,000 ÷ 780 → 4
        assertThat(seats(2200)).isEqualTo(3);
        assertThat(seats(3000)).isEqualTo(4);
    }

    private static long seats(double width) {
        var sofa = Furnishings.of("sofa").orElseThrow();
        return sofa.symbol(new Size(width, 950, 800, 1)).parts().stream()
                .filter(p -> p.edge() == SymbolShape.Edge.INNER && p.level() == SymbolShape.Level.BODY)
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var tone) && tone == Role.TEXTILE)
                .count();
    }

    @Test
    void pillowsLieEvenlySpaced() {
        // 1,600 wide less 2 × 15: gap = (1,570 − 2 × pillow) ÷ 3 on both sides and between
        var pillows = Furnishings.of("bed").orElseThrow().symbol(new Size(1600, 2050, 900, 1)).parts().stream()
                .filter(p -> p.level() == SymbolShape.Level.TOP && p.edge() == SymbolShape.Edge.OUTLINE)
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var tone) && tone == Role.LINEN)
                .map(p -> p.path().bounds())
                .toList();
        assertThat(pillows).hasSize(2);
        var left = pillows.getFirst().minX() + 785;
        var between = pillows.getLast().minX() - pillows.getFirst().maxX();
        var right = 785 - pillows.getLast().maxX();
        assertThat(left).isCloseTo(right, within(0.01));
        assertThat(between).isCloseTo(left, within(40.0)); // pillows bulge a little beyond their measure
    }

    @Test
    void theSamePieceIsDrawnTheSame() {
        var plant = Furnishings.of("plant").orElseThrow();
        var a = plant.symbol(new Size(700, 700, 1200, 9));
        assertThat(plant.symbol(new Size(700, 700, 1200, 9))).isEqualTo(a);
        assertThat(plant.symbol(new Size(700, 700, 1200, 10))).isNotEqualTo(a);
    }

    @Test
    void rugsLieBelowAllElse() {
        var rug = Furnishings.of("rug").orElseThrow();
        assertThat(rug.symbol(new Size(2400, 1700, 12, 1)).parts())
                .allSatisfy(p -> assertThat(p.level()).isEqualTo(SymbolShape.Level.FLOOR));
    }

    @Test
    void kindsAreFoundByTheRoomTheyStandIn() {
        var found = PieceFinder.find("bedroom", UnitSystem.MM).stream()
                .map(f -> f.kind().key())
                .toList();
        assertThat(found).contains("bed", "wardrobe").doesNotContain("hob", "sofa", "bath");
        assertThat(PieceFinder.find("living room", UnitSystem.MM))
                .extracting(f -> f.kind().key())
                .contains("sofa");
        assertThat(PieceFinder.find("bed", UnitSystem.MM))
                .extracting(f -> f.kind().key())
                .contains("bed")
                .doesNotContain("wardrobe");
    }

    @Test
    void anOwnPieceIsDrawnAsItsPartsAreInPlanFrontAndShade() {
        var angle = TestOwn.part(TestOwn.line(0, 0, 1000, 0, 1000, 400, 400, 400, 400, 1000, 0, 1000), 0, 720);
        var shelf = TestOwn.part(TestOwn.box(50, 50, 200, 200), 720, 760).withPen(OwnPart.Pen.HIDDEN);
        var own = TestOwn.piece("Corner bench", angle, shelf);
        var symbol = Furnishings.of(own).symbol(new Size(1000, 1000, 760, 1));
        assertThat(symbol.parts())
                .extracting(SymbolShape::edge)
                .containsExactly(SymbolShape.Edge.OUTLINE, SymbolShape.Edge.HIDDEN);
        assertThat(symbol.parts().get(1).paint()).isEqualTo(new SymbolShape.Paint.None());
        assertThat(symbol.parts().getFirst().path().bounds()).isEqualTo(new Box(-500, -500, 500, 500));
        assertThat(symbol.bodies())
                .singleElement()
                .satisfies(b -> assertThat(b.topMm()).isEqualTo(720));
        assertThat(symbol.solids().stream()
                        .mapToDouble(s -> s.footprint().area())
                        .sum())
                .as("shade of convex pieces that make up the angle")
                .isCloseTo(1000 * 400 + 400 * 600, within(1e-6));
        assertThat(symbol.solids()).hasSizeGreaterThan(1);
        var board = TestOwn.piece("Board", TestOwn.part(TestOwn.box(0, 0, 900, 300), 0, 40));
        assertThat(Furnishings.of(board).symbol(new Size(900, 300, 40, 1)).parts())
                .as("timber has grain")
                .extracting(SymbolShape::edge)
                .contains(SymbolShape.Edge.GRAIN);
        assertThat(Samples.of(Furnishings.of(board)).layers())
                .anySatisfy(layer -> assertThat(layer.marks()).isNotEmpty());
    }

    @Test
    void thereAreKindsForEveryFamilyEachUnderAKeyOfItsOwn() {
        assertThat(Furnishings.all())
                .extracting(FurnishingKind::key)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThanOrEqualTo(160);
        for (var group : FurnishingKind.Group.values()) {
            assertThat(Furnishings.all())
                    .filteredOn(k -> k.group() == group)
                    .as(group.label())
                    .hasSizeGreaterThanOrEqualTo(group == FurnishingKind.Group.OWN ? 0 : 7);
        }
        assertThat(Furnishings.of("no such piece")).isEmpty();
    }

    /** A piece may be typed as narrow or as shallow as can be: it is still drawn. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsDrawnAtTheOddestSizes(FurnishingKind kind) {
        for (var size : List.of(
                new Size(100, 3000, 900, 1),
                new Size(3000, 100, 900, 2),
                new Size(100, 100, 100, 3),
                new Size(5000, 5000, 20, 4))) {
            assertThat(kind.symbol(size).parts()).as("%s", size).isNotNull();
        }
    }

    private static Box seen(Symbol symbol, SideView.From from) {
        return SideView.of(symbol, from).stream()
                .map(p -> p.path().bounds())
                .reduce(Box::union)
                .orElseThrow();
    }

    /** From the front it is as wide, from the sides as deep as from above, and as high as it is said to be. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsDrawnFromItsFrontAndSidesAtAnySize(FurnishingKind kind) {
        for (var factor : List.of(0.9, 1.0, 1.3)) {
            var w = kind.width().mm() * factor;
            var d = kind.depth().mm() * factor;
            var h = kind.height().mm() * factor;
            var symbol = kind.symbol(new Size(w, d, h, 3));
            var front = seen(symbol, SideView.From.FRONT);
            var right = seen(symbol, SideView.From.RIGHT);
            assertThat(front.width()).isGreaterThan(0.45 * w);
            assertThat(right.width()).isGreaterThan(Math.min(20, 0.15 * d));
            for (var view : List.of(front, right)) {
                assertThat(view.minY()).isGreaterThan(-1e-6);
                assertThat(view.maxY()).isLessThan(h + 900).isGreaterThan(0.8 * h);
            }
            // seen from behind it is its own mirror image
            var back = seen(symbol, SideView.From.BACK);
            var left = seen(symbol, SideView.From.LEFT);
            if (symbol.rounds().isEmpty()) {
                assertThat(left.minX()).isCloseTo(-right.maxX(), within(1e-6));
            }
            assertThat(back.width()).isGreaterThan(0.45 * w);
        }
    }

    /** What people make by hand stays as it is when a piece grows: arm of a sofa, headboard, rim of a bath, bowl of a tap. */
    @Test
    void measuresMarkedConstantStayWhenAPieceGrows() {
        assertThat(headboard(1400, 2050))
                .isCloseTo(headboard(2000, 2400), within(1e-9))
                .isCloseTo(70, within(1e-9));
        assertThat(rim(1600, 700)).isCloseTo(rim(2000, 900), within(1e-9)).isCloseTo(60, within(1e-9));
        assertThat(arm(2200)).isCloseTo(arm(3000), within(1e-9)).isCloseTo(190, within(1e-9));
        assertThat(plinth(600)).isCloseTo(plinth(1200), within(1e-9)).isCloseTo(100, within(1e-9));
    }

    private static double headboard(double w, double d) {
        return symbol("bed", w, d, 900).parts().stream()
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var role) && role == Role.TIMBER)
                .mapToDouble(p -> p.path().bounds().height())
                .min()
                .orElseThrow();
    }

    /** Of a bath, between its edge and the water at its right end. */
    private static double rim(double w, double d) {
        return symbol("bath", w, d, 560).parts().stream()
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var role) && role == Role.WATER_SHADE)
                .mapToDouble(p -> w / 2 - p.path().bounds().maxX())
                .min()
                .orElseThrow();
    }

    /** Of a sofa, from its left edge to its first seat. */
    private static double arm(double w) {
        return symbol("sofa", w, 950, 800).parts().stream()
                .filter(p -> p.edge() == SymbolShape.Edge.INNER && p.level() == SymbolShape.Level.BODY)
                .filter(p -> p.paint() instanceof SymbolShape.Paint.Of)
                .mapToDouble(p -> p.path().bounds().minX() + w / 2)
                .min()
                .orElseThrow();
    }

    private static double plinth(double w) {
        return symbol("base-unit", w, 600, 900).bodies().stream()
                .filter(b -> b.role() == Role.DARK)
                .mapToDouble(b -> b.topMm() - b.bottomMm())
                .max()
                .orElseThrow();
    }

    private static Symbol symbol(String kind, double w, double d, double h) {
        return Furnishings.of(kind).orElseThrow().symbol(new Size(w, d, h, 1));
    }

    /** Along each side one chair every 620 mm of what is left when 100 are taken off; at the ends from 1,500 x 850 on. */
    @ParameterizedTest
    @CsvSource({
        "700, 700, 2",
        "720, 800, 4",
        "800, 800, 2",
        "1000, 800, 2",
        "1200, 800, 2",
        "1300, 800, 2",
        "1339, 800, 2",
        "1340, 800, 4",
        "1400, 800, 4",
        "1499, 900, 4",
        "1500, 849, 4",
        "1500, 850, 6",
        "1600, 900, 6",
        "1800, 900, 6",
        "1959, 900, 6",
        "1960, 900, 8",
        "2000, 900, 8",
        "2200, 950, 8",
        "2200, 800, 6",
        "2400, 1000, 8",
        "2579, 1000, 8",
        "2580, 1000, 10",
        "2600, 1000, 10",
        "2800, 1000, 10",
        "3000, 1100, 10",
        "3200, 1100, 12",
        "3199, 1100, 10",
        "3820, 1200, 14",
        "4000, 1200, 14",
        "4000, 800, 12"
    })
    void chairsStandRoundATable(double w, double d, int chairs) {
        var expected = w == 720 ? 2 : chairs; // (720 - 100) / 620 is one still
        assertThat(symbol("dining-table", w, d, 740).parts().stream()
                        .filter(p -> p.paint() instanceof SymbolShape.Paint.Of(var role) && role == Role.TEXTILE_WARM)
                        .count())
                .isEqualTo(expected);
    }

    /** One pillow up to 1,150 of mattress, two up to 2,200, then three; at most 700 wide, at least 45 between them. */
    @ParameterizedTest
    @CsvSource({
        "800, 1, 680, 45",
        "860, 1, 700, 65",
        "920, 1, 700, 95",
        "980, 1, 700, 125",
        "1040, 1, 700, 155",
        "1100, 1, 700, 185",
        "1160, 1, 700, 215",
        "1178, 1, 700, 224",
        "1180, 2, 507.5, 45",
        "1182, 2, 508.5, 45",
        "1200, 2, 517.5, 45",
        "1300, 2, 567.5, 45",
        "1400, 2, 617.5, 45",
        "1500, 2, 667.5, 45",
        "1530, 2, 682.5, 45",
        "1600, 2, 700, 56.67",
        "1700, 2, 700, 90",
        "1800, 2, 700, 123.33",
        "1900, 2, 700, 156.67",
        "2000, 2, 700, 190",
        "2100, 2, 700, 223.33",
        "2200, 2, 700, 256.67",
        "2228, 2, 700, 266",
        "2230, 3, 673.33, 45",
        "2232, 3, 674, 45",
        "2300, 3, 696.67, 45",
        "2400, 3, 700, 67.5",
        "2500, 3, 700, 92.5",
        "2600, 3, 700, 117.5",
        "2800, 3, 700, 167.5"
    })
    void pillowsShareTheWidthOfABed(double width, int many, double pillow, double gap) {
        var pillows = symbol("bed", width, 2050, 900).bodies().stream()
                .filter(b -> b.role() == Role.LINEN && Math.abs(b.topMm() - b.bottomMm() - 130) < 1e-9)
                .map(b -> b.footprint().bounds())
                .toList();
        assertThat(pillows).hasSize(many);
        assertThat(pillows.getFirst().width()).isCloseTo(pillow, within(0.01));
        assertThat(pillows.getFirst().minX() + (width - 30) / 2).isCloseTo(gap, within(0.01));
        assertThat((width - 30) / 2 - pillows.getLast().maxX()).isCloseTo(gap, within(0.01));
    }

    @Test
    void sizesAreKnownInBothUnits() {
        for (var kind : Furnishings.all()) {
            assertThat(kind.metric()).as(kind.key()).isNotEmpty();
            for (var made : kind.sizes(UnitSystem.FEET_INCHES)) {
                var inches = made.width().mm() / 25.4;
                assertThat(inches).as(kind.key()).isCloseTo(Math.rint(inches), within(1e-9));
            }
            var usual = kind.usual(UnitSystem.FEET_INCHES);
            assertThat(usual.width().mm())
                    .as(kind.key())
                    .isBetween(0.75 * kind.width().mm(), 1.3 * kind.width().mm());
        }
    }

    @Test
    void whatHangsThrowsNoShadeOnTheFloorAndIsDrawnAbove() {
        for (var kind : Furnishings.all()) {
            var symbol = kind.symbol(
                    new Size(kind.width().mm(), kind.depth().mm(), kind.height().mm(), 3));
            if (kind.stand() == Stand.ABOVE) {
                assertThat(symbol.solids()).as(kind.key()).isEmpty();
                assertThat(symbol.parts()).as(kind.key()).anyMatch(p -> p.level() == SymbolShape.Level.ABOVE);
            }
        }
    }

    @Test
    void kindsAreFoundByWordsAndByHowWideTheyMayBe() {
        var metric = UnitSystem.MM;
        assertThat(PieceFinder.find("sofa", metric).getFirst().kind().key()).isEqualTo("sofa");
        assertThat(PieceFinder.find("couch", metric))
                .extracting(f -> f.kind().key())
                .contains("sofa", "corner-sofa");
        var narrow = PieceFinder.find("sofa under 2000", metric);
        assertThat(narrow.getFirst().kind().key()).isEqualTo("sofa");
        assertThat(narrow.getFirst().made().width().mm()).isEqualTo(1900);
        assertThat(narrow).allSatisfy(f -> assertThat(f.made().width().mm()).isLessThanOrEqualTo(2000));
        assertThat(PieceFinder.find("bed over 1.7 m", metric)
                        .getFirst()
                        .made()
                        .width()
                        .mm())
                .isEqualTo(1800);
        assertThat(PieceFinder.find("bed under 5'", UnitSystem.FEET_INCHES)
                        .getFirst()
                        .made()
                        .width()
                        .mm())
                .isCloseTo(60 * 25.4, within(1e-6));
        assertThat(PieceFinder.find("wardrobe 1500", metric)
                        .getFirst()
                        .made()
                        .width()
                        .mm())
                .isEqualTo(1500);
        assertThat(PieceFinder.find("sofa under nonsense", metric)).isEmpty();
        assertThat(PieceFinder.find("no such thing", metric)).isEmpty();
    }
}
