package honeylamp.store;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DomElement;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import honeylamp.plan.Linework.Form;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.underlay.DrawnLines;
import java.awt.Dimension;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Gathers the lines and fills of an SVG drawing by its layers: the groups with a name that lie uppermost in it. Words,
 * pictures, textures and washes are passed over.
 */
final class SvgLines {
    /** A drawing of more named groups is not parted by them. */
    private static final int MOST_LAYERS = 40;

    private SvgLines() {}

    /** The lines in pixels of the picture that is drawn of it. */
    static DrawnLines of(byte[] svg) throws IOException {
        var names = new ArrayList<String>();
        var whole = SvgPicture.document(svg, root -> named(container(root)).forEach(g -> names.add(name(g))));
        var size = SvgPicture.sizePx(whole);
        var gathered = new GatheredLines(size.getWidth(), size.getHeight());
        try {
            if (names.isEmpty() || names.size() > MOST_LAYERS) {
                gather(gathered, "", whole, size);
                return gathered.lines();
            }
            gather(gathered, "", SvgPicture.document(svg, root -> hideAllBut(root, -1)), size);
            for (var i = 0; i < names.size(); i++) {
                var layer = i;
                gather(gathered, names.get(i), SvgPicture.document(svg, root -> hideAllBut(root, layer)), size);
            }
            return gathered.lines();
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            throw new IOException("it cannot be drawn", e);
        }
    }

    private static void gather(GatheredLines gathered, String layer, SVGDocument document, Dimension size)
            throws RefusedException {
        var shapes = new SvgShapes(DrawnLines.MOST_POINTS);
        document.renderWithPlatform(NullPlatformSupport.INSTANCE, shapes, new ViewBox(size.width, size.height));
        for (var drawn : shapes.all()) {
            if (drawn.isFilled() && (drawn.isTextured() || drawn.opacity() < GatheredLines.LEAST_OPACITY)) {
                continue; // pictures come as textures
            }
            gathered.add(
                    layer,
                    drawn.argb(),
                    drawn.isFilled() ? Form.FILLS : drawn.isBroken() ? Form.BROKEN_LINES : Form.LINES,
                    drawn.widthPx(),
                    new Path2D.Double(drawn.shape()),
                    drawn.clip());
        }
    }

    /** The element whose groups are the layers: a group that holds all of a drawing is none. */
    private static DomElement container(DomElement root) {
        var in = root;
        while (true) {
            var groups = groups(in);
            if (groups.size() != 1
                    || !named(in).isEmpty() && named(groups.getFirst()).isEmpty()) {
                return in;
            }
            in = groups.getFirst();
        }
    }

    private static List<DomElement> groups(DomElement of) {
        return of.children().stream()
                .filter(c -> c.tagName().equals("g"))
                .map(DomElement.class::cast)
                .toList();
    }

    private static List<DomElement> named(DomElement in) {
        return groups(in).stream().filter(g -> !name(g).isEmpty()).toList();
    }

    private static String name(DomElement group) {
        return Objects.requireNonNullElse(group.id(), "");
    }

    /** Hides all layers but one, and what lies on none; -1 hides the layers. */
    private static void hideAllBut(DomElement root, int layer) {
        var container = container(root);
        var named = named(container);
        if (layer < 0) {
            named.forEach(SvgLines::hide);
            return;
        }
        var kept = named.get(layer);
        for (DomElement at = kept; at != root; ) {
            var parent = Objects.requireNonNull(at.parent());
            for (var child : parent.children()) {
                if (child != at
                        && !child.tagName().equals("defs")
                        && !child.tagName().equals("style")) {
                    hide(child);
                }
            }
            at = parent;
        }
    }

    private static void hide(DomElement element) {
        element.setAttribute("display", "none");
        element.setAttribute("style", element.attribute("style", "") + ";display:none");
    }
}
