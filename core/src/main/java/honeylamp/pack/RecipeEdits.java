package honeylamp.pack;

import honeylamp.edit.Outcome;
import honeylamp.output.Export.Format;
import honeylamp.pack.Recipe.Drawn;
import honeylamp.pack.Recipe.Ground;
import honeylamp.pack.Recipe.Measure;
import honeylamp.pack.Recipe.Of;
import honeylamp.pack.Recipe.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** A recipe of packs, made and changed part by part. */
public final class RecipeEdits {
    private static final Part FIRST =
            new Part("{plan}", Format.PDF, Of.ALL_PAGES, Drawn.AS_IT_IS, Ground.PAPER, Measure.PRINT, false);

    private RecipeEdits() {}

    /** A recipe of one part, all pages in a PDF, under a name none of others has; refused without one. */
    public static Outcome<Recipe> begin(String name, List<Recipe> others) {
        return named(name, others).then(said -> made(() -> new Recipe(said, "", List.of(FIRST), Optional.empty())));
    }

    /** A recipe like another, under a name none of others has. */
    public static Outcome<Recipe> like(Recipe recipe, String name, List<Recipe> others) {
        return named(name, others).then(said -> made(() -> recipe.withName(said)));
    }

    private static Outcome<String> named(String name, List<Recipe> others) {
        var said = name.strip();
        if (said.isEmpty()) {
            return Outcome.refused("a recipe is known by its name", "Type one.");
        }
        return others.stream().anyMatch(r -> r.name().equalsIgnoreCase(said))
                ? Outcome.refused("there is a recipe called \"" + said + "\" already", "Type another name.")
                : Outcome.done(said);
    }

    /** Adds a part like the last one; refused if there are too many. */
    public static Outcome<Recipe> add(Recipe recipe) {
        var parts = new ArrayList<>(recipe.parts());
        parts.add(parts.getLast().withFile(parts.getLast().file() + "-" + (parts.size() + 1)));
        return made(() -> recipe.withParts(parts));
    }

    /** Takes a part away; refused if it is the only one. */
    public static Outcome<Recipe> take(Recipe recipe, int at) {
        var parts = new ArrayList<>(recipe.parts());
        parts.remove(at);
        return parts.isEmpty()
                ? Outcome.refused("a recipe needs a part", "Forget the recipe if it is no longer wanted.")
                : made(() -> recipe.withParts(parts));
    }

    /** Changes a part; refused if nothing could be made of it. */
    public static Outcome<Recipe> change(Recipe recipe, int at, UnaryOperator<Part> change) {
        return made(() -> {
            var parts = new ArrayList<>(recipe.parts());
            parts.set(at, change.apply(parts.get(at)));
            return recipe.withParts(parts);
        });
    }

    /** What part is made of, as what: all pages go into a PDF only, and so that is what they become. */
    public static Outcome<Recipe> of(Recipe recipe, int at, Of of) {
        return change(recipe, at, p -> p.with(c -> c.of(of).format(of == Of.ALL_PAGES ? Format.PDF : p.format())));
    }

    /** Whose it is; empty for the plan's own. */
    public static Recipe brand(Recipe recipe, Optional<Brand> brand) {
        return recipe.withBrand(brand);
    }

    /** What is wrong with it is said by the recipe itself. */
    private static Outcome<Recipe> made(Supplier<Recipe> recipe) {
        try {
            return Outcome.done(recipe.get());
        } catch (IllegalArgumentException e) {
            return Outcome.refused(String.valueOf(e.getMessage()));
        }
    }
}
