package honeylamp.desktop.picture;

import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.pick.TurnRaised;
import honeylamp.desktop.picture.PictureRenderer.Painted;
import honeylamp.desktop.workspace.ShownPlan;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.output.ScreenPainter;
import honeylamp.output.ScreenPainter.Traced;
import honeylamp.plan.Underlay;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import org.jspecify.annotations.Nullable;

/** The drawing pane: the picture, the sketch of the gesture above it, and the word of what was caught. */
public final class PlanPane extends Pane {
    private static final double ZOOM_STEP = 1.18;

    /** The desk until the style sheets are read. */
    private static final int DESK = 0xFFD9CFBF;

    /** Whether Space holds the plan, to be moved by the mouse. */
    private enum Hand {
        UP,
        DOWN,
        /** It was moved. */
        PANNED
    }

    private final WorkspaceModel model;
    private final PictureRenderer renderer;
    private final HeldKeys keys;
    private final ImageView picture = new ImageView();
    private final ImageView sketch = new ImageView();
    private final PointerWords words;
    private final KeyPointer keyPointer = new KeyPointer();
    private final Lens lens;
    private final CompareEdge compare = new CompareEdge(this::toPane);
    private boolean comparing;
    private Consumer<Point> follower = _ -> {};
    private @Nullable Workspace drawn;
    private @Nullable Painted shown;
    private Runnable pointed = () -> {};
    private boolean fingers;
    private Hand hand = Hand.UP;
    private boolean pressed;
    private boolean panning;
    private boolean placed;
    private boolean inside;
    private double lastX = -1; // the pointer has not been here yet
    private double lastY = -1;

    /** A pane on a model. */
    public PlanPane(WorkspaceModel model, HeldKeys keys) {
        this.model = model;
        this.keys = keys;
        this.renderer = new PictureRenderer(
                Platform::runLater, this::show, Optional.of(model.shown().light()));
        setId("plan");
        setFocusTraversable(true);
        setAccessibleText("The plan");
        getStyleClass().add("plan-pane");
        words = new PointerWords(model);
        picture.setMouseTransparent(true);
        sketch.setMouseTransparent(true);
        lens = new Lens(model);
        getChildren().addAll(picture, compare, sketch, lens, keyPointer);
        getChildren().addAll(words.labels());
        var clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        handlers();
        model.state().subscribe(this::update);
        model.typing().subscribe((_, _) -> sketch());
        model.shown().ways().known().subscribe((_, _) -> sketch());
        model.shown().deliveries().known().subscribe((_, _) -> sketch());
        model.shown().onRaised(this::sketch);
        model.shown().light().known().subscribe((_, _) -> renderer.again());
        model.shown().stamps().known().subscribe((_, _) -> update(model.now()));
        widthProperty().subscribe(this::resized);
        heightProperty().subscribe(this::resized);
        backgroundProperty().subscribe((_, _) -> {
            drawn = null;
            update(model.now());
        });
    }

    private void handlers() {
        setOnMouseMoved(e -> {
            if (keyPointer.yieldsTo(e)) {
                if (e.getX() != lastX || e.getY() != lastY) {
                    pointed.run();
                }
                follow(e);
                model.moved(pointer(e));
            }
        });
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnScroll(this::scroll);
        setOnScrollStarted(_ -> fingers = true); // fingers on a pad or the screen, not a wheel
        setOnScrollFinished(_ -> fingers = false);
        setOnZoom(e -> zoom(e.getZoomFactor(), e.getX(), e.getY()));
        focusedProperty().subscribe(is -> {
            if (!is) {
                keyPointer.setVisible(false); // one pointer: that of the keys goes with them
                hand = Hand.UP; // Space may come up elsewhere
                setCursor(null);
            }
        });
        setOnMouseEntered(_ -> inside = true);
        setOnMouseExited(_ -> {
            inside = false;
            words.hide();
            lens.setVisible(false);
        });
    }

    /** Told when the mouse moves over the plan. */
    public void pointedAt(Runnable told) {
        pointed = told;
    }

