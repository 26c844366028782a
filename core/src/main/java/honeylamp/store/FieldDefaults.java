package honeylamp.store;

import honeylamp.plan.Brief;
import honeylamp.plan.Side;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What fields hold that a file does not have because they came later. A field that is added gets a line here and no
 * step of the format: a file without it means what it always meant, and an older program keeps what it does not know.
 */
final class FieldDefaults {
    /**
     * A field.
     *
     * @param of the object it belongs to, by the names that lead there from the plan, through the entries of lists
     */
    private record Field(List<String> of, String name, JsonNode value) {}

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private static final List<String> LIGHT = List.of("presentation", "views", "light");
    private static final List<String> LOOK = List.of("presentation", "looks", "look");

    private static final List<String> TITLE = List.of("presentation", "pages", "sheet", "title");

    private static final List<String> VIEWS = List.of("presentation", "views");

    private static final List<String> NOTES = List.of("storeys", "notes");

    private static final List<String> FITTINGS = List.of("storeys", "fittings");

    private static final List<String> FLOOR = List.of("storeys", "rooms", "floor");

    private static final List<String> COVERING = List.of("storeys", "coverings", "finish");

    private static final List<String> FIT = List.of("storeys", "rooms", "fit");

    private static final List<Field> ALL = List.of(
            new Field(FIT, "rawFloor", JSON.numberNode(0)),
            new Field(FIT, "plinth", JSON.numberNode(80)),
            new Field(FIT, "floorLayers", JSON.arrayNode()),
            new Field(FIT, "words", JSON.stringNode("")),
            new Field(FIT, "tileEdge", plainTileEdge()),
            new Field(within(FIT, "floorLayers"), "board", JSON.nullNode()),
            new Field(List.of("wallTypes", "layers"), "board", JSON.nullNode()),
            new Field(List.of("storeys", "openings", "build"), "strip", flatStrip()),
            new Field(List.of("storeys", "boundaries"), "strip", flatStrip()),
            new Field(List.of("storeys", "underlays"), "linework", JSON.nullNode()),
            new Field(List.of("storeys", "regions"), "raised", JSON.numberNode(0)),
            new Field(LOOK, "colours", JSON.arrayNode()),
            new Field(LOOK, "lines", JSON.arrayNode()),
            new Field(LOOK, "inks", JSON.arrayNode()),
            new Field(LOOK, "type", JSON.arrayNode()),
            new Field(LOOK, "tones", JSON.arrayNode()),
            new Field(List.of("presentation", "pages"), "pictures", JSON.arrayNode()),
            new Field(TITLE, "own", JSON.arrayNode()),
            new Field(TITLE, "block", JSON.stringNode("whole")),
            new Field(TITLE, "smallPrint", JSON.stringNode("")),
            new Field(TITLE, "logo", JSON.nullNode()),
            new Field(TITLE, "made", JSON.nullNode()),
            new Field(List.of("presentation"), "revisions", JSON.arrayNode()),
            new Field(List.of("presentation"), "recipes", JSON.arrayNode()),
            new Field(List.of("presentation", "pages"), "boxes", JSON.arrayNode()),
            new Field(List.of("presentation", "pages"), "arrangement", usualArrangement()),
            new Field(List.of(), "groups", JSON.arrayNode()),
            new Field(List.of(), "roundedTo", JSON.numberNode(0)),
            new Field(List.of(), "lighting", usualLighting()),
            new Field(List.of("lighting"), "skyLux", JSON.numberNode(0)),
            new Field(List.of(), "review", unsaid()),
            new Field(List.of(), "schemes", noSchemes()),
            new Field(List.of("schemes", "all"), "room", JSON.nullNode()),
            new Field(VIEWS, "arranged", JSON.objectNode().putNull("as").putNull("against")),
            new Field(List.of("storeys", "furnishings"), "bottom", JSON.numberNode(0)),
            new Field(List.of("storeys", "furnishings"), "keeping", asPut()),
            new Field(List.of("storeys", "furnishings"), "tones", JSON.arrayNode()),
            new Field(List.of("storeys", "furnishings"), "works", JSON.stringNode("existing")),
            new Field(List.of("storeys", "furnishings"), "buying", unknown()),
            new Field(List.of("storeys", "furnishings", "buying"), "picture", JSON.nullNode()),
            new Field(List.of("storeys", "furnishings", "own", "buying"), "picture", JSON.nullNode()),
            new Field(List.of("storeys", "furnishings"), "run", JSON.nullNode()),
            new Field(List.of("storeys", "furnishings", "run"), "edge", JSON.stringNode("square")),
            new Field(List.of("storeys", "furnishings"), "own", JSON.nullNode()),
            new Field(List.of("storeys", "furnishings"), "order", JSON.numberNode(0)),
            new Field(List.of("storeys"), "regions", JSON.arrayNode()),
            new Field(List.of("storeys"), "fittings", JSON.arrayNode()),
            new Field(within(FITTINGS, "emission"), "curve", JSON.arrayNode()),
            new Field(List.of("storeys"), "activities", JSON.arrayNode()),
            new Field(List.of("storeys"), "freeMarks", JSON.arrayNode()),
            new Field(List.of("storeys"), "roundDimensions", JSON.arrayNode()),
            new Field(List.of("storeys", "walls"), "works", JSON.stringNode("existing")),
            new Field(List.of("storeys", "openings"), "works", JSON.stringNode("existing")),
            new Field(VIEWS, "works", JSON.stringNode("marked")),
            new Field(List.of("brief", "minimums"), "way", JSON.numberNode(900)),
            new Field(List.of("brief", "minimums"), "beside", JSON.arrayNode()),
            new Field(List.of("brief"), "contents", names(Brief.Content.values())),
            new Field(List.of("presentation", "views", "showing"), "locked", JSON.arrayNode()),
            new Field(List.of("presentation", "views", "subject"), "depth", JSON.numberNode(1000)),
            new Field(List.of("presentation", "views", "subject"), "near", JSON.stringNode("standing")),
            new Field(List.of("presentation", "views", "subject"), "before", JSON.stringNode("gone")),
            new Field(VIEWS, "turnDeg", JSON.numberNode(0)),
            new Field(VIEWS, "movedTiers", JSON.arrayNode()),
            new Field(VIEWS, "movedSlanted", JSON.arrayNode()),
            new Field(VIEWS, "tiers", usualTiers()),
            new Field(within(VIEWS, "tiers"), "slanted", JSON.arrayNode()),
            new Field(VIEWS, "annotation", usualAnnotation()),
            new Field(VIEWS, "livedIn", JSON.numberNode(0)),
            new Field(VIEWS, "lit", JSON.stringNode("drawn")),
            new Field(VIEWS, "depth", JSON.numberNode(0)),
            new Field(VIEWS, "fit", JSON.stringNode("standard")),
            new Field(VIEWS, "nudge", JSON.objectNode().put("rightMm", 0).put("downMm", 0)),
            new Field(within(VIEWS, "annotation", "rooms"), "cramped", JSON.stringNode("number")),
            new Field(within(VIEWS, "annotation"), "brightness", JSON.stringNode("none")),
            new Field(within(VIEWS, "annotation"), "axes", JSON.stringNode("none")),
            new Field(within(VIEWS, "annotation"), "tiles", JSON.stringNode("none")),
            new Field(NOTES, "form", usualNote()),
            new Field(within(NOTES, "form"), "sign", JSON.stringNode("none")),
            new Field(List.of("storeys"), "roof", JSON.nullNode()),
            new Field(List.of("storeys", "dimensions"), "stops", JSON.arrayNode()),
            new Field(List.of("storeys", "dimensions"), "alongDeg", JSON.nullNode()),
            new Field(List.of("storeys", "dimensions"), "figures", JSON.stringNode("each")),
            new Field(List.of("storeys", "dimensions"), "hold", JSON.stringNode("held")),
            new Field(NOTES, "leader", JSON.nullNode()),
            new Field(FLOOR, "laying", JSON.nullNode()),
            new Field(FLOOR, "tone", JSON.nullNode()),
            new Field(FLOOR, "reason", JSON.stringNode("")),
            new Field(FLOOR, "courses", JSON.arrayNode()),
            new Field(COVERING, "laying", JSON.nullNode()),
            new Field(COVERING, "tone", JSON.nullNode()),
            new Field(COVERING, "reason", JSON.stringNode("")),
            new Field(COVERING, "courses", JSON.arrayNode()),
            new Field(within(FLOOR, "laying"), "figure", JSON.numberNode(1)),
            new Field(within(FLOOR, "courses", "laying"), "figure", JSON.numberNode(1)),
            new Field(within(COVERING, "laying"), "figure", JSON.numberNode(1)),
            new Field(within(COVERING, "courses", "laying"), "figure", JSON.numberNode(1)),
            new Field(within(FLOOR, "laying"), "face", JSON.nullNode()),
            new Field(within(FLOOR, "laying"), "coat", plainCoat()),
            new Field(within(FLOOR, "courses", "laying"), "face", JSON.nullNode()),
            new Field(within(FLOOR, "courses", "laying"), "coat", plainCoat()),
            new Field(within(COVERING, "laying"), "face", JSON.nullNode()),
            new Field(within(COVERING, "laying"), "coat", plainCoat()),
            new Field(within(COVERING, "courses", "laying"), "face", JSON.nullNode()),
            new Field(within(COVERING, "courses", "laying"), "coat", plainCoat()),
            new Field(LOOK, "unsteadyMm", JSON.numberNode(0)),
            new Field(LOOK, "lettering", plainLettering()),
            new Field(LOOK, "dimensions", workingDimensions("ticks")),
            new Field(LOOK, "paper", barePaper()),
            new Field(LOOK, "shadeCeiling", JSON.numberNode(0.2)),
            new Field(LOOK, "windowLight", JSON.numberNode(0)),
            new Field(LOOK, "edges", usualEdges()),
            new Field(LOOK, "colouring", asLaid()),
            new Field(LOOK, "shading", JSON.stringNode("soft")),
            new Field(LIGHT, "falls", JSON.stringNode("inside")),
            new Field(LIGHT, "sun", JSON.nullNode()),
            new Field(LIGHT, "evening", JSON.nullNode()));

