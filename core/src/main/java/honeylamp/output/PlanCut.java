package honeylamp.output;

import honeylamp.drawing.LayerKind;
import honeylamp.geometry.Box;
import honeylamp.sheet.ComposedPage;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** Cuts a page to what is drawn of the plan, with its dimensions and labels: lists, title block and margins go. */
final class PlanCut {
    /** Left free around the plan, in paper mm. */
    private static final double AIR_MM = 5;

    /** What lies on the paper as a whole tells nothing of where the plan is. */
    private static final Set<LayerKind> OF_PAPER =
            EnumSet.of(LayerKind.PAPER, LayerKind.TOOTH, LayerKind.SHEET, LayerKind.SHADE, LayerKind.SUNLIGHT);

    private PlanCut() {}

    /** The part of a page with the plan; the page as it is if nothing is drawn. */
    static ComposedPage of(ComposedPage page) {
        return page.drawing().layers().stream()
                .filter(l -> !OF_PAPER.contains(l.kind()))
                .flatMap(l -> MarkBounds.of(l.marks()).stream())
                .reduce(Box::union)
                .flatMap(box -> seen(box, page))
                .map(box -> page.only(k -> k != LayerKind.SHEET).cut(box))
                .orElse(page);
    }

    private static Optional<Box> seen(Box box, ComposedPage page) {
        return box.grown(AIR_MM).shared(new Box(0, 0, page.widthMm(), page.heightMm()));
    }
}
