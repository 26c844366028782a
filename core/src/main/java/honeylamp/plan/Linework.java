package honeylamp.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * The lines that a picture to trace was drawn with, where it came as lines and not as pixels.
 *
 * @param asset SHA-256 of the lines' bytes, their name inside the file
 * @param layers what tells them apart, in the order they were first drawn
 */
public record Linework(String asset, List<Layer> layers) {
    /** Lines of one layer and colour, or areas filled with it. */
    @RecordBuilder
    public record Layer(String name, String colour, Form form, int count, Use use)
            implements LineworkLayerBuilder.With {
        private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

        /** Refuses a colour that is not written as {@code #rrggbb}. */
        public Layer {
            if (!COLOUR.matcher(colour).matches()) {
                throw new IllegalArgumentException("a colour is written as #rrggbb, not " + colour);
            }
        }
    }

    /** How something is drawn. */
    public enum Form {
        /** Full lines. */
        LINES,
        /** Broken lines: in plans what is above or below the cut. */
        BROKEN_LINES,
        /** Filled areas. */
        FILLS
    }

    /** Whether walls are read from a layer. */
    public enum Use {
        READ,
        LEFT_OUT
    }

    /** Freezes the list. */
    public Linework {
        layers = List.copyOf(layers);
    }

    /** The same with another use of one layer. */
    public Linework using(int layer, Use use) {
        var all = new ArrayList<>(layers);
        all.set(layer, all.get(layer).withUse(use));
        return new Linework(asset, all);
    }

    /** The same with one use of all layers. */
    public Linework using(Use use) {
        return new Linework(asset, layers.stream().map(l -> l.withUse(use)).toList());
    }

    /** Whether a layer is read. */
    public boolean reads(int layer) {
        return layers.get(layer).use() == Use.READ;
    }
}
