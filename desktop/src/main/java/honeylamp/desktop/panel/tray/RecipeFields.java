package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.LabelSets.LabelSet;
import honeylamp.catalogue.TierSets;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.output.Export.Format;
import honeylamp.output.Export.Lasting;
import honeylamp.output.Export.Notes;
import honeylamp.output.FileWords;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipe.Ground;
import honeylamp.pack.Recipe.Of;
import honeylamp.pack.Recipe.Part;
import honeylamp.pack.RecipeEdits;
import honeylamp.pack.run.PackRun;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * A recipe of one's own: whom it is for, whose it is, and what each of its parts becomes.
 *
 * @param keep keeps what is changed, or says why it cannot be
 */
record RecipeFields(WorkspaceModel model, Libraries libraries, Recipe recipe, Consumer<Outcome<Recipe>> keep) {
    private String id() {
        return FileWords.of(recipe.name(), "own");
    }

    Node all() {
        var out = new VBox(
                6,
                PageFields.words(
                        "For whom",
                        "recipe-about-" + id(),
                        recipe.about(),
                        v -> keep.accept(Outcome.done(recipe.withAbout(v.strip())))),
                brand(),
                Widgets.quiet("In names {plan}, {page} and {storey} stand for what they are called"));
        for (var i = 0; i < recipe.parts().size(); i++) {
            out.getChildren().add(part(i, recipe.parts().get(i)));
        }
        out.getChildren()
                .add(Widgets.button(
                        "Add a part",
                        "recipe-add-" + id(),
                        "Files of another kind, like the last",
                        () -> keep.accept(RecipeEdits.add(recipe))));
        return out;
    }

    private Node brand() {
        var brands = libraries.brands().all();
        var names = new ArrayList<>(List.of("No brand of its own"));
        brands.forEach(b -> names.add(b.name()));
        return Widgets.menu(
                recipe.brand().map(Brand::name).orElse("No brand of its own"),
                "recipe-brand-" + id(),
                "Whose colours and foot its files carry",
                names,
                i -> keep.accept(Outcome.done(
                        RecipeEdits.brand(recipe, i == 0 ? Optional.empty() : Optional.of(brands.get(i - 1))))));
    }

    private void change(int at, UnaryOperator<Part> change) {
        keep.accept(RecipeEdits.change(recipe, at, change));
    }

    private Node part(int at, Part part) {
        var id = id() + "-" + at;
        var out = new VBox(
                4,
                Widgets.quiet("Part " + (at + 1)),
                PageFields.words(
                        "Name of files", "part-file-" + id, part.file(), v -> change(at, p -> p.withFile(v.strip()))),
                menu(
                        part.of().label(),
                        "part-of-" + id,
                        "What is in it",
                        Of.values(),
                        Of::label,
                        of -> keep.accept(RecipeEdits.of(recipe, at, of))));
        if (part.of() != Of.SCHEDULES) {
            out.getChildren().addAll(drawn(at, part, id));
        }
        out.getChildren()
                .add(Widgets.button(
                        "Take part " + (at + 1) + " away",
                        "part-away-" + id,
                        "The recipe makes no such files any more",
                        () -> keep.accept(RecipeEdits.take(recipe, at))));
        return out;
    }

    private List<Node> drawn(int at, Part part, String id) {
        var out = new ArrayList<Node>();
        if (part.of() != Of.ALL_PAGES) {
            out.add(menu(
                    part.format().name(),
                    "part-format-" + id,
                    "As what",
                    Format.values(),
                    Format::name,
                    format -> change(at, p -> p.withFormat(format))));
        }
        out.add(named(
                "Look as it is",
                part.drawn().look(),
                "part-look-" + id,
                PackRun.looks(model.now().plan()),
                name -> change(at, p -> p.withDrawn(p.drawn().withLook(name)))));
        out.add(named(
                "Labels as they are",
                part.drawn().labels(),
                "part-labels-" + id,
                LabelSets.all().stream().map(LabelSet::name).toList(),
                name -> change(at, p -> p.withDrawn(p.drawn().withLabels(name)))));
        out.add(named(
                "Dimensions as set",
                part.drawn().dimensions(),
                "part-dimensions-" + id,
                TierSets.all().stream().map(TierSet::name).toList(),
                name -> change(at, p -> p.withDrawn(p.drawn().withDimensions(name)))));
        out.add(new FlowPane(
                6,
                6,
                toggle(
                        "Bare",
                        "part-bare-" + id,
                        "Without furniture",
                        part.drawn().bare(),
                        () -> change(
                                at,
                                p -> p.withDrawn(p.drawn().withBare(!p.drawn().bare())))),
                toggle(
                        "Square",
                        "part-square-" + id,
                        "With a checking square",
                        part.drawn().square(),
                        () -> change(
                                at,
                                p -> p.withDrawn(p.drawn().withSquare(!p.drawn().square())))),
                toggle(
                        "Only the plan",
                        "part-plan-" + id,
                        "Without title block, lists and margins",
                        part.planOnly(),
                        () -> change(at, p -> p.withPlanOnly(!p.planOnly())))));
        if (part.format().isPicture()) {
            out.addAll(picture(at, part, id));
        } else {
            out.addAll(document(at, part, id));
        }
        return out;
    }

