package honeylamp.desktop.files;

import honeylamp.desktop.panel.WallLibrary;
import honeylamp.plan.WallType;
import honeylamp.store.WallTypeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A person's own wall types in a file; a file that cannot be read is left alone and nothing is kept. */
public final class KeptWallTypes implements WallLibrary {
    private static final Logger LOG = LoggerFactory.getLogger(KeptWallTypes.class);

    private final Path file;
    private List<WallType> types = List.of();
    private boolean whole = true;

    /** The library in a file. */
    public KeptWallTypes(Path file) {
        this.file = file;
        try {
            types = WallTypeFile.read(file);
        } catch (IOException e) {
            whole = false;
            LOG.warn("the library of wall types cannot be read", e);
        }
    }

    @Override
    public List<WallType> types() {
        return types;
    }

    @Override
    public String keep(WallType type) {
        if (!whole) {
            return "Your library (" + file
                    + ") cannot be read, so nothing is written over it. Move the file away first.";
        }
        types = WallTypeFile.with(types, type);
        try {
            var folder = file.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
            WallTypeFile.write(file, types);
            return "";
        } catch (IOException e) {
            return "Your library cannot be written: " + e.getMessage() + ".";
        }
    }
}
