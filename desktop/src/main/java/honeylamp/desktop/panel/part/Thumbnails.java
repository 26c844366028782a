package honeylamp.desktop.panel.part;

import honeylamp.drawing.Drawing;
import honeylamp.geometry.Affine;
import honeylamp.output.RasterPainter;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;

/** Small pictures for the tray, painted once each off the interface thread. */
public final class Thumbnails {
    /** While the pointer rests on a tile its picture is so large, in pixels. */
    private static final int LARGE = 192;

    private static final int MOST_KEPT = 1500;

    /** Interface thread only; those looked at longest ago are forgotten. */
    private final Map<String, Image> known = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Image> eldest) {
            return size() > MOST_KEPT;
        }
    };

    private final Executor worker;
    private final Executor screen;

    /**
     * Thumbnails in the size of what shows them.
     *
     * @param worker paints
     * @param screen runs on the interface thread
     */
    public Thumbnails(Executor worker, Executor screen) {
        this.worker = worker;
        this.screen = screen;
    }

    /** A view that shows a drawing about the paper origin as soon as it is painted; {@code sizeMm} fills it. */
    public Node view(String key, Supplier<Drawing> drawing, double sizeMm) {
        var sample = sample(key, drawing, sizeMm);
        sample.getStyleClass().add("small-sample"); // its size grows with the words
        return sample;
    }

    /** The same view, several times as large. */
    public Node large(String key, Supplier<Drawing> drawing, double sizeMm) {
        var sample = sample(key, drawing, sizeMm);
        sample.setMinSize(LARGE, LARGE);
        sample.setMaxSize(LARGE, LARGE);
        return sample;
    }

    private StackPane sample(String key, Supplier<Drawing> drawing, double sizeMm) {
        var view = new ImageView();
        view.setManaged(false); // it fills the sample and never widens it
        var sample = new StackPane(view);
        sample.getStyleClass().add("sample"); // in a dark room it lies on paper, as what it shows will
        sample.widthProperty().subscribe(width -> {
            var px = (int) Math.round(width.doubleValue());
            if (px > 0) {
                view.setFitWidth(px);
                view.setFitHeight(px);
                show(view, key + " " + px, () -> paint(drawing.get(), sizeMm, px));
            }
        });
        return sample;
    }

    private void show(ImageView view, String key, Supplier<BufferedImage> painted) {
        var image = known.get(key);
        if (image != null) {
            view.setImage(image);
            return;
        }
        worker.execute(() -> {
            var picture = painted.get();
            screen.execute(() -> view.setImage(known.computeIfAbsent(key, _ -> image(picture))));
        });
    }

    private static BufferedImage paint(Drawing drawing, double sizeMm, int px) {
        var image = new BufferedImage(px, px, BufferedImage.TYPE_INT_ARGB_PRE);
        var scale = px / sizeMm;
        RasterPainter.paint(drawing, image, new Affine(scale, 0, 0, scale, px / 2.0, px / 2.0));
        return image;
    }

    private static Image image(BufferedImage from) {
        var pixels = ((DataBufferInt) from.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(
                from.getWidth(), from.getHeight(), IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
