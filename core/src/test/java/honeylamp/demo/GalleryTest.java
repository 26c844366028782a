package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Plan;
import honeylamp.store.CheckReport;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The finished plans, against what their measures come to by hand. */
class GalleryTest {
    private static final Path KEPT = Path.of("../demo").resolve(DemoFiles.GALLERY);

    private static Plan plan(Gallery which) throws Exception {
        return which.document().plan();
    }

    /** The areas of the rooms of a storey by their names, in m². */
    private static Map<String, Double> areas(Plan plan, int storey) {
        var out = new LinkedHashMap<String, Double>();
        for (var room : StoreyGeometry.of(plan, plan.storeys().get(storey)).rooms()) {
            out.put(room.name(), room.areaMm2() / 1e6);
        }
        return out;
    }

    /** A client finds nothing wrong in them, and a look that colours rooms by use has something to tell. */
    @ParameterizedTest
    @EnumSource
    void nothingIsWrongInThem(Gallery which) throws Exception {
        var plan = plan(which);
        assertThat(CheckReport.snags(plan)).isEmpty();
        assertThat(LaidPlan.of(plan).all())
                .flatExtracting(storey -> storey.geometry().rooms())
                .isNotEmpty()
                .allSatisfy(room -> {
                    assertThat(room.name()).isNotBlank();
                    assertThat(room.mark().orElseThrow().fit().use())
                            .as(room.name())
                            .isNotEmpty();
                    assertThat(room.mark().orElseThrow().floor().material()).isNotEqualTo("bare");
                });
        assertThat(LaidPlan.of(plan).pages()).hasSize(1);
    }

    @Test
    void eachHasItsOwnLookAndAllUnitsAreShown() throws Exception {
        var plans = new ArrayList<Plan>();
        for (var each : Gallery.values()) {
            plans.add(plan(each));
        }
        assertThat(plans).hasSize(6);
        assertThat(plans)
                .extracting(p -> p.presentation().looks().getFirst().look().name())
                .doesNotHaveDuplicates();
        assertThat(plans).extracting(Plan::units).contains(UnitSystem.values());
        assertThat(plans)
                .extracting(p -> p.presentation().pages().getFirst().sheet().paper())
                .extracting(p -> p.label())
                .contains("A4", "A3", "A2", "Tabloid");
    }

    /** The bath stands 2.0 by 2.4 m in its corner, and takes its walls of 100 from the room of 7.2 by 5.2. */
    @Test
    void theStudioIsAsMeasured() throws Exception {
        assertThat(areas(plan(Gallery.CORDAGE_STEPS), 0))
                .containsOnlyKeys("Studio", "Bathroom")
                .hasEntrySatisfying("Bathroom", a -> assertThat(a).isCloseTo(2.0 * 2.4, within(1e-6)))
                .hasEntrySatisfying("Studio", a -> assertThat(a).isCloseTo(7.2 * 5.2 - 2.1 * 2.5, within(1e-6)));
    }

    /** Both storeys are 16 feet wide; the hall is what is left beside 12' 4" and a partition of 4 1/2". */
    @Test
    void theStoreysOfTheRowLieOverEachOther() throws Exception {
        var plan = plan(Gallery.HARBOUR_ROW);
        var squareFoot = 0.3048 * 0.3048;
        assertThat(areas(plan, 0))
                .hasEntrySatisfying("Kitchen", a -> assertThat(a).isCloseTo(16 * 12.5 * squareFoot, within(1e-4)))
                .hasEntrySatisfying(
                        "Hall",
                        a -> assertThat(a).isCloseTo((16 - 12.333333 - 0.375) * 16.125 * squareFoot, within(1e-4)));
        assertThat(areas(plan, 1))
                .hasEntrySatisfying("Bedroom", a -> assertThat(a).isCloseTo(12.333333 * 12 * squareFoot, within(1e-4)));
        assertThat(plan.storeys()).hasSize(2);
        assertThat(plan.storeys().getLast().level().mm()).isCloseTo((8 + 1) * 304.8, within(1e-6)); // a floor of 12"
        assertThat(plan.storeys().getLast().name()).isEqualTo("Upper storey");
    }

    /** The splay takes two triangles of 2.4 by 1.4 m off 9.4 by 6.4. */
    @Test
    void theHouseByTheWaterIsAsMeasured() throws Exception {
        var areas = areas(plan(Gallery.SLUICE_HOUSE), 0);
        assertThat(areas.get("Bedroom")).isCloseTo(3.8 * 3.7, within(1e-3));
        assertThat(areas.get("Bathroom")).isCloseTo(2.3 * 2.6, within(1e-3));
        var walls = 0.1 * (3.7 + 0.1) + 0.1 * 3.8 + 0.1 * 2.6; // those between rooms
        assertThat(areas.get("Living room"))
                .isCloseTo(9.4 * 6.4 - 2.4 * 1.4 - 3.8 * 3.7 - 2.3 * 2.6 - walls, within(2e-3));
    }

    @ParameterizedTest
    @EnumSource
    void theKeptFilesAreThoseTheScriptsMake(Gallery which) throws Exception {
        var made = plan(which);
        assertThat(PlanFile.open(KEPT.resolve(which.key() + ".honeylamp")))
                .isInstanceOfSatisfying(
                        PlanFile.Opened.Good.class,
                        g -> assertThat(g.document().plan()).isEqualTo(made));
        for (var measures : which.measures()) {
            assertThat(Files.readAllBytes(KEPT.resolve(measures))).isEqualTo(Gallery.measures(measures));
        }
    }

    @Test
    void eachIsFoundByAKeyOfItsOwn() {
        var keys = Arrays.stream(Gallery.values()).map(Shipped::key).toList();
        assertThat(keys).doesNotHaveDuplicates().allMatch(k -> k.matches("[a-z-]+"));
        assertThat(List.of(Demo.values())).extracting(Shipped::key).doesNotContainAnyElementsOf(keys);
    }
}
