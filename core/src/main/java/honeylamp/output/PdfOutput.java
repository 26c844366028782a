package honeylamp.output;

import honeylamp.drawing.Layer;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.FontFile;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Length;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.filter.FilterFactory;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.util.Matrix;

/** Writes a page as PDF: vector lines, embedded subset fonts, one optional-content layer per kind. */
final class PdfOutput {
    private static final double POINTS_PER_MM = 72 / Length.MM_PER_INCH;

    private record StateKey(double fill, double stroke, Blend blend) {}

    private final PDDocument document;
    private final Map<FontFile, PDFont> fonts = new EnumMap<>(FontFile.class);
    private final Map<StateKey, PDExtendedGraphicsState> states = new HashMap<>();

    private final PDOptionalContentProperties properties = new PDOptionalContentProperties();
    private final Map<String, PDOptionalContentGroup> groups = new HashMap<>();

    /** By the very pixels: what is the same on several pages is in the file once. */
    private final Map<Object, PDImageXObject> images = new IdentityHashMap<>();

    private final PdfTags tags;
    private final Export.Lasting lasting;

    private PdfOutput(PDDocument document, Export.Lasting lasting) throws IOException {
        this.document = document;
        this.lasting = lasting;
        this.tags = new PdfTags(document);
        document.getDocumentCatalog().setOCProperties(properties);
    }

