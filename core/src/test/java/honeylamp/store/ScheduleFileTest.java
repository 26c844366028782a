package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.listing.Tags;
import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.takeoff.Takeoff;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** Schedules agree with the plan, and other programs read them. */
class ScheduleFileTest {
    @TempDir
    private Path folder;

    private static String words(Schedule.Row row, int cell) {
        return ((Cell.Words) row.cells().get(cell)).text();
    }

    @Test
    void everyOpeningIsListedOnceUnderTheTagItHasOnThePlan() {
        var plan = SailclothYard.plan();
        var cache = new GeometryCache();
        var doors = Takeoff.of(LaidPlan.of(plan), Subject.DOORS);
        var windows = Takeoff.of(LaidPlan.of(plan), Subject.WINDOWS);
        var openings = plan.storeys().getFirst().openings();
        assertThat(doors.rows().size() + windows.rows().size()).isEqualTo(openings.size());
        var tags = Tags.of(LaidPlan.of(plan));
        assertThat(doors.rows()).allSatisfy(r -> assertThat(words(r, 0)).isEqualTo(tags.get(r.about())));
        assertThat(tags.values()).doesNotHaveDuplicates();
    }

    /**
     * The south wall runs east, its left is inside. A leaf that opens in and is hinged at the western jamb, seen from
     * inside, looking south, has its hinges at the right hand.
     */
    @Test
    void theHandIsTheOneSeenFromTheSideTheLeafOpensTo() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var west = TestPlans.newest(TestPlans.opening(plan, 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT));
        assertThat(Schedule.hand(west)).isEqualTo("right");
        assertThat(Schedule.hand(west.hung(Hand.SECOND, Swing.LEFT))).isEqualTo("left");
        assertThat(Schedule.hand(west.hung(Hand.FIRST, Swing.RIGHT))).isEqualTo("left");
        assertThat(Schedule.hand(west.withKind(OpeningKind.PAIR_DOOR))).isEmpty();
    }

    @Test
    void theWorkbookHoldsNumbersAsNumbers() throws Exception {
        var file = folder.resolve("plan.xlsx");
        ScheduleFile.write(SailclothYard.plan(), ScheduleFile.Format.XLSX, file);
        try (var book = new ReadableWorkbook(file.toFile())) {
            assertThat(book.getSheets().map(s -> s.getName()))
                    .containsExactly(
                            "Doors",
                            "Windows",
                            "Rooms",
                            "Ways",
                            "Finishes",
                            "Materials",
                            "Cuts",
                            "Edges",
                            "Walls",
                            "Layers",
                            "Units",
                            "Lighting and power",
                            "Pieces",
                            "Shopping list",
                            "Cost by room");
            var rooms = book.findSheet("Rooms").orElseThrow().read();
            var living = rooms.stream()
                    .filter(r -> r.getCellText(2).equals("Living room"))
                    .findFirst()
                    .orElseThrow();
            assertThat(living.getCellAsNumber(4).orElseThrow().doubleValue()).isCloseTo(30.592, within(1e-3));
            var doors = book.findSheet("Doors").orElseThrow().read();
            assertThat(doors.get(0).getCellText(3)).isEqualTo("Width, mm");
            assertThat(doors.stream()
                            .skip(1)
                            .map(r -> r.getCellAsNumber(3).orElseThrow().doubleValue()))
                    .contains(885.0, 760.0, 950.0);
        }
    }

    @Test
    void theCsvIsReadByOthers() throws Exception {
        var file = folder.resolve("plan.csv");
        ScheduleFile.write(
                SailclothYard.plan(),
                List.of(Subject.DOORS, Subject.WINDOWS, Subject.ROOMS),
                "",
                ScheduleFile.Format.CSV,
                file);
        try (var parser = CSVParser.parse(file, StandardCharsets.UTF_8, CSVFormat.RFC4180)) {
            var records = parser.getRecords();
            var plan = SailclothYard.plan().storeys().getFirst();
            // three heads, every opening, every room
            assertThat(records).hasSize(3 + plan.openings().size() + 8);
            assertThat(records.getFirst().get(4)).isEqualTo("width_mm");
        }
        assertThat(Files.readString(file)).contains("Living room");
    }

    /** By outer faces the rooms share all ground within the outer faces: walls between them to the middle. */
    @Test
    void roomsByOuterFacesAddUpToTheExternalGrossArea() {
        var plan = SailclothYard.plan();
        var cache = new GeometryCache();
        var geometry = cache.of(plan, plan.storeys().getFirst());
        var areas = Areas.of(plan, geometry);
        var sum = areas.rooms().stream()
                .mapToDouble(r -> r.getOrDefault(AreaBasis.OUTER_FACES, 0.0))
                .sum();
        assertThat(sum).isCloseTo(areas.externalGrossMm2(), within(10.0));
        assertThat(areas.internalGrossMm2()).isBetween(geometry.netAreaMm2(), areas.externalGrossMm2());
    }

    @Test
    void theReportTellsHandSwingAndDistances() {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000), 0, OpeningKind.DOOR, 1000, 900, Hand.SECOND, Swing.LEFT);
        var report = new JsonMapper().readTree(ReportJson.report(plan));
        var storey = report.path("storeys").get(0);
        var door = storey.path("openings").get(0);
        assertThat(door.path("hand").asString()).isEqualTo("second");
        assertThat(door.path("swing").asString()).isEqualTo("left");
        assertThat(door.path("before_mm").asDouble()).isEqualTo(1000);
        assertThat(door.path("after_mm").asDouble()).isEqualTo(3100); // 5,000 - 1,900
        assertThat(door.path("head_mm").asDouble()).isEqualTo(2010);
        assertThat(door.path("tag").asString()).isEqualTo("D1");
        var areas = storey.path("areas");
        assertThat(List.of(
                        areas.path("inner_faces_m2").asDouble(),
                        areas.path("wall_centres_m2").asDouble(),
                        areas.path("outer_faces_m2").asDouble()))
                .containsExactly(20.0, 22.79, 25.76);
        assertThat(storey.path("external_gross_m2").asDouble()).isCloseTo(5.6 * 4.6, within(1e-6));
    }
}
