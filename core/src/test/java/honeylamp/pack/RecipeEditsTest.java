package honeylamp.pack;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.edit.PageEdits;
import honeylamp.edit.PlanEdits;
import honeylamp.output.Export.Format;
import honeylamp.pack.Recipe.Measure;
import honeylamp.pack.Recipe.Of;
import honeylamp.pack.Recipe.Part;
import honeylamp.store.KeptFile;
import honeylamp.store.ScheduleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Recipes made by oneself, part by part. */
class RecipeEditsTest {
    private static Recipe begun() {
        return RecipeEdits.begin("Quay", Recipes.all()).orThrow();
    }

    @Test
    void aRecipeIsBegunUnderANameOfItsOwn() {
        assertThat(begun().parts()).hasSize(1);
        assertThat(begun().parts().getFirst().of()).isEqualTo(Of.ALL_PAGES);
        assertThat(RecipeEdits.begin(" ", Recipes.all()).refusal()).isPresent();
        assertThat(RecipeEdits.begin("client SET", Recipes.all()).refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("already"));
        var like = RecipeEdits.like(Recipes.all().getFirst(), "Portal, ours", Recipes.all())
                .orThrow();
        assertThat(like.parts()).isEqualTo(Recipes.all().getFirst().parts());
    }

    @Test
    void partsComeGoAndChange() {
        var two = RecipeEdits.add(begun()).orThrow();
        assertThat(two.parts()).extracting(Part::file).containsExactly("{plan}", "{plan}-2");
        var squared = RecipeEdits.of(two, 1, Of.EACH_STOREY)
                .then(r -> RecipeEdits.change(
                        r,
                        1,
                        p -> p.withFormat(Format.JPEG)
                                .withMeasure(p.measure().bySides(Optional.of(1080), Optional.empty()))))
                .orThrow();
        assertThat(squared.parts().get(1).measure().upPx()).contains(1080); // one side alone makes a square
        assertThat(RecipeEdits.of(squared, 1, Of.ALL_PAGES)
                        .orThrow()
                        .parts()
                        .get(1)
                        .format())
                .isEqualTo(Format.PDF);
        assertThat(RecipeEdits.change(squared, 1, p -> p.withFile("../up")).refusal())
                .isPresent();
        assertThat(RecipeEdits.change(squared, 1, p -> p.withMeasure(p.measure().byLongest(Optional.of(7))))
                        .refusal())
                .isPresent();
        assertThat(RecipeEdits.take(squared, 0).orThrow().parts()).hasSize(1);
        assertThat(RecipeEdits.take(begun(), 0).refusal()).isPresent();
    }

    /** By one measure at a time: who says the longest side no longer means the sides. */
    @Test
    void aPictureIsMeasuredInOneWay() {
        var sides = Measure.PRINT.bySides(Optional.of(800), Optional.of(600));
        assertThat(sides.byLongest(Optional.of(1600)).acrossPx()).isEmpty();
        assertThat(sides.byDpi(Optional.of(200)).upPx()).isEmpty();
        assertThat(sides.weighing(Optional.of(300)).acrossPx()).contains(800);
    }

    /** A file of recipes from before PDFs could be kept says nothing of that: they are to be printed. */
    @Test
    void olderRecipesAreRead(@TempDir Path folder) throws IOException {
        var file = folder.resolve("recipes.json");
        KeptFile.RECIPES.write(file, List.of(begun()));
        var json = Files.readString(file);
        assertThat(json).contains("\"lasting\"").contains("\"notes\"");
        Files.writeString(
                file,
                json.replaceAll(",\\s*\"lasting\"\\s*:\\s*\"print\"", "")
                        .replaceAll(",\\s*\"notes\"\\s*:\\s*\"title\"", ""));
        assertThat(Files.readString(file)).doesNotContain("lasting");
        assertThat(KeptFile.RECIPES.read(file)).containsExactly(begun());
    }

    /** What belongs to a plan belongs to plans that begin with it. */
    @Test
    void aTemplateHasItsRecipes() {
        var plan = PageEdits.recipe(QuillbackLane.plan(), "Client set").orThrow();
        assertThat(plan.presentation().recipes()).containsExactly("Client set");
        assertThat(PlanEdits.template(plan).presentation().recipes()).containsExactly("Client set");
        assertThat(PageEdits.recipe(plan, "Client set").orThrow()).isEqualTo(QuillbackLane.plan());
    }

    /** A workbook says when it was made in three places; packed twice it has the same bytes. */
    @Test
    void schedulesHaveTheSameBytesWheneverTheyAreWritten(@TempDir Path folder) throws Exception {
        var first = folder.resolve("a.xlsx");
        ScheduleFile.write(QuillbackLane.plan(), ScheduleFile.Format.XLSX, first);
        Thread.sleep(2100); // entries of a zip are dated to two seconds
        var second = folder.resolve("b.xlsx");
        ScheduleFile.write(QuillbackLane.plan(), ScheduleFile.Format.XLSX, second);
        assertThat(Files.readAllBytes(first)).isEqualTo(Files.readAllBytes(second));
    }
}
