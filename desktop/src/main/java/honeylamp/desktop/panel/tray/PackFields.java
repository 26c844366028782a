package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Folding;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.output.FileWords;
import honeylamp.pack.Brand;
import honeylamp.pack.BrandForm;
import honeylamp.pack.Recipe;
import honeylamp.pack.RecipeEdits;
import honeylamp.pack.Recipes;
import honeylamp.plan.TypeFamily;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Packs by recipe, and the brand they carry. */
final class PackFields {
    private final WorkspaceModel model;
    private final WindowActions window;
    private final Libraries libraries;

    PackFields(WorkspaceModel model, WindowActions window, Libraries libraries) {
        this.model = model;
        this.window = window;
        this.libraries = libraries;
    }

    /** A button for every recipe: whom it is for is said beside it. */
    Node packs() {
        var box = new VBox(6);
        var own = libraries.recipes().all();
        var all = new ArrayList<>(Recipes.all());
        all.removeIf(r -> own.stream().anyMatch(o -> o.name().equals(r.name())));
        all.addAll(own);
        var plan = window.commands().of("pack-plan");
        box.getChildren().add(Widgets.button("Pack all of this plan\u2026", "pack-plan", plan.tip(), plan.action()));
        for (var recipe : all) {
            box.getChildren().addAll(pack(recipe), Widgets.quiet(recipe.about()));
        }
        box.getChildren().addAll(begin(all), asFiles());
        return Folding.section(model, "Packs", box);
    }

    private Node pack(Recipe recipe) {
        var id = FileWords.of(recipe.name(), "own");
        var belongs = model.now().plan().presentation().recipes().contains(recipe.name());
        return new FlowPane(
                6,
                6,
                Widgets.button(
                        recipe.name() + "\u2026",
                        "pack-" + id,
                        "Asks for a folder and makes " + recipe.parts().size()
                                + (recipe.parts().size() == 1 ? " kind" : " kinds")
                                + " of files in it; what did not change is left as it is",
                        () -> window.pack(recipe)),
                Widgets.toggle(
                        "Of this plan",
                        "of-plan-" + id,
                        "Belongs to the plan, and to plans that begin with it as a template",
                        belongs,
                        () -> model.edit(PageEdits.recipe(model.now().plan(), recipe.name()), "Choose recipes")));
    }

    /** A recipe of one's own: from nothing, or like another. */
    private Node begin(List<Recipe> all) {
        return new VBox(
                6,
                words("New recipe called", "recipe-new", "", name -> {
                    if (!name.isBlank()) {
                        kept(RecipeEdits.begin(name, all));
                    }
                }),
                Widgets.menu(
                        "Or like",
                        "recipe-like",
                        "A recipe of your own that begins like another",
                        all.stream().map(Recipe::name).toList(),
                        i -> kept(RecipeEdits.like(all.get(i), all.get(i).name() + ", own", all))));
    }

    private void kept(Outcome<Recipe> recipe) {
        recipe.refusal().ifPresent(model::complain);
        recipe.result()
                .ifPresent(r -> told(libraries.recipes().keep(r), "Kept: \"" + r.name() + "\", for all your plans."));
    }

    private Node asFiles() {
        return new FlowPane(
                6,
                6,
                Widgets.button(
                        "Recipes as a file\u2026", "share-recipes", "All recipes, for others", window::shareRecipes),
                Widgets.button(
                        "Bring in recipes\u2026",
                        "bring-in-recipes",
                        "A file of recipes; one of the same name is replaced",
                        window::bringInRecipes));
    }

    /** The recipes a person keeps, each to be changed part by part. */
    List<Node> recipes() {
        return libraries.recipes().all().stream()
                .map(own -> Folding.section(
                        model,
                        "Recipe: " + own.name(),
                        new RecipeFields(model, libraries, own, this::kept).all(),
                        Widgets.button(
                                "Forget " + own.name(),
                                "forget-" + FileWords.of(own.name(), "own"),
                                "The recipe is offered no longer",
                                () -> told(libraries.recipes().forget(own), own.name() + " is forgotten."))))
                .toList();
    }

