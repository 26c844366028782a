package honeylamp.store;

import honeylamp.catalogue.KeptFinish;
import honeylamp.catalogue.KeptFitting;
import honeylamp.catalogue.KeptLook;
import honeylamp.catalogue.LabelSets.LabelSet;
import honeylamp.catalogue.MinimumSets.MinimumSet;
import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.catalogue.RoomUses.RoomNames;
import honeylamp.catalogue.SeenSets.SeenSet;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.output.WholeFile;
import honeylamp.pack.Brand;
import honeylamp.pack.Office;
import honeylamp.pack.Packed;
import honeylamp.pack.Recipe;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.WallType;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * What a person keeps for all plans: a JSON list, each entry written as in a plan and known by its name.
 *
 * @param <T> what is kept
 */
public final class KeptFile<T> {
    /** Wall types; their ids count from 1. */
    public static final KeptFile<WallType> WALL_TYPES = new KeptFile<>(
            WallType[].class,
            "wall types",
            WallType::name,
            (type, i) -> type.withId(new WallTypeId(i + 1)),
            Integer.MAX_VALUE,
            FieldDefaults::fillWallTypes);

    /** Openings of a fixed size. */
    public static final KeptFile<Product> PRODUCTS =
            new KeptFile<>(Product[].class, "products", Product::name, (product, _) -> product);

    /** Names of rooms to choose from, a list for each use. */
    public static final KeptFile<RoomNames> ROOM_NAMES =
            new KeptFile<>(RoomNames[].class, "room names", RoomNames::use, (names, _) -> names);

    /** Finishes under names. */
    public static final KeptFile<KeptFinish> FINISHES = new KeptFile<>(
            KeptFinish[].class,
            "finishes",
            KeptFinish::name,
            (finish, _) -> finish,
            Integer.MAX_VALUE,
            FieldDefaults::fillFinishes);

    /** What views show, under names. */
    public static final KeptFile<SeenSet> SEEN_SETS = new KeptFile<>(
            SeenSet[].class,
            "sets of what is seen",
            SeenSet::name,
            (set, _) -> set,
            Integer.MAX_VALUE,
            FieldDefaults::fillSeenSets);

    /** Dimensions around plans, under names. */
    public static final KeptFile<TierSet> TIER_SETS = new KeptFile<>(
            TierSet[].class,
            "sets of dimensions",
            TierSet::name,
            (set, _) -> set,
            Integer.MAX_VALUE,
            FieldDefaults::fillTierSets);

    /** Ways to draw dimensions. */
    public static final KeptFile<DimensionStyle> DIMENSION_STYLES =
            new KeptFile<>(DimensionStyle[].class, "ways to draw dimensions", DimensionStyle::name, (s, _) -> s);

    /** What is written into rooms, under names. */
    public static final KeptFile<LabelSet> LABEL_SETS =
            new KeptFile<>(LabelSet[].class, "sets of labels", LabelSet::name, (set, _) -> set);

    /** Looks under names. */
    public static final KeptFile<KeptLook> LOOKS = new KeptFile<>(
            KeptLook[].class, "looks", KeptLook::name, (look, _) -> look, Integer.MAX_VALUE, FieldDefaults::fillLooks);

    /** The least sizes people keep to, under names. */
    public static final KeptFile<MinimumSet> MINIMUM_SETS =
            new KeptFile<>(MinimumSet[].class, "sets of least sizes", MinimumSet::name, (set, _) -> set);

    /** Own pieces. */
    public static final KeptFile<OwnPiece> PIECES = new KeptFile<>(
            OwnPiece[].class,
            "own pieces",
            OwnPiece::name,
            (piece, _) -> piece,
            Integer.MAX_VALUE,
            FieldDefaults::fillPieces);

    /** Lights, switches and outlets as they are bought. */
    public static final KeptFile<KeptFitting> FITTINGS =
            new KeptFile<>(KeptFitting[].class, "products", KeptFitting::name, (fitting, _) -> fitting);

