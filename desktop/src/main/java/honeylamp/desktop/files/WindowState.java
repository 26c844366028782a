package honeylamp.desktop.files;

import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WindowStyle.Room;
import honeylamp.output.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Size and style of the window at the last run, kept in a small text file. */
public record WindowState(double width, double height, WindowStyle style) {
    private static final Logger LOG = LoggerFactory.getLogger(WindowState.class);
    /** That of a first run. */
    public static final WindowState FIRST = new WindowState(1280, 800, WindowStyle.USUAL);

    /** Nothing is cut off down to this size. */
    public static final double LEAST_WIDTH = 900;

    /** Nothing is cut off down to this size. */
    public static final double LEAST_HEIGHT = 600;

    private static final double MOST = 8000;

    /** The remembered state, or that of a first run. */
    public static WindowState read(Path file) {
        if (!Files.exists(file)) {
            return FIRST;
        }
        var properties = new Properties();
        try (var in = Files.newBufferedReader(file)) {
            properties.load(in);
            return new WindowState(
                    Math.clamp(Double.parseDouble(properties.getProperty("width", "1280")), LEAST_WIDTH, MOST),
                    Math.clamp(Double.parseDouble(properties.getProperty("height", "800")), LEAST_HEIGHT, MOST),
                    new WindowStyle(
                            Room.valueOf(properties.getProperty("room", Room.LIGHT.name())),
                            Integer.parseInt(properties.getProperty("text", "100"))));
        } catch (IOException | IllegalArgumentException e) {
            LOG.warn("the window state {} cannot be read and is begun anew: {}", file, e.getMessage());
            return FIRST;
        }
    }

    /** Remembers this state. */
    public void write(Path file) {
        var properties = new Properties();
        properties.setProperty("width", Double.toString(width));
        properties.setProperty("height", Double.toString(height));
        properties.setProperty("room", style.room().name());
        properties.setProperty("text", Integer.toString(style.textPercent()));
        try {
            var folder = file.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
            WholeFile.write(file, out -> properties.store(out, "Honey Lamp window"));
        } catch (IOException e) {
            LOG.warn("the window state could not be kept in {}", file, e);
        }
    }
}
