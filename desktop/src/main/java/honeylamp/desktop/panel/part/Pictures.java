package honeylamp.desktop.panel.part;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Small pictures of plans, read or painted once each off the interface thread. */
public final class Pictures {
    private static final Logger LOG = LoggerFactory.getLogger(Pictures.class);

    private final Map<String, Image> known = new HashMap<>(); // interface thread only
    private final Map<String, List<ImageView>> waiting = new HashMap<>(); // interface thread only
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("pictures of plans").factory());
    private final double width;
    private final double height;

    /** Where the bytes of a picture come from. */
    public interface Source {
        /** The bytes of a PNG; empty if there is none. */
        Optional<byte[]> png() throws IOException;
    }

    /** Pictures that fit a box, in px. */
    public Pictures(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** A picture as the window shows it; what is clear in it stays clear. */
    public static WritableImage fx(BufferedImage image) {
        var w = image.getWidth();
        var out = new WritableImage(w, image.getHeight());
        for (var y = 0; y < image.getHeight(); y++) {
            var row = image.getRGB(0, y, w, 1, null, 0, w);
            out.getPixelWriter().setPixels(0, y, w, 1, PixelFormat.getIntArgbInstance(), row, 0, w);
        }
        return out;
    }

    /** A box that shows a picture as soon as it is there. */
    public StackPane view(String key, Source source) {
        var view = new ImageView();
        view.setPreserveRatio(true);
        var box = new StackPane(view);
        view.fitWidthProperty().bind(box.widthProperty()); // which may grow with the words
        view.fitHeightProperty().bind(box.heightProperty());
        box.getStyleClass().add("plan-picture");
        box.setMinSize(width, height);
        box.setMaxSize(width, height);
        var image = known.get(key);
        if (image != null) {
            view.setImage(image);
        } else {
            var wait = waiting.get(key);
            if (wait == null) {
                waiting.put(key, new ArrayList<>(List.of(view)));
                worker.execute(() -> fetch(key, source));
            } else {
                wait.add(view); // the pane was laid out anew before the picture was there
            }
        }
        return box;
    }

    private void fetch(String key, Source source) {
        try {
            var image = source.png()
                    .map(png -> new Image(new ByteArrayInputStream(png), 2 * width, 2 * height, true, true));
            Platform.runLater(() -> {
                image.ifPresent(i -> known.put(key, i));
                var wait = waiting.remove(key);
                if (wait != null) {
                    wait.forEach(view -> view.setImage(image.orElse(null)));
                }
            });
        } catch (IOException e) {
            LOG.warn("there is no picture of {}", key, e);
            Platform.runLater(() -> waiting.remove(key));
        }
    }
}
