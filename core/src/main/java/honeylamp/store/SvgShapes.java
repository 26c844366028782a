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
import java.awt.geom.Area;
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

    /**
     * A shape in the pixels of the drawing.
     *
     * @param argb its colour, faded as it is; grey where it has a texture
     * @param isTextured whether it is filled with a picture, a pattern or a gradient
     * @param widthPx the width of its pen; 0 if it is filled
     * @param clip within which it is seen
     */
    record Drawn(
            Shape shape,
            boolean isFilled,
            int argb,
            boolean isTextured,
            double widthPx,
            boolean isBroken,
            Optional<Area> clip) {
        /** How much of what is below it covers, from 0 to 1. */
        double opacity() {
            return (argb >>> 24) / 255.0;
        }
    }

    private final int most;
    private final List<Drawn> all;
    private final AtomicBoolean inWords;
    private AffineTransform transform;
    private Paint paint = Color.BLACK;
    private Stroke stroke = new BasicStroke();
    private float opacity = 1;
    private Optional<Area> clip = Optional.empty();

    /** Gathers so many shapes and one more; the rest is left. */
    SvgShapes(int most) {
        this(most, new ArrayList<>(), new AtomicBoolean(), new AffineTransform());
    }

    private SvgShapes(int most, List<Drawn> all, AtomicBoolean inWords, AffineTransform transform) {
        this.most = most;
        this.all = all;
        this.inWords = inWords;
        this.transform = transform;
    }

    /** What was drawn, the lowest first. */
    List<Drawn> all() {
        return List.copyOf(all);
    }

    private void add(Shape shape, boolean isFilled) {
        var colour = paint instanceof Color c ? c.getRGB() : 0xff808080;
        var seen = opacity * (colour >>> 24) / 255f;
        if (!inWords.get() && seen >= LEAST_OPACITY && all.size() <= most) {
            var pen = isFilled ? null : stroke instanceof BasicStroke basic ? basic : new BasicStroke();
            all.add(new Drawn(
                    transform.createTransformedShape(shape),
                    isFilled,
                    colour & 0xffffff | Math.round(seen * 255) << 24,
                    !(paint instanceof Color),
                    pen == null ? 0 : pen.getLineWidth() * Math.sqrt(Math.abs(transform.getDeterminant())),
                    pen != null && pen.getDashArray() != null,
                    clip));
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

    @Override
    public void applyClip(Shape further) {
        var area = new Area(transform.createTransformedShape(further));
        clip.ifPresent(area::intersect);
        clip = Optional.of(area);
    }

    @Override
    public Optional<Float> contextFontSize() {
        return Optional.empty();
    }

    @Override
    public Output createChild() {
        var child = new SvgShapes(most, all, inWords, new AffineTransform(transform));
        child.paint = paint;
        child.stroke = stroke;
        child.opacity = opacity;
        child.clip = clip;
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
        var wasClip = clip;
        return () -> {
            transform = wasTransform;
            paint = wasPaint;
            stroke = wasStroke;
            opacity = wasOpacity;
            clip = wasClip;
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