    private FieldDefaults() {}

    private static JsonNode plainTileEdge() {
        return JSON.objectNode().put("form", "plain").put("width", 3).put("material", "metal-steel");
    }

    private static JsonNode flatStrip() {
        return JSON.objectNode().put("form", "flat").putNull("width").put("material", "metal-steel");
    }

    /** Floors and pieces have their own colours. */
    private static JsonNode asLaid() {
        return JSON.objectNode()
                .put("floors", "laid")
                .put("strength", 1)
                .put("black", 0)
                .put("white", 1)
                .put("tint", 0)
                .put("tintHueDeg", 0);
    }

    /** All stands where it goes by itself. */
    private static JsonNode usualArrangement() {
        var out = JSON.objectNode()
                .put("lists", "by_paper")
                .put("shares", "alike")
                .putNull("continues");
        out.putArray("laid");
        out.putArray("lines");
        return out.put("stepMm", 0);
    }

    /** It keeps to nothing. */
    private static JsonNode asPut() {
        return JSON.objectNode()
                .put("rule", "as_put")
                .put("between", "walls")
                .put("nib", 0)
                .put("place", 1)
                .put("of", 1);
    }

    /** What is usual when lights are planned. */
    private static JsonNode usualLighting() {
        var out = JSON.objectNode()
                .put("overlap", 0.2)
                .put("washerAway", 1.0 / 3)
                .put("maintenance", 0.8)
                .put("skyLux", 0)
                .put("reach", 900)
                .put("wetBeside", 600)
                .put("cord", 2000)
                .put("socketEach", 4000)
                .put("leastSockets", 2);
        out.putArray("heights");
        out.putArray("targets");
        out.putArray("dropped");
        return out;
    }

