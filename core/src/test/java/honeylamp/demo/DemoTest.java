package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.output.Progress;
import honeylamp.plan.Plan;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.store.CheckReport;
import honeylamp.store.PictureImport;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoTest {
    @TempDir
    private Path folder;

    @Test
    void theDemoOpensAndItsSheetLiesTrueBelowIt() throws Exception {
        DemoFiles.write(folder);
        var opened = PlanFile.open(folder.resolve(DemoFiles.PLAN));
        assertThat(opened).isInstanceOf(PlanFile.Opened.Good.class);
        var plan = ((PlanFile.Opened.Good) opened).document().plan();
        var underlay = plan.storeys().getFirst().underlays().getFirst();
        var known = underlay.knownLengths().getFirst();
        // both marks lie where the building's outer corners are
        assertThat(underlay.plan(known.firstPx()).length()).isLessThan(0.5);
        assertThat(underlay.plan(known.secondPx()).x()).isCloseTo(13_000, within(0.5));
    }

    @Test
    void theSheetIsTheSameFromTheSameSeed() throws Exception {
        var first = DemoFiles.sheet(SailclothYard.plan());
        assertThat(DemoFiles.sheet(SailclothYard.plan())).isEqualTo(first);
        assertThat(PictureImport.read(first, "sheet", PictureImport.Notes.LEFT_OUT, Progress.NONE))
                .isInstanceOf(PictureImport.Result.Good.class);
    }

    @Test
    void theKeptFilesAreThoseTheGeneratorMakes() throws Exception {
        var kept = PlanFile.open(Path.of("../demo").resolve(DemoFiles.PLAN));
        assertThat(kept)
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        g -> assertThat(withoutUnderlay(g.document().plan()))
                                .isEqualTo(SailclothYard.plan().numbersTaken(1)));
        var sheet = ImageIO.read(Path.of("../demo").resolve(DemoFiles.SHEET).toFile());
        var made = ImageIO.read(new ByteArrayInputStream(DemoFiles.sheet(SailclothYard.plan())));
        assertThat(sheet.getWidth()).isEqualTo(made.getWidth());
        for (var x = 10; x < sheet.getWidth(); x += 97) {
            for (var y = 10; y < sheet.getHeight(); y += 89) {
                assertThat(sheet.getRGB(x, y) & 0xff).isCloseTo(made.getRGB(x, y) & 0xff, within(12));
            }
        }
    }

    /** 17 risers in 120 in; the plot and its bay; the flat's stair arrives, the kitchen's chimney comes through. */
    @Test
    void theTeaRoomHasTwoStoreysThatFitTogether() {
        var plan = QuillbackLane.plan();
        assertThat(plan.units()).isEqualTo(UnitSystem.FEET_INCHES);
        assertThat(CheckReport.snags(plan)).isEmpty();
        var ground = FixedParts.on(plan, plan.storeys().getFirst());
        var flat = FixedParts.on(plan, plan.storeys().get(1));
        assertThat(ground.stairs()).hasSize(1);
        assertThat(ground.stairs().getFirst().stair().risers()).isEqualTo(17);
        assertThat(flat.stairs().getFirst().seen()).isEqualTo(FixedParts.End.HEAD);
        assertThat(flat.blocks().stream().filter(b -> b.is(Structure.Kind.CHIMNEY)))
                .hasSize(2);
        var site = SiteAreas.of(StoreyGeometry.of(plan, plan.storeys().getFirst()));
        // the plot 476 x 662 in, the house 288 x 480 in
        assertThat(site.plotMm2()).isCloseTo(476 * 662 * 645.16, within(1.0));
        assertThat(site.builtMm2()).isCloseTo(288 * 480 * 645.16, within(1.0));
    }

    /** Else a look that washes rooms by what they are for has nothing to tell. */
    @Test
    void everyRoomIsUsedForSomething() throws Exception {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan(), BoatShed.plan())) {
            assertThat(LaidPlan.of(plan).all())
                    .flatExtracting(storey -> storey.geometry().rooms())
                    .allSatisfy(
                            room -> assertThat(room.mark().orElseThrow().fit().use())
                                    .as(room.name())
                                    .isNotEmpty());
        }
    }

    @Test
    void theKeptTeaRoomIsTheOneTheGeneratorMakes() {
        assertThat(PlanFile.open(Path.of("../demo").resolve(DemoFiles.TEA_ROOM)))
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        g -> assertThat(g.document().plan()).isEqualTo(QuillbackLane.plan()));
    }

    private static Plan withoutUnderlay(Plan plan) {
        return plan.withStorey(plan.storeys().getFirst().id(), s -> s.with(Underlay.class, List.of()));
    }
}
