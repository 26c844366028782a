package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Underlay;
import honeylamp.sheet.OwnRows.Cell;
import honeylamp.sheet.OwnRows.Size;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Title blocks of own rows. */
class OwnRowsTest {
    private static final PageId FIRST = new PageId(1);

    @Test
    void aLineIsARowAndBarsPartIt() {
        var rows = OwnRows.read("2x ## {project} | {scale bar}\n\n# {drawing}|Client: {client}|plain words");
        assertThat(rows).hasSize(2); // an empty line is none
        assertThat(rows.getFirst().cells())
                .containsExactly(
                        new Cell(2, Size.TITLE, "", "{project}"), new Cell(1, Size.ORIENTATION, "", "{scale bar}"));
        assertThat(rows.getFirst().shares()).isEqualTo(3);
        assertThat(rows.getLast().cells())
                .containsExactly(
                        new Cell(1, Size.LARGE, "", "{drawing}"),
                        new Cell(1, Size.LABELLED, "Client", "{client}"),
                        new Cell(1, Size.PLAIN, "", "plain words"));
    }

    private static Plan with(String rows) {
        return PageEdits.sheet(
                QuillbackLane.plan(),
                s -> s.withTitle(s.title()
                        .with(t -> t.block(Block.OWN)
                                .made(Optional.of(new OwnBlock("Ours", rows)))
                                .own(List.of(new OwnField("Permit", "WB 7"))))));
    }

    private static List<String> said(Plan plan) {
        return Mark.words(
                        SheetComposer.compose(LaidPlan.of(plan).page(FIRST), Lamp.DRAFT, 0.5)
                                .drawing()
                                .layers()
                                .stream()
                                .filter(l -> l.kind() == LayerKind.SHEET)
                                .flatMap(l -> l.marks().stream())
                                .toList())
                .map(Mark.Text::text)
                .toList();
    }

    @Test
    void cellsReadWhatThePageSays() {
        var said = said(with(
                "## {project}\nClient: {client} | Page: {page} | {Permit} | {nothing of the kind}\nRev: {revision}"));
        assertThat(said)
                .contains(
                        "Quillback Lane, Wrenmouth", "Client", "Isolde Marrable", "Page", "1 of 2", "WB 7", "Rev", "A")
                .contains("{nothing of the kind}"); // what nobody knows is seen, not lost
    }

    /** The mark of the house lies in its cell: of two equal cells in the second, within the margins. */
    @Test
    void theMarkOfTheHouseLiesInItsCell() {
        var picture = new Underlay.Picture("0".repeat(64), "mark", 400, 200);
        var plan = PageEdits.sheet(
                with("{project} | {logo}"), s -> s.withTitle(s.title().withLogo(Optional.of(picture))));
        var page = LaidPlan.of(plan).page(FIRST);
        var place = SheetComposer.logo(page).orElseThrow();
        var sheet = page.page().sheet();
        var inside = sheet.widthMm() - 30;
        assertThat(place.minX()).isBetween(20 + inside / 2, 20 + inside / 2 + 5);
        assertThat(place.maxX()).isLessThan(20 + inside);
        assertThat(place.maxY()).isLessThan(sheet.heightMm() - 10);
    }
}