    /** Plans that were worked on, the newest last; no more than a dozen. */
    public static final KeptFile<RecentPlan> RECENT =
            new KeptFile<>(RecentPlan[].class, "recent plans", RecentPlan::file, (recent, _) -> recent, 12);

    /** What is offered first in catalogues, the newest last. */
    public static final KeptFile<AtHand> AT_HAND =
            new KeptFile<>(AtHand[].class, "favourites", a -> a.why() + " " + a.what(), (a, _) -> a, 600);

    /** Recipes of packs. */
    public static final KeptFile<Recipe> RECIPES = new KeptFile<>(
            Recipe[].class,
            "recipes",
            Recipe::name,
            (recipe, _) -> recipe,
            Integer.MAX_VALUE,
            FieldDefaults::fillRecipes);

    /** Brands of packs. */
    public static final KeptFile<Brand> BRANDS =
            new KeptFile<>(Brand[].class, "brands", Brand::name, (brand, _) -> brand);

    /** What an office writes into every title block: one at most. */
    public static final KeptFile<Office> OFFICES =
            new KeptFile<>(Office[].class, "the office's words", _ -> "office", (office, _) -> office, 1);

    /** Title blocks made by oneself. */
    public static final KeptFile<OwnBlock> TITLE_BLOCKS =
            new KeptFile<>(OwnBlock[].class, "title blocks", OwnBlock::name, (block, _) -> block);

    /** What was packed into a folder. */
    public static final KeptFile<Packed> PACKED =
            new KeptFile<>(Packed[].class, "packed files", Packed::file, (packed, _) -> packed);

    private static final long MOST_BYTES = 4L << 20;

    private final Class<T[]> type;
    private final String what;
    private final Function<T, String> name;
    private final Numbering<T> numbering;
    private final int most;
    private final Consumer<JsonNode> filling;

    private interface Numbering<T> {
        T at(T entry, int index);
    }

    private KeptFile(Class<T[]> type, String what, Function<T, String> name, Numbering<T> numbering) {
        this(type, what, name, numbering, Integer.MAX_VALUE);
    }

    private KeptFile(Class<T[]> type, String what, Function<T, String> name, Numbering<T> numbering, int most) {
        this(type, what, name, numbering, most, _ -> {});
    }

    private KeptFile(
            Class<T[]> type,
            String what,
            Function<T, String> name,
            Numbering<T> numbering,
            int most,
            Consumer<JsonNode> filling) {
        this.filling = filling;
        this.most = most;
        this.type = type;
        this.what = what;
        this.name = name;
        this.numbering = numbering;
    }

    /** What is kept, for people: "wall types". */
    public String what() {
        return what;
    }

    /**
     * The entries of a file; none if there is no file.
     *
     * @throws IOException if the file cannot be read or holds something else
     */
    public List<T> read(Path file) throws IOException {
        if (!Files.exists(file)) {
            return List.of();
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException(file + " is too large for a list of " + what);
        }
        try {
            return PlanJson.list(Files.readAllBytes(file), type, filling);
        } catch (JacksonException e) {
            throw new IOException(file + " holds no " + what + ": " + e.getOriginalMessage(), e);
        }
    }

    /** The list with an entry more, in the place of one of the same name; the oldest go if there are too many. */
    public List<T> with(List<T> kept, T entry) {
        var out = new ArrayList<>(kept);
        out.removeIf(t -> name.apply(t).equals(name.apply(entry)));
        out.add(entry);
        out.subList(0, Math.max(0, out.size() - most)).clear();
        for (var i = 0; i < out.size(); i++) {
            out.set(i, numbering.at(out.get(i), i));
        }
        return List.copyOf(out);
    }

    /**
     * Writes the entries whole or not at all.
     *
     * @throws IOException if the file cannot be written
     */
    public void write(Path file, List<T> entries) throws IOException {
        WholeFile.write(file, out -> out.write(PlanJson.bytes(entries)));
    }
}