    private List<Node> picture(int at, Part part, String id) {
        return List.of(
                menu(
                        part.ground().label(),
                        "part-ground-" + id,
                        "What lies under it",
                        Ground.values(),
                        Ground::label,
                        ground -> change(at, p -> p.withGround(ground))),
                number(
                        "Longest side, px",
                        "part-longest-" + id,
                        part.measure().longestPx(),
                        v -> change(at, p -> p.withMeasure(p.measure().byLongest(v)))),
                number(
                        "Across, px",
                        "part-across-" + id,
                        part.measure().acrossPx(),
                        v -> change(
                                at,
                                p -> p.withMeasure(p.measure()
                                        .bySides(v, v.flatMap(_ -> p.measure().upPx()))))),
                number(
                        "Up, px",
                        "part-up-" + id,
                        part.measure().upPx(),
                        v -> change(
                                at,
                                p -> p.withMeasure(p.measure()
                                        .bySides(v.flatMap(_ -> p.measure().acrossPx()), v)))),
                number(
                        "Dots per inch",
                        "part-dpi-" + id,
                        part.measure().dpi(),
                        v -> change(at, p -> p.withMeasure(p.measure().byDpi(v)))),
                number(
                        "At most, kB",
                        "part-kb-" + id,
                        part.measure().mostKb(),
                        v -> change(at, p -> p.withMeasure(p.measure().weighing(v)))));
    }

    private List<Node> document(int at, Part part, String id) {
        var out = new ArrayList<Node>();
        if (part.format() == Format.PDF) {
            out.add(toggle(
                    "PDF to be kept",
                    "part-kept-" + id,
                    "PDF/A-2, level A",
                    part.lasting() == Lasting.ARCHIVE,
                    () -> change(at, p -> p.withLasting(p.lasting().other()))));
        }
        out.add(menu(
                "Says: " + part.notes().label().toLowerCase(Locale.ROOT),
                "part-notes-" + id,
                "What it says of itself",
                Notes.values(),
                Notes::label,
                notes -> change(at, p -> p.withNotes(notes))));
        return out;
    }

    private static Node toggle(String label, String id, String tip, boolean on, Runnable action) {
        return Widgets.toggle(label, id, tip, on, action);
    }

    private static <T> Node menu(
            String now, String id, String tip, T[] all, Function<T, String> label, Consumer<T> take) {
        return Widgets.menu(now, id, tip, Arrays.stream(all).map(label).toList(), i -> take.accept(all[i]));
    }

    /** One of several names, or that of the plan. */
    private static Node named(
            String otherwise, Optional<String> now, String id, List<String> names, Consumer<Optional<String>> take) {
        var all = new ArrayList<>(List.of(otherwise));
        all.addAll(names);
        return Widgets.menu(
                now.orElse(otherwise),
                id,
                otherwise,
                all,
                i -> take.accept(i == 0 ? Optional.empty() : Optional.of(all.get(i))));
    }

    private Node number(String name, String id, Optional<Integer> now, Consumer<Optional<Integer>> take) {
        return PageFields.words(name, id, now.map(Object::toString).orElse(""), typed -> {
            if (typed.isBlank()) {
                take.accept(Optional.empty());
            } else if (typed.strip().matches("[0-9]{2,6}")) {
                take.accept(Optional.of(Integer.parseInt(typed.strip())));
            } else {
                model.complain("\"" + typed.strip() + "\" is no whole number. Type one, or leave the field empty.");
            }
        });
    }
}
