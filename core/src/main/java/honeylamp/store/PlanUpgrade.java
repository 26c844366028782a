package honeylamp.store;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Turns the document of an older version into one of the version this program writes. */
final class PlanUpgrade {
    private PlanUpgrade() {}

    /** Changes the document in place; fields this program does not know stay where they are. */
    static void toCurrent(JsonNode document, int version) {
        if (version < 2) {
            for (var storey : document.path("plan").path("storeys")) {
                for (var underlay : storey.path("underlays")) {
                    if (underlay instanceof ObjectNode u) {
                        underlayOf1(u);
                    }
                }
            }
        }
        if (document instanceof ObjectNode root) {
            root.put("version", PlanJson.VERSION);
        }
    }

    /** Version 1 had one flat underlay with at most one known length. */
    private static void underlayOf1(ObjectNode u) {
        var picture = u.objectNode();
        for (var field : new String[] {"asset", "name", "widthPx", "heightPx"}) {
            move(u, field, picture, field);
        }
        u.set("picture", picture);
        var placing = u.objectNode();
        move(u, "at", placing, "at");
        if (u.has("mmPerPixel")) {
            placing.set("mmPerPixelX", u.get("mmPerPixel"));
            placing.set("mmPerPixelY", u.remove("mmPerPixel"));
        }
        move(u, "turnDeg", placing, "turnDeg");
        placing.put("axes", "one");
        u.set("placing", placing);
        u.putNull("squaring");
        u.putNull("crop");
        var treatment = u.objectNode();
        move(u, "fade", treatment, "fade");
        treatment.put("tint", "none");
        treatment.put("lie", "below");
        var tone = treatment.putObject("tone");
        tone.put("brightness", 0);
        tone.put("contrast", 0);
        tone.put("paper", 0);
        tone.put("sense", "as_is");
        u.set("treatment", treatment);
        var lengths = u.putArray("knownLengths");
        if (u.remove("knownLength") instanceof ObjectNode known) {
            known.put("trust", "counted");
            lengths.add(known);
        }
        u.putArray("notes");
    }

    private static void move(ObjectNode from, String field, ObjectNode to, String name) {
        if (from.has(field)) {
            to.set(name, from.remove(field));
        }
    }
}
