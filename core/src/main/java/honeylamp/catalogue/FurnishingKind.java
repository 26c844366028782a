package honeylamp.catalogue;

import honeylamp.catalogue.symbol.Symbol;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.plan.Furnishing;
import honeylamp.units.Length;
import java.util.function.BiConsumer;

/**
 * A kind of furnishing: its usual size and how it is drawn at any size.
 *
 * @param key the name kept in plans
 * @param stand where it stands by nature
 */
public record FurnishingKind(
        String key, String label, Group group, Length width, Length depth, Length height, Stand stand, Maker maker) {
    /** The groups of the tray. */
    public enum Group {
        /** To sit and eat. */
        LIVING("Living"),
        /** To sleep and store. */
        SLEEPING("Sleeping"),
        /** To cook. */
        KITCHEN("Kitchen"),
        /** To wash. */
        BATH("Bath"),
        /** To work and adorn. */
        OTHER("Work and decor");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Where a kind of piece stands by nature. */
    public enum Stand {
        /** Its back against a wall. */
        AT_WALL,
        /** Anywhere. */
        FREE,
        /** Flat below all else. */
        UNDERFOOT
    }

    /** A made size in mm, and a seed for what is random about a piece. */
    public record Size(double widthMm, double depthMm, double heightMm, long seed) {}

    /** Draws a piece at a size. */
    public interface Maker extends BiConsumer<SymbolPen, Size> {}

    static FurnishingKind of(String key, String label, Group group, int w, int d, int h, Stand stand, Maker maker) {
        return new FurnishingKind(key, label, group, Length.ofMm(w), Length.ofMm(d), Length.ofMm(h), stand, maker);
    }

    /** The symbol at a size. */
    public Symbol symbol(Size size) {
        var pen = new SymbolPen();
        if (stand == Stand.UNDERFOOT) {
            pen.on(SymbolShape.Level.FLOOR, () -> maker.accept(pen, size));
        } else {
            maker.accept(pen, size);
        }
        return pen.symbol();
    }

    /** The symbol of a placed piece, in its own frame. */
    public Symbol symbol(Furnishing piece) {
        return symbol(new Size(
                piece.width().mm(),
                piece.depth().mm(),
                piece.height().mm(),
                piece.id().seed()));
    }
}
