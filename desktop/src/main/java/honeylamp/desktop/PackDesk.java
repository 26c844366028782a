package honeylamp.desktop;

import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.pack.Brand;
import honeylamp.pack.BrandForm;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipes;
import honeylamp.pack.run.PackRun;
import honeylamp.pack.run.PackRun.Done;
import honeylamp.store.KeptFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;

/** Packs the plan by recipes, and keeps recipes and brands. */
record PackDesk(
        WorkspaceModel model, FileDialogs dialogs, Errands errands, Library<Recipe> recipes, Library<Brand> brands) {
    private static final long MOST_MARK_BYTES = 1L << 20;

    /** Asks for a folder and makes all files of a recipe in it; the brand that is carried goes with it. */
    void pack(Recipe recipe) {
        pack("Packing " + recipe.name(), List.of(recipe));
    }

    /** Asks for a folder and makes in it all files of all recipes that belong to the plan. */
    void packPlan() {
        var named = model.now().plan().presentation().recipes();
        var known = all().stream().filter(r -> named.contains(r.name())).toList();
        var names = known.stream().map(Recipe::name).toList();
        var missing = named.stream().filter(n -> !names.contains(n)).toList();
        if (named.isEmpty()) {
            model.complain("No recipe belongs to this plan yet. Choose some in Sheet, under Packs.");
        } else if (!missing.isEmpty()) {
            model.complain("The recipe \"" + missing.getFirst()
                    + "\" is not on this machine. Bring it in, or take it from this plan in Sheet, under Packs.");
        } else {
            pack("Packing " + model.now().plan().spokenName(), known);
        }
    }

    private void pack(String title, List<Recipe> wanted) {
        dialogs.packFolder().ifPresent(folder -> {
            var document = model.now().current();
            errands.follow(
                    Errands.work(title, progress -> {
                        var lines = new ArrayList<PackRun.Line>();
                        for (var recipe : wanted) {
                            var branded = recipe.withBrand(carried().or(recipe::brand));
                            lines.addAll(PackRun.into(folder, branded, document, progress));
                        }
                        return lines;
                    }),
                    lines -> tell(lines, folder),
                    () -> model.say("Packing ended; what was written stays."),
                    e -> model.complainOfFile(
                            "Nothing more was packed: " + Errands.reason(e) + ". Choose another folder."),
                    () -> {});
        });
    }

    private Optional<Brand> carried() {
        return model.now()
                .choices()
                .brand()
                .flatMap(name ->
                        brands.all().stream().filter(b -> b.name().equals(name)).findFirst());
    }

    private void tell(List<PackRun.Line> lines, Path folder) {
        var failed = lines.stream().filter(l -> l.done() == Done.FAILED).toList();
        var words = count(lines, Done.WRITTEN) + " written, " + count(lines, Done.UNCHANGED) + " unchanged in "
                + folder.getFileName() + ".";
        if (failed.isEmpty()) {
            model.say(words);
        } else {
            model.complainOfFile(failed.size() + " failed: " + failed.getFirst().file() + ", "
                    + failed.getFirst().words() + ". " + words);
        }
    }

    private static long count(List<PackRun.Line> lines, Done done) {
        return lines.stream().filter(l -> l.done() == done).count();
    }

    /** All recipes, those that ship too, as a file to change by hand. */
    void share() {
        dialogs.shareRecipes("recipes.json")
                .ifPresent(to -> errands.follow(
                        Errands.work("Writing recipes", _ -> {
                            KeptFile.RECIPES.write(to, all());
                            return to;
                        }),
                        _ -> model.say("The recipes are in " + to.getFileName() + "."),
                        () -> model.say("Writing ended."),
                        e -> model.complainOfFile(
                                "The recipes were not written: " + Errands.reason(e) + ". Choose another place."),
                        () -> {}));
    }

    /** Those that ship, and in their place those a person keeps under the same name. */
    List<Recipe> all() {
        var out = new ArrayList<>(Recipes.all());
        for (var own : recipes.all()) {
            out.removeIf(r -> r.name().equals(own.name()));
            out.add(own);
        }
        return out;
    }

    void bringIn() {
        new SharingDesk<>(model, errands, recipes, KeptFile.RECIPES, "recipe", "recipes", "")
                .bringIn(dialogs.openRecipes(), this::missing);
    }

    private String missing(List<Recipe> found) {
        return found.stream()
                .flatMap(recipe -> PackRun.missing(model.now().plan(), recipe).stream()
                        .map(m -> " " + recipe.name() + " asks for " + m
                                + ", which is not here: choose another in its parts before it is run."))
                .findFirst()
                .orElse("");
    }

    /** Asks for a file of brands somebody shared. */
    void bringInBrands() {
        new SharingDesk<>(model, errands, brands, KeptFile.BRANDS, "brand", "brands", "")
                .bringIn(dialogs.openRecipes());
    }

    void shareBrands() {
        var sharing = new SharingDesk<>(
                model, errands, brands, KeptFile.BRANDS, "brand", "brands", "Type its name in Sheet, under Brand.");
        if (sharing.has()) {
            sharing.share(dialogs.shareRecipes("brands.json"));
        }
    }

    /** Asks for the picture that is a brand's mark. */
    void mark(Brand brand) {
        dialogs.openPicture()
                .ifPresent(file -> errands.run("Reading " + file.getFileName(), _ -> bytes(file), bytes -> {
                    var form = BrandForm.of(brand).withLogo(Base64.getEncoder().encodeToString(bytes));
                    var wrong = form.brand()
                            .refusal()
                            .orElseGet(() -> brands.keep(form.brand().orThrow()));
                    if (wrong.isEmpty()) {
                        model.say("The mark of " + brand.name() + " is at the foot of what is packed.");
                    } else {
                        model.complainOfFile(wrong);
                    }
                }));
    }

    private static byte[] bytes(Path file) throws IOException {
        if (Files.size(file) > MOST_MARK_BYTES) {
            throw new IOException("a mark of more than " + (MOST_MARK_BYTES >> 20) + " MB is too large");
        }
        var bytes = Files.readAllBytes(file);
        if (!Brand.isMark(bytes)) {
            throw new IOException("it is no picture, or has more than " + Brand.MOST_MARK_PX + " pixels a side");
        }
        return bytes;
    }
}