    /** Nobody said anything of it. */
    private static JsonNode unsaid() {
        var out = JSON.objectNode();
        out.putArray("remarks");
        out.putArray("approvals");
        return out;
    }

    /** One arrangement only. */
    private static JsonNode noSchemes() {
        var out = JSON.objectNode();
        out.putArray("all");
        out.put("open", "h0");
        out.putArray("drawn");
        return out;
    }

    /** Nothing is known of how it is bought. */
    private static JsonNode unknown() {
        return JSON.objectNode()
                .put("name", "")
                .put("source", "")
                .put("link", "")
                .put("price", 0)
                .put("state", "wanted")
                .putNull("picture");
    }

    /** One pass, matt. */
    private static ObjectNode plainCoat() {
        return JSON.objectNode().put("second", 0).put("sheen", "matt");
    }

    /** One family for all words and figures. */
    private static JsonNode plainLettering() {
        return JSON.objectNode()
                .put("titles", "humanist")
                .put("text", "humanist")
                .put("figures", "humanist");
    }

    /** Tiers 10 mm apart. */
    private static JsonNode workingDimensions(String ends) {
        return JSON.objectNode()
                .put("name", "Working")
                .put("ends", ends)
                .put("endMm", 3)
                .put("firstMm", 10)
                .put("betweenMm", 10)
                .put("offMm", 2)
                .put("pastMm", 2);
    }

