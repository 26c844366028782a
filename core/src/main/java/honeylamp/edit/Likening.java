package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Optional;
import java.util.Set;

/** Makes things like another of their kind; what they are called and where they stand stays theirs. */
public final class Likening {
    private Likening() {}

    /**
     * Makes picked things like a model: a wall gets its type and height, an opening its kind, sizes and build, a piece
     * its kind and sizes, a room its floor, use and height, ground its use, a note how it is set, a free mark its line, a
     * chain of dimensions its figures. Refused if none of them is of the model's kind.
     */
    public static Outcome<Plan> like(Plan plan, StoreyId storey, ElementId model, Set<ElementId> picked) {
        var there = plan.storey(storey);
        return there.elements()
                .find(model)
                .map(m -> like(plan, there, m, picked))
                .orElseGet(() -> Outcome.refused("there is nothing to be like"));
    }

    private static Outcome<Plan> like(Plan plan, Storey storey, Element model, Set<ElementId> picked) {
        var changed = new ArrayList<ElementId>();
        var elements = storey.elements().changed(e -> {
            if (!picked.contains(e.id()) || e.id().equals(model.id()) || e.getClass() != model.getClass()) {
                return Optional.of(e);
            }
            var made = made(e, model);
            made.ifPresent(_ -> changed.add(e.id()));
            return Optional.of(made.orElse(e));
        });
        return changed.isEmpty()
                ? Outcome.refused("nothing that is picked is of the kind of what was clicked")
                : Outcome.done(plan.withStorey(storey.id(), s -> s.with(elements)));
    }

    /** The offset at which an opening as wide as another has its middle where it was, as far as its wall begins before. */
    private static Length about(Opening opening, Opening like) {
        var offset = opening.offset().plus(opening.width().minus(like.width()).half());
        return offset.mm() < 0 ? Length.ZERO : offset;
    }

    /** One thing like another of its kind; empty for kinds that are alike anyway. */
    private static Optional<Element> made(Element one, Element like) {
        return switch (one) {
            case Wall w
            when like instanceof Wall m ->
                Optional.of(w.with(copy -> copy.type(m.type()).height(m.height())));
            case Opening o
            when like instanceof Opening m ->
                Optional.of(o.with(copy -> copy.kind(m.kind())
                        .offset(about(o, m))
                        .width(m.width())
                        .sill(m.sill())
                        .head(m.head())
                        .build(m.build())));
            case Furnishing f
            when like instanceof Furnishing m ->
                Optional.of(f.with(copy ->
                        copy.kind(m.kind()).width(m.width()).depth(m.depth()).height(m.height())));
            case RoomMark r
            when like instanceof RoomMark m ->
                Optional.of(r.with(copy ->
                        copy.floor(m.floor()).fit(m.fit().withNumber(r.fit().number()))));
            case Note n when like instanceof Note m -> Optional.of(n.withForm(m.form()));
            case FreeMark n when like instanceof FreeMark m -> Optional.of(n.withLine(m.line()));
            case Dimension d when like instanceof Dimension m -> Optional.of(d.withFigures(m.figures()));
            case Ground g when like instanceof Ground m -> Optional.of(g.withUse(m.use()));
            case Element _ -> Optional.empty();
        };
    }
}
