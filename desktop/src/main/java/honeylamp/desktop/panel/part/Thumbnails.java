package honeylamp.desktop.panel.part;

import honeylamp.drawing.Drawing;
import honeylamp.geometry.Affine;
import honeylamp.output.RasterPainter;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.HashMap;
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
    /** While the pointer rests on a tile its picture is so much larger. */
    private static final int LARGER = 3;

    private final Map<String, Image> known = new HashMap<>(); // interface thread only
    private final Executor worker;
    private final Executor screen;
    private final int px;

    /**
     * Thumbnails of one size.
     *
     * @param worker paints
     * @param screen runs on the interface thread
     */
    public Thumbnails(Executor worker, Executor screen, int px) {
        this.worker = worker;
        this.screen = screen;
        this.px = px;
    }

    /** A view that shows a drawing about the paper origin as soon as it is painted; {@code sizeMm} fills it. */
    public Node view(String key, Supplier<Drawing> drawing, double sizeMm) {
        return view(key, drawing, sizeMm, px);
    }

    /** The same view, several times as large. */
    public Node large(String key, Supplier<Drawing> drawing, double sizeMm) {
        return view(key + " large", drawing, sizeMm, LARGER * px);
    }

    private Node view(String key, Supplier<Drawing> drawing, double sizeMm, int px) {
        var view = new ImageView();
        view.setFitWidth(px);
        view.setFitHeight(px);
        var sample = new StackPane(view);
        sample.getStyleClass().add("sample"); // in a dark room it lies on paper, as what it shows will
        sample.setMinSize(px, px);
        sample.setMaxSize(px, px);
        var image = known.get(key);
        if (image != null) {
            view.setImage(image);
            return sample;
        }
        worker.execute(() -> {
            var painted = paint(drawing.get(), sizeMm, px);
            screen.execute(() -> view.setImage(known.computeIfAbsent(key, _ -> image(painted))));
        });
        return sample;
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