    /** What ends the lines of dimensions was once said by views, not by their looks. */
    private static void endsOfTiers(JsonNode presentation) {
        for (var view : presentation.path("views")) {
            var ends = view.path("tiers") instanceof ObjectNode tiers ? tiers.remove("ends") : null;
            for (var held : presentation.path("looks")) {
                if (ends != null
                        && held.path("id").equals(view.path("look"))
                        && held.path("look") instanceof ObjectNode look
                        && !look.has("dimensions")) {
                    look.set("dimensions", workingDimensions(ends.asString()));
                }
            }
        }
    }

    /** A line as it was typed. */
    private static JsonNode usualNote() {
        return JSON.objectNode()
                .put("widthMm", 0)
                .put("columns", 1)
                .put("setting", "middle")
                .put("edge", "none")
                .put("ground", "none");
    }

    /** Openings and overall on all sides. */
    private static JsonNode usualTiers() {
        var rows = JSON.arrayNode();
        for (var side : Side.values()) {
            for (var kind : List.of("openings", "overall")) {
                rows.add(JSON.objectNode()
                        .put("side", side.name().toLowerCase(Locale.ROOT))
                        .put("kind", kind));
            }
        }
        var out = JSON.objectNode().put("openings", "edges").put("jog", 20);
        out.set("rows", rows);
        return out;
    }

    /** Name, area, clear size and own words in rooms. */
    private static JsonNode usualEdges() {
        return JSON.objectNode().put("softness", 0.5).put("contact", 0.5).put("reach", 45);
    }

    private static JsonNode barePaper() {
        return JSON.objectNode().put("kind", "cartridge").put("tooth", 0).put("wash", 0);
    }

    private static JsonNode usualAnnotation() {
        var rooms = JSON.objectNode().put("basis", "inner_faces").put("cramped", "number");
        var parts = JSON.arrayNode();
        List.of("name", "area", "clear_size", "own_words").forEach(parts::add);
        rooms.set("parts", parts);
        var out = JSON.objectNode().put("words", "written").putNull("second");
        out.set("rooms", rooms);
        var pairs = JSON.objectNode().put("usual", "none");
        pairs.set("others", JSON.arrayNode());
        out.set("pairs", pairs);
        out.set("distances", JSON.arrayNode());
        out.set("pieces", JSON.arrayNode());
        return out;
    }

    private static List<String> within(List<String> object, String... further) {
        return Stream.concat(object.stream(), Stream.of(further)).toList();
    }

    /** All of a family, as a file names them. */
    private static JsonNode names(Enum<?>[] all) {
        var names = JSON.arrayNode();
        for (var one : all) {
            names.add(one.name().toLowerCase(Locale.ROOT));
        }
        return names;
    }

