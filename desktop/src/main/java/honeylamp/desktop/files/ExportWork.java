package honeylamp.desktop.files;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.output.Export;
import honeylamp.output.Legibility;
import honeylamp.output.PageReading;
import honeylamp.output.Progress;
import honeylamp.store.PagePictures;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.concurrent.Task;

/**
 * Exports a sheet off the interface thread; can be cancelled and tells how far it has come. Comes back with the words on
 * it that are hard to read.
 */
public final class ExportWork extends Task<List<String>> {
    private static final double COMPOSED = 0.3;

    private final List<LaidPage> pages;
    private final Map<String, byte[]> assets;
    private final Export.Format format;
    private final Export.Picture picture;
    private final Path file;

    /**
     * The work of exporting pages.
     *
     * @param pages several only as PDF
     * @param assets the bytes of the pictures on them
     */
    public ExportWork(
            List<LaidPage> pages, Map<String, byte[]> assets, Export.Format format, Export.Picture picture, Path file) {
        this.pages = List.copyOf(pages);
        this.assets = Map.copyOf(assets);
        this.format = format;
        this.picture = picture;
        this.file = file;
        updateTitle("Exporting");
    }

    @Override
    protected List<String> call() throws Exception {
        updateProgress(0, 1);
        var composed = new PagePictures().printed(pages, assets, share -> at(COMPOSED * share));
        if (composed.size() == 1) {
            var page = composed.getFirst();
            Export.write(page, format, picture, file, this::written);
        } else {
            Export.writeAll(composed, picture, file, this::written);
        }
        return IntStream.range(0, pages.size())
                .mapToObj(i -> PageReading.of(pages.get(i), composed.get(i)))
                .flatMap(reading -> reading.hard().stream())
                .map(Legibility.Word::text)
                .distinct()
                .toList();
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
