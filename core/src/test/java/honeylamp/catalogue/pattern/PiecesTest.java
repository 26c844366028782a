package honeylamp.catalogue.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Pattern.Repeat;
import honeylamp.plan.Pattern.Repeat.Cell;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What every pattern promises of its pieces. */
class PiecesTest {
    private static final Box FLOOR = new Box(-700, 450, 2300, 2450);

    static Stream<Pattern> patterns() {
        return Patterns.all().stream().map(Patterns.Named::pattern).filter(p -> !(p instanceof Pattern.Seamless));
    }

    private static Laying laying(Pattern pattern, double jointMm) {
        return Laying.of(pattern, 120, 600, jointMm);
    }

    /** Without joints the pieces cover every floor exactly: no gap, no overlap. */
    @ParameterizedTest
    @MethodSource("patterns")
    void piecesCoverTheFloorOnce(Pattern pattern) {
        var floor = List.of(Outline.of(FLOOR.ring()));
        var pieces = Pieces.of(laying(pattern, 0), FLOOR, 7).stream()
                .map(p -> Outline.of(p.ring()))
                .toList();
        var sum = pieces.stream()
                .mapToDouble(p -> area(Regions.intersection(floor, List.of(p))))
                .sum();
        assertThat(sum).isCloseTo(3000.0 * 2000, within(1.0));
        assertThat(area(Regions.intersection(floor, Regions.union(pieces)))).isCloseTo(3000.0 * 2000, within(1.0));
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyPieceHasItsOwnNameAndRunsCounterClockwise(Pattern pattern) {
        var names = new HashSet<List<Long>>();
        for (var piece : Pieces.of(laying(pattern, 3), FLOOR, 7)) {
            assertThat(names.add(List.of(piece.i(), piece.j()))).isTrue();
            assertThat(piece.ring().signedArea()).isPositive();
        }
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void aPieceIsTheSameWhateverPartOfTheFloorIsAskedFor(Pattern pattern) {
        var wide = Pieces.of(laying(pattern, 3), FLOOR, 7);
        var narrow = Pieces.of(laying(pattern, 3), new Box(0, 1000, 500, 1200), 7);
        assertThat(wide)
                .containsAll(narrow.stream()
                        .filter(p -> p.ring().bounds().meets(FLOOR))
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 4, 12})
    void theTypedSizeIsThatOfThePieceWhateverItsJoint(double joint) {
        var cover = new Box(-2000, -2000, 2000, 2000);
        for (var pattern : List.of(
                new Pattern.Stack(),
                new Pattern.Running(1 / 3.0),
                new Pattern.Diagonal(),
                new Pattern.Herringbone(1),
                new Pattern.Herringbone(3),
                new Pattern.Chevron(45),
                new Pattern.Plank(0.2))) {
            assertThat(Pieces.of(laying(pattern, joint), cover, 1))
                    .as("%s", pattern)
                    .allSatisfy(p -> assertThat(p.ring().area()).isCloseTo(120.0 * 600, within(1e-6)));
        }
        var hexagon = Pieces.of(laying(new Pattern.Hexagon(), joint), cover, 1).getFirst();
        assertThat(hexagon.ring().bounds().height()).isCloseTo(120, within(1e-9)); // flat to flat
        var triangle =
                Pieces.of(laying(new Pattern.Triangle(), joint), cover, 1).getFirst();
        assertThat(triangle.ring().bounds().height()).isCloseTo(120, within(1e-9));
        var rhomb = Pieces.of(laying(new Pattern.Rhomb(), joint), cover, 1).getFirst();
        // 120 between its sides at 60 degrees: sides of 120 / sin 60
        assertThat(rhomb.ring().area()).isCloseTo(120 * 120 / Math.sin(Math.toRadians(60)), within(1e-6));
        var octagons = Pieces.of(laying(new Pattern.OctagonDot(0.35), joint), cover, 1);
        assertThat(octagons)
                .filteredOn(p -> p.format() == 1)
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.ring().area()).isCloseTo(42 * 42, within(1e-6)));
    }

    @Test
    void endsOfBoardsInNeighbouringRowsKeepTheirOverlap() {
        var pieces = Pieces.of(Laying.of(new Pattern.Plank(0.25), 100, 1000, 0), new Box(0, 0, 20_000, 10_000), 4);
        for (var piece : pieces) {
            var end = piece.ring().bounds().minX();
            assertThat(pieces)
                    .filteredOn(p -> p.i() == piece.i() + 1)
                    .allSatisfy(p ->
                            assertThat(Math.abs(p.ring().bounds().minX() - end)).isGreaterThan(250 - 1e-6));
        }
    }

    @Test
    void boardsOfChanceLengthsAreNeitherTooShortNorTooLongAndTheirEndsKeepApart() {
        var laying = Laying.of(new Pattern.RandomLengths(Length.ofMm(400)), 100, 1800, 2);
        var pieces = Pieces.of(laying, new Box(0, 0, 15_000, 6000), 4);
        assertThat(pieces).allSatisfy(p -> assertThat(p.ring().bounds().width()).isBetween(400 - 1e-6, 1800 + 1e-6));
        assertThat(pieces.stream()
                        .map(p -> Math.round(p.ring().bounds().width()))
                        .distinct())
                .hasSizeGreaterThan(50);
        for (var piece : pieces) {
            var end = piece.ring().bounds().minX();
            assertThat(pieces)
                    .filteredOn(p -> p.i() == piece.i() + 1)
                    .allSatisfy(p ->
                            assertThat(Math.abs(p.ring().bounds().minX() - end)).isGreaterThan(100));
        }
    }

    @Test
    void aRepeatThatLeavesAGapOrLiesOverItselfIsRefusedAndSaysWhere() {
        assertThatThrownBy(() -> new Repeat(3, 1, 0, List.of(new Cell(0, 0, 2, 1))))
                .hasMessageContaining("0 pieces at module 3, 1");
        assertThatThrownBy(() -> new Repeat(2, 1, 0, List.of(new Cell(0, 0, 2, 1), new Cell(1, 0, 1, 1))))
                .hasMessageContaining("2 pieces at module 2, 1");
    }

    @Test
    void thereAreSixtyMaterialsOfManyFamiliesAndTwentyPatternsAndEachSuitsHowItIsLaid() {
        assertThat(Materials.all())
                .hasSizeGreaterThanOrEqualTo(60)
                .extracting(m -> m.key())
                .doesNotHaveDuplicates();
        assertThat(Materials.all().stream().map(m -> m.family()).distinct()).hasSizeGreaterThanOrEqualTo(12);
        assertThat(Patterns.all())
                .hasSizeGreaterThanOrEqualTo(20)
                .extracting(Patterns.Named::key)
                .doesNotHaveDuplicates();
        assertThat(Materials.all())
                .allSatisfy(
                        m -> assertThat(m.family().suits(m.laying().pattern())).isTrue());
    }
}