    /** One document of several pages; title and author are those of the first. */
    static void write(List<ComposedPage> pages, Export.Lasting lasting, OutputStream out, Progress progress)
            throws IOException, Progress.Cancelled {
        var first = pages.getFirst();
        try (var document = new PDDocument()) {
            document.setVersion(1.7f);
            document.setDocumentId(1L); // the same page gives the same bytes
            PdfNotes.write(document, first, lasting);
            document.getDocumentCatalog().setLanguage("en");
            var colours = new ByteArrayInputStream(
                    ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
            var intent = new PDOutputIntent(document, colours);
            intent.setInfo("sRGB IEC61966-2.1");
            intent.setOutputCondition("sRGB");
            intent.setOutputConditionIdentifier("sRGB IEC61966-2.1");
            intent.setRegistryName("http://www.color.org");
            document.getDocumentCatalog().addOutputIntent(intent);
            var output = new PdfOutput(document, lasting);
            var marks = new PDDocumentOutline();
            document.getDocumentCatalog().setDocumentOutline(marks);
            for (var i = 0; i < pages.size(); i++) {
                var done = i;
                output.page(pages.get(i), share -> progress.at(0.95 * (done + share) / pages.size()));
                var mark = new PDOutlineItem();
                mark.setTitle(pages.get(i).name());
                mark.setDestination(document.getPage(i));
                marks.addLast(mark);
            }
            output.tags.end();
            document.save(out);
            progress.at(1);
        }
    }

    private void page(ComposedPage page, Progress progress) throws IOException, Progress.Cancelled {
        var paper = new PDPage(
                new PDRectangle((float) (page.widthMm() * POINTS_PER_MM), (float) (page.heightMm() * POINTS_PER_MM)));
        document.addPage(paper);
        var said = tags.page(paper, page);
        try (var stream = new PDPageContentStream(document, paper)) {
            // paper mm, y down
            stream.transform(new Matrix(
                    (float) POINTS_PER_MM, 0, 0, (float) -POINTS_PER_MM, 0, (float) (page.heightMm() * POINTS_PER_MM)));
            var layers = page.drawing().layers();
            var paperMm = new PDRectangle((float) page.widthMm(), (float) page.heightMm());
            for (var i = 0; i < layers.size(); i++) {
                var name = layers.get(i).kind().label();
                var group = groups.computeIfAbsent(name, PDOptionalContentGroup::new);
                if (!properties.hasGroup(name)) {
                    properties.addGroup(group);
                }
                stream.beginMarkedContent(COSName.OC, group);
                said(stream, layers.get(i), paperMm, said);
                stream.endMarkedContent();
                progress.at((i + 1.0) / layers.size());
            }
        }
    }

    /** A layer as it is read: words line by line, paper not at all, and all else as one picture. */
    private void said(PDPageContentStream stream, Layer layer, PDRectangle paperMm, PdfTags.Page said)
            throws IOException {
        switch (layer.kind()) {
            case PAPER, TOOTH -> said.unsaid(stream, () -> layer(stream, layer, paperMm));
            case LABELS, SHEET -> {
                if (layer.blend() == Blend.COVER) {
                    lines(stream, layer.marks(), said);
                } else {
                    said.figure(stream, () -> layer(stream, layer, paperMm));
                }
            }
            case GROUND,
                    UNDERLAY,
                    FLOOR,
                    RUGS,
                    SUNLIGHT,
                    SHADE,
                    FACES,
                    FURNITURE,
                    TOP_SHADOW,
                    TOPS,
                    STRUCTURES,
                    POCHE,
                    OPENINGS,
                    OVERHEAD,
                    LAMPS,
                    DIMENSIONS -> said.figure(stream, () -> layer(stream, layer, paperMm));
        }
    }

    private void lines(PDPageContentStream stream, List<Mark> marks, PdfTags.Page said) throws IOException {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Text _, Mark.Haloed _ ->
                    said.paragraph(stream, () -> marks(stream, List.of(mark), Blend.COVER));
                case Mark.Clip(var path, var inside) -> {
                    stream.saveGraphicsState();
                    trace(stream, path);
                    stream.clip();
                    lines(stream, inside, said);
                    stream.restoreGraphicsState();
                }
                case Mark.Fill _, Mark.Stroke _, Mark.Shaded _, Mark.Image _, Mark.Picture _ ->
                    said.unsaid(stream, () -> marks(stream, List.of(mark), Blend.COVER));
            }
        }
    }

    /** Several marks that are blended as a whole make a group of their own. */
    private void layer(PDPageContentStream stream, Layer layer, PDRectangle paperMm) throws IOException {
        if (layer.blend() == Blend.COVER || layer.marks().size() < 2) {
            marks(stream, layer.marks(), layer.blend());
            return;
        }
        var group = new PDAppearanceStream(document);
        group.setBBox(paperMm);
        group.setResources(new PDResources());
        var attributes = new COSDictionary();
        attributes.setItem(COSName.S, COSName.TRANSPARENCY);
        attributes.setItem(COSName.CS, COSName.DEVICERGB);
        attributes.setBoolean(COSName.I, true);
        group.getCOSObject().setItem(COSName.GROUP, attributes);
        try (var inner = new PDPageContentStream(document, group)) {
            marks(inner, layer.marks(), Blend.COVER);
        }
        stream.saveGraphicsState();
        state(stream, 1, layer.blend());
        stream.drawForm(group);
        stream.restoreGraphicsState();
    }

    private void marks(PDPageContentStream stream, List<Mark> marks, Blend blend) throws IOException {
        for (var mark : marks) {
            switch (mark) {
                case Mark.Fill(var path, var ink) -> {
                    colour(stream, ink, blend);
                    trace(stream, path);
                    stream.fill();
                }
                case Mark.Stroke(var path, var pen, var ink) -> {
                    colour(stream, ink, blend);
                    pen(stream, pen);
                    trace(stream, path);
                    stream.stroke();
                }
                case Mark.Text text -> text(stream, text, blend);
                case Mark.Shaded shaded -> shaded(stream, shaded, blend);
                case Mark.Haloed(var text, var roomMm, var ink) -> {
                    colour(stream, ink, blend);
                    pen(stream, Pen.round(2 * roomMm));
                    trace(stream, AwtShapes.path(RasterPainter.outline(text)));
                    stream.stroke();
                    text(stream, text, blend);
                }
                case Mark.Image image -> picture(stream, image(image), image.where(), blend);
                case Mark.Picture picture -> picture(stream, grey(picture.grey()), picture.where(), blend);
                case Mark.Clip(var path, var inside) -> {
                    stream.saveGraphicsState();
                    trace(stream, path);
                    stream.clip();
                    marks(stream, inside, blend);
                    stream.restoreGraphicsState();
                }
            }
        }
    }

    private void colour(PDPageContentStream stream, Ink ink, Blend blend) throws IOException {
        var red = (ink.rgb() >> 16 & 0xff) / 255f;
        var green = (ink.rgb() >> 8 & 0xff) / 255f;
        var blue = (ink.rgb() & 0xff) / 255f;
        stream.setNonStrokingColor(red, green, blue);
        stream.setStrokingColor(red, green, blue);
        state(stream, ink.opacity(), blend);
    }

    private void state(PDPageContentStream stream, double opacity, Blend blend) throws IOException {
        var state = states.computeIfAbsent(new StateKey(opacity, opacity, blend), key -> {
            var made = new PDExtendedGraphicsState();
            made.setNonStrokingAlphaConstant((float) key.fill());
            made.setStrokingAlphaConstant((float) key.stroke());
            made.setBlendMode(
                    switch (key.blend()) {
                        case COVER -> BlendMode.NORMAL;
                        case MULTIPLY -> BlendMode.MULTIPLY;
                        case SCREEN -> BlendMode.SCREEN;
                    });
            return made;
        });
        stream.setGraphicsStateParameters(state);
    }

    private static void pen(PDPageContentStream stream, Pen pen) throws IOException {
        var round = pen.tip() == Pen.Tip.ROUND;
        stream.setLineWidth((float) pen.widthMm());
        stream.setLineCapStyle(round ? 1 : 0);
        stream.setLineJoinStyle(round ? 1 : 0);
        var dash = new float[pen.dashMm().size()];
        for (var i = 0; i < dash.length; i++) {
            dash[i] = pen.dashMm().get(i).floatValue();
        }
        stream.setLineDashPattern(dash, 0);
    }

    private static void trace(PDPageContentStream stream, Figure path) throws IOException {
        try {
            path.walk(new Tracer(stream));
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private record Tracer(PDPageContentStream stream) implements Figure.Walker {
        private interface Step {
            void run() throws IOException;
        }

        private static void step(Step step) {
            try {
                step.run();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        @Override
        public void moveTo(double x, double y) {
            step(() -> stream.moveTo((float) x, (float) y));
        }

        @Override
        public void lineTo(double x, double y) {
            step(() -> stream.lineTo((float) x, (float) y));
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            step(() -> stream.curveTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x, (float) y));
        }

        @Override
        public void close() {
            step(stream::closePath);
        }
    }

    private void text(PDPageContentStream stream, Mark.Text text, Blend blend) throws IOException {
        var size = text.face().sizeOfCapHeight(text.capHeightMm());
        var start = text.start();
        colour(stream, text.ink(), blend);
        for (var piece : text.set().pieces()) {
            var at = new AffineTransform();
            at.translate(start.x(), start.y());
            at.rotate(Math.toRadians(text.turnDeg()));
            switch (piece.setting()) {
                case PLAIN -> {
                    at.translate(piece.fromEm() * size, 0);
                    at.scale(1, -1); // glyphs stand up although paper y points down
                    stream.beginText();
                    stream.setFont(font(piece.file()), (float) size);
                    stream.setCharacterSpacing((float) (text.trackingEm() * size));
                    stream.setTextMatrix(new Matrix(at));
                    stream.showText(piece.text());
                    stream.endText();
                }
                case SHAPED -> {
                    at.scale(size / 1000, size / 1000);
                    var words = new COSDictionary();
                    words.setString(COSName.ACTUAL_TEXT, piece.text()); // so that it can be found and copied
                    stream.beginMarkedContent(COSName.getPDFName("Span"), PDPropertyList.create(words));
                    trace(stream, AwtShapes.path(at.createTransformedShape(piece.outline())));
                    stream.fill();
                    stream.endMarkedContent();
                }
            }
        }
    }

    private PDFont font(FontFile file) throws IOException {
        var known = fonts.get(file);
        if (known != null) {
            return known;
        }
        try (var in = file.open()) {
            var letters = new TTFParser().parse(new RandomAccessReadBuffer(in));
            letters.setEnableGsub(false); // letters joined into one sign are found and copied as none
            var loaded = PDType0Font.load(document, letters, true);
            fonts.put(file, loaded);
            return loaded;
        }
    }

    private void shaded(PDPageContentStream stream, Mark.Shaded shaded, Blend blend) throws IOException {
        stream.saveGraphicsState();
        state(stream, shaded.opacity(), blend);
        trace(stream, shaded.path());
        stream.clip();
        stream.shadingFill(PdfGradients.of(shaded.gradient()));
        stream.restoreGraphicsState();
    }

    private PDImageXObject image(Mark.Image image) throws IOException {
        var known = images.get(image.pixels());
        if (known != null) {
            return known;
        }
        var made = LosslessFactory.createFromImage(document, RasterPainter.image(image));
        images.put(image.pixels(), made);
        return made;
    }

    /** Grey levels as they are: the JDK takes them for linear light and would brighten them on the way. */
    private PDImageXObject grey(Grey grey) throws IOException {
        var known = images.get(grey);
        if (known != null) {
            return known;
        }
        var packed = new ByteArrayOutputStream();
        FilterFactory.INSTANCE
                .getFilter(COSName.FLATE_DECODE)
                .encode(new ByteArrayInputStream(grey.levels()), packed, new COSDictionary(), 0);
        var made = new PDImageXObject(
                document,
                new ByteArrayInputStream(packed.toByteArray()),
                COSName.FLATE_DECODE,
                grey.width(),
                grey.height(),
                8,
                PDDeviceGray.INSTANCE);
        images.put(grey, made);
        return made;
    }

    private void picture(PDPageContentStream stream, PDImageXObject image, Box where, Blend blend) throws IOException {
        image.setInterpolate(lasting == Export.Lasting.PRINT); // files to be kept must not ask for it
        stream.saveGraphicsState();
        state(stream, 1, blend);
        stream.drawImage(
                image, new Matrix((float) where.width(), 0, 0, (float) -where.height(), (float) where.minX(), (float)
                        where.maxY()));
        stream.restoreGraphicsState();
    }
}