    private void press(MouseEvent e) {
        requestFocus();
        keyPointer.setVisible(false);
        lastX = e.getX();
        lastY = e.getY();
        if (hand != Hand.UP) {
            hand = Hand.PANNED;
            panning = true;
        } else if (e.getButton() == MouseButton.PRIMARY && compare.takes(e.getX())) {
            comparing = true;
        } else if (e.getButton() == MouseButton.PRIMARY) {
            pressed = true;
            model.pressed(pointer(e));
        } else {
            panning = true;
        }
    }

    private void drag(MouseEvent e) {
        if (comparing) {
            model.compareAt(e.getX() / getWidth());
        } else if (panning) {
            model.show(model.now().viewport().panned(e.getX() - lastX, e.getY() - lastY));
        } else if (pressed) {
            model.dragged(pointer(e));
        }
        follow(e);
    }

    private void release(MouseEvent e) {
        if (pressed && e.getButton() == MouseButton.PRIMARY) {
            pressed = false;
            model.released(pointer(e));
        }
        panning = false;
        comparing = false;
    }

    private void follow(MouseEvent e) {
        lastX = e.getX();
        lastY = e.getY();
    }

    private void scroll(ScrollEvent e) {
        var sideways = e.getDeltaX() != 0;
        if (fingers || e.getTouchCount() > 0 || sideways) {
            model.show(viewport().panned(e.getDeltaX(), e.getDeltaY()));
        } else if (keys.now().shift() && e.getDeltaY() != 0) {
            model.show(viewport().panned(e.getDeltaY(), 0));
        } else if (e.getDeltaY() != 0) {
            zoom(e.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, e.getX(), e.getY());
            if (!pressed && !panning) {
                model.moved(new Pointer(plan(e.getX(), e.getY()), 1, keys.now())); // what is caught goes along
            }
        }
    }

    /**
     * Moves the pointer by so many pixels without the mouse; at the edge of the pane the view moves along.
     * While Space is held down it drags.
     */
    public void steer(double dx, double dy) {
        if (!keyPointer.leads() && !contains(lastX, lastY)) {
            lastX = getWidth() / 2;
            lastY = getHeight() / 2;
        }
        var x = Math.clamp(lastX + dx, 0, getWidth());
        var y = Math.clamp(lastY + dy, 0, getHeight());
        if (x != lastX + dx || y != lastY + dy) {
            model.show(viewport().panned(x - lastX - dx, y - lastY - dy));
        }
        lastX = x;
        lastY = y;
        keyPointer.lead(x, y);
        var keys = this.keys.now();
        var at = new Pointer(plan(x, y), 1, new Pointer.Keys(false, keys.alt(), keys.control()));
        if (keyPointer.pressing()) {
            model.dragged(at);
        } else {
            model.moved(at);
        }
    }

    /** Presses where the pointer is, without the mouse; while the mouse leads, the plan is taken hold of until Space is up. */
    public void pressHere() {
        if (!keyPointer.leads()) {
            if (hand == Hand.UP) {
                hand = Hand.DOWN;
                setCursor(Cursor.OPEN_HAND);
            }
        } else if (keyPointer.press()) {
            model.pressed(here());
        }
    }

    /** Lets go where the pointer is, without the mouse; if nothing was moved meanwhile, that was a press. */
    public void releaseHere() {
        var was = hand;
        hand = Hand.UP;
        setCursor(null);
        if (was == Hand.DOWN) {
            model.pressed(here());
            model.released(here());
        } else if (keyPointer.release()) {
            model.released(here());
        }
    }

    private Pointer here() {
        return new Pointer(plan(lastX, lastY), 1, keys.now());
    }

    /** Where the pointer is in the plan. */
    public Point pointedTo() {
        return plan(lastX, lastY);
    }

    /** The point of the plan at a place of this pane, in pixels. */
    public Point at(double x, double y) {
        return plan(x, y);
    }

    /** Zooms about the middle of the pane. */
    public void zoom(double factor) {
        zoom(factor, getWidth() / 2, getHeight() / 2);
    }

    private void zoom(double factor, double x, double y) {
        model.show(model.now().viewport().zoomed(factor, x, y, getWidth(), getHeight()));
    }

