package honeylamp.pack.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Deletion;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.output.Export.Format;
import honeylamp.output.Progress;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipe.Drawn;
import honeylamp.pack.Recipe.Ground;
import honeylamp.pack.Recipe.Measure;
import honeylamp.pack.Recipe.Of;
import honeylamp.pack.Recipe.Part;
import honeylamp.pack.Recipes;
import honeylamp.pack.run.PackRun.Done;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.TypeFamily;
import honeylamp.store.KeptFile;
import honeylamp.store.PlanDocument;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Packs of the demo plans: what is in them, that a second run does nothing, and that only what changed is written. */
class PackRunTest {
    @TempDir
    Path folder;

    private static Part part(String file, Format format, Of of, Drawn drawn, Measure measure) {
        return new Part(file, format, of, drawn, Ground.WHITE, measure, of == Of.EACH_STOREY || of == Of.ALL_STOREYS);
    }

    private static Recipe small(Part... parts) {
        return new Recipe("Small", "", List.of(parts), Optional.empty());
    }

    private static final Part EACH =
            part("{plan}-{storey}", Format.JPEG, Of.EACH_STOREY, Drawn.AS_IT_IS, Measure.longest(300, 200));

    private Map<String, Done> run(Recipe recipe, Plan plan) throws Exception {
        var out = new TreeMap<String, Done>();
        PackRun.into(folder, recipe, PlanDocument.of(plan), Progress.NONE).forEach(l -> out.put(l.file(), l.done()));
        return out;
    }

    private Map<String, byte[]> files() throws Exception {
        var out = new TreeMap<String, byte[]>();
        try (var all = Files.list(folder)) {
            for (var file : all.toList()) {
                out.put(file.getFileName().toString(), Files.readAllBytes(file));
            }
        }
        return out;
    }

    @Test
    void aSecondRunDoesNothingAndAnotherFolderGetsTheVeryBytes(@TempDir Path other) throws Exception {
        var recipe = small(
                EACH,
                part("all", Format.PNG, Of.ALL_STOREYS, Drawn.AS_IT_IS, Measure.longest(400, 400)),
                part("sheets", Format.PDF, Of.ALL_PAGES, Drawn.AS_IT_IS, Measure.PRINT),
                part("lists", Format.PDF, Of.SCHEDULES, Drawn.AS_IT_IS, Measure.PRINT));
        var plan = QuillbackLane.plan();
        var first = run(recipe, plan);
        assertThat(first.keySet())
                .containsExactly(
                        "all.png",
                        "lists.xlsx",
                        "quillback-lane-ground-floor.jpg",
                        "quillback-lane-upper-floor.jpg",
                        "sheets.pdf");
        assertThat(first.values()).containsOnly(Done.WRITTEN);
        var bytes = files();
        assertThat(run(recipe, plan).values()).containsOnly(Done.UNCHANGED);
        assertThat(files()).usingRecursiveComparison().isEqualTo(bytes);

        PackRun.into(other, recipe, PlanDocument.of(plan), Progress.NONE);
        for (var name : first.keySet()) {
            if (!name.endsWith(".xlsx")) { // a workbook says when it was made
                assertThat(Files.readAllBytes(other.resolve(name))).as(name).isEqualTo(bytes.get(name));
            }
        }
    }

    @Test
    void onlyWhatChangedIsWrittenAgain() throws Exception {
        var plan = QuillbackLane.plan();
        run(small(EACH), plan);
        var flat = plan.storeys().getLast();
        var without = Deletion.of(
                plan, flat.id(), Set.of(flat.furnishings().getFirst().id()));
        assertThat(run(small(EACH), without))
                .containsEntry("quillback-lane-upper-floor.jpg", Done.WRITTEN)
                .containsEntry("quillback-lane-ground-floor.jpg", Done.UNCHANGED);

        Files.writeString(folder.resolve("quillback-lane-upper-floor.jpg"), "overwritten by hand");
        assertThat(run(small(EACH), without))
                .containsEntry("quillback-lane-upper-floor.jpg", Done.WRITTEN)
                .containsEntry("quillback-lane-ground-floor.jpg", Done.UNCHANGED);
        var larger = part("{plan}-{storey}", Format.JPEG, Of.EACH_STOREY, Drawn.AS_IT_IS, Measure.longest(310, 200));
        assertThat(run(small(larger), without).values()).containsOnly(Done.WRITTEN);
    }

