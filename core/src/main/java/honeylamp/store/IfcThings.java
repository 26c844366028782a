package honeylamp.store;

import honeylamp.store.StepText.Thing;
import honeylamp.store.StepText.Value;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The things of a building model, found by their numbers and by their kinds. What is not there is not told. */
final class IfcThings {
    private final Map<Integer, Thing> all;
    private final Map<String, TreeMap<Integer, Thing>> byKind = new HashMap<>();

    IfcThings(Map<Integer, Thing> all) {
        this.all = all;
        all.forEach((number, thing) ->
                byKind.computeIfAbsent(thing.kind(), _ -> new TreeMap<>()).put(number, thing));
    }

    /** All things of some kinds, in the order of their numbers. */
    TreeMap<Integer, Thing> of(String... kinds) {
        var out = new TreeMap<Integer, Thing>();
        for (var kind : kinds) {
            out.putAll(byKind.getOrDefault(kind, new TreeMap<>()));
        }
        return out;
    }

    Optional<Thing> thing(int number) {
        return Optional.ofNullable(all.get(number));
    }

    static Optional<Value> value(Thing of, int index) {
        return index < of.values().size() ? Optional.of(of.values().get(index)) : Optional.empty();
    }

    static String text(Thing of, int index) {
        return value(of, index)
                .map(v -> v instanceof Value.Text(var text) ? text.strip() : "")
                .orElse("");
    }

    static String word(Thing of, int index) {
        return value(of, index)
                .map(v -> v instanceof Value.Word(var word) ? word : "")
                .orElse("");
    }

    static OptionalDouble number(Thing of, int index) {
        return value(of, index).stream()
                .filter(Value.Number.class::isInstance)
                .mapToDouble(v -> ((Value.Number) v).value())
                .findFirst();
    }

    static Optional<Integer> ref(Thing of, int index) {
        return value(of, index)
                .flatMap(v -> v instanceof Value.Ref(var number) ? Optional.of(number) : Optional.empty());
    }

    Optional<Thing> thing(Thing of, int index) {
        return ref(of, index).flatMap(this::thing);
    }

    static List<Value> items(Thing of, int index) {
        return value(of, index)
                .map(v -> v instanceof Value.Items(var held) ? held : List.<Value>of())
                .orElse(List.of());
    }

    static List<Integer> refs(Thing of, int index) {
        return items(of, index).stream()
                .flatMap(v -> v instanceof Value.Ref(var number) ? Stream.of(number) : Stream.empty())
                .toList();
    }

    List<Thing> things(Thing of, int index) {
        return refs(of, index).stream()
                .map(this::thing)
                .flatMap(Optional::stream)
                .toList();
    }

    /** The numbers of a list of numbers. */
    static double[] numbers(List<Value> items) {
        return items.stream()
                .filter(Value.Number.class::isInstance)
                .mapToDouble(v -> ((Value.Number) v).value())
                .toArray();
    }
}
