package honeylamp.illustrate.words;

import honeylamp.derive.listing.Differing;
import honeylamp.derive.pointing.Apart;
import honeylamp.derive.schemes.SchemeDifferences;
import honeylamp.derive.schemes.SchemeDifferences.Difference;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Element;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Marks what differs in a scheme from another arrangement: a bold line around what is new, moved or changed, dashes around
 * where something was, and a line from where it was to where it is. Told by the line alone, so that it holds in grey.
 */
public final class SchemeMarks {
    /** Between a thing and the line around it, in paper mm. */
    private static final double AIR_MM = 0.7;

    private static final double BOLDER = 1.6;

    private final PaperFrame frame;
    private final Pens pens;

    /** Marks in the pens of a look. */
    public SchemeMarks(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /** The marks of a view; none if it is marked against nothing. */
    public List<Mark> of(LaidView view) {
        return view.against().map(other -> marks(view, other)).orElse(List.of());
    }

    /** Where things were that are gone or stand elsewhere in a view that is marked so, in plan mm. */
    static List<Outline> left(LaidView view) {
        return view.against().stream()
                .flatMap(other -> SchemeDifferences.of(other.storey(), view.storey()).stream()
                        .filter(d -> d.kind() == Differing.GONE || d.kind() == Differing.MOVED)
                        .flatMap(d -> rings(other, d.before()).stream()))
                .map(ring -> Outline.of(ring.counterClockwise()))
                .toList();
    }

    private List<Mark> marks(LaidView view, LaidView other) {
        var out = new ArrayList<Mark>();
        var seen = view.view().seen();
        for (var difference : SchemeDifferences.of(other.storey(), view.storey())) {
            if (!Kind.of(difference.element()).map(seen::shows).orElse(true)) {
                continue; // of what nobody sees nothing is marked
            }
            var was = rings(other, difference.before());
            var is = rings(view, difference.now());
            switch (difference.kind()) {
                case NEW, CHANGED -> around(out, is, bold());
                case GONE -> around(out, was, pens.removed());
                case MOVED -> {
                    around(out, was, pens.removed());
                    around(out, is, bold());
                    way(out, difference);
                }
            }
        }
        return out;
    }

    private Pen bold() {
        var usual = pens.cutPost();
        return new Pen(BOLDER * usual.widthMm(), usual.tip(), usual.dashMm());
    }

    private static List<Ring> rings(LaidView view, Optional<Element> element) {
        return element.map(e -> Apart.rings(view.storey().geometry(), e.id())).orElse(List.of());
    }

    private void around(List<Mark> out, List<Ring> rings, Pen pen) {
        if (rings.isEmpty()) {
            return;
        }
        var outlines = rings.stream().map(r -> Outline.of(r.counterClockwise())).toList();
        for (var outline : Regions.inset(Regions.union(outlines), -frame.planMm(AIR_MM))) {
            out.add(new Mark.Stroke(frame.paper(Figure.ring(outline.shell())), pen, pens.ink()));
        }
    }

    /** From the middle of where it was to that of where it is. */
    private void way(List<Mark> out, Difference difference) {
        var from = difference.before().map(Element::places).orElse(List.of());
        var to = difference.now().map(Element::places).orElse(List.of());
        if (from.size() == 1 && to.size() == 1) {
            out.add(new Mark.Stroke(
                    frame.paper(
                            Figure.line(from.getFirst().point(), to.getFirst().point())),
                    pens.removed(),
                    pens.ink()));
        }
    }
}
