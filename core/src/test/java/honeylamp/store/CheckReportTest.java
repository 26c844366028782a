package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.output.Legibility;
import honeylamp.output.PageReading;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Underlay.Picture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is told of a plan from outside the window. */
class CheckReportTest {
    private static JsonNode read(String json) {
        return JsonMapper.builder().build().readTree(json);
    }

    private static List<PageReading> readings(Plan plan) {
        return CheckReport.readings(PlanDocument.of(plan));
    }

    @Test
    void snagsAreListedWithPlaceAndSentence() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var snags = CheckReport.snags(plan);
        var json = read(CheckReport.json(snags, List.of())).path("snags");
        assertThat(json).hasSize(1);
        assertThat(json.get(0).path("kind").asString()).isEqualTo("unnamed room");
        assertThat(json.get(0).path("at_mm")).hasSize(2);
        assertThat(read(CheckReport.json(CheckReport.snags(SailclothYard.plan()), List.of()))
                        .path("snags"))
                .isEmpty();
    }

    @Test
    void everyWordOfTheDemosIsRead() {
        assertThat(readings(SailclothYard.plan()))
                .allSatisfy(r -> assertThat(r.hard()).isEmpty());
        assertThat(readings(QuillbackLane.plan()))
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.hard()).isEmpty())
                .allSatisfy(r -> assertThat(r.sentence()).startsWith("All ").contains("can be read"));
    }

    /** A dark picture laid over the name of a room leaves nothing of it to be read. */
    @Test
    void whatAPictureOnThePageHidesIsHardToRead() throws IOException {
        var plan = SailclothYard.plan();
        var name = readings(plan).getFirst().words().getFirst();
        var image = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), "png", image);
        var asset = PictureImport.sha256(image.toByteArray());
        var page = new PageId(1);
        var laid = PageEdits.layPicture(plan, page, new Picture(asset, "dark.png", 20, 20))
                .orThrow();
        var put = PageEdits.putPicture(
                        laid, page, 0, name.at().x() - 25, name.at().y() - 25, 50)
                .orThrow();
        var document = PlanDocument.of(put).withAsset(asset, image.toByteArray());
        assertThat(CheckReport.readings(document).getFirst().hard())
                .extracting(Legibility.Word::text)
                .contains(name.text());
        assertThat(readings(plan).getFirst().hard()).isEmpty();
    }

    /** In the middle of a wall a note has paper around its letters; in ink of the paper's colour nothing helps. */
    @Test
    void aNoteInTheColourOfThePaperIsHardToRead() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(2500, -150), "no")
                .plan();
        assertThat(readings(noted).getFirst().hard()).isEmpty();
        var pale = ViewEdits.look(
                noted,
                l -> l.withPalette(l.palette().with(Map.of(Role.INK, l.palette().of(Role.PAPER)))));
        var readings = readings(pale);
        var first = readings.getFirst();
        assertThat(first.sentence()).contains("hard to read");
        assertThat(first.hard()).anySatisfy(w -> {
            assertThat(w.text()).isEqualTo("no");
            assertThat(w.contrast()).isLessThan(2);
            assertThat(first.sentence(w)).contains("\"no\" on", "where 4.5 is needed");
        });
        assertThat(read(CheckReport.json(List.of(), readings))
                        .path("hard_to_read")
                        .valueStream()
                        .map(n -> n.path("text").asString()))
                .contains("no");
    }
}
