package honeylamp.store;

import honeylamp.plan.Linework.Form;
import honeylamp.underlay.DrawnLines;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDType3Font;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import org.jspecify.annotations.Nullable;

/**
 * Gathers the lines and fills of a page by their layers (optional content, ISO 32000-1, 8.11). Words, pictures,
 * shadings and washes are passed over, as are layers that are switched off and what is clipped away.
 */
final class PdfLines extends PDFGraphicsStreamEngine {
    private static final float FAINTEST_LINE = 0.03f;
    private static final int UNKNOWN_RGB = 0x808080;

    private final AffineTransform toPixels;
    private final GatheredLines gathered;
    private final @Nullable PDOptionalContentProperties properties;
    private final Deque<String> layers = new ArrayDeque<>();
    private final Path2D path = new Path2D.Double();
    private int hiddenDepth;
    private OptionalInt clipsBy = OptionalInt.empty();

    private PdfLines(
            PDPage page,
            AffineTransform toPixels,
            GatheredLines gathered,
            @Nullable PDOptionalContentProperties properties) {
        super(page);
        this.toPixels = toPixels;
        this.gathered = gathered;
        this.properties = properties;
    }

    /** The lines of a page in pixels of the picture that is drawn of it at a resolution. */
    static DrawnLines of(PDPage page, @Nullable PDOptionalContentProperties properties, double pixelsPerPoint)
            throws IOException {
        var box = page.getCropBox();
        var lying = page.getRotation() % 180 != 0;
        var width = (lying ? box.getHeight() : box.getWidth()) * pixelsPerPoint;
        var height = (lying ? box.getWidth() : box.getHeight()) * pixelsPerPoint;
        var gathered = new GatheredLines(width, height);
        new PdfLines(page, toPixels(page, pixelsPerPoint), gathered, properties).processPage(page);
        return gathered.lines();
    }

    /** The page turned as it is read, its top left corner at the origin, y down. */
    private static AffineTransform toPixels(PDPage page, double scale) {
        var box = page.getCropBox();
        var out = AffineTransform.getScaleInstance(scale, scale);
        switch (page.getRotation()) {
            case 90 -> out.concatenate(new AffineTransform(0, 1, 1, 0, 0, 0));
            case 180 -> out.concatenate(new AffineTransform(-1, 0, 0, 1, box.getWidth(), 0));
            case 270 -> out.concatenate(new AffineTransform(0, -1, -1, 0, box.getHeight(), box.getWidth()));
            default -> out.concatenate(new AffineTransform(1, 0, 0, -1, 0, box.getHeight()));
        }
        out.translate(-box.getLowerLeftX(), -box.getLowerLeftY());
        return out;
    }

    private void draw(boolean filled) throws IOException {
        var state = getGraphicsState();
        var opacity = filled ? state.getNonStrokeAlphaConstant() : state.getAlphaConstant();
        if (hiddenDepth > 0 || opacity < (filled ? GatheredLines.LEAST_OPACITY : FAINTEST_LINE)) {
            return;
        }
        var colour = filled ? state.getNonStrokingColor() : state.getStrokingColor();
        var isBroken = !filled && state.getLineDashPattern().getDashArray().length > 0;
        var scale = Math.sqrt(Math.abs(toPixels.getDeterminant()
                * state.getCurrentTransformationMatrix().createAffineTransform().getDeterminant()));
        gathered.add(
                layers.isEmpty() ? "" : layers.peek(),
                rgb(colour),
                filled ? Form.FILLS : isBroken ? Form.BROKEN_LINES : Form.LINES,
                filled ? 0 : state.getLineWidth() * scale,
                new Path2D.Double(path, toPixels),
                Optional.of(state.getCurrentClippingPath().createTransformedArea(toPixels)));
    }

    /** A pattern has no colour. */
    private static int rgb(PDColor colour) throws IOException {
        return colour.isPattern() ? UNKNOWN_RGB : colour.toRGB();
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        path.moveTo(p0.getX(), p0.getY());
        path.lineTo(p1.getX(), p1.getY());
        path.lineTo(p2.getX(), p2.getY());
        path.lineTo(p3.getX(), p3.getY());
        path.closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y); // a damaged page
        } else {
            path.lineTo(x, y);
        }
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x3, y3);
        } else {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }
    }

    @Override
    public Point2D getCurrentPoint() {
        var at = path.getCurrentPoint();
        return at == null ? new Point2D.Float() : at;
    }

    @Override
    public void closePath() {
        if (path.getCurrentPoint() != null) {
            path.closePath();
        }
    }

    /** A path may be drawn and clip what follows as well. */
    @Override
    public void endPath() {
        if (clipsBy.isPresent()) {
            path.setWindingRule(clipsBy.getAsInt());
            getGraphicsState().intersectClippingPath(new GeneralPath(path));
            clipsBy = OptionalInt.empty();
        }
        path.reset();
    }

    @Override
    public void strokePath() throws IOException {
        draw(false);
        endPath();
    }

    @Override
    public void fillPath(int windingRule) throws IOException {
        path.setWindingRule(windingRule);
        draw(true);
        endPath();
    }

    @Override
    public void fillAndStrokePath(int windingRule) throws IOException {
        path.setWindingRule(windingRule);
        draw(true);
        draw(false);
        endPath();
    }

    @Override
    public void clip(int windingRule) {
        clipsBy = OptionalInt.of(windingRule);
    }

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void shadingFill(COSName name) {}

    /** Letters that are drawings are words all the same. */
    @Override
    protected void showType3Glyph(Matrix to, PDType3Font font, int code, Vector moved) {}

    @Override
    public void beginMarkedContentSequence(COSName tag, @Nullable COSDictionary held) {
        if (hiddenDepth > 0) {
            hiddenDepth++;
        } else if (tag.equals(COSName.OC)
                && held != null
                && PDPropertyList.create(held) instanceof PDOptionalContentGroup group) {
            enter(group);
        } else {
            layers.push(layers.isEmpty() ? "" : layers.peek());
        }
    }

    private void enter(PDOptionalContentGroup group) {
        if (properties != null && !properties.isGroupEnabled(group)) {
            hiddenDepth++;
        } else {
            layers.push(group.getName());
        }
    }

    @Override
    public void endMarkedContentSequence() {
        if (hiddenDepth > 0) {
            hiddenDepth--;
        } else {
            layers.poll();
        }
    }

    @Override
    public void showForm(PDFormXObject form) throws IOException {
        if (form.getOptionalContent() instanceof PDOptionalContentGroup group) {
            enter(group);
            super.showForm(form);
            endMarkedContentSequence();
        } else {
            super.showForm(form);
        }
    }
}
