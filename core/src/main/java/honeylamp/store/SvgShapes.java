package honeylamp.store;

import com.github.weisj.jsvg.renderer.RenderContext;
import com.github.weisj.jsvg.renderer.output.Output;
import com.github.weisj.jsvg.renderer.output.TextOutput;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ImageObserver;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Gathers what an SVG drawing fills and strokes, as shapes; its pictures and words are passed over. */
final class SvgShapes implements Output {
    /** What is fainter than this is not there. */
    private static final float LEAST_OPACITY = 0.03f;

    /** More shapes than this are too many for a piece, and the rest is not gathered. */
    private static final int MOST = 4000;

    /**
     * A shape in the pixels of the drawing.
     *
     * @param argb its colour
     */
    record Drawn(Shape shape, boolean isFilled, int argb) {}

    private final List<Drawn> all;
    private final AtomicBoolean inWords;
    private AffineTransform transform;
    private Paint paint = Color.BLACK;
    private Stroke stroke = new BasicStroke();
    private float opacity = 1;

    SvgShapes() {
        this(new ArrayList<>(), new AtomicBoolean(), new AffineTransform());
    }

    private SvgShapes(List<Drawn> all, AtomicBoolean inWords, AffineTransform transform) {
        this.all = all;
        this.inWords = inWords;
        this.transform = transform;
    }

    /** What was drawn, the lowest first. */
    List<Drawn> all() {
        return List.copyOf(all);
    }

    private void add(Shape shape, boolean isFilled) {
        var argb = paint instanceof Color c ? c.getRGB() : 0xff808080;
        if (!inWords.get() && opacity * (argb >>> 24) / 255f >= LEAST_OPACITY && all.size() <= MOST) {
            all.add(new Drawn(transform.createTransformedShape(shape), isFilled, argb));
        }
    }

    @Override
    public void fillShape(Shape shape) {
        add(shape, true);
    }

    @Override
    public void drawShape(Shape shape) {
        add(shape, false);
    }

    @Override
    public void drawImage(BufferedImage image) {}

    @Override
    public void drawImage(Image image, @Nullable ImageObserver observer) {}

    @Override
    public void drawImage(Image image, AffineTransform at, @Nullable ImageObserver observer) {}

    @Override
    public void setPaint(Paint other) {
        paint = other;
    }

    @Override
    public void setPaint(Supplier<Paint> other) {
        paint = other.get();
    }

    @Override
    public void setStroke(Stroke other) {
        stroke = other;
    }

    @Override
    public Stroke stroke() {
        return stroke;
    }

    /** What is clipped away is drawn all the same: a piece is taken as a whole. */
    @Override
    public void applyClip(Shape clip) {}

    @Override
    public Optional<Float> contextFontSize() {
        return Optional.empty();
    }

    @Override
    public Output createChild() {
        var child = new SvgShapes(all, inWords, new AffineTransform(transform));
        child.paint = paint;
        child.stroke = stroke;
        child.opacity = opacity;
        return child;
    }

    @Override
    public void dispose() {}

    @Override
    public void debugPaint(Consumer<Graphics2D> painter) {}

    @Override
    public Rectangle2D clipBounds() {
        return new Rectangle2D.Double(-1e9, -1e9, 2e9, 2e9);
    }

    @Override
    public RenderingHints renderingHints() {
        return new RenderingHints(Map.of());
    }

    @Override
    public Object renderingHint(RenderingHints.Key key) {
        return RenderingHints.VALUE_STROKE_PURE;
    }

    @Override
    public void setRenderingHint(RenderingHints.Key key, @Nullable Object value) {}

    @Override
    public AffineTransform transform() {
        return new AffineTransform(transform);
    }

    @Override
    public void setTransform(AffineTransform other) {
        transform = new AffineTransform(other);
    }

    @Override
    public void applyTransform(AffineTransform more) {
        transform.concatenate(more);
    }

    @Override
    public void rotate(double angle) {
        transform.rotate(angle);
    }

    @Override
    public void scale(double sx, double sy) {
        transform.scale(sx, sy);
    }

    @Override
    public void translate(double dx, double dy) {
        transform.translate(dx, dy);
    }

    @Override
    public float currentOpacity() {
        return opacity;
    }

    @Override
    public void applyOpacity(float more) {
        opacity *= more;
    }

    @Override
    public SafeState safeState() {
        var wasTransform = new AffineTransform(transform);
        var wasPaint = paint;
        var wasStroke = stroke;
        var wasOpacity = opacity;
        return () -> {
            transform = wasTransform;
            paint = wasPaint;
            stroke = wasStroke;
            opacity = wasOpacity;
        };
    }

    /** Words are no part of a piece. */
    @Override
    public TextOutput textOutput() {
        return new TextOutput() {
            @Override
            public void codepoint(String text, AffineTransform at, RenderContext context) {}

            @Override
            public void beginText() {
                inWords.set(true);
            }

            @Override
            public void glyphRunBreak() {}

            @Override
            public void endText() {
                inWords.set(false);
            }
        };
    }

    @Override
    public boolean supportsFilters() {
        return false;
    }

    @Override
    public boolean supportsColors() {
        return true;
    }
}