    @Test
    void aPlanIsDrawnAsTheRecipeSaysAndNotChanged() throws Exception {
        var bare = new Drawn(Optional.of("ink"), Optional.of("Name only"), Optional.of("None"), true, false);
        var plan = SailclothYard.plan();
        run(small(part("a", Format.PDF, Of.EACH_PAGE, bare, Measure.PRINT)), plan);
        run(small(part("b", Format.PDF, Of.EACH_PAGE, Drawn.AS_IT_IS, Measure.PRINT)), plan);
        var words = text("a.pdf");
        assertThat(words).contains("BATHROOM").doesNotContain("13000").doesNotContain("6.70");
        assertThat(text("b.pdf")).contains("BATHROOM").contains("13000").contains("6.70");
        assertThat(plan).isEqualTo(SailclothYard.plan());
    }

    private String text(String file) throws Exception {
        try (var pdf = Loader.loadPDF(folder.resolve(file).toFile())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    /** Looks of the plan's own can be asked for too; what nothing is called like is told without running. */
    @Test
    void aRecipeAsksForLooksOfThePlanAndWhatIsMissingIsKnownBeforeItIsRun() throws Exception {
        var house = SailclothYard.plan();
        var view = house.presentation().views().getFirst().id();
        var blue = new Oklch(0.30, 0.10, 260);
        var own = ViewEdits.look(
                house,
                view,
                Reach.ALL,
                l -> l.withName("Harbour").withPalette(l.palette().with(Map.of(Role.POCHE, blue))));
        var drawn = new Drawn(Optional.of("harbour"), Optional.of("Name only"), Optional.of("None"), true, false);
        var recipe = small(part("h", Format.PNG, Of.EACH_STOREY, drawn, Measure.sides(600, 600)));
        assertThat(PackRun.looks(own)).endsWith("Harbour").contains("Ink");
        assertThat(PackRun.missing(own, recipe)).isEmpty();
        assertThat(PackRun.missing(house, recipe)).containsExactly("the look \"harbour\"");
        assertThat(PackRun.missing(
                        house,
                        small(part(
                                "h",
                                Format.PNG,
                                Of.EACH_STOREY,
                                new Drawn(Optional.empty(), Optional.of("Loud"), Optional.of("Tall"), true, false),
                                Measure.PRINT))))
                .containsExactly("the set of labels \"Loud\"", "the set of dimensions \"Tall\"");
        run(recipe, own);
        var image = ImageIO.read(folder.resolve("h.png").toFile());
        var bluish = 0;
        for (var y = 0; y < image.getHeight(); y++) {
            for (var x = 0; x < image.getWidth(); x++) {
                var rgb = image.getRGB(x, y);
                bluish += (rgb & 0xff) - (rgb >> 16 & 0xff) > 40 ? 1 : 0;
            }
        }
        assertThat(bluish).as("walls in the look's own colour").isGreaterThan(2000);
    }

    /** 1080 by 1080 whatever the shape of the plan, which stays whole in the middle of it. */
    @Test
    void aSquareIsSquare() throws Exception {
        run(
                small(part("s", Format.PNG, Of.EACH_STOREY, Drawn.AS_IT_IS, Measure.sides(400, 400))),
                SailclothYard.plan());
        var image = ImageIO.read(folder.resolve("s.png").toFile());
        assertThat(image.getWidth()).isEqualTo(400);
        assertThat(image.getHeight()).isEqualTo(400);
        assertThat(darkRows(image).getFirst() + darkRows(image).getLast()).isCloseTo(399, within(30));
    }

    private static List<Integer> darkRows(BufferedImage image) {
        return java.util.stream.IntStream.range(0, image.getHeight())
                .filter(y -> java.util.stream.IntStream.range(0, image.getWidth())
                        .anyMatch(x -> (image.getRGB(x, y) & 0xff) < 60))
                .boxed()
                .toList();
    }

    @Test
    void theFootOfABrandIsOnPagesAndBelowPictures() throws Exception {
        var brand = new Brand(
                "Alder and Pike",
                Optional.of("#FFFFFF"),
                Optional.of("#203040"),
                Optional.of("#A8503F"),
                Optional.of(TypeFamily.NARROW),
                "Alder and Pike, surveyors. Sizes are for guidance.",
                Optional.of(logo()));
        var parts = List.of(
                part("page", Format.PDF, Of.EACH_PAGE, Drawn.AS_IT_IS, Measure.PRINT),
                part("plan", Format.PNG, Of.EACH_STOREY, Drawn.AS_IT_IS, Measure.longest(600, 900)));
        run(new Recipe("Branded", "", parts, Optional.of(brand)), SailclothYard.plan());
        assertThat(text("page.pdf")).contains("surveyors. Sizes are for guidance.");
        var image = ImageIO.read(folder.resolve("plan.png").toFile());
        var green = 0;
        for (var y = image.getHeight() * 9 / 10; y < image.getHeight(); y++) {
            for (var x = image.getWidth() / 2; x < image.getWidth(); x++) {
                green += (image.getRGB(x, y) & 0xffffff) == 0x00ff00 ? 1 : 0;
            }
        }
        assertThat(green).as("the mark at the lower right").isGreaterThan(20);
    }

    private static String logo() throws Exception {
        var image = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (var i = 0; i < 800; i++) {
            image.setRGB(i % 40, i / 40, 0x00ff00);
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return Base64.getEncoder().encodeToString(out.toByteArray());
    }

    @Test
    void coloursNobodyCanReadAreRefused() {
        assertThatThrownBy(() -> new Brand(
                        "Pale",
                        Optional.of("#FFFFFF"),
                        Optional.of("#B0B0B0"),
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()))
                .hasMessageContaining("contrast is 2.1"); // (1.05) / (0.434 + 0.05) = 2.17
        assertThatThrownBy(() -> new Brand(
                        "Odd",
                        Optional.of("paperish"),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()))
                .hasMessageContaining("no colour for paper");
    }

    @Test
    void whatARecipeCannotHaveIsSaid() {
        assertThatThrownBy(() -> part("../out", Format.PNG, Of.EACH_PAGE, Drawn.AS_IT_IS, Measure.PRINT))
                .hasMessageContaining("no name of a file");
        assertThatThrownBy(() -> part("a", Format.PNG, Of.ALL_PAGES, Drawn.AS_IT_IS, Measure.PRINT))
                .hasMessageContaining("only into a PDF");
        var gone = new Drawn(Optional.of("Moonlit"), Optional.empty(), Optional.empty(), false, false);
        assertThatThrownBy(() ->
                        run(small(part("a", Format.PNG, Of.EACH_PAGE, gone, Measure.PRINT)), SailclothYard.plan()))
                .hasMessageContaining("no look called \"Moonlit\"")
                .hasMessageContaining("Daylight");
    }

    @Test
    void aFileThatFailsDoesNotHoldUpTheOthers() throws Exception {
        var night = new Drawn(Optional.of("Night drawing"), Optional.empty(), Optional.empty(), false, false);
        var lines = PackRun.into(
                folder,
                small(part("dark", Format.PNG, Of.EACH_STOREY, night, Measure.longest(300, 300)), EACH),
                PlanDocument.of(PlanEdits.named(SailclothYard.plan(), "Yard")),
                Progress.NONE);
        assertThat(lines).extracting(PackRun.Line::done).containsExactly(Done.FAILED, Done.WRITTEN);
        assertThat(lines.getFirst().words()).contains("dark paper");
        assertThat(folder.resolve("dark.png")).doesNotExist();
    }

    /** The recipes that ship are written, read back the same, and each makes files of each demo. */
    @Test
    void recipesThatShipAreReadBackAndAskForFiles() throws Exception {
        var file = folder.resolve("recipes.json");
        KeptFile.RECIPES.write(file, Recipes.all());
        assertThat(KeptFile.RECIPES.read(file)).isEqualTo(Recipes.all());
        for (var recipe : Recipes.all()) {
            for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
                var names =
                        PackFile.of(plan, recipe).stream().map(PackFile::name).toList();
                assertThat(names).as(recipe.name()).isNotEmpty().doesNotHaveDuplicates();
            }
        }
        assertThat(Recipes.named("listing-portal")).contains(Recipes.all().getFirst());
    }
}
