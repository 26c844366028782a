package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.traced.ReadWalls;
import honeylamp.geometry.Point;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Linework;
import honeylamp.plan.Linework.Form;
import honeylamp.plan.Linework.Use;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.LinesFile;
import honeylamp.store.PdfPages;
import honeylamp.store.PictureImport;
import honeylamp.store.PictureImport.Notes;
import honeylamp.tracing.WallReader;
import honeylamp.tracing.Watch;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** A plan that was exported as lines comes back as the plan it was, to a fraction of a millimetre. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PlanFromLinesTest {
    private static final double A3_MM = 420;
    private static final int SCALE = 50;

    @TempDir
    private static Path folder;

    private Plan house;
    private PdfPages.Page page;
    private PictureImport.Result.Good svg;

    /** Of sizes that no pixel of a page at 1:100 falls on. */
    private static Plan house() {
        var walls = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 9137, 0, 9137, 6411, 0, 6411)
                .wall(3873, 0, 3873, 6411, BodySide.CENTRE, PARTITION)
                .wall(3873, 2958, 9137, 2958, BodySide.CENTRE, PARTITION)
                .plan();
        var door = TestPlans.opening(walls, 4, OpeningKind.DOOR, 4417, 837, Hand.FIRST, Swing.LEFT);
        var second = TestPlans.opening(door, 5, OpeningKind.DOOR, 1206, 762, Hand.SECOND, Swing.RIGHT);
        var front = TestPlans.opening(second, 3, OpeningKind.OUTER_DOOR, 1533, 1011, Hand.FIRST, Swing.LEFT);
        var window = TestPlans.opening(front, 0, OpeningKind.CASEMENT_WINDOW, 5219, 1643, Hand.FIRST, Swing.LEFT);
        return TestPlans.opening(window, 2, OpeningKind.CASEMENT_WINDOW, 1114, 1327, Hand.FIRST, Swing.LEFT);
    }

    private ComposedPage composed() {
        return SheetComposer.compose(
                LaidPlan.of(house).page(house.presentation().pages().getFirst().id()), Lamp.LIT, 0.5);
    }

    @BeforeAll
    void exported() throws IOException, Progress.Cancelled {
        var plan = house();
        house = plan.withPresentation(
                plan.presentation().changing(List.of(plan.presentation().views().getFirst().id()), v -> v.withScale(Optional.of(SCALE))));
        var pdf = folder.resolve("house.pdf");
        Export.write(composed(), Export.Format.PDF, Export.Picture.USUAL, pdf, Progress.NONE);
        var pages = (PictureImport.Result.Pages) PictureImport.read(pdf, Notes.LEFT_OUT, Progress.NONE);
        page = pages.pages().page(0, Progress.NONE);
        pages.pages().close();
        var file = folder.resolve("house.svg");
        Export.write(composed(), Export.Format.SVG, Export.Picture.USUAL, file, Progress.NONE);
        svg = (PictureImport.Result.Good) PictureImport.read(file, Notes.LEFT_OUT, Progress.NONE);
    }

    /** What is read of a drawing whose chosen layers are those that pass. */
    private static Plan taken(
            UnitSystem units, TracedPicture pixels, LinesFile.Kept lines, double mmPerPixel, Linework linework) {
        var plan = NewPlan.in(units);
        var storey = TestPlans.storey(plan);
        var picture = new Picture(
                "0".repeat(64), "house", pixels.pyramid().width(), pixels.pyramid().height());
        var laid = UnderlayEdits.add(plan, storey, picture, new Point(1234.5, -77), mmPerPixel);
        var underlay = laid.plan().storey(storey).elements().find(Underlay.class, laid.id()).orElseThrow();
        var found = WallReader.read(pixels, Optional.of(lines.lines().read(linework)), underlay, Watch.NONE).orElseThrow();
        return TakingWalls.take(laid.plan(), storey, ReadWalls.of(found, underlay).walls())
                .plan();
    }

    private Plan fromPage(UnitSystem units, Linework linework) {
        return taken(
                units, page.picture(), page.lines().orElseThrow(), page.paperMmPerPixel() * SCALE, linework);
    }

    private static double[] areas(Plan plan) {
        return TestPlans.geometry(plan).rooms().stream()
                .mapToDouble(Room::areaMm2)
                .sorted()
                .toArray();
    }

    private static double[] widths(Plan plan, boolean windows) {
        return plan.storeys().getFirst().openings().stream()
                .filter(o -> o.kind().isWindow() == windows)
                .mapToDouble(o -> o.width().mm())
                .sorted()
                .toArray();
    }

    private void isTheHouse(Plan plan) {
        var real = areas(house);
        var read = areas(plan);
        assertThat(read).hasSameSizeAs(real);
        for (var i = 0; i < real.length; i++) {
            // of a room of 3 by 3 m a tenth of a millimetre each way is 600 mm²
            assertThat(read[i]).isCloseTo(real[i], within(800.0));
        }
        assertThat(widths(plan, false)).containsExactly(widths(house, false));
        assertThat(widths(plan, true)).containsExactly(widths(house, true));
    }

    @Test
    void aPageComesBackToAFractionOfAMillimetre() {
        var plan = fromPage(UnitSystem.MM, page.lines().orElseThrow().linework());
        isTheHouse(plan);
    }

    @Test
    void anSvgDrawingDoesToo() {
        var lines = svg.lines().orElseThrow();
        var mmPerPixel = A3_MM / svg.picture().pyramid().width() * SCALE;
        isTheHouse(taken(UnitSystem.MM, svg.picture(), lines, mmPerPixel, lines.linework()));
    }
}
