package honeylamp.desktop.files;

import honeylamp.output.Progress;
import honeylamp.store.PdfPages;
import honeylamp.store.PictureImport;
import java.nio.file.Path;
import javafx.concurrent.Task;

/** Reads a picture to trace off the interface thread; can be cancelled and tells how far it has come. */
public final class PictureIntake<T> extends Task<T> {
    private interface Reading<T> {
        T read(Progress progress) throws Exception;
    }

    private final Reading<T> reading;

    private PictureIntake(Reading<T> reading) {
        this.reading = reading;
        updateTitle("Reading the picture");
    }

    /** The work of reading a file. */
    public static PictureIntake<PictureImport.Result> of(Path file, PictureImport.Notes notes) {
        return new PictureIntake<>(p -> PictureImport.read(file, notes, p));
    }

    /** The work of reading a picture that is in memory. */
    public static PictureIntake<PictureImport.Result> of(byte[] bytes, String name) {
        return new PictureIntake<>(p -> PictureImport.read(bytes, name, PictureImport.Notes.LEFT_OUT, p));
    }

    /** The work of drawing one page, the last that is asked of its file. */
    public static PictureIntake<PdfPages.Page> of(PdfPages pages, int page) {
        return new PictureIntake<>(p -> {
            try {
                return pages.page(page, p);
            } finally {
                pages.close();
            }
        });
    }

    @Override
    protected T call() throws Exception {
        updateProgress(0, 1);
        return reading.read(share -> {
            if (isCancelled()) {
                throw new Progress.Cancelled();
            }
            updateProgress(share, 1);
        });
    }
}