    /** Fills in what a document lacks, and takes out what once was written although it follows from the rest. */
    static void fill(JsonNode root) {
        for (var storey : root.path("plan").path("storeys")) {
            for (var wall : storey.path("walls")) {
                if (wall instanceof ObjectNode object) {
                    object.remove("curved"); // says its rise
                }
            }
        }
        endsOfTiers(root.path("plan").path("presentation"));
        without(root.path("plan"), "fittings");
        without(root.path("plan"), "activities");
        for (var field : ALL) {
            fill(root.path("plan"), field, 0);
            if (!field.of.isEmpty() && field.of.getFirst().equals("storeys")) {
                fillApart(root.path("plan").path("schemes"), field);
            }
        }
    }

    /** Views from before there was a kind of thing in lighting plans do not show it. */
    private static void without(JsonNode plan, String kind) {
        if (plan.path("storeys").path(0).has(kind)) {
            return;
        }
        for (var view : plan.path("presentation").path("views")) {
            if (view.path("showing").path("hidden") instanceof ArrayNode hidden) {
                hidden.add(kind);
            }
        }
    }

    /** The same in what schemes hold of storeys. */
    private static void fillApart(JsonNode schemes, Field field) {
        for (var parts : List.of(List.of("drawn", "other"), List.of("all", "parts", "other"))) {
            var of = Stream.concat(parts.stream(), field.of.stream().skip(1)).toList();
            fill(schemes, new Field(of, field.name, field.value), 0);
        }
    }

    /** Fills in what a list of sets of what is seen lacks. */
    static void fillSeenSets(JsonNode sets) {
        fill(sets, new Field(List.of("showing"), "locked", JSON.arrayNode()), 0);
    }

    /** Fills in what sets of dimensions lack. */
    static void fillTierSets(JsonNode sets) {
        fill(sets, new Field(List.of(), "pairs", JSON.stringNode("none")), 0);
        fill(sets, new Field(List.of("tiers"), "slanted", JSON.arrayNode()), 0);
        fill(sets, new Field(List.of(), "tiles", JSON.stringNode("none")), 0);
        fill(sets, new Field(List.of(), "pieces", JSON.stringNode("none")), 0);
    }

    /** Fills in what looks under names lack. */
    static void fillLooks(JsonNode looks) {
        ALL.stream()
                .filter(f -> f.of.equals(LOOK))
                .forEach(f -> fill(looks, new Field(List.of("look"), f.name, f.value), 0));
    }

    /** Fills in what recipes of packs lack. */
    static void fillRecipes(JsonNode recipes) {
        fill(recipes, new Field(List.of("parts"), "lasting", JSON.stringNode("print")), 0);
        fill(recipes, new Field(List.of("parts"), "notes", JSON.stringNode("title")), 0);
    }

    /** Fills in what wall types lack. */
    static void fillWallTypes(JsonNode types) {
        fill(types, new Field(List.of("layers"), "board", JSON.nullNode()), 0);
    }

    /** Fills in what own pieces lack. */
    static void fillPieces(JsonNode pieces) {
        fill(pieces, new Field(List.of("buying"), "picture", JSON.nullNode()), 0);
    }

    /** Fills in what finishes under names lack. */
    static void fillFinishes(JsonNode finishes) {
        ALL.stream()
                .filter(f -> f.of.size() >= COVERING.size()
                        && f.of.subList(0, COVERING.size()).equals(COVERING))
                .forEach(f ->
                        fill(finishes, new Field(f.of.subList(COVERING.size() - 1, f.of.size()), f.name, f.value), 0));
    }

    /** Fills a field in below a node; of a list in all its entries. */
    private static void fill(JsonNode at, Field field, int step) {
        if (at.isArray()) {
            at.forEach(entry -> fill(entry, field, step));
        } else if (step < field.of.size()) {
            fill(at.path(field.of.get(step)), field, step + 1);
        } else if (at instanceof ObjectNode object && !object.has(field.name)) {
            object.set(field.name, field.value.deepCopy());
        }
    }
}
