package honeylamp.takeoff.tiles;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Patterns;
import honeylamp.catalogue.pattern.Piece;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Ring;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Pieces fill what they are laid on, and are cut as a general overlay cuts them. */
class CuttingTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    /** A square metre has a million square millimetres, so this is a millionth of a square metre. */
    private static final double MILLIONTH_M2 = 1;

    static Stream<Pattern> patterns() {
        return Patterns.all().stream().map(Patterns.Named::pattern).filter(p -> !(p instanceof Pattern.Seamless));
    }

    private static LinearRing ring(Ring ring) {
        var corners = new ArrayList<Coordinate>();
        ring.corners().forEach(c -> corners.add(new Coordinate(c.x(), c.y())));
        corners.add(corners.getFirst());
        return JTS.createLinearRing(corners.toArray(Coordinate[]::new));
    }

    private static Geometry jts(List<Outline> surface) {
        var parts = surface.stream()
                .map(o -> JTS.createPolygon(
                        ring(o.shell()),
                        o.holes().stream().map(CuttingTest::ring).toArray(LinearRing[]::new)))
                .toArray(Polygon[]::new);
        return JTS.createMultiPolygon(parts);
    }

    private static Polygon jts(Ring ring) {
        return JTS.createPolygon(ring(ring));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void piecesWithoutJointsFillAnySurfaceInAnyDirection(Pattern pattern) {
        var laying = Laying.of(pattern, 90, 270, 0);
        for (var number = 0; number < 50; number++) {
            var surface = TileSurfaces.random(number);
            var cutting = Cutting.of(surface, laying, 30.0 * (number % 12) + number % 5, Position.ofMm(13, 29), number);
            assertThat(cutting.areaMm2())
                    .as("%s on surface %d", pattern, number)
                    .isCloseTo(TileSurfaces.area(surface), within(MILLIONTH_M2));
        }
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void piecesAndJointsTogetherAreTheSurfaceAndNoJointIsNarrowerThanTyped(Pattern pattern) {
        var joint = 6.0;
        var laying = Laying.of(pattern, 90, 270, joint);
        for (var direction = 0; direction < 360; direction += 30) {
            var surface = TileSurfaces.random(direction / 30);
            var laid = Affine.turn(direction).then(Affine.move(7, 11));
            var pieces = pieces(laying, surface, laid, 5);
            var all = jts(surface);
            var joints = OverlayNGRobust.overlay(
                            all,
                            OverlayNGRobust.union(pieces.stream()
                                    .map(p -> (Geometry) jts(p.ring()))
                                    .toList()),
                            OverlayNG.DIFFERENCE)
                    .getArea();
            var cutting = Cutting.of(surface, laying, direction, Position.ofMm(7, 11), 5);
            assertThat(cutting.areaMm2() + joints)
                    .as("%s at %d degrees", pattern, direction)
                    .isCloseTo(TileSurfaces.area(surface), within(MILLIONTH_M2));
        }
        var near = Pieces.of(laying, new Box(0, 0, 900, 900), 5);
        for (var i = 0; i < near.size(); i++) {
            for (var k = i + 1; k < near.size(); k++) {
                if (near.get(i)
                        .ring()
                        .bounds()
                        .grown(joint)
                        .meets(near.get(k).ring().bounds())) {
                    assertThat(jts(near.get(i).ring()).distance(jts(near.get(k).ring())))
                            .as("%s, pieces %s and %s", pattern, near.get(i), near.get(k))
                            .isGreaterThan(joint - 1e-6);
                }
            }
        }
    }

    private static List<Piece> pieces(Laying laying, List<Outline> surface, Affine laid, long seed) {
        var back = laid.inverse();
        var cover = surface.stream()
                .map(o -> o.through(back).bounds())
                .reduce(Box::union)
                .orElseThrow();
        return Pieces.of(laying, cover, seed).stream()
                .map(p -> new Piece(p.ring().through(laid), p.i(), p.j(), p.format(), p.areaMm2()))
                .toList();
    }

    @Test
    void countsAreThoseOfAGeneralOverlayPieceByPiece() {
        var random = new Random(20);
        var all = patterns().toList();
        for (var number = 0; number < 300; number++) {
            var pattern = all.get(number % all.size());
            var laying = Laying.of(pattern, 60 + random.nextInt(140), 150 + random.nextInt(300), random.nextInt(8));
            var surface = TileSurfaces.random(number);
            var direction = number % 4 == 0 ? 0 : 360 * random.nextDouble();
            var start = Position.ofMm(random.nextInt(300), random.nextInt(300));
            var laid = Affine.turn(direction)
                    .then(Affine.move(start.x().mm(), start.y().mm()));
            var there = jts(surface);
            var whole = 0;
            var large = 0;
            var small = 0;
            for (var piece : pieces(laying, surface, laid, number)) {
                var tile = jts(piece.ring());
                var left = OverlayNGRobust.overlay(there, tile, OverlayNG.INTERSECTION)
                        .getArea();
                if (left >= tile.getArea() - Cutting.DUST_MM2) {
                    whole++;
                } else if (left > tile.getArea() / 2 + Cutting.DUST_MM2) {
                    large++;
                } else if (left > Cutting.DUST_MM2) {
                    small++;
                }
            }
            var cutting = Cutting.of(surface, laying, direction, start, number);
            assertThat(List.of(
                            cutting.whole().size(),
                            (int) cutting.cut().stream()
                                    .filter(Cutting.Cut::isLarge)
                                    .count(),
                            (int) cutting.cut().stream()
                                    .filter(c -> !c.isLarge())
                                    .count()))
                    .as("%s, layout %d", pattern, number)
                    .containsExactly(whole, large, small);
        }
    }

    @Test
    void aFloorAThousandByASixHundredOfThreeHundredsWithAJointOfFourIsCountedByHand() {
        // 1000 = 300 + 4 + 300 + 4 + 300 + 4 + 88; 600 = 300 + 4 + 296: three by one wholes, one end piece, four below
        var floor = List.of(Outline.of(new Box(0, 0, 1000, 600).ring()));
        var cutting = Cutting.of(floor, Laying.of(new Pattern.Stack(), 300, 300, 4), 0, Position.ORIGIN, 1);
        assertThat(cutting.whole()).hasSize(3);
        assertThat(cutting.cut()).hasSize(5);
        assertThat(cutting.cut()).filteredOn(Cutting.Cut::isLarge).hasSize(3).allSatisfy(c -> {
            assertThat(c.widthMm()).isCloseTo(300, within(1e-6));
            assertThat(c.heightMm()).isCloseTo(296, within(1e-6));
        });
        assertThat(cutting.areaMm2()).isCloseTo(3 * 90_000 + 3 * 300 * 296 + 88 * 300 + 88 * 296, within(1e-6));
    }

    @Test
    void aPieceIsCutTheSameWhereverItLiesOnThePlan() {
        var far = 1e6;
        var here = TileSurfaces.random(1);
        var there = here.stream().map(o -> o.through(Affine.move(far, -far))).toList();
        var laying = Laying.of(new Pattern.Herringbone(1), 70, 280, 3);
        var one = Cutting.of(here, laying, 0, Position.ofMm(10, 20), 1);
        var other = Cutting.of(there, laying, 0, Position.ofMm(far + 10, 20 - far), 1);
        assertThat(other.whole()).hasSameSizeAs(one.whole());
        assertThat(other.areaMm2()).isCloseTo(one.areaMm2(), within(MILLIONTH_M2));
    }
}
