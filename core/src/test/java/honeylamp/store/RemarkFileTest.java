package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.edit.ReviewEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Review;
import honeylamp.plan.Review.State;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files of remarks: what is taken of them, and what hostile ones come to. */
class RemarkFileTest {
    @TempDir
    Path folder;

    private static final Plan PLAN = QuillbackLane.plan();

    private static String file(String plan, String remarks) {
        return "{\"form\":\"honey-lamp-remarks-1\",\"plan\":\"" + plan + "\",\"reader\":\"Ada\",\"remarks\":[" + remarks
                + "],\"approved\":[],\"ticked\":[]}";
    }

    private static String remark(String page, String x, String words) {
        return "{\"page\":\"" + page + "\",\"storey\":\"s1\",\"planX\":" + x + ",\"planY\":2000,\"words\":\"" + words
                + "\",\"on\":\"2026-11-29\"}";
    }

    private RemarkFile.Result read(String text) throws Exception {
        return RemarkFile.read(Files.writeString(folder.resolve("back.json"), text), PLAN);
    }

    private String refused(String text) throws Exception {
        return ((RemarkFile.Result.Refused) read(text)).problem().sentence();
    }

    @Test
    void remarksAreTakenOnceNumberedAndWorkedOff() throws Exception {
        var read = (RemarkFile.Result.Good)
                read(file("Quillback Lane", remark("p1", "2500", "Wider?") + "," + remark("p9", "1", "No such page")));
        assertThat(read.remarks()).hasSize(1);
        var once = ReviewEdits.take(PLAN, read.remarks(), read.approvals()).orThrow();
        var twice = ReviewEdits.take(once, read.remarks(), read.approvals()).orThrow();
        assertThat(twice).isSameAs(once);
        var more = ReviewEdits.take(
                        once,
                        ((RemarkFile.Result.Good) read(file("Quillback Lane", remark("p2", "100", "Lighter"))))
                                .remarks(),
                        read.approvals())
                .orThrow();
        assertThat(more.review().remarks()).extracting(Review.Remark::number).containsExactly(1, 2);
        var done = ReviewEdits.state(more, 2, State.DONE);
        assertThat(done.review().remarks()).extracting(Review.Remark::state).containsExactly(State.OPEN, State.DONE);
        assertThat(ReviewEdits.forget(done, 1).review().remarks())
                .extracting(Review.Remark::words)
                .containsExactly("Lighter");
        // kept in the file, and undone by keeping the plan before
        var saved = folder.resolve("kept.honeylamp");
        PlanFile.save(PlanDocument.of(done), new byte[0], saved);
        assertThat(((PlanFile.Opened.Good) PlanFile.open(saved)).document().plan())
                .isEqualTo(done);
    }

    @Test
    void aFileOfAnotherPlanIsRefused() throws Exception {
        assertThat(refused(file("Rope House", ""))).contains("is about \"Rope House\", not about \"Quillback Lane\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                        | no file of remarks",
                "[]                                        | no file of remarks",
                "nonsense                                  | no file of remarks",
                "<html><script>alert(1)</script></html>    | no file of remarks",
            })
    void whatIsNoFileOfRemarksIsRefused(String text, String said) throws Exception {
        assertThat(refused(text)).contains(said);
    }

    @Test
    void hostileFilesComeToASentence() throws Exception {
        assertThat(refused(file("Quillback Lane", remark("p1", "1e300", "Far"))))
                .contains("lies nowhere");
        assertThat(refused(file("Quillback Lane", remark("p1", "\"x\"", "Where?"))))
                .contains("lies nowhere");
        assertThat(refused(file("Quillback Lane", remark("p1", "1", "a".repeat(1001)))))
                .contains("words without end");
        var many = new StringBuilder(remark("p1", "1", "0"));
        for (var i = 1; i <= 500; i++) {
            many.append(',').append(remark("p1", "1", String.valueOf(i)));
        }
        assertThat(refused(file("Quillback Lane", many.toString()))).contains("more than 500 remarks");
        assertThat(refused("[" + "9".repeat(2_100_000) + "]")).contains("larger than remarks are");
        assertThat(refused("[".repeat(100_000))).contains("no file of remarks");
        assertThat(((RemarkFile.Result.Refused) RemarkFile.read(folder.resolve("none.json"), PLAN))
                        .problem()
                        .sentence())
                .contains("cannot be read");
    }

    /** Words stay words; what would steer a terminal goes. */
    @Test
    void scriptIsWordsAndControlCharactersGo() throws Exception {
        var read = (RemarkFile.Result.Good)
                read(file("Quillback Lane", remark("p1", "1", "<script>alert(1)</script>\\u001b[2J")));
        assertThat(read.remarks().getFirst().words()).isEqualTo("<script>alert(1)</script>[2J");
    }
}
