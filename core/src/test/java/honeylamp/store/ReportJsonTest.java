package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Wall.BodySide;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ReportJsonTest {
    private static JsonNode read(String json) {
        return JsonMapper.shared().readTree(json);
    }

    @Test
    void theReportHasItsAgreedShape() {
        var report = read(ReportJson.report(SailclothYard.plan()));
        assertThat(report.propertyNames()).containsExactly("units", "storeys", "totals", "fitting_sums", "labels");
        assertThat(report.path("units").asString()).isEqualTo("mm");
        var storey = report.path("storeys").get(0);
        assertThat(storey.propertyNames())
                .containsExactly(
                        "name",
                        "rooms",
                        "walls",
                        "openings",
                        "stairs",
                        "furnishings",
                        "fittings",
                        "surfaces",
                        "areas",
                        "internal_gross_m2",
                        "external_gross_m2",
                        "low",
                        "site",
                        "dimensions");
        assertThat(storey.path("rooms").get(0).propertyNames())
                .containsExactly(
                        "id", "name", "use", "number", "counts", "area_m2", "areas", "perimeter_mm", "outline", "way");
        assertThat(storey.path("walls").get(0).propertyNames())
                .containsExactly("id", "type", "works", "length_mm", "thickness_mm", "faces_mm");
        assertThat(storey.path("openings").get(0).propertyNames())
                .containsExactly(
                        "id",
                        "tag",
                        "kind",
                        "wall",
                        "width_mm",
                        "sill_mm",
                        "head_mm",
                        "clear_mm",
                        "hand",
                        "swing",
                        "before_mm",
                        "after_mm",
                        "keeps",
                        "works");
        assertThat(storey.path("surfaces").get(0).propertyNames())
                .containsExactly("is", "of", "side", "room", "number", "area_m2", "finish", "pieces");
        assertThat(storey.path("surfaces").get(0).path("pieces").propertyNames())
                .containsExactly(
                        "pattern",
                        "width_mm",
                        "length_mm",
                        "joint_mm",
                        "whole",
                        "cut_over_half",
                        "cut_under_half",
                        "order",
                        "boxes",
                        "smallest_cut_mm");
        assertThat(storey.path("surfaces").get(0).path("is").asString()).isEqualTo("floor");
        // 13 risers in 2,405: 185 each; twelve goings of 226 make 2,712; 2 x 185 + 226 = 596
        var stair = storey.path("stairs").get(0);
        assertThat(stair.path("shape").asString()).isEqualTo("straight");
        assertThat(stair.path("leads").asString()).isEqualTo("down");
        assertThat(stair.path("risers").asInt()).isEqualTo(13);
        assertThat(stair.path("riser_mm").asDouble()).isEqualTo(185);
        assertThat(stair.path("going_mm").asDouble()).isEqualTo(226);
        assertThat(stair.path("stride_mm").asDouble()).isEqualTo(596);
        assertThat(stair.path("walking_line_mm").asDouble()).isEqualTo(2712);
        // 2,405 less a floor of 300 leaves 2,105: already over the first step, 185 up, less than 2,000 is left
        assertThat(stair.path("open_from").asInt()).isEqualTo(1);
        assertThat(stair.path("well_m2").asDouble()).isCloseTo(0.9 * 2.712, within(1e-6));
        assertThat(storey.path("site").path("plot_m2").asDouble()).isZero();
        assertThat(report.path("totals").propertyNames()).containsExactly("net_area_m2", "gross_area_m2");
    }

    @Test
    void numbersAreThoseOfThePlan() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var named = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Parlour");
        var report = read(ReportJson.report(named));
        var room = report.path("storeys").get(0).path("rooms").get(0);
        assertThat(room.path("area_m2").asDouble()).isEqualTo(20.0);
        assertThat(room.path("perimeter_mm").asDouble()).isEqualTo(18_000);
        assertThat(room.path("outline")).hasSize(4);
        var faces = report.path("storeys").get(0).path("walls").get(0).path("faces_mm");
        assertThat(faces.get(0).asDouble()).isEqualTo(5000);
        assertThat(faces.get(1).asDouble()).isEqualTo(5600);
        assertThat(room.path("id").asString()).startsWith("r");
        assertThat(report.path("totals").path("gross_area_m2").asDouble()).isCloseTo(25.76, within(1e-9));
        assertThat(report.path("storeys")
                        .get(0)
                        .path("walls")
                        .get(0)
                        .path("thickness_mm")
                        .asDouble())
                .isEqualTo(300);
    }

    /** Clear 5,000 by 4,000 within walls of 300. */
    @Test
    void itTellsTheDimensionsWithTheirSums() {
        var report = ReportJson.report(TestPlans.clearRectangle(5000, 4000)).replaceAll("\\s+", " ");
        assertThat(report)
                .contains("\"side\" : \"south\", \"along\" : \"\", \"tier\" : \"walls\"")
                .contains("\"shown\" : [ \"300\", \"5000\", \"300\" ], \"total\" : \"5600\"");
    }

    /** The corner of a house of 8 by 6 m is cut off from 8, 3 to 5, 6: 3 · √2 along its outer face. */
    @Test
    void itTellsTheDimensionsAlongSlantedFacesAndWhoseTheyAre() {
        var house = TestPlans.start()
                .chain(BodySide.LEFT, TestPlans.OUTER, true, 0, 0, 8000, 0, 8000, 3000, 5000, 6000, 0, 6000)
                .plan();
        var wall = house.storeys().getFirst().walls().get(2).id();
        assertThat(ReportJson.report(house).replaceAll("\\s+", " "))
                .contains("\"side\" : \"slanted\", \"along\" : \"" + wall.text() + "\", \"tier\" : \"overall\", "
                        + "\"parts_mm\" : [ 4242.641 ], \"shown\" : [ \"4243\" ], \"total\" : \"4243\"");
    }
}
