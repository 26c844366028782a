package honeylamp.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.Export;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

class ExportWorkTest {
    @TempDir
    private Path folder;

    @BeforeAll
    static void startTheToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private ExportWork work(Path file) {
        var plan = SailclothYard.plan();
        return new ExportWork(
                LaidPlan.of(plan).pages(), Map.of(), Export.Format.of(file).orElseThrow(), Export.Picture.USUAL, file);
    }

    @Test
    void tellsHowFarItHasCome() throws Exception {
        var work = work(folder.resolve("a.svg"));
        work.run();
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(work::isDone).get());
        assertThat(WaitForAsyncUtils.asyncFx(work::getProgress).get()).isEqualTo(1.0);
        assertThat(folder.resolve("a.svg")).exists();
        assertThat(work.get()).as("words that are hard to read").isEmpty();
    }

    @Test
    void leavesNothingBehindWhenCancelled() throws Exception {
        var work = work(folder.resolve("b.png"));
        var thread = Thread.ofPlatform().start(work);
        Thread.sleep(60);
        WaitForAsyncUtils.asyncFx(() -> work.cancel(false)).get();
        thread.join(20_000);
        assertThat(thread.isAlive()).isFalse();
        assertThat(folder).isEmptyDirectory();
    }
}
