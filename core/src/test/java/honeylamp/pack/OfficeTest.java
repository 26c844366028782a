package honeylamp.pack;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.edit.PageEdits;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Underlay.Picture;
import honeylamp.store.KeptFile;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What an office writes into every title block. */
class OfficeTest {
    private static final byte[] MARK = {1, 2, 3};
    private static final Picture PICTURE = new Picture("a".repeat(64), "mark.png", 40, 20);

    private static Office office() {
        var title = TitleBlock.of("A house")
                .with(t -> t.author("Merrin Dole")
                        .smallPrint("Check on site.")
                        .own(List.of(new OwnField("Office", "4 Quay Street")))
                        .block(Block.FOOTER)
                        .logo(Optional.of(PICTURE)));
        return Office.of(title, Optional.of(MARK));
    }

    @Test
    void aNewPlanSaysWhatTheOfficeSays() {
        var plan = office().in(NewPlan.in(UnitSystem.MM));
        var title = plan.presentation().pages().getFirst().sheet().title();
        assertThat(title.author()).isEqualTo("Merrin Dole");
        assertThat(title.smallPrint()).isEqualTo("Check on site.");
        assertThat(title.own()).containsExactly(new OwnField("Office", "4 Quay Street"));
        assertThat(title.block()).isEqualTo(Block.FOOTER);
        assertThat(title.logo()).contains(PICTURE);
        assertThat(title.project()).isEmpty(); // that is the plan's own
        assertThat(office().logo().orElseThrow().read()).isEqualTo(MARK);
    }

    @Test
    void whatAPlanSaysOfItsOwnStays() {
        var plan = PageEdits.sheet(
                NewPlan.in(UnitSystem.MM),
                s -> s.withTitle(s.title().with(t -> t.author("Ada Lock").block(Block.NONE))));
        var title = office().in(plan).presentation().pages().getFirst().sheet().title();
        assertThat(title.author()).isEqualTo("Ada Lock");
        assertThat(title.block()).isEqualTo(Block.NONE);
    }

    /** Kept in a file there is one, and it is read as it was written; a mark that is too large is left out. */
    @Test
    void itIsKeptInAFile(@TempDir Path folder) throws IOException {
        var file = folder.resolve("office.json");
        var kept = KeptFile.OFFICES.with(KeptFile.OFFICES.with(List.of(), office()), office());
        assertThat(kept).hasSize(1);
        KeptFile.OFFICES.write(file, kept);
        assertThat(KeptFile.OFFICES.read(file)).isEqualTo(kept);
        var large = Office.of(
                TitleBlock.of("x").withLogo(Optional.of(PICTURE)), Optional.of(new byte[Office.MOST_LOGO_BYTES + 1]));
        assertThat(large.logo()).isEmpty();
    }
}
