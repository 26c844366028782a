package honeylamp.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The elements of a storey. By kind they keep the order in which they were made; by id each is found in constant time. A
 * kind that does not change keeps its list, the very object, so that what was derived from it stays good.
 */
public final class Elements {
    public static final Elements NONE = new Elements(Map.of());

    private final Map<Class<? extends Element>, OfKind<?>> kinds;

    private Elements(Map<Class<? extends Element>, OfKind<?>> kinds) {
        this.kinds = kinds;
    }

    private record OfKind<T extends Element>(List<T> list, Map<ElementId, T> byId) {
        static <T extends Element> OfKind<T> of(List<T> elements) {
            var list = List.copyOf(elements);
            Map<ElementId, T> byId = HashMap.newHashMap(list.size());
            list.forEach(e -> byId.putIfAbsent(e.id(), e));
            return new OfKind<>(list, byId);
        }
    }

    @SuppressWarnings("unchecked") // only with() puts lists in, each under its own kind
    private <T extends Element> @Nullable OfKind<T> ofKind(Class<T> kind) {
        return (OfKind<T>) kinds.get(kind);
    }

    /** All kinds there are, in the order in which they are written. */
    @SuppressWarnings("unchecked") // what a sealed type permits is a subtype of it
    public static List<Class<? extends Element>> kinds() {
        return Stream.of(Element.class.getPermittedSubclasses())
                .<Class<? extends Element>>map(k -> (Class<? extends Element>) k)
                .toList();
    }

    /** The elements of one kind. */
    public <T extends Element> List<T> of(Class<T> kind) {
        var there = ofKind(kind);
        return there == null ? List.of() : there.list;
    }

    /** All elements, kind by kind. */
    public Stream<Element> all() {
        return kinds().stream().flatMap(k -> of(k).stream());
    }

    /** The element of this id. */
    public Optional<Element> find(ElementId id) {
        for (var kind : kinds.values()) {
            var there = kind.byId.get(id);
            if (there != null) {
                return Optional.of(there);
            }
        }
        return Optional.empty();
    }

    /** The element of this id and kind. */
    public <T extends Element> Optional<T> find(Class<T> kind, ElementId id) {
        var there = ofKind(kind);
        return there == null ? Optional.empty() : Optional.ofNullable(there.byId.get(id));
    }

    /** With other elements of one kind; the same elements if they are the same list. */
    public <T extends Element> Elements with(Class<T> kind, List<T> other) {
        if (other == of(kind)) {
            return this;
        }
        Map<Class<? extends Element>, OfKind<?>> changed = new LinkedHashMap<>(kinds);
        changed.put(kind, OfKind.of(other));
        return new Elements(changed);
    }

    /** Whether there are none. */
    public boolean isEmpty() {
        return kinds.values().stream().allMatch(k -> k.list.isEmpty());
    }

    /** With more of them, each after those of its kind. */
    public Elements plus(List<? extends Element> more) {
        var out = this;
        for (var kind : kinds()) {
            out = out.plus(kind, more);
        }
        return out;
    }

    private <T extends Element> Elements plus(Class<T> kind, List<? extends Element> more) {
        var of = more.stream().filter(kind::isInstance).map(kind::cast).toList();
        return of.isEmpty()
                ? this
                : with(kind, Stream.concat(of(kind).stream(), of.stream()).toList());
    }

    /** Each kind in the order in which numbers come; what is not among them stays behind. */
    Elements inOrder(List<Integer> numbers) {
        Map<Integer, Integer> place = HashMap.newHashMap(numbers.size());
        numbers.forEach(n -> place.putIfAbsent(n, place.size()));
        var out = this;
        for (var kind : kinds()) {
            out = inOrder(out, kind, place);
        }
        return out;
    }

    private static <T extends Element> Elements inOrder(Elements all, Class<T> kind, Map<Integer, Integer> place) {
        var before = all.of(kind);
        var after = before.stream()
                .sorted(Comparator.comparingInt(e -> place.getOrDefault(e.id().number(), Integer.MAX_VALUE)))
                .toList();
        return after.equals(before) ? all : all.with(kind, after);
    }

    /** Those of which something is true. */
    public Elements only(Predicate<Element> which) {
        return changed(e -> Optional.of(e).filter(which));
    }

    /** With every element changed or, where the change is empty, left out; kinds of which none changes keep their list. */
    public Elements changed(Change change) {
        var out = this;
        for (var kind : kinds()) {
            out = changed(out, kind, change);
        }
        return out;
    }

    private static <T extends Element> Elements changed(Elements all, Class<T> kind, Change change) {
        var before = all.of(kind);
        var after = before.stream()
                .flatMap(e -> change.of(e).map(kind::cast).stream())
                .toList();
        var same = before.size() == after.size();
        for (var i = 0; same && i < before.size(); i++) {
            same = before.get(i) == after.get(i);
        }
        return same ? all : all.with(kind, after);
    }

    /** What becomes of an element. */
    public interface Change {
        /** The changed element, of the same kind; empty if it goes. */
        Optional<Element> of(Element element);
    }

    /** With the element of this id changed; the same elements if there is none or it does not change. */
    public <T extends Element> Elements change(Class<T> kind, ElementId id, UnaryOperator<T> change) {
        var before = find(kind, id);
        var after = before.map(change);
        if (before.isEmpty() || before.get() == after.orElseThrow()) {
            return this;
        }
        return with(
                kind,
                of(kind).stream()
                        .map(e -> e == before.orElseThrow() ? after.orElseThrow() : e)
                        .toList());
    }

    private Map<Class<? extends Element>, List<? extends Element>> lists() {
        Map<Class<? extends Element>, List<? extends Element>> out = new HashMap<>();
        kinds.forEach((kind, of) -> {
            if (!of.list.isEmpty()) {
                out.put(kind, of.list);
            }
        });
        return out;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return this == other || other instanceof Elements e && lists().equals(e.lists());
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(lists());
    }

    @Override
    public String toString() {
        return lists().toString();
    }
}
