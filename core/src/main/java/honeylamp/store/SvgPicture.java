package honeylamp.store;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DomProcessor;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.XMLInput;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import honeylamp.store.PictureImport.RefusedException;
import java.awt.Color;
import java.awt.Dimension;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.xml.stream.XMLInputFactory;

/** Draws an SVG file as pixels; nothing outside the file is ever read. */
final class SvgPicture {
    private static final int LONG_SIDE_PX = 4000;
    static final long MOST_BYTES = 20L << 20;
    private static final long MOST_EMBEDDED_PIXELS = 40_000_000;
    private static final Pattern EMBEDDED = Pattern.compile("data:image/[a-z+.-]{1,20};base64,([A-Za-z0-9+/=\\s]+)");
    private static final URI NOWHERE = URI.create("about:blank");

    private SvgPicture() {}

    /** The drawing on white as a PNG whose longer side has 4000 pixels. */
    static byte[] png(byte[] svg) throws IOException {
        var document = document(svg);
        var size = sizePx(document);
        var image = new BufferedImage(size.width, size.height, BufferedImage.TYPE_INT_RGB);
        try {
            draw(document, image);
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            throw new IOException("it cannot be drawn", e);
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /** How large a drawing is drawn. */
    static Dimension sizePx(SVGDocument document) {
        var size = document.size();
        var scale = LONG_SIDE_PX / Math.max(size.width, size.height);
        return new Dimension(Math.max(1, Math.round(size.width * scale)), Math.max(1, Math.round(size.height * scale)));
    }

    /** Pictures within the drawing are held to a size before anything unpacks them. */
    private static void requireEmbedded(byte[] svg) throws IOException {
        var pictures = EMBEDDED.matcher(new String(svg, StandardCharsets.ISO_8859_1));
        while (pictures.find()) {
            byte[] bytes;
            try {
                bytes = Base64.getMimeDecoder().decode(pictures.group(1));
            } catch (IllegalArgumentException _) {
                continue; // no picture: it is drawn as nothing
            }
            PicturePixels.requireSize(bytes, MOST_EMBEDDED_PIXELS);
        }
    }

    /** The drawing in a file, read within bounds. */
    static SVGDocument document(byte[] svg) throws IOException {
        return document(svg, _ -> {});
    }

    /** The drawing in a file, changed before it is drawn. */
    static SVGDocument document(byte[] svg, DomProcessor change) throws IOException {
        if (svg.length > MOST_BYTES) {
            throw new RefusedException(
                    "The SVG drawing is too large (" + (svg.length >> 20) + " MB, at most " + (MOST_BYTES >> 20)
                            + " MB)",
                    "Save it as PNG or PDF and bring that in.");
        }
        requireEmbedded(svg);
        var document = read(svg, change);
        var size = document.size();
        if (!(size.width > 0 && size.height > 0)) {
            throw new RefusedException("The SVG drawing has no size", "Save it with a width and a height.");
        }
        return document;
    }

    private static SVGDocument read(byte[] svg, DomProcessor change) throws RefusedException {
        XMLInput input = () -> factory().createXMLEventReader(new ByteArrayInputStream(svg));
        var context = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
                .preProcessor(change)
                .build();
        SVGDocument document;
        try {
            document = new SVGLoader().load(input, NOWHERE, context);
        } catch (RuntimeException | StackOverflowError _) {
            document = null; // the reader trips over it
        }
        if (document == null) {
            throw new RefusedException(
                    "The SVG drawing is damaged or uses what is not taken, such as entities",
                    "Save it again as plain SVG, or as PNG.");
        }
        return document;
    }

    private static XMLInputFactory factory() {
        var factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory;
    }

    private static void draw(SVGDocument document, BufferedImage image) {
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render((java.awt.Component) null, g, new ViewBox(image.getWidth(), image.getHeight()));
        g.dispose();
    }
}
