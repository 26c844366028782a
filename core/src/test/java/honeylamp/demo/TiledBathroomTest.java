package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.demo.place.TiledBathroom;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Finish;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Surface;
import honeylamp.sheet.SheetComposer;
import honeylamp.takeoff.ColourKey;
import honeylamp.takeoff.OrderKey;
import honeylamp.takeoff.Takeoff;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The bathroom of the loft, tiled: what its page says, and that joints go on round its corners. */
class TiledBathroomTest {
    private static final LaidPlan PLAN = LaidPlan.of(TiledBathroom.plan());

    private static Room bathroom() {
        return PLAN.all().getFirst().geometry().rooms().stream()
                .filter(r -> r.name().equals("Bathroom"))
                .findFirst()
                .orElseThrow();
    }

    private static List<Surfaces.Found> surfaces() {
        return Surfaces.ofRoom(
                PLAN.all().getFirst(), bathroom(), bathroom().mark().orElseThrow());
    }

    @Test
    void itsPageHoldsThePlanFourWallsTheirCoursesAndWhatToOrder() {
        var page = PLAN.pages().getLast();
        assertThat(page.views()).hasSize(5);
        assertThat(PLAN.pages()).hasSize(2);
        var drawing = SheetComposer.compose(page, Lamp.LIT, 1).drawing();
        var words = drawing.layers().stream()
                .filter(l ->
                        l.kind() == LayerKind.SHEET || l.kind() == LayerKind.LABELS || l.kind() == LayerKind.DIMENSIONS)
                .flatMap(l -> l.marks().stream())
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList();
        assertThat(words).contains("To order", "Mosaic, sea", "200 × 200, stack", "1218", "152");
        assertThat(words).anyMatch(t -> t.startsWith("4   Bathroom, wall in the"));
    }

    /** Pieces of floor, walls, mosaic and shower step: wherever one begins at a corner of the room, one of the floor does. */
    @Test
    void jointsRunThroughFromTheFloorUpTheStepAndTheWalls() {
        var floor = bathroom().mark().orElseThrow().floor();
        var way = Affine.turn(floor.directionDeg())
                .then(Affine.move(floor.start().x().mm(), floor.start().y().mm()));
        var corners =
                Pieces.of(Materials.of(floor).orElseThrow().laying(), new Box(-4000, -4000, 4000, 4000), 1).stream()
                        .flatMap(p -> p.ring().through(way).corners().stream())
                        .toList();
        var upright = surfaces().stream()
                .filter(f -> f.frame().up() == Surfaces.Up.PLUMB)
                .filter(f -> f.finish()
                        .flatMap(Materials::of)
                        .filter(m -> !m.laying().isSeamless())
                        .isPresent())
                .toList();
        assertThat(upright.stream().filter(f -> f.surface() instanceof Surface.WallSide))
                .as("two tiled courses on four walls")
                .hasSize(8);
        assertThat(upright.stream().filter(f -> f.surface() instanceof Surface.Edge))
                .hasSize(2);
        for (var found : upright) {
            var along = found.frame().along();
            var start = found.finish().orElseThrow().start().x().mm();
            for (var k = 0; k < 4; k++) {
                var at = found.frame().origin().plus(along.times(start + k * 203));
                assertThat(corners)
                        .as("%s, piece %d", found.surface(), k)
                        .anyMatch(c -> Math.abs(c.minus(at).dot(along)) < 0.02);
            }
        }
    }

    /** Of every tile surface: whole pieces and cuts hold at least its area less the joints, and no more than its tiles. */
    @Test
    void whatIsOrderedCoversTheSurfaces() {
        var tiles = surfaces().stream()
                .filter(f -> f.finish()
                        .map(Finish::material)
                        .filter("tile-chalk"::equals)
                        .isPresent())
                .toList();
        var area = tiles.stream().mapToDouble(Surfaces.Found::areaMm2).sum();
        var lists = Takeoff.of(PLAN, Schedule.Subject.MATERIALS, "bathroom chalk");
        var order = ((Schedule.Cell.Number) lists.rows()
                        .getFirst()
                        .cells()
                        .get(lists.columns().stream()
                                .map(Schedule.Column::key)
                                .toList()
                                .indexOf("order")))
                .value()
                .orElseThrow();
        assertThat(order).isBetween(area / (203.0 * 203), 1.35 * area / (203.0 * 203));
        assertThat(OrderKey.of(PLAN.pages().getLast()))
                .filteredOn(e -> e.name().equals("Large tile, chalk"))
                .singleElement()
                .satisfies(e -> assertThat(e.figure()).isEqualTo((int) Math.ceil(order / 25) + " boxes"));
    }

    /** The tray is 900 square and 102 high: two free edges, and its mosaic lies on it and up them. */
    @Test
    void theShowerIsAStepHigher() {
        var edges = surfaces().stream()
                .filter(f -> f.surface() instanceof Surface.Edge)
                .toList();
        assertThat(edges).hasSize(2).allSatisfy(f -> assertThat(f.areaMm2()).isCloseTo(900 * 102, within(1.0)));
        assertThat(edges.stream()
                        .map(f -> f.frame().along())
                        .map(Point::angleDeg)
                        .map(Math::rint))
                .containsExactlyInAnyOrder(90.0, 180.0);
        var tray = surfaces().stream()
                .filter(f -> f.surface() instanceof Surface.OwnRegion)
                .flatMap(f -> f.outline().stream())
                .mapToDouble(Outline::area)
                .sum();
        assertThat(tray).isCloseTo(900 * 900, within(1.0));
    }

    /** Three materials, each with its code and the parts of the room that have it. */
    @Test
    void theColoursOfThePageAreListedWithTheirPlaces() {
        var colours = ColourKey.of(PLAN.pages().getLast());
        assertThat(colours).hasSize(3);
        assertThat(colours).anySatisfy(e -> {
            assertThat(e.name()).matches("Mosaic, sea, #[0-9A-F]{6}");
            assertThat(e.where())
                    .contains("Bathroom")
                    .contains("walls")
                    .contains("own region")
                    .contains("steps");
        });
        var listed = PageEdits.toggle(
                TiledBathroom.plan(), PLAN.pages().getLast().page().id(), Reach.THIS, Listing.COLOURS);
        var words =
                SheetComposer.compose(LaidPlan.of(listed).pages().getLast(), Lamp.LIT, 1).drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .filter(Mark.Text.class::isInstance)
                        .map(m -> ((Mark.Text) m).text())
                        .toList();
        assertThat(words).contains("Colours").anyMatch(t -> t.startsWith("Mosaic, sea, #"));
    }
}
