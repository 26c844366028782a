package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.NewPlan;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.traced.ReadWalls;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.LinesFile;
import honeylamp.store.PictureImport;
import honeylamp.store.PictureImport.Notes;
import honeylamp.tracing.WallReader;
import honeylamp.tracing.Watch;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A plan that was exported as lines comes back as the plan it was, to a fraction of a millimetre. */
class PlanFromLinesTest {
    private static final double A3_MM = 420;

    @TempDir
    private Path folder;

    /** Of sizes that no pixel of a page falls on. */
    private static Plan house(int scale) {
        var walls = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 9137, 0, 9137, 6411, 0, 6411)
                .wall(3873, 0, 3873, 6411, BodySide.CENTRE, PARTITION)
                .wall(3873, 2958, 9137, 2958, BodySide.CENTRE, PARTITION)
                .plan();
        var door = TestPlans.opening(walls, 4, OpeningKind.DOOR, 4417, 837, Hand.FIRST, Swing.LEFT);
        var second = TestPlans.opening(door, 5, OpeningKind.DOOR, 1206, 762, Hand.SECOND, Swing.RIGHT);
        var front = TestPlans.opening(second, 3, OpeningKind.OUTER_DOOR, 1533, 1011, Hand.FIRST, Swing.LEFT);
        var window = TestPlans.opening(front, 0, OpeningKind.CASEMENT_WINDOW, 5219, 1643, Hand.FIRST, Swing.LEFT);
        var plan = TestPlans.opening(window, 2, OpeningKind.CASEMENT_WINDOW, 1114, 1327, Hand.FIRST, Swing.LEFT);
        var view = plan.presentation().views().getFirst().id();
        return plan.withPresentation(plan.presentation().changing(List.of(view), v -> v.withScale(Optional.of(scale))));
    }

    private PictureImport.Result exported(Plan plan, Export.Format format) throws IOException, Progress.Cancelled {
        var file = folder.resolve("house." + format.ending());
        var page = LaidPlan.of(plan).page(plan.presentation().pages().getFirst().id());
        Export.write(SheetComposer.compose(page, Lamp.LIT, 0.5), format, Export.Picture.USUAL, file, Progress.NONE);
        return PictureImport.read(file, Notes.LEFT_OUT, Progress.NONE);
    }

    private static Plan taken(UnitSystem units, TracedPicture pixels, LinesFile.Kept lines, double mmPerPixel) {
        var plan = NewPlan.in(units);
        var storey = TestPlans.storey(plan);
        var picture = new Picture(
                "0".repeat(64),
                "house",
                pixels.pyramid().width(),
                pixels.pyramid().height());
        var laid = UnderlayEdits.add(plan, storey, picture, new Point(1234.5, -77), mmPerPixel);
        var underlay = laid.plan()
                .storey(storey)
                .elements()
                .find(Underlay.class, laid.id())
                .orElseThrow();
        var found = WallReader.read(pixels, Optional.of(lines.lines().read(lines.linework())), underlay, Watch.NONE)
                .orElseThrow();
        return TakingWalls.take(
                        laid.plan(), storey, ReadWalls.of(found, underlay).walls())
                .plan();
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

    private static void isTheHouse(Plan plan, double widthWithinMm) {
        var real = areas(house(100));
        var read = areas(plan);
        assertThat(read).hasSameSizeAs(real);
        for (var i = 0; i < real.length; i++) {
            // of a room of 3 by 3 m a tenth of a millimetre each way is 600 mm²
            assertThat(read[i]).isCloseTo(real[i], within(800.0));
        }
        assertThat(widths(plan, false)).containsExactly(new double[] {762, 837, 1011}, within(widthWithinMm));
        assertThat(widths(plan, true)).containsExactly(new double[] {1327, 1643}, within(widthWithinMm));
        var storey = plan.storeys().getFirst();
        var thicknesses = storey.walls().stream()
                .mapToDouble(w -> plan.wallType(w.type()).thickness().mm())
                .distinct()
                .sorted()
                .toArray();
        assertThat(thicknesses).containsExactly(new double[] {100, 300}, within(widthWithinMm));
    }

    @ParameterizedTest
    @ValueSource(ints = {50, 100})
    void aPageComesBackAsItWas(int scale) throws Exception {
        var pages = (PictureImport.Result.Pages) exported(house(scale), Export.Format.PDF);
        var page = pages.pages().page(0, Progress.NONE);
        pages.pages().close();
        var lines = page.lines().orElseThrow();
        isTheHouse(taken(UnitSystem.MM, page.picture(), lines, page.paperMmPerPixel() * scale), 1e-6);
        // in feet and inches the same lengths, to a sixteenth of an inch only where they are that
        isTheHouse(taken(UnitSystem.FEET_INCHES, page.picture(), lines, page.paperMmPerPixel() * scale), 0.1);
    }

    @Test
    void anSvgDrawingDoesToo() throws Exception {
        var svg = (PictureImport.Result.Good) exported(house(100), Export.Format.SVG);
        var mmPerPixel = A3_MM / svg.picture().pyramid().width() * 100;
        isTheHouse(taken(UnitSystem.MM, svg.picture(), svg.lines().orElseThrow(), mmPerPixel), 1e-6);
    }
}
