package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.BoatShed;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Plan;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyPlan;
import honeylamp.units.UnitSystem;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurveyFileTest {
    private static final String SQUARE = """
            kind,from,to,start,end,turn,note
            unit,,,,,,m
            leg,A,B,,5,0,Office
            leg,B,C,0.5,4.5,90,
            leg,C,D,,5,90,
            leg,D,A,,4,90,
            door,A,B,1,1.885,,
            """;

    private static SurveyFile.Result read(String text) {
        return SurveyFile.read(text.getBytes(StandardCharsets.UTF_8), "rooms.csv");
    }

    private static Plan plan(String text) throws Exception {
        var good = (SurveyFile.Result.Good) read(text);
        return SurveyPlan.of(good.survey(), Adjustment.of(good.survey()), good.units());
    }

    @Test
    void aRoomOfReadingsBecomesARoomOfThePlan() throws Exception {
        var plan = plan(SQUARE);
        assertThat(plan.units()).isEqualTo(UnitSystem.M);
        var storey = plan.storeys().getFirst();
        var rooms = StoreyGeometry.of(plan, storey).rooms();
        assertThat(rooms).hasSize(1);
        assertThat(rooms.getFirst().name()).isEqualTo("Office");
        assertThat(rooms.getFirst().areaMm2()).isCloseTo(20e6, within(1.0)); // 5 m by 4.5 − 0.5 m, within the faces
        assertThat(storey.openings().getFirst().offset().mm()).isEqualTo(1000);
        assertThat(storey.openings().getFirst().width().mm()).isEqualTo(885);
        assertThat(TestPlans.sheet(plan).title().drawing()).contains("closes to within a millimetre");
    }

    @Test
    void walkedTheOtherWayRoundItIsTheSameRoom() throws Exception {
        var other = SQUARE.replace(",90,", ",-90,");
        var rooms =
                StoreyGeometry.of(plan(other), plan(other).storeys().getFirst()).rooms();
        assertThat(rooms.getFirst().areaMm2()).isCloseTo(20e6, within(1.0));
    }

    @Test
    void jsonSaysTheSameAsCsv() throws Exception {
        var json = """
                {"format": "honeylamp survey", "version": 1, "rows": [
                  {"kind": "unit", "note": "m"},
                  {"kind": "leg", "from": "A", "to": "B", "end": 5, "turn": 0, "note": "Office"},
                  {"kind": "leg", "from": "B", "to": "C", "start": 0.5, "end": "4.5 m", "turn": 90},
                  {"kind": "leg", "from": "C", "to": "D", "end": "5000 mm", "turn": 90},
                  {"kind": "leg", "from": "D", "to": "A", "end": 4, "turn": 90},
                  {"kind": "door", "from": "A", "to": "B", "start": 1, "end": 1.885}]}
                """;
        assertThat(plan(json)).isEqualTo(plan(SQUARE));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "leg,A,B,,-5,0,|leg,A,B,,5,0,Office|line 3",
                "leg,A,B,,five,0,|leg,A,B,,5,0,Office|A number is missing",
                "leg,A,B,,5,steep,|leg,A,B,,5,0,Office|steep",
                "leg,A,A,,5,0,|leg,A,B,,5,0,Office|itself",
                "wall,A,B,,5,0,|leg,A,B,,5,0,Office|no kind of row",
                "unit,,,,,,ells|unit,,,,,,m|ells"
            })
    void aWrongRowIsNamed(String wrong, String right, String word) {
        var result = read(SQUARE.replace(right, wrong));
        assertThat(result)
                .isInstanceOfSatisfying(
                        SurveyFile.Result.Refused.class,
                        r -> assertThat(r.problem().sentence())
                                .contains(word)
                                .contains("rooms.csv")
                                .contains("docs/survey.md"));
    }

    @Test
    void whatIsNoSurveyIsRefused() {
        for (var text :
                new String[] {"", "a,b\n1,2", "{\"format\":\"other\"}", "{", "\"open", "{\"rows\":" + "[".repeat(99)}) {
            assertThat(read(text)).as(text).isInstanceOf(SurveyFile.Result.Refused.class);
        }
        assertThat(SurveyFile.read(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1}, "x.csv"))
                .isInstanceOf(SurveyFile.Result.Refused.class);
    }

    /** By hand from the readings: north 7408 + 2600 − 9985 = 23 and east 14216 − 8991 − 5206 = 19. */
    @Test
    void theBoatShedClosesWithAVisibleErrorThatIsSpread() throws Exception {
        var good = (SurveyFile.Result.Good) SurveyFile.read(BoatShed.readings(), "boat-shed.csv");
        var adjusted = Adjustment.of(good.survey());
        assertThat(adjusted.closings().getFirst().errorMm()).isCloseTo(Math.hypot(19, 23), within(1e-6));
        var plan = BoatShed.plan();
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        assertThat(geometry.rooms())
                .extracting(r -> r.name())
                .containsExactlyInAnyOrder("Boat hall", "Workshop", "Sail store");
        assertThat(Snags.of(geometry, plan)).isEmpty();
        assertThat(TestPlans.sheet(plan).title().drawing()).contains("closing error 30 mm in 48.41 m (1:1623)");
        assertThat(SurveyReport.words(good.survey(), adjusted))
                .contains("closing error 29.8 mm", "1:1623", "least squares");
    }
}
