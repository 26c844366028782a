package honeylamp.desktop.panel;

import honeylamp.desktop.panel.part.Pictures;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.output.Export;
import honeylamp.store.ExportPreview;
import java.util.function.Consumer;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A page as an export would write it, in each format, with what the file weighs. */
public final class PreviewPane extends VBox {
    private static final double WIDE_PX = 760;
    private static final double HIGH_PX = 500;

    private final ImageView picture = new ImageView();
    private final Label facts = Widgets.quiet("");
    private final FlowPane formats = new FlowPane(6, 6);
    private final Runnable focusPlan;
    private Consumer<Export.Format> wanted = _ -> {};
    private Runnable export = () -> {};
    private Export.Format format = Export.Format.PDF;

    /** A preview, hidden at first. */
    public PreviewPane(Runnable focusPlan) {
        super(12);
        this.focusPlan = focusPlan;
        setId("preview");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        setMaxSize(WIDE_PX + 40, USE_PREF_SIZE);
        picture.setPreserveRatio(true);
        picture.setFitWidth(WIDE_PX);
        picture.setFitHeight(HIGH_PX);
        var frame = new StackPane(picture);
        frame.getStyleClass().add("preview-ground");
        frame.setMinHeight(120);
        facts.setId("preview-facts");
        var write = Widgets.button("Export sheet\u2026", "preview-write", "Enter does it too", this::write);
        write.getStyleClass().add("main-action");
        getChildren()
                .addAll(
                        Widgets.heading("As it will be written"),
                        formats,
                        frame,
                        facts,
                        Widgets.row(write, Widgets.button("Close", "preview-close", "Esc does it too", this::close)));
    }

    /**
     * Opens it; the page is asked for in the format chosen last.
     *
     * @param asking asks for the page in a format
     * @param exporting asks where to write it
     */
    public void open(Consumer<Export.Format> asking, Runnable exporting) {
        wanted = asking;
        export = exporting;
        setVisible(true);
        setManaged(true);
        ask(format);
    }

    private void ask(Export.Format other) {
        format = other;
        formats.getChildren().clear();
        for (var each : Export.Format.values()) {
            formats.getChildren()
                    .add(Widgets.toggle(
                            each.name(),
                            "preview-" + each.ending(),
                            "The page as this kind of file",
                            each == format,
                            () -> ask(each)));
        }
        facts.setText("Writing it\u2026");
        wanted.accept(format);
    }

    /** Shows what was written and read back, if it is still what is wanted. */
    public void show(Export.Format of, ExportPreview preview) {
        if (of == format && isVisible()) {
            picture.setImage(Pictures.fx(preview.picture()));
            facts.setText(preview.words());
        }
    }

    /** It could not be written. */
    public void failed(String sentence) {
        facts.setText(sentence);
        picture.setImage(null);
    }

    /** A key of the window, while the preview is open. */
    public void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && !(e.getTarget() instanceof ButtonBase)) {
            write();
            e.consume();
        }
    }

    private void write() {
        close();
        export.run();
    }

    private void close() {
        setVisible(false);
        setManaged(false);
        picture.setImage(null);
        focusPlan.run();
    }
}