    /** The brands a person keeps, which is carried, and its words and colours. */
    Node brand() {
        var box = new VBox(6);
        var carried = carried();
        var row = new FlowPane(6, 6);
        row.getChildren()
                .add(Widgets.toggle(
                        "None",
                        "brand-none",
                        "Packs carry no brand",
                        carried.isEmpty(),
                        () -> carry(Optional.empty())));
        for (var each : libraries.brands().all()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            each.name(),
                            "brand-" + FileWords.of(each.name(), "own"),
                            "Packs carry its colours, letters and foot",
                            carried.equals(Optional.of(each)),
                            () -> carry(Optional.of(each.name()))));
        }
        box.getChildren().add(row);
        var form = carried.map(BrandForm::of).orElse(BrandForm.EMPTY);
        box.getChildren().add(words("Name of the house", "brand-name", form.name(), v -> keep(form.withName(v))));
        carried.ifPresent(brand -> box.getChildren().addAll(fields(brand, form)));
        box.getChildren()
                .add(new FlowPane(
                        6,
                        6,
                        Widgets.button(
                                "Brands as a file\u2026",
                                "share-brands",
                                "For others of the house",
                                window::shareBrands),
                        Widgets.button(
                                "Bring in brands\u2026",
                                "bring-in-brands",
                                "A file of brands; one of the same name is replaced",
                                window::bringInBrands)));
        return Folding.section(model, "Brand of packs", box);
    }

    private List<Node> fields(Brand brand, BrandForm form) {
        var letters = new FlowPane(6, 6);
        letters.getChildren()
                .add(Widgets.toggle(
                        "As the look",
                        "brand-letters-look",
                        "Titles keep the letters of the look",
                        form.titles().isEmpty(),
                        () -> keep(form.withTitles(Optional.empty()))));
        for (var family : TypeFamily.values()) {
            letters.getChildren()
                    .add(Widgets.toggle(
                            family.label(),
                            "brand-letters-" + FileWords.of(family.name(), ""),
                            "Letters of titles and names of rooms",
                            form.titles().equals(Optional.of(family)),
                            () -> keep(form.withTitles(Optional.of(family)))));
        }
        return List.of(
                words("Words at the foot", "brand-footer", form.footer(), v -> keep(form.withFooter(v))),
                words("Paper, as #FFFFFF", "brand-paper", form.paper(), v -> keep(form.withPaper(v))),
                words("Ink", "brand-ink", form.ink(), v -> keep(form.withInk(v))),
                words("Rule at the foot", "brand-accent", form.accent(), v -> keep(form.withAccent(v))),
                letters,
                new FlowPane(
                        6,
                        6,
                        Widgets.button(
                                "Mark of the house\u2026",
                                "brand-mark",
                                "A picture at the right of the foot",
                                () -> window.markOf(brand)),
                        Widgets.button(
                                "Forget " + brand.name(), "brand-forget", "The brand is offered no longer", () -> {
                                    carry(Optional.empty());
                                    told(libraries.brands().forget(brand), brand.name() + " is forgotten.");
                                })));
    }

    private static Node words(String label, String id, String now, java.util.function.Consumer<String> change) {
        return PageFields.words(label, id, now, change);
    }

    private Optional<Brand> carried() {
        return model.now()
                .choices()
                .brand()
                .flatMap(name -> libraries.brands().all().stream()
                        .filter(b -> b.name().equals(name))
                        .findFirst());
    }

    private void carry(Optional<String> name) {
        model.chooseWithin(model.now().choices().withBrand(name));
    }

    /** What is typed is kept under its name, and carried from now on. */
    private void keep(BrandForm form) {
        var brand = form.brand();
        brand.refusal().ifPresent(model::complain);
        brand.result().ifPresent(b -> {
            told(libraries.brands().keep(b), b.name() + " goes with what is packed.");
            carry(Optional.of(b.name()));
        });
    }

    private void told(String wrong, String right) {
        if (wrong.isEmpty()) {
            model.say(""); // what is said twice is no news, and the tray would stay as it was
            model.say(right);
        } else {
            model.complain(wrong);
        }
    }
}
