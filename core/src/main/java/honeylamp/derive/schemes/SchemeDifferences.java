package honeylamp.derive.schemes;

import honeylamp.derive.listing.Differing;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Covering;
import honeylamp.plan.Element;
import honeylamp.plan.Opening;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** In what one arrangement of a storey differs from another; told apart by what each thing is, not by where lists have it. */
public final class SchemeDifferences {
    private SchemeDifferences() {}

    /**
     * Something that differs.
     *
     * @param before as it is in the other arrangement; empty if it is new
     * @param now as it is in this one; empty if it is gone
     */
    public record Difference(Differing kind, Optional<Element> before, Optional<Element> now) {
        /** The thing itself, as it is in this arrangement or else was in the other. */
        public Element element() {
            return now.or(() -> before).orElseThrow();
        }
    }

    /** What differs, kind by kind of thing; what is not part of the house is left out. */
    public static List<Difference> of(LaidStorey before, LaidStorey now) {
        return of(before.storey(), now.storey());
    }

    static List<Difference> of(Storey before, Storey now) {
        var out = new ArrayList<Difference>();
        now.elements()
                .all()
                .filter(SchemeDifferences::counts)
                .forEach(e -> before.elements()
                        .find(e.id())
                        .ifPresentOrElse(
                                was -> changed(was, e).ifPresent(out::add),
                                () -> out.add(new Difference(Differing.NEW, Optional.empty(), Optional.of(e)))));
        before.elements()
                .all()
                .filter(e -> counts(e) && now.elements().find(e.id()).isEmpty())
                .forEach(e -> out.add(new Difference(Differing.GONE, Optional.of(e), Optional.empty())));
        return List.copyOf(out);
    }

    private static boolean counts(Element element) {
        return !(element instanceof SettingOutLine || element instanceof Underlay);
    }

    private static Optional<Difference> changed(Element was, Element now) {
        if (was.equals(now)) {
            return Optional.empty();
        }
        var moved = !(now instanceof Covering)
                && (!was.places().equals(now.places())
                        || was instanceof Opening a
                                && now instanceof Opening b
                                && !a.host().equals(b.host()));
        return Optional.of(
                new Difference(moved ? Differing.MOVED : Differing.CHANGED, Optional.of(was), Optional.of(now)));
    }
}
