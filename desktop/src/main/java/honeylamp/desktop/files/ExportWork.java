package honeylamp.desktop.files;

import honeylamp.derive.LaidStorey;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.Lamp;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.sheet.SheetComposer;
import java.nio.file.Path;
import javafx.concurrent.Task;

/** Exports a sheet off the interface thread; can be cancelled and tells how far it has come. */
public final class ExportWork extends Task<Path> {
    private static final double COMPOSED = 0.3;

    private final LaidStorey storey;
    private final Export.Format format;
    private final Export.Png png;
    private final Path file;

    /** The work of exporting one storey's sheet. */
    public ExportWork(LaidStorey storey, Export.Format format, Export.Png png, Path file) {
        this.storey = storey;
        this.format = format;
        this.png = png;
        this.file = file;
        updateTitle("Exporting");
    }

    @Override
    protected Path call() throws Exception {
        updateProgress(0, 1);
        var page = SheetComposer.compose(storey, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM);
        updateProgress(COMPOSED, 1);
        Export.write(page, format, png, file, share -> {
            if (isCancelled()) {
                throw new Progress.Cancelled();
            }
            updateProgress(COMPOSED + (1 - COMPOSED) * share, 1);
        });
        return file;
    }
}
