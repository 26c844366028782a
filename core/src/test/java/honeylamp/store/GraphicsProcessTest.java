package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeylamp.output.Progress;
import honeylamp.store.GraphicsRequest.Kind;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

/** Drawings and pages are read by a process of their own, which is ended when it does not end by itself. */
@Isolated("Processes and properties are those of the whole JVM")
class GraphicsProcessTest {
    /** Millions of millions of dashes along one stroke. */
    private static byte[] endlessSvg() {
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"100\" height=\"100\">"
                        + "<path d=\"M0 0 L1e6 1e6 L0 3 L1e6 77\" stroke=\"black\" stroke-width=\"0.5\""
                        + " stroke-dasharray=\"0.0000001 0.0000001\"/></svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    /** Forms that show one another: ten thousand million rectangles. The second page is an ordinary one. */
    private static byte[] endlessPdf() throws IOException {
        try (var document = new PDDocument()) {
            var inner = form(document, "0 0 1 1 re f\n", null);
            for (var level = 0; level < 10; level++) {
                inner = form(document, "/In Do\n".repeat(10), inner);
            }
            var page = new PDPage(new PDRectangle(200, 100));
            document.addPage(page);
            try (var content = new PDPageContentStream(document, page)) {
                content.drawForm(inner);
            }
            document.addPage(new PDPage(new PDRectangle(100, 300)));
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static PdfPages endlessPages() throws Exception {
        var read = PictureImport.read(endlessPdf(), "endless.pdf", PictureImport.Notes.LEFT_OUT, Progress.NONE);
        assertThat(read).isInstanceOf(PictureImport.Result.Pages.class);
        return ((PictureImport.Result.Pages) read).pages();
    }

    private static PDFormXObject form(PDDocument document, String content, PDFormXObject inner) throws IOException {
        var form = new PDFormXObject(document);
        form.setBBox(new PDRectangle(200, 100));
        var resources = new PDResources();
        if (inner != null) {
            resources.put(COSName.getPDFName("In"), inner);
        }
        form.setResources(resources);
        try (var stream = form.getStream().createOutputStream()) {
            stream.write(content.getBytes(StandardCharsets.US_ASCII));
        }
        return form;
    }

    /** Those of other tests, which end when they have been idle for a while. */
    private final Set<ProcessHandle> others = readersOfAll().collect(Collectors.toSet());

    /** The processes that this test has begun to read with and that are still there. */
    private Stream<ProcessHandle> readers() {
        return readersOfAll().filter(p -> !others.contains(p));
    }

    /** All processes begun from here: their command lines are cut where class paths are long. */
    private static Stream<ProcessHandle> readersOfAll() {
        return ProcessHandle.current().children().filter(ProcessHandle::isAlive);
    }

    private void awaitNoReader() throws InterruptedException {
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
        while (readers().findAny().isPresent() && System.nanoTime() < until) {
            Thread.sleep(20);
        }
        assertThat(readers()).isEmpty();
    }

    @Test
    void aDrawingThatNeverEndsIsRefusedAndItsReaderEnds() throws Exception {
        assertThat(PictureImport.read(endlessSvg(), "endless.svg", PictureImport.Notes.LEFT_OUT, Progress.NONE))
                .isInstanceOfSatisfying(
                        PictureImport.Result.Refused.class,
                        r -> assertThat(r.problem().sentence())
                                .contains("longer than 4 s")
                                .contains("endless.svg")
                                .contains("Save it as PNG"));
        awaitNoReader();
    }

    @Test
    void aDrawingIsTheSameWhoeverReadsIt() throws Exception {
        var svg = ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"20\">"
                        + "<rect width=\"20\" height=\"20\" fill=\"#204060\"/></svg>")
                .getBytes(StandardCharsets.UTF_8);
        var aside = (PictureImport.Result.Good)
                PictureImport.read(svg, "a.svg", PictureImport.Notes.LEFT_OUT, Progress.NONE);
        assertThat(aside.bytes()).isEqualTo(SvgPicture.png(svg));
        assertThat(aside.picture().pyramid().width()).isEqualTo(4000);
        awaitNoReader();
    }

    @Test
    void aPageThatNeverEndsIsRefusedAndTheOthersAreStillRead() throws Exception {
        var pages = endlessPages();
        assertThat(pages.count()).isEqualTo(2);
        assertThatThrownBy(() -> pages.thumbnail(0, 50))
                .isInstanceOf(PictureImport.RefusedException.class)
                .hasMessageContaining("Page 1 takes longer than 4 s");
        var other = pages.thumbnail(1, 60); // by a new process
        assertThat(other.getWidth()).isEqualTo(20);
        assertThat(other.getHeight()).isEqualTo(60);
        assertThat(pages.facts(1).widthMm()).isCloseTo(100 / 72.0 * 25.4, org.assertj.core.data.Offset.offset(1e-4));
        pages.close();
        awaitNoReader();
        assertThatThrownBy(() -> pages.facts(1)).isInstanceOf(IOException.class).hasMessageContaining("put away");
    }

    @Test
    void aPageNobodyWaitsForIsEnded() throws Exception {
        var pages = endlessPages();
        var asked = new AtomicInteger();
        assertThatThrownBy(() -> pages.page(0, _ -> {
                    if (asked.incrementAndGet() > 10) {
                        throw new Progress.Cancelled();
                    }
                }))
                .isInstanceOf(Progress.Cancelled.class);
        awaitNoReader();
        pages.close();
    }

    @Test
    void aProcessThatIsKilledIsASentenceAndTheNextIsBegun() throws Exception {
        var reader = GraphicsReader.Source.ASIDE.of(endlessPdf());
        var before = ByteBuffer.wrap(reader.read(GraphicsRequest.of(Kind.PAGES), Progress.NONE));
        assertThat(before.getInt()).isEqualTo(2);
        assertThatThrownBy(() -> reader.read(
                        new GraphicsRequest(Kind.PAGE, 0, 0), _ -> readers().forEach(ProcessHandle::destroyForcibly)))
                .isInstanceOf(IOException.class)
                .hasMessage("it asks for more than there is for it");
        var small = reader.read(new GraphicsRequest(Kind.THUMBNAIL, 1, 30), Progress.NONE);
        assertThat(ImageIO.read(new ByteArrayInputStream(small)).getHeight()).isEqualTo(30);
        reader.close();
        awaitNoReader();
    }

    @Test
    void aRuntimeWithoutItsProgramReadsInThisProcess() throws Exception {
        var home = System.getProperty("java.home");
        System.setProperty("java.home", "/nowhere");
        try {
            var reader = GraphicsReader.Source.ASIDE.of(endlessPdf());
            assertThat(ByteBuffer.wrap(reader.read(GraphicsRequest.of(Kind.PAGES), Progress.NONE))
                            .getInt())
                    .isEqualTo(2);
        } finally {
            System.setProperty("java.home", home);
        }
        assertThat(readers()).isEmpty();
    }
}
