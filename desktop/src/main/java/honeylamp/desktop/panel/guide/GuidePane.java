package honeylamp.desktop.panel.guide;

import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.guide.Guide;
import honeylamp.guide.GuidePage;
import honeylamp.guide.Place;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The guide beside the drawing: a page, its links, the way back. It is read aside when it is first asked for. */
public final class GuidePane extends VBox {
    private static final double WIDE_PX = 350;

    /** Of a narrow window it takes no more than this. */
    private static final double SHARE = 0.36;

    private static final double AIR_PX = 14;

    private static final Set<KeyCode> SCROLLING = EnumSet.of(
            KeyCode.UP, KeyCode.DOWN, KeyCode.PAGE_UP, KeyCode.PAGE_DOWN, KeyCode.HOME, KeyCode.END, KeyCode.SPACE);

    private final Runnable toPlan;
    private final Deque<Place> before = new ArrayDeque<>();
    private final VBox page = new VBox(9);
    private final ScrollPane scroll = new ScrollPane(page);

    /** Between the edges of the page, whose air grows with the words. */
    private final DoubleBinding inner = Bindings.createDoubleBinding(
            () -> scroll.getViewportBounds().getWidth()
                    - page.getInsets().getLeft()
                    - page.getInsets().getRight(),
            scroll.viewportBoundsProperty(),
            page.insetsProperty());

    private final Button back;
    private final Later shown = new Later(this::toHeading);
    private @Nullable Guide guide;
    private boolean reading;
    private @Nullable PageNodes nodes;
    private Place at = Place.of(Guide.FIRST);
    private String filled = "";

    /**
     * A pane, put away at first.
     *
     * @param toPlan gives the keyboard to the plan
     */
    public GuidePane(Runnable toPlan) {
        this.toPlan = toPlan;
        setId("guide");
        getStyleClass().add("guide");
        setAccessibleText("The guide");
        back = Widgets.button("Back", "guide-back", "The page before", this::back);
        var head = Widgets.row(
                Widgets.heading("Guide"),
                Widgets.spring(),
                back,
                Widgets.button("Contents", "guide-contents", "All pages", () -> open(Place.of(Guide.FIRST))),
                Widgets.button("Close", "guide-close", "Puts the guide away", this::close));
        head.getChildren().stream()
                .filter(Button.class::isInstance)
                .forEach(n -> n.getStyleClass().add("small"));
        head.getStyleClass().add("guide-head");
        page.getStyleClass().add("guide-page");
        page.setMinWidth(0);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setId("guide-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        sceneProperty().subscribe(scene -> {
            if (scene != null) {
                scene.widthProperty().subscribe(w -> {
                    setPrefWidth(Math.min(WIDE_PX, SHARE * w.doubleValue()));
                    setMinWidth(USE_PREF_SIZE);
                    setMaxWidth(USE_PREF_SIZE);
                });
            }
        });
        shows(false);
    }

    private void shows(boolean is) {
        setVisible(is);
        setManaged(is);
    }

    /** The place that is read, whether or not the guide is open. */
    public Place at() {
        return at;
    }

    /** Whether a key is for reading, while the guide has the keyboard: it scrolls, and does nothing in the plan. */
    public boolean scrollsBy(KeyCode key) {
        return hasTheKeys() && SCROLLING.contains(key);
    }

    /** Whether what is typed goes to it. */
    public boolean hasTheKeys() {
        return isVisible() && isFocusWithin();
    }

    /** Opens the guide at a place. */
    public void open(Place place) {
        if (isVisible() && !place.equals(at)) {
            before.push(at);
        }
        show(place);
    }

    /** Opens the guide at a place, or puts it away if it is open there. */
    public void toggle(Place place) {
        if (isVisible() && place.page().equals(at.page())) {
            close();
        } else {
            open(place);
        }
    }

    /** Puts it away; the keyboard goes to the plan. */
    public void close() {
        shows(false);
        before.clear();
        toPlan.run();
    }

    private void back() {
        if (!before.isEmpty()) {
            show(before.pop());
        }
    }

    /** All pages, in their order; none until they are read, which is asked for here. */
    public List<GuidePage> pages() {
        read();
        return guide == null ? List.of() : guide.pages();
    }

    /** Whether the pages are being read. */
    public boolean busy() {
        return reading;
    }

    private void read() {
        if (guide == null && !reading) {
            reading = true;
            Thread.ofPlatform().daemon().name("guide").start(() -> {
                var read = Guide.shipped();
                Platform.runLater(() -> {
                    reading = false;
                    guide = read;
                    fill();
                });
            });
        }
    }

    private void show(Place place) {
        at = place;
        back.setDisable(before.isEmpty());
        shows(true);
        scroll.requestFocus();
        read();
        fill();
    }

    /** Shows the page of the place that is wanted, once the guide is read. */
    private void fill() {
        if (guide == null || !isVisible()) {
            return;
        }
        if (nodes == null || !filled.equals(at.page())) {
            filled = at.page();
            nodes = new PageNodes(guide.page(filled).orElseThrow(), inner, this::open);
            page.getChildren().setAll(nodes.nodes());
        }
        shown.ask();
    }

    /** Once the page is laid out, its heading comes to the top. */
    private void toHeading() {
        if (nodes == null) {
            return;
        }
        applyCss();
        layout();
        var free = page.getHeight() - scroll.getViewportBounds().getHeight();
        var top = nodes.heading(at.heading())
                .map(n -> n.getBoundsInParent().getMinY())
                .orElse(0.0);
        scroll.setVvalue(free <= 0 ? 0 : Math.clamp((top - AIR_PX) / free, 0, 1));
    }
}