    private Pointer pointer(MouseEvent e) {
        return new Pointer(plan(e.getX(), e.getY()), Math.max(1, e.getClickCount()), keys.with(e));
    }

    private Point plan(double x, double y) {
        return viewport().planToPixels(getWidth(), getHeight()).inverse().apply(new Point(x, y));
    }

    private Viewport viewport() {
        return model.now().viewport();
    }

    /** Where a plan point lies in this pane, in pixels. */
    public Point pixel(Point plan) {
        return viewport().planToPixels(getWidth(), getHeight()).apply(plan);
    }

    private void resized() {
        if (getWidth() < 1 || getHeight() < 1) {
            return;
        }
        drawn = null;
        if (!placed) {
            placed = true;
            model.showSheet(getWidth(), getHeight()); // the new view asks for its picture by itself
        } else {
            model.refit(getWidth(), getHeight());
        }
        if (drawn == null) {
            update(model.now());
        }
    }

    private void update(Workspace now) {
        if (getWidth() < 1 || getHeight() < 1) {
            return;
        }
        var before = drawn;
        if (before == null || picturesDiffer(before, now)) {
            drawn = now;
            renderer.request(request(now));
        }
        var other = now.choices().presenting().comparing();
        if (other.isPresent() || compare.isVisible()) {
            compare.show(other, request(now));
        }
        place();
        sketch();
    }

    private static boolean picturesDiffer(Workspace a, Workspace b) {
        return a.plan() != b.plan()
                || !a.viewport().equals(b.viewport())
                || a.lamp() != b.lamp()
                || !a.choices().ghost().equals(b.choices().ghost())
                || !a.choices().seen().grid().equals(b.choices().seen().grid())
                || !a.frame().equals(b.frame())
                || a.showsUnderlay() != b.showsUnderlay()
                || a.stage().showsUnderlay() != b.stage().showsUnderlay()
                || (a.stage() == WorkStage.WALLS) != (b.stage() == WorkStage.WALLS) // gaps of walls are shown there
                || (a.stage() == WorkStage.LIGHTING) != (b.stage() == WorkStage.LIGHTING) // lights are seen there
                || !ShownPlan.walkedIn(a).equals(ShownPlan.walkedIn(b))
                || a.choices().seen().walls() != b.choices().seen().walls()
                || (a.stage() == WorkStage.SHEET) != (b.stage() == WorkStage.SHEET)
                        && !b.view().equals(b.view().straight()) // one draws in another view than is printed
                || a.document() != b.document()
                || !a.worked().equals(b.worked());
    }

    private List<Traced> underlays(Workspace now) {
        var underlays = new ArrayList<Traced>();
        for (var u : now.currentStorey().underlays()) {
            if (now.showsUnderlay() && u.sight() == Underlay.Sight.SHOWN) {
                model.pictures()
                        .get(u.picture())
                        .ifPresentOrElse(p -> underlays.add(new Traced(u, p)), () -> want(now, u.picture()));
            }
        }
        return underlays;
    }

    private PictureRenderer.Request request(Workspace now) {
        return new PictureRenderer.Request(
                model.shown().pictured(),
                now.worked().view(),
                now.frame(),
                now.lamp(),
                now.viewport(),
                (int) Math.ceil(getWidth()),
                (int) Math.ceil(getHeight()),
                desk(),
                underlays(now),
                model.shown().besidePlan(),
                now.document().assets());
    }

    /** The colour of the pane, as the style sheets have it. */
    private int desk() {
        var background = getBackground();
        if (background == null
                || background.getFills().isEmpty()
                || !(background.getFills().getFirst().getFill() instanceof Color colour)) {
            return DESK;
        }
        return 0xFF000000
                | (int) Math.rint(255 * colour.getRed()) << 16
                | (int) Math.rint(255 * colour.getGreen()) << 8
                | (int) Math.rint(255 * colour.getBlue());
    }

