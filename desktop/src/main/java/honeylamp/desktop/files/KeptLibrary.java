package honeylamp.desktop.files;

import honeylamp.desktop.panel.part.Library;
import honeylamp.store.KeptFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What a person keeps, in a file; a file that cannot be read is left alone and nothing is kept.
 *
 * @param <T> what is kept
 */
public final class KeptLibrary<T> implements Library<T> {
    private static final Logger LOG = LoggerFactory.getLogger(KeptLibrary.class);

    private final KeptFile<T> format;
    private final Path file;
    private List<T> entries = List.of();
    private boolean whole = true;

    /** The library in a file. */
    public KeptLibrary(KeptFile<T> format, Path file) {
        this.format = format;
        this.file = file;
        try {
            entries = format.read(file);
        } catch (IOException e) {
            whole = false;
            LOG.warn("the library of {} cannot be read", format.what(), e);
        }
    }

    @Override
    public List<T> all() {
        return entries;
    }

    @Override
    public String keep(T entry) {
        return written(format.with(entries, entry));
    }

    @Override
    public String forget(T entry) {
        return written(entries.stream().filter(e -> !e.equals(entry)).toList());
    }

    private String written(List<T> changed) {
        if (!whole) {
            return "Your library (" + file
                    + ") cannot be read, so nothing is written over it. Move the file away first.";
        }
        entries = changed;
        try {
            var folder = file.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
            format.write(file, entries);
            return "";
        } catch (IOException e) {
            return "Your library cannot be written: " + e.getMessage() + ".";
        }
    }
}
