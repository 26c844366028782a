package honeylamp.output;

import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.TypeLine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.sheet.ComposedPage;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes a page as SVG in millimetres: one group per layer, text as text with the fonts it needs, shadows as paths. */
final class SvgOutput {
    private static final int DECIMALS = 3; // a thousandth of a millimetre on paper

    private final XMLStreamWriter xml;

    /** What ids begin with, where several drawings stand in one document; empty in a file of its own. */
    private final String prefix;

    private int clips;
    private int gradients;

    private SvgOutput(XMLStreamWriter xml, String prefix) {
        this.xml = xml;
        this.prefix = prefix;
    }

    /**
     * Writes a page as part of an HTML document, without fonts: blends are classes, and of what differs between the page
     * furnished and bare both are there, as classes too.
     *
     * @param prefix begins every id
     */
    static void inline(ComposedPage furnished, ComposedPage bare, String prefix, OutputStream out) throws IOException {
        try {
            var xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, "UTF-8");
            new SvgOutput(xml, prefix).both(furnished, bare);
            xml.close();
        } catch (XMLStreamException e) {
            throw new IOException("the drawing could not be written", e);
        }
    }

    private void both(ComposedPage furnished, ComposedPage bare) throws XMLStreamException, IOException {
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("viewBox", "0 0 " + number(furnished.widthMm()) + " " + number(furnished.heightMm()));
        xml.writeAttribute("aria-hidden", "true");
        for (var kind : LayerKind.values()) {
            var with = furnished.drawing().only(kind::equals).layers();
            var without = bare.drawing().only(kind::equals).layers();
            if (with.equals(without)) {
                inline(with, "");
            } else {
                inline(with, "furnished");
                inline(without, "bare");
            }
        }
        xml.writeEndElement();
    }

    private void inline(List<Layer> layers, String when) throws XMLStreamException, IOException {
        for (var layer : layers) {
            xml.writeStartElement("g");
            var blend = layer.blend() == Blend.COVER ? "" : layer.blend().name().toLowerCase(Locale.ROOT);
            var classes = (blend + " " + when).strip();
            if (!classes.isEmpty()) {
                xml.writeAttribute("class", classes);
            }
            marks(layer.marks());
            xml.writeEndElement();
        }
    }

    static void write(ComposedPage page, OutputStream out, Progress progress) throws IOException, Progress.Cancelled {
        try {
            var xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, "UTF-8");
            new SvgOutput(xml, "").page(page, progress);
            xml.close();
        } catch (XMLStreamException e) {
            throw new IOException("the SVG could not be written", e);
        }
    }

    private void page(ComposedPage page, Progress progress) throws XMLStreamException, IOException, Progress.Cancelled {
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(page.widthMm()) + "mm");
        xml.writeAttribute("height", number(page.heightMm()) + "mm");
        xml.writeAttribute("viewBox", "0 0 " + number(page.widthMm()) + " " + number(page.heightMm()));
        if (!page.title().isBlank()) {
            element("title", page.title());
        }
        var fonts = SvgFonts.rules(page.drawing());
        if (!fonts.isEmpty()) {
            element("style", fonts);
        }
        var layers = page.drawing().layers();
        for (var i = 0; i < layers.size(); i++) {
            layer(layers.get(i), i);
            progress.at((i + 1.0) / layers.size());
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void element(String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    private void layer(Layer layer, int index) throws XMLStreamException, IOException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", layer.kind().label().toLowerCase(Locale.ROOT).replace(' ', '-') + "-" + index);
        switch (layer.blend()) {
            case COVER -> {}
            case MULTIPLY -> xml.writeAttribute("style", "mix-blend-mode:multiply");
            case SCREEN -> xml.writeAttribute("style", "mix-blend-mode:screen");
        }
        element("title", layer.kind().label());
        marks(layer.marks());
        xml.writeEndElement();
    }

    private void marks(List<Mark> marks) throws XMLStreamException, IOException {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Fill(var path, var ink) -> fill(path, ink);
                case Mark.Stroke(var path, var pen, var ink) -> stroke(path, pen, ink);
                case Mark.Text text -> text(text);
                case Mark.Shaded shaded -> shaded(shaded);
                case Mark.Haloed(var text, var roomMm, var ink) -> {
                    stroke(AwtShapes.path(RasterPainter.outline(text)), Pen.round(2 * roomMm), ink);
                    text(text);
                }
                case Mark.Image image -> picture(RasterPainter.image(image), image.where());
                case Mark.Picture picture -> picture(RasterPainter.image(picture), picture.where());
                case Mark.Clip(var path, var inside) -> clip(path, inside);
            }
        }
    }

    private void fill(Figure path, Ink ink) throws XMLStreamException {
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data(path));
        xml.writeAttribute("fill", colour(ink));
        opacity("fill-opacity", ink);
    }

    private void stroke(Figure path, Pen pen, Ink ink) throws XMLStreamException {
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data(path));
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", colour(ink));
        opacity("stroke-opacity", ink);
        xml.writeAttribute("stroke-width", number(pen.widthMm()));
        if (pen.tip() == Pen.Tip.ROUND) {
            xml.writeAttribute("stroke-linecap", "round");
            xml.writeAttribute("stroke-linejoin", "round");
        } else {
            xml.writeAttribute("stroke-miterlimit", "10");
        }
        if (!pen.dashMm().isEmpty()) {
            xml.writeAttribute(
                    "stroke-dasharray",
                    pen.dashMm().stream().map(SvgOutput::number).collect(Collectors.joining(" ")));
        }
    }

    private void text(Mark.Text text) throws XMLStreamException {
        var start = text.start();
        var size = text.face().sizeOfCapHeight(text.capHeightMm());
        for (var piece : text.set().pieces()) {
            var at = start.plus(Point.direction(text.turnDeg()).times(piece.fromEm() * size));
            switch (piece.setting()) {
                case PLAIN -> plain(text, piece, at, size);
                case SHAPED -> shaped(text, piece, start, size);
            }
        }
    }

    /** Letters that join, as outlines with the words for readers. */
    private void shaped(Mark.Text text, TypeLine.Piece piece, Point start, double size) throws XMLStreamException {
        var at = AffineTransform.getTranslateInstance(start.x(), start.y());
        at.rotate(Math.toRadians(text.turnDeg()));
        at.scale(size / 1000, size / 1000);
        xml.writeEmptyElement("path");
        xml.writeAttribute("role", "img");
        xml.writeAttribute("aria-label", piece.text());
        xml.writeAttribute("d", data(AwtShapes.path(at.createTransformedShape(piece.outline()))));
        xml.writeAttribute("fill", colour(text.ink()));
        opacity("fill-opacity", text.ink());
    }

    private void plain(Mark.Text text, TypeLine.Piece piece, Point start, double size) throws XMLStreamException {
        xml.writeStartElement("text");
        xml.writeAttribute("x", number(start.x()));
        xml.writeAttribute("y", number(start.y()));
        if (text.turnDeg() != 0) {
            xml.writeAttribute(
                    "transform",
                    "rotate(" + number(text.turnDeg()) + " " + number(start.x()) + " " + number(start.y()) + ")");
        }
        xml.writeAttribute("font-family", "'" + piece.file().family() + "', sans-serif");
        xml.writeAttribute("font-weight", Integer.toString(piece.file().weight()));
        xml.writeAttribute("font-size", number(size));
        if (piece.text().length() > 1) {
            xml.writeAttribute("textLength", number(piece.widthEm() * size)); // holds with a stand-in font too
        }
        xml.writeAttribute("fill", colour(text.ink()));
        opacity("fill-opacity", text.ink());
        xml.writeCharacters(piece.text());
        xml.writeEndElement();
    }

    private void shaded(Mark.Shaded shaded) throws XMLStreamException {
        var id = prefix + "gradient-" + ++gradients;
        switch (shaded.gradient()) {
            case Gradient.Linear linear -> {
                xml.writeStartElement("linearGradient");
                xml.writeAttribute("x1", number(linear.from().x()));
                xml.writeAttribute("y1", number(linear.from().y()));
                xml.writeAttribute("x2", number(linear.to().x()));
                xml.writeAttribute("y2", number(linear.to().y()));
            }
            case Gradient.Radial radial -> {
                xml.writeStartElement("radialGradient");
                xml.writeAttribute("cx", number(radial.centre().x()));
                xml.writeAttribute("cy", number(radial.centre().y()));
                xml.writeAttribute("r", number(radial.radiusMm()));
            }
        }
        xml.writeAttribute("id", id);
        xml.writeAttribute("gradientUnits", "userSpaceOnUse");
        for (var stop : shaded.gradient().stops()) {
            xml.writeEmptyElement("stop");
            xml.writeAttribute("offset", number(stop.at()));
            xml.writeAttribute("stop-color", colour(Ink.of(stop.rgb())));
        }
        xml.writeEndElement();
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data(shaded.path()));
        xml.writeAttribute("fill", "url(#" + id + ")");
        opacity("fill-opacity", new Ink(0, shaded.opacity()));
    }

    private void picture(BufferedImage image, Box where) throws XMLStreamException, IOException {
        var png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        xml.writeEmptyElement("image");
        xml.writeAttribute("x", number(where.minX()));
        xml.writeAttribute("y", number(where.minY()));
        xml.writeAttribute("width", number(where.width()));
        xml.writeAttribute("height", number(where.height()));
        xml.writeAttribute("preserveAspectRatio", "none");
        xml.writeAttribute(
                "href", "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray()));
    }

    private void clip(Figure path, List<Mark> inside) throws XMLStreamException, IOException {
        var id = prefix + "clip-" + ++clips;
        xml.writeStartElement("clipPath");
        xml.writeAttribute("id", id);
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data(path));
        xml.writeEndElement();
        xml.writeStartElement("g");
        xml.writeAttribute("clip-path", "url(#" + id + ")");
        marks(inside);
        xml.writeEndElement();
    }

    private void opacity(String attribute, Ink ink) throws XMLStreamException {
        if (ink.opacity() < 1) {
            xml.writeAttribute(attribute, number(ink.opacity()));
        }
    }

    private static String colour(Ink ink) {
        return String.format(Locale.ROOT, "#%06x", ink.rgb());
    }

    private static String number(double value) {
        var rounded = BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_EVEN);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    private static String data(Figure path) {
        var out = new StringBuilder();
        path.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                step('M', x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                step('L', x, y);
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                step('C', x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                out.append('Z');
            }

            private void step(char letter, double... numbers) {
                out.append(letter);
                for (var i = 0; i < numbers.length; i++) {
                    out.append(i == 0 ? "" : " ").append(number(numbers[i]));
                }
            }
        });
        return out.toString();
    }
}
