package honeylamp.desktop.panel;

import honeylamp.catalogue.Scales;
import honeylamp.desktop.panel.part.Pictures;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.store.PdfPages;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Chooses a page of a PDF to trace from, and the scale it was drawn at. */
public final class PagePicker extends VBox {
    private static final Logger LOG = LoggerFactory.getLogger(PagePicker.class);
    private static final PseudoClass ACTIVE = PseudoClass.getPseudoClass("active");
    private static final int THUMBNAIL_PX = 150;
    private static final int PAGES_A_ROW = 3;
    private static final int ROW_PX = 198;
    private static final int MOST_PAGES = 200;

    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("pages").factory());
    private final FlowPane tiles = new FlowPane(10, 10);
    private final ScrollPane scroll = new ScrollPane(tiles);
    private final FlowPane scales = new FlowPane(6, 6);
    private final Label facts = Widgets.quiet("");
    private final List<Button> pages = new ArrayList<>();
    private Taking taking = (_, _, _) -> {};
    private volatile @Nullable PdfPages shown; // asked on the reading thread too
    private UnitSystem units = UnitSystem.MM;
    private int page;
    private OptionalInt scale = OptionalInt.empty();
    private boolean reading;
    private boolean wanted;

    /** Takes the page that was chosen, with its scale if it is known. */
    public interface Taking {
        void take(PdfPages pages, int page, OptionalInt scale);
    }

    /** A picker, hidden at first. */
    public PagePicker() {
        super(12);
        setId("page-picker");
        getStyleClass().add("finder");
        setVisible(false);
        setManaged(false);
        setMaxSize(560, USE_PREF_SIZE);
        scroll.setFitToWidth(true);
        var take = Widgets.button("Bring in this page", "take-page", "Enter does it too", this::take);
        take.getStyleClass().add("main-action");
        var leave = Widgets.button("Cancel", "leave-pages", "Esc does it too", this::leave);
        getChildren()
                .addAll(
                        Widgets.heading("Which page?"),
                        scroll,
                        Widgets.section("Drawn at", scales, facts),
                        Widgets.row(take, leave));
    }

    /** Opens the picker on a file. */
    public void open(PdfPages file, UnitSystem system, Taking then) {
        shown = file;
        units = system;
        taking = then;
        tiles.getChildren().clear();
        pages.clear();
        var thumbnails = new ArrayList<Runnable>();
        for (var i = 0; i < Math.min(MOST_PAGES, file.count()); i++) {
            var index = i;
            var picture = new ImageView();
            picture.setFitWidth(THUMBNAIL_PX);
            picture.setFitHeight(THUMBNAIL_PX);
            picture.setPreserveRatio(true);
            var words = new Label("Page " + (i + 1));
            var button = new Button("", new VBox(4, picture, words));
            button.setId("page-" + (i + 1));
            button.getStyleClass().addAll("tile", "page-tile");
            button.setAccessibleText("Page " + (i + 1));
            button.setOnAction(_ -> choose(index));
            pages.add(button);
            tiles.getChildren().add(button);
            thumbnails.add(() -> thumbnail(file, index, picture, words));
        }
        scroll.setPrefViewportHeight((pages.size() > PAGES_A_ROW ? 2 : 1) * ROW_PX);
        setVisible(true);
        setManaged(true);
        choose(0);
        thumbnails.forEach(worker::execute); // after what is written on the page chosen
    }

    private void thumbnail(PdfPages file, int index, ImageView picture, Label words) {
        if (shown != file) {
            return; // put away meanwhile
        }
        try {
            var image = Pictures.fx(file.thumbnail(index, 2 * THUMBNAIL_PX));
            Platform.runLater(() -> picture.setImage(image));
        } catch (IOException e) {
            LOG.warn("page {} of {} has no thumbnail", index + 1, file.name(), e);
            Platform.runLater(() -> words.setText("Page " + (index + 1) + ", cannot be shown"));
        }
    }

    private void choose(int index) {
        var file = shown;
        if (file == null) {
            return;
        }
        page = index;
        for (var i = 0; i < pages.size(); i++) {
            pages.get(i).pseudoClassStateChanged(ACTIVE, i == index);
        }
        pages.get(index).requestFocus();
        scale = OptionalInt.empty();
        reading = true;
        facts.setText("Reading the page\u2026");
        worker.execute(() -> facts(file, index));
        scales();
    }

    /** Reads what is known of a page; shown if that page is still the one chosen. */
    private void facts(PdfPages file, int index) {
        Runnable show;
        try {
            var known = file.facts(index);
            show = () -> {
                scale = known.statedScale();
                facts.setText(Words.of(
                        "%.0f \u00d7 %.0f mm of paper. %s",
                        known.widthMm(),
                        known.heightMm(),
                        scale.isPresent()
                                ? "1:" + scale.getAsInt() + " is written on it."
                                : "No scale is written on it; choose one, or set a known length later."));
                scales();
            };
        } catch (IOException e) {
            show = () -> facts.setText("This page cannot be read: " + e.getMessage());
        }
        var shownNow = show;
        Platform.runLater(() -> {
            if (shown == file && page == index) {
                reading = false;
                shownNow.run();
                if (wanted) {
                    take();
                }
            }
        });
    }

    /** Whether what is written on the chosen page is still being read. */
    public boolean isReading() {
        return isVisible() && reading;
    }

    private void scales() {
        var all = new ArrayList<>(Scales.standard(units));
        scale.ifPresent(s -> {
            if (!all.contains(s)) {
                all.add(s);
            }
        });
        var nodes = new ArrayList<Node>();
        nodes.add(Widgets.toggle(
                "Not known",
                "page-scale-none",
                "A known length will tell",
                scale.isEmpty(),
                () -> at(OptionalInt.empty())));
        for (int s : all) {
            nodes.add(Widgets.toggle(
                    Scales.words(s, units),
                    "page-scale-" + s,
                    "The page comes in at its true size",
                    scale.equals(OptionalInt.of(s)),
                    () -> at(OptionalInt.of(s))));
        }
        scales.getChildren().setAll(nodes);
    }

    private void at(OptionalInt other) {
        scale = other;
        scales();
        pages.get(page).requestFocus(); // so that Enter goes on
    }

    /** A key of the window, while the picker is open. */
    public void key(KeyEvent e) {
        switch (e.getCode()) {
            case KeyCode.ESCAPE -> leave();
            case KeyCode.ENTER -> take();
            case KeyCode.RIGHT -> choose(Math.min(page + 1, pages.size() - 1));
            case KeyCode.LEFT -> choose(Math.max(page - 1, 0));
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void take() {
        if (reading) {
            wanted = true; // once its scale is known
            return;
        }
        var file = shown;
        close();
        if (file != null) {
            taking.take(file, page, scale);
        }
    }

    private void leave() {
        var file = shown;
        close();
        if (file != null) {
            file.close();
        }
    }

    private void close() {
        wanted = false;
        setVisible(false);
        setManaged(false);
        shown = null;
    }
}
