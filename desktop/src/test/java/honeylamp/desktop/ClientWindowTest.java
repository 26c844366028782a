package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.drawing.Mark;
import honeylamp.edit.ReviewEdits;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Review.State;
import honeylamp.store.ClientPage;
import honeylamp.store.PlanDocument;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The page for the client goes out of the window, and what comes back is worked off there. */
class ClientWindowTest {
    @TempDir
    Path folder;

    @Test
    void thePageGoesOutAndRemarksComeBack() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.fill("title-client", "Saoirse Pell"); // in no file yet
            var page = folder.resolve("client.html");
            w.answers.sheet = Optional.of(page);
            w.press("client-page");
            w.told("The client page is in client.html");
            assertThat(Files.readString(page)).contains("Quillback Lane", "Saoirse Pell", "default-src 'none'");

            var back = Files.writeString(folder.resolve("back.json"), """
                    {"form": "honey-lamp-remarks-1", "plan": "Quillback Lane", "reader": "Isolde",
                     "remarks": [
                       {"page": "p1", "storey": "s1", "planX": 2500, "planY": 2000, "words": "A wider door?", "on": "2026-11-29"},
                       {"page": "p2", "storey": "FLAT", "planX": 2500, "planY": 2000, "words": "Lighter here", "on": "2026-11-29"}],
                     "approved": [], "ticked": []}
                    """.replace(
                    "FLAT", QuillbackLane.plan().storeys().getLast().id().text()));
            w.answers.sheet = Optional.of(back);
            w.press("bring-in-remarks");
            w.told("2 remarks, 0 approvals");
            assertThat(w.plan().review().remarks()).hasSize(2);
            w.press("remark-1-done");
            assertThat(w.plan().review().remarks().getFirst().state()).isEqualTo(State.DONE);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().review().remarks().getFirst().state()).isEqualTo(State.OPEN);
            w.press("remark-2-show");
            assertThat(w.message()).contains("Lighter here");
            assertThat(w.model().now().currentStorey().name()).isEqualTo("Upper floor");
            w.press("remark-2-forget");
            assertThat(w.plan().review().remarks()).hasSize(1);

            w.answers.sheet = Optional.of(Files.writeString(folder.resolve("other.json"), "{\"form\": \"else\"}"));
            w.press("bring-in-remarks");
            w.told("no file of remarks");
            assertThat(w.plan().review().remarks()).hasSize(1);
        }
    }

    /** A page that was approved has its stamp in the window too, and loses it when anything on it changes. */
    @Test
    void anApprovedPageIsStampedAsLongAsItStaysAsItWas() throws Exception {
        var plan = QuillbackLane.plan();
        var sent = folder.resolve("sent.html");
        ClientPage.write(PlanDocument.of(plan), sent, Progress.NONE);
        var digest = Pattern.compile("\"digest\"\\s*:\\s*\"([^\"]+)\"").matcher(Files.readString(sent));
        assertThat(digest.find()).isTrue();
        var approval = new Approval(new PageId(1), "Isolde", "1 December 2026", digest.group(1));
        var approved = ReviewEdits.take(plan, List.of(), List.of(approval)).orThrow();
        try (var w = WindowDriver.with(PlanDocument.of(approved))) {
            w.press("stage-sheet");
            w.until(() -> stamps(w).equals(List.of("Approved by Isolde on 1 December 2026")));
            w.press("list-areas");
            w.settle();
            w.until(() -> stamps(w).isEmpty());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.until(() -> stamps(w).size() == 1);
            w.press("stage-walls");
            assertThat(stamps(w)).isEmpty();
        }
    }

    private static List<String> stamps(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> Mark.words(w.model().shown().besidePlan())
                .map(Mark.Text::text)
                .filter(t -> t.startsWith("Approved"))
                .toList());
    }

    @Test
    void aModelForOtherProgramsGoesOutAndAFullPlaceIsTold() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            var model = folder.resolve("lane.ifc");
            w.answers.sheet = Optional.of(model);
            w.press("export-model");
            w.told("rooms and furniture are in lane.ifc");
            assertThat(Files.readString(model)).startsWith("ISO-10303-21;").contains("'Tea room'");
            w.answers.sheet = Optional.of(folder.resolve("none").resolve("lane.ifc"));
            w.press("export-model");
            w.told("The model was not written");
            w.press("pdf-archive");
            var kept = folder.resolve("kept.pdf");
            w.answers.sheet = Optional.of(kept);
            w.press("export");
            w.until(() -> Files.exists(kept));
            assertThat(Files.readString(kept, StandardCharsets.ISO_8859_1)).contains("pdfaid");
        }
    }

    @Test
    void allPagesAreLookedOverBeforeTheyLeave() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("leaving-check");
            w.told("All is ready to leave");
            w.press("reach-this");
            w.press("scale-filling");
            w.fill("title-date", "");
            w.press("leaving-check");
            w.told("2 things to look at");
            w.press("leaving-scale-1");
            assertThat(w.message()).contains("Ground floor keeps to no scale");
        }
    }
}
