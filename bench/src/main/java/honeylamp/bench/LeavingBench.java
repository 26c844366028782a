package honeylamp.bench;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.PageEdits;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.store.ClientPage;
import honeylamp.store.ModelFormat;
import honeylamp.store.PagePictures;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What leaves the house: ten pages of Quillback Lane as PDF, the client page, the model; beside composing the ten pages. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 5)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class LeavingBench {
    private static final int PAGES = 10;

    private Plan ten = QuillbackLane.plan();
    private Path folder = Path.of("");

    /** Ten pages, the two of the house five times. */
    @Setup
    public void build() throws IOException {
        folder = Files.createTempDirectory("leaving");
        while (ten.presentation().pages().size() < PAGES) {
            var pages = ten.presentation().pages();
            ten = PageEdits.copy(ten, pages.get(pages.size() - 2).id()).plan();
        }
    }

    private List<ComposedPage> composed() throws Progress.Cancelled {
        return new PagePictures().printed(LaidPlan.of(ten).pages(), Map.of(), Progress.NONE);
    }

    @Benchmark
    public List<ComposedPage> leavesBaseline() throws Progress.Cancelled {
        return composed();
    }

    @Benchmark
    public void leavesAsPdf() throws IOException, Progress.Cancelled {
        Export.writeAll(composed(), Export.Picture.USUAL, folder.resolve("ten.pdf"), Progress.NONE);
    }

    @Benchmark
    public void leavesToBeKept() throws IOException, Progress.Cancelled {
        Export.writeAll(
                composed(),
                Export.Picture.USUAL.withLasting(Export.Lasting.ARCHIVE),
                folder.resolve("kept.pdf"),
                Progress.NONE);
    }

    @Benchmark
    public void leavesToTheClient() throws IOException, Progress.Cancelled {
        ClientPage.write(PlanDocument.of(QuillbackLane.plan()), folder.resolve("client.html"), Progress.NONE);
    }

    @Benchmark
    public void leavesAsModel() throws IOException {
        ModelFormat.IFC.write(QuillbackLane.plan(), folder.resolve("lane.ifc"));
    }
}
