package honeylamp.sheet;

import honeylamp.plan.Page.Listing;
import java.util.List;
import java.util.Optional;

/** What is drawn whole or not at all, as a square or a small plan. */
final class FixedList implements PageList {
    private final Listing listing;
    private final double highMm;
    private final Drawing drawing;
    private boolean isDrawn;

    /**
     * Something of a known height.
     *
     * @param highMm in paper mm
     */
    FixedList(Listing listing, double highMm, Drawing drawing) {
        this.listing = listing;
        this.highMm = highMm;
        this.drawing = drawing;
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.of(listing);
    }

    @Override
    public List<Part> parts(int columns) {
        return List.of(new Part(highMm, (rows, column) -> {
            isDrawn = true;
            return drawing.in(rows, column);
        }));
    }

    @Override
    public int left() {
        return isDrawn ? 0 : 1;
    }

    @Override
    public PageList rest() {
        return new FixedList(listing, highMm, drawing);
    }
}
