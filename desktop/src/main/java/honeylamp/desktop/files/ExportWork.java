package honeylamp.desktop.files;

import honeylamp.derive.LaidStorey;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.Lamp;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.sheet.Page;
import honeylamp.sheet.SheetComposer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.concurrent.Task;

/** Exports a sheet off the interface thread; can be cancelled and tells how far it has come. */
public final class ExportWork extends Task<Path> {
    private static final double COMPOSED = 0.3;

    private final List<LaidStorey> storeys;
    private final Export.Format format;
    private final Export.Png png;
    private final Path file;

    /**
     * The work of exporting sheets.
     *
     * @param storeys several only as PDF, a page for each
     */
    public ExportWork(List<LaidStorey> storeys, Export.Format format, Export.Png png, Path file) {
        this.storeys = List.copyOf(storeys);
        this.format = format;
        this.png = png;
        this.file = file;
        updateTitle("Exporting");
    }

    @Override
    protected Path call() throws Exception {
        updateProgress(0, 1);
        var pages = new ArrayList<Page>();
        for (var storey : storeys) {
            pages.add(SheetComposer.compose(storey, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM));
            at(COMPOSED * pages.size() / storeys.size());
        }
        if (pages.size() == 1) {
            Export.write(pages.getFirst(), format, png, file, this::written);
        } else {
            Export.writeAll(pages, file, this::written);
        }
        return file;
    }

    private void written(double share) throws Progress.Cancelled {
        at(COMPOSED + (1 - COMPOSED) * share);
    }

    private void at(double share) throws Progress.Cancelled {
        if (isCancelled()) {
            throw new Progress.Cancelled();
        }
        updateProgress(share, 1);
    }
}
