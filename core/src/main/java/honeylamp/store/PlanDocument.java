package honeylamp.store;

import honeylamp.plan.Plan;
import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * A plan with what belongs to it in its file.
 *
 * @param assets pictures, and lines of drawings, by the SHA-256 of their bytes
 * @param original the JSON it was read from, for fields this version does not know
 */
public record PlanDocument(Plan plan, Map<String, byte[]> assets, JsonNode original) {
    /** Freezes the map; its byte arrays must not be changed. */
    public PlanDocument {
        assets = Map.copyOf(assets);
    }

    /** A new document. */
    public static PlanDocument of(Plan plan) {
        return new PlanDocument(plan, Map.of(), JsonNodeFactory.instance.objectNode());
    }

    /** The document with another plan. */
    public PlanDocument with(Plan other) {
        return new PlanDocument(other, assets, original);
    }

    /** The document with a further asset. */
    public PlanDocument withAsset(String name, byte[] bytes) {
        return withAssets(Map.of(name, bytes));
    }

    /** The document with further assets. */
    public PlanDocument withAssets(Map<String, byte[]> further) {
        var more = new HashMap<>(assets);
        more.putAll(further);
        return new PlanDocument(plan, more, original);
    }
}
