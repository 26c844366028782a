package honeylamp.guide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeylamp.derive.snags.Snag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The guide: whole, and about what there is. */
class GuideTest {
    private static final Path DOCS = Path.of("../docs/guide");

    /** Reading it checks every link and every picture. */
    @Test
    void everyPageInDocsIsInTheWindowAndNoOther() throws IOException {
        try (var files = Files.list(DOCS)) {
            var written = files.map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".md"))
                    .map(f -> f.replace(".md", ""))
                    .toList();
            assertThat(Guide.shipped().pages()).extracting(GuidePage::key).containsExactlyInAnyOrderElementsOf(written);
        }
    }

    @Test
    void everyPageIsReachedFromTheFirst() {
        var guide = Guide.shipped();
        var reached = guide.page(Guide.FIRST)
                .orElseThrow()
                .spans()
                .filter(Span.Link.class::isInstance)
                .map(s -> ((Span.Link) s).to().page())
                .toList();
        assertThat(guide.pages())
                .extracting(GuidePage::key)
                .filteredOn(key -> !key.equals(Guide.FIRST))
                .allMatch(reached::contains);
    }

    @Test
    void everyKindOfSnagHasItsWordsInTheOrderOfTheList() {
        var told = Guide.shipped().page("snags").orElseThrow();
        assertThat(told.headings().map(Block.Heading::key))
                .containsExactlyElementsOf(Arrays.stream(Snag.Kind.values())
                        .map(k -> Place.key(k.label()))
                        .toList());
    }

    /** Whether a mend is spoken of agrees with what the list offers for those that mend by themselves. */
    @Test
    void whatMendsByItselfIsSaidToDoSo() {
        var told = Guide.shipped().page("snags").orElseThrow();
        for (var kind : Snag.Kind.values()) {
            if (kind.mendsByItself()) {
                assertThat(words(told, Place.key(kind.label())))
                        .as(kind.label())
                        .contains("mend");
            }
        }
    }

    private static String words(GuidePage page, String heading) {
        var at = -1;
        for (var i = 0; i < page.blocks().size(); i++) {
            if (page.blocks().get(i) instanceof Block.Heading h && h.key().equals(heading)) {
                at = i;
            }
        }
        var out = new StringBuilder();
        if (page.blocks().get(at + 1) instanceof Block.Words(List<Span> spans)) {
            spans.forEach(s -> out.append(s.words()));
        }
        return out.toString();
    }

    /** The four tasks, each with pictures, in the order of work. */
    @Test
    void theTasksHaveStepsAndPictures() {
        var guide = Guide.shipped();
        for (var key : List.of("listing", "remodel", "bathroom", "lighting-plan")) {
            var page = guide.page(key).orElseThrow();
            assertThat(page.pictures()).as(key).isNotEmpty();
            assertThat(page.headings().map(Block.Heading::words).filter(w -> w.matches("\\d\\. .*")))
                    .as(key)
                    .hasSizeGreaterThanOrEqualTo(4);
        }
    }

    @Test
    void aPageIsReadAsItIsWritten() {
        var page = GuideReader.page("walls", """
                # Walls

                **Draw walls** with `Enter`, *well*; see
                [gap](snags.md#gap) or [here](#more).

                ## More to it

                1. one
                2. two

                ![A wall](pictures/wall.png)
                """);
        assertThat(page.title()).isEqualTo("Walls");
        assertThat(page.spans())
                .startsWith(
                        new Span.Label("Draw walls"),
                        new Span.Plain(" with "),
                        new Span.Typed("Enter"),
                        new Span.Plain(", "),
                        new Span.Leaning("well"),
                        new Span.Plain("; see"),
                        new Span.Plain(" "),
                        new Span.Link("gap", new Place("snags", "gap")))
                .contains(new Span.Link("here", new Place("walls", "more")));
        assertThat(page.headings()).containsExactly(new Block.Heading("More to it", "more-to-it"));
        assertThat(page.pictures()).containsExactly(new Block.Picture("wall.png", "A wall"));
    }

    @Test
    void whatTheWindowCannotShowIsRefused() {
        assertThatThrownBy(() -> GuideReader.page("x", "# X\n\n> said"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("BlockQuote");
        assertThatThrownBy(() -> GuideReader.page("x", "no title")).hasMessageContaining("no title");
    }
}
