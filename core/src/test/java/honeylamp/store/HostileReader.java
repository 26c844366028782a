package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.output.Progress;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The readers of what comes from outside, each with whole input and a way to read damaged input: the answer says how it
 * was taken, what is thrown is a fault.
 */
enum HostileReader {
    PLAN(HostileReader::planBytes, ".honeylamp", HostileReader::plan),
    PLAN_TEXT(() -> PlanJson.bytes(PlanJson.write(QuillbackLane.plan())), ".json", HostileReader::planText),
    JOURNAL(HostileReader::journalBytes, "", HostileReader::journal),
    SURVEY(() -> HostileReader.SURVEY_TEXT.getBytes(StandardCharsets.UTF_8), ".csv", HostileReader::survey),
    SVG(() -> HostileReader.SVG_TEXT.getBytes(StandardCharsets.UTF_8), ".svg", HostileReader::picture),
    PDF(HostileReader::pdfBytes, ".pdf", HostileReader::picture),
    PNG(() -> image("png"), ".png", HostileReader::picture),
    JPEG(() -> image("jpeg"), ".jpg", HostileReader::picture),
    GIF(() -> image("gif"), ".gif", HostileReader::picture),
    BMP(() -> image("bmp"), ".bmp", HostileReader::picture),
    TIFF(() -> image("tiff"), ".tif", HostileReader::picture);

    private interface Whole {
        byte[] bytes() throws Exception;
    }

    private interface Reading {
        String read(Path file) throws Exception;
    }

    private final Whole whole;
    private final String ending;
    private final Reading reading;

    HostileReader(Whole whole, String ending, Reading reading) {
        this.whole = whole;
        this.ending = ending;
        this.reading = reading;
    }

    /** Bytes that are read without damage. */
    byte[] whole() throws Exception {
        return whole.bytes();
    }

    /** What these files' names end in. */
    String ending() {
        return ending;
    }

    /** Reads a file: begins with "read" when something was understood, else it is the sentence that refuses it. */
    String read(Path file) throws Exception {
        return reading.read(file);
    }

    static final String SURVEY_TEXT = """
            kind,from,to,start,end,turn,note
            survey,,,,,,Shed
            unit,,,,,,mm
            leg,A,B,0,4000,90,south
            leg,B,C,0,3000,90,east
            leg,C,D,0,4000,90,north
            leg,D,A,0,3000,90,west
            door,A,B,1000,1900,,
            """;

    private static final String SVG_TEXT = """
            <svg xmlns="http://www.w3.org/2000/svg" width="200" height="100" viewBox="0 0 200 100">
              <defs><linearGradient id="g"><stop offset="0" stop-color="red"/></linearGradient></defs>
              <g transform="translate(10 10) rotate(5)"><path d="M0 0 L50 20 A10 10 0 0 1 90 40 Z" fill="url(#g)"/></g>
              <text x="20" y="60" font-size="12">1:50</text><rect width="30" height="20" stroke="black"/>
            </svg>
            """;

    private static byte[] planBytes() throws IOException {
        var file = Files.createTempFile("whole", ".honeylamp");
        PlanFile.save(PlanDocument.of(SailclothYard.plan()), new byte[0], file);
        var bytes = Files.readAllBytes(file);
        Files.delete(file);
        return bytes;
    }

    private static byte[] journalBytes() throws IOException {
        var folder = Files.createTempDirectory("journal");
        var plan = SailclothYard.plan();
        try (var journal = Journal.begin(folder.resolve("j"), Origin.of(PlanDocument.of(plan)), Journal.Begun.OPENED)) {
            for (var i = 0; i < 5; i++) {
                journal.append(plan.withName("step " + i));
            }
            var bytes = Files.readAllBytes(folder.resolve("j").resolve(Journal.RECORDS));
            journal.discard();
            Files.delete(folder);
            return bytes;
        }
    }

    private static byte[] pdfBytes() throws IOException {
        return pdf(new PDRectangle(300, 200));
    }

    static byte[] pdf(PDRectangle box) throws IOException {
        try (var document = new PDDocument()) {
            document.addPage(new PDPage(box));
            document.addPage(new PDPage(box));
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    static byte[] image(String format) throws IOException {
        var image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.ORANGE);
        g.fillOval(10, 10, 90, 60);
        g.dispose();
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static String plan(Path file) {
        return switch (PlanFile.open(file)) {
            case PlanFile.Opened.Good good -> "read " + good.document().plan().name();
            case PlanFile.Opened.Refused(var problem) -> said(problem, file);
        };
    }

    static String planText(Path file) throws IOException {
        var zipped = file.resolveSibling("text.honeylamp");
        try (var zip = new ZipOutputStream(Files.newOutputStream(zipped))) {
            zip.putNextEntry(new ZipEntry("plan.json"));
            zip.write(Files.readAllBytes(file));
        }
        return plan(zipped);
    }

    private static String journal(Path file) throws IOException {
        var folder = Files.createDirectories(file.resolveSibling("a-journal"));
        Files.copy(file, folder.resolve(Journal.RECORDS), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        return switch (LeftWork.of(folder)) {
            case LeftWork.Good good -> {
                assertThat(good.plan().name())
                        .matches("step [0-4]|" + SailclothYard.plan().name());
                yield "read " + good.plan().name();
            }
            case LeftWork.Unreadable none -> {
                assertThat(none.sentence()).endsWith(".");
                yield none.sentence();
            }
        };
    }

    static String survey(Path file) {
        return switch (SurveyFile.read(file)) {
            case SurveyFile.Result.Good good -> "read " + good.survey().name();
            case SurveyFile.Result.Refused(var problem) -> said(problem, file);
        };
    }

    static String picture(Path file) throws Exception {
        return switch (PictureImport.read(
                Files.readAllBytes(file),
                String.valueOf(file.getFileName()),
                PictureImport.Notes.LEFT_OUT,
                Progress.NONE,
                GraphicsReader.Source.HERE)) {
            case PictureImport.Result.Good good ->
                "read " + good.picture().pyramid().width();
            case PictureImport.Result.Pages(var pages) -> {
                for (var i = 0; i < Math.min(3, pages.count()); i++) {
                    try {
                        assertThat(pages.facts(i).widthMm()).isPositive();
                        assertThat(pages.thumbnail(i, 100)).isNotNull();
                        assertThat(pages.page(i, Progress.NONE).png()).isNotEmpty();
                    } catch (IOException e) {
                        assertThat(e.getMessage()).isNotBlank();
                    }
                }
                yield "read " + pages.count();
            }
            case PictureImport.Result.Refused(var problem) -> said(problem, file);
        };
    }

    private static String said(PlanProblem problem, Path file) {
        assertThat(problem.sentence()).endsWith(".").contains(".");
        assertThat(problem.what()).isNotBlank();
        assertThat(problem.todo()).isNotBlank();
        return problem.sentence();
    }
}