    /** Pixels that are still being unpacked are shown as soon as they are there. */
    private void want(Workspace now, Underlay.Picture wanted) {
        var bytes = now.document().assets().get(wanted.asset());
        if (bytes != null) {
            model.pictures()
                    .want(
                            wanted,
                            bytes,
                            wrong -> Platform.runLater(() -> {
                                wrong.ifPresent(model::complain);
                                drawn = null;
                                update(model.now());
                            }));
        }
    }

    private void show(Painted painted) {
        shown = painted;
        picture.setImage(image(painted.image()));
        place();
        if (!model.now().view().isPlan()) {
            sketch(); // what stood there meanwhile goes
        }
    }

    /** Whether the newest picture asked for is the one on screen. */
    public boolean settled() {
        var now = drawn;
        var last = shown;
        return now != null
                && last != null
                && last.sharp()
                && renderer.idle(last.request())
                && last.request().page().plan().drawn() == now.plan()
                && last.request().viewport().equals(now.viewport())
                && last.request().lamp() == now.lamp()
                && compare.settled()
                && allUnpacked(now)
                && last.request().underlays().equals(underlays(now)); // one just unpacked is still to be painted
    }

    private boolean allUnpacked(Workspace now) {
        return !now.showsUnderlay()
                || now.currentStorey().underlays().stream()
                        .map(u -> u.picture().asset())
                        .allMatch(a -> model.pictures().done(a)
                                || !now.document().assets().containsKey(a));
    }

    static WritableImage image(BufferedImage from) {
        var pixels = ((DataBufferInt) from.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(
                from.getWidth(), from.getHeight(), IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }

    /** Until the new picture is there, the old one is moved and scaled to where it belongs. */
    private void place() {
        var last = shown;
        if (last == null) {
            return;
        }
        var request = last.request();
        var to = toPane(request);
        var corner = to.apply(Point.ORIGIN);
        var scale = to.lengthScale();
        picture.setFitWidth(request.width() * scale);
        picture.setFitHeight(request.height() * scale);
        picture.setX(corner.x());
        picture.setY(corner.y());
    }

    /** From the pixels of a picture that was asked for to those of this pane as it is now. */
    private Affine toPane(PictureRenderer.Request request) {
        return request.viewport()
                .planToPixels(request.width(), request.height())
                .inverse()
                .then(viewport().planToPixels(getWidth(), getHeight()));
    }

    /** Whether what is shown is of this plan and view, however it lies in the pane. */
    private boolean isOf(Workspace now) {
        var last = shown;
        return last != null
                && last.request().page().plan().drawn() == now.plan()
                && last.request().worked().equals(now.worked().view())
                && last.request().lamp() == now.lamp();
    }

    /** What lies above the picture; until that of a raised view is there, it lies over the one before. */
    private List<Mark> seen(Workspace now) {
        var sketch = model.sketch();
        if (now.view().isPlan() || isOf(now) || now.gesture() instanceof TurnRaised) {
            return sketch;
        }
        var out = new ArrayList<>(model.shown().meanwhile());
        out.addAll(sketch);
        return out;
    }

    private void sketch() {
        var now = model.now();
        var toPixels = now.viewport().paperToPixels(now.frame(), getWidth(), getHeight());
        var overlay =
                ScreenPainter.overlay(seen(now), toPixels, (int) Math.ceil(getWidth()), (int) Math.ceil(getHeight()));
        sketch.setVisible(overlay.isPresent());
        overlay.ifPresent(o -> {
            sketch.setImage(image(o.image()));
            sketch.setX(o.x());
            sketch.setY(o.y());
        });
        words.show(now, new Point(lastX, lastY), getWidth(), getHeight(), inside || keyPointer.leads());
        var here = plan(lastX, lastY);
        follower.accept(here);
        if (now.gesture().magnifies() && (inside || keyPointer.leads())) {
            lens.show(here, now.viewport().pxPerMm(), lastX, lastY, getWidth());
        } else {
            lens.setVisible(false);
        }
    }

    /** Someone to tell where the pointer is in the plan. */
    public void followedBy(Consumer<Point> other) {
        follower = other;
    }

    /** Ends the threads that paint and unpack. */
    public void close() {
        renderer.close();
        compare.close();
        model.pictures().close();
    }
}
