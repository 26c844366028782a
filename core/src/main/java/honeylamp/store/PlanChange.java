package honeylamp.store;

import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What changed from one plan to another, as JSON: small when little changed, since plans share what they
 * have in common. A field that changed holds {@code value}, its new content, or {@code runs}, a list
 * told by pieces: {@code [from, count]} taken over, {@code {"new": …}} put in, and
 * {@code {"of": place, "change": …}} for a storey that changed within.
 *
 * <p>Law: {@code applied(json(a), between(a, b))} reads as {@code b}.
 */
final class PlanChange {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String VALUE = "value";
    private static final String RUNS = "runs";
    private static final String NEW = "new";
    private static final String OF = "of";
    private static final String CHANGE = "change";

    private PlanChange() {}

    static ObjectNode between(Plan from, Plan to) {
        return between((Record) from, to);
    }

    private static ObjectNode between(Record from, Record to) {
        var out = JSON.objectNode();
        for (var component : from.getClass().getRecordComponents()) {
            var before = content(component, from);
            var after = content(component, to);
            if (before == after) {
                continue;
            }
            if (before instanceof List<?> a && after instanceof List<?> b) {
                out.putObject(component.getName()).set(RUNS, runs(a, b));
            } else if (!before.equals(after)) {
                out.putObject(component.getName()).set(VALUE, PlanJson.tree(after));
            }
        }
        return out;
    }

    private static Object content(RecordComponent component, Record of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component + " cannot be read", e);
        }
    }

    private static ArrayNode runs(List<?> from, List<?> to) {
        IdentityHashMap<Object, Integer> places = new IdentityHashMap<>();
        for (var i = 0; i < from.size(); i++) {
            places.put(from.get(i), i);
        }
        var out = JSON.arrayNode();
        var start = 0;
        var count = 0;
        for (var i = 0; i < to.size(); i++) {
            var place = place(places, from, to.get(i), i);
            if (place >= 0 && count > 0 && place == start + count) {
                count++;
                continue;
            }
            kept(out, start, count);
            count = 0;
            if (place >= 0) {
                start = place;
                count = 1;
            } else {
                out.add(put(from, to.get(i)));
            }
        }
        kept(out, start, count);
        return out;
    }

    /** Where the old list has this very element, or an equal one at the same place; -1 if nowhere. */
    private static int place(IdentityHashMap<Object, Integer> places, List<?> from, Object element, int index) {
        var known = places.get(element);
        if (known != null) {
            return known;
        }
        return index < from.size() && from.get(index).equals(element) ? index : -1;
    }

    private static void kept(ArrayNode out, int from, int count) {
        if (count > 0) {
            out.addArray().add(from).add(count);
        }
    }

    private static ObjectNode put(List<?> from, Object element) {
        var out = JSON.objectNode();
        if (element instanceof Storey storey) {
            for (var i = 0; i < from.size(); i++) {
                if (from.get(i) instanceof Storey old && old.id().equals(storey.id())) {
                    out.put(OF, i);
                    out.set(CHANGE, between(StoreyForm.of(old), StoreyForm.of(storey)));
                    return out;
                }
            }
        }
        out.set(NEW, PlanJson.tree(element));
        return out;
    }

    /**
     * A plan's JSON with a change made to it; the given one stays as it is.
     *
     * @throws IllegalArgumentException if the change does not belong to this plan
     */
    static ObjectNode applied(JsonNode plan, JsonNode change) {
        if (!(plan instanceof ObjectNode object)) {
            throw new IllegalArgumentException("a change is made to an object, not to " + plan.getNodeType());
        }
        var out = object.deepCopy();
        for (var field : change.properties()) {
            var how = field.getValue();
            if (how.has(VALUE)) {
                out.set(field.getKey(), how.get(VALUE));
            } else {
                out.set(field.getKey(), joined(object.path(field.getKey()), how.path(RUNS)));
            }
        }
        return out;
    }

    private static ArrayNode joined(JsonNode from, JsonNode runs) {
        var out = new ArrayList<JsonNode>();
        for (var run : runs) {
            if (run.isArray()) {
                var first = run.path(0).asInt(-1);
                for (var i = first; i < first + run.path(1).asInt(0); i++) {
                    out.add(element(from, i));
                }
            } else if (run.has(NEW)) {
                out.add(run.get(NEW));
            } else {
                out.add(applied(element(from, run.path(OF).asInt(-1)), run.path(CHANGE)));
            }
        }
        return JSON.arrayNode().addAll(out);
    }

    private static JsonNode element(JsonNode list, int index) {
        var found = list.get(index);
        if (found == null) {
            throw new IllegalArgumentException("there is no element " + index + " to take over");
        }
        return found;
    }
}
