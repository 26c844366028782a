package honeylamp.desktop;

import honeylamp.catalogue.TierSets;
import honeylamp.demo.Demo;
import honeylamp.demo.DemoFiles;
import honeylamp.demo.LooksPicture;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.NewLighting;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.ElementId;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Stair;
import honeylamp.plan.View;
import honeylamp.store.Origin;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javax.imageio.ImageIO;

/** Walks the main views of the demo in the real window and writes a picture of each. */
final class PictureWalk {
    /** Pulses to wait after a picture has settled, so that layout and text are on screen. */
    private static final int SETTLED_PULSES = 12;

    private static final int DRAWN_SCALE = 50;

    private record Shot(String name, Consumer<WorkspaceModel> set) {}

    private final MainWindow window;
    private final Path folder;
    private final Runnable end;
    private final Deque<Shot> shots = new ArrayDeque<>();

    PictureWalk(MainWindow window, Path folder, Runnable end) {
        this.window = window;
        this.folder = folder;
        this.end = end;
        shots.add(new Shot("1-start", m -> {
            m.go(WorkStage.UNDERLAY);
            m.light(Lamp.LIT);
            window.guide.open(Topics.of(WorkStage.UNDERLAY));
        }));
        shots.add(new Shot("2-tracing", this::tracing));
        shots.add(new Shot("7-underlay", this::underlay));
        shots.add(new Shot("3-rooms-and-finishes", m -> {
            m.chooseWithin(m.now().choices().withGlance(Choices.Glance.HIDDEN));
            m.pick(Set.of());
            m.light(Lamp.COLOUR);
            m.go(WorkStage.FINISHES);
            window.actions().showStorey();
            point(MouseEvent.MOUSE_MOVED, new Point(9300, 3200));
        }));
        shots.add(new Shot("4-furnishing", m -> {
            m.light(Lamp.LIT);
            m.go(WorkStage.FURNISH);
            m.show(new Viewport(new Point(3900, 2300), 0.105));
            m.now().currentStorey().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .ifPresent(f -> m.pick(Set.of(f.id())));
        }));
        shots.add(new Shot("5-lit", m -> {
            m.go(WorkStage.LOOK);
            m.pick(Set.of());
            window.actions().showStorey();
        }));
        shots.add(new Shot("15-dimensions", m -> {
            m.go(WorkStage.DIMENSIONS);
            var view = m.now().worked().view();
            var tiers = ViewEdits.tiers(m.now().plan(), view, Reach.THIS, _ -> TierSets.THREE_TIERS.tiers());
            var sized = ViewEdits.annotation(tiers, view, Reach.THIS, a -> a.withPairs(RoomPairs.ALL));
            m.edit(ViewEdits.scale(sized, view, Reach.THIS, Optional.of(DRAWN_SCALE)), "Choose dimensions");
            window.actions().showSheet();
        }));
        shots.add(new Shot("6-sheet", m -> {
            m.undo();
            m.go(WorkStage.SHEET);
            window.actions().showSheet();
        }));
        shots.add(new Shot("9-rooms", this::rooms));
        shots.add(new Shot("10-fixed-parts", this::fixedParts));
        shots.add(new Shot("11-site", this::site));
        shots.add(new Shot("12-walls-from-the-front", this::elevations));
        shots.add(new Shot("13-raised", this::raised));
        shots.add(new Shot("16-lighting", this::lighting));
        shots.add(new Shot("17-evening", this::evening));
    }

    /** Draft over the underlay, a wall chain half drawn. */
    private void tracing(WorkspaceModel model) {
        window.guide.close();
        model.light(Lamp.DRAFT);
        var thinnest = model.now().plan().wallTypes().getLast().id();
        model.chooseWithin(model.now().choices().withWallType(thinnest).withGlance(Choices.Glance.SMALL));
        model.use(Tool.DRAW_WALLS);
        model.show(new Viewport(new Point(9200, 2400), 0.085));
        point(MouseEvent.MOUSE_PRESSED, new Point(10950, 2350));
        point(MouseEvent.MOUSE_RELEASED, new Point(10950, 2350));
        point(MouseEvent.MOUSE_MOVED, new Point(8900, 2350));
    }

    /** The living room in soft light, as one sees it who stands in it. */
    private void raised(WorkspaceModel model) {
        model.go(WorkStage.LOOK);
        model.geometry().rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .ifPresent(model.raised()::standIn);
        model.edit(ViewEdits.lit(model.now().plan(), model.now().view().id(), View.Lit.TRACED), "Light raised view");
        window.actions().showSheet();
    }

    private boolean isLit() {
        return !window.model().shown().light().isWorking();
    }

    /** A room taken apart, the schedules below the plan. */
    private void rooms(WorkspaceModel model) {
        model.use(Tool.NAME_ROOMS);
        model.chooseWithin(model.now().choices().withWorking(Choices.Working.SHOWN));
        window.actions().toggleSchedules();
        point(MouseEvent.MOUSE_PRESSED, new Point(6500, 1500));
        point(MouseEvent.MOUSE_RELEASED, new Point(6500, 1500));
        model.show(new Viewport(new Point(6000, 3600), 0.045));
    }

    /** The stair of the tea room's flat, picked on the storey it begins on. */
    private void fixedParts(WorkspaceModel model) {
        window.actions().toggleSchedules();
        try {
            model.open(Origin.of(Demo.QUILLBACK_LANE.document()));
        } catch (IOException e) {
            throw new UncheckedIOException("the demo cannot be made", e);
        }
        model.light(Lamp.LIT);
        model.use(Tool.PICK_PARTS);
        model.show(new Viewport(new Point(4000, 9000), 0.075));
        model.now().currentStorey().structures().stream()
                .filter(s -> s.form() instanceof Stair)
                .findFirst()
                .ifPresent(s -> model.pick(Set.of(s.id())));
    }

    /** The flat with its lights, and how bright they make it. */
    private void lighting(WorkspaceModel model) {
        model.open(Origin.of(DemoFiles.evening()));
        model.light(Lamp.LIT);
        window.actions().commands().of("lighting-view").action().run();
        model.annotate("Tell how bright it is", a -> a.withBrightness(Brightness.LINES));
        steps(model, NewLighting.Step.SOURCES);
        window.actions().showSheet();
    }

    /** The same in the evening. */
    private void evening(WorkspaceModel model) {
        model.open(Origin.of(DemoFiles.evening()));
        model.light(Lamp.LIT);
        model.go(WorkStage.LIGHTING);
        steps(model, NewLighting.Step.SWITCHES);
        model.go(WorkStage.SHEET);
        model.go(WorkStage.LOOK);
        window.actions().showSheet();
    }

    private static void steps(WorkspaceModel model, NewLighting.Step step) {
        var choices = model.now().choices();
        model.chooseWithin(choices.withLighting(choices.lighting().withStep(step)));
    }

    /** The bathroom tiled: its plan and its walls on a page, and what to order. */
    private void elevations(WorkspaceModel model) {
        try {
            model.open(Origin.of(Demo.TILED_BATHROOM.document()));
        } catch (IOException e) {
            throw new UncheckedIOException("the demo cannot be made", e);
        }
        model.light(Lamp.LIT);
        model.go(WorkStage.SHEET);
        var page = model.now().plan().presentation().pages().getLast();
        model.act(new Intent.TurnTo(new Worked(page.views().getFirst(), Optional.of(page.id()))));
        window.actions().showSheet();
    }

    /** A bay for a car about to be put beside the tea room. */
    private void site(WorkspaceModel model) {
        model.pick(Set.of());
        model.use(Tool.PARKING_BAY);
        model.show(new Viewport(new Point(5600, 9500), 0.034));
        point(MouseEvent.MOUSE_ENTERED, new Point(9000, 11_000));
        point(MouseEvent.MOUSE_MOVED, new Point(8700, 10_600));
    }

    /** The picture at hand with its known lengths, the lens over one of their marks. */
    private void underlay(WorkspaceModel model) {
        model.use(Tool.KNOWN_LENGTH);
        window.actions().showStorey();
        model.pick(Set.of(model.now().currentStorey().underlays().getFirst().id()));
        model.chooseWithin(model.now().choices().withGlance(Choices.Glance.HIDDEN));
        model.show(new Viewport(new Point(8600, 4300), 0.066)); // what is pointed at lies clear of the card
        point(MouseEvent.MOUSE_ENTERED, new Point(2800, 0));
        point(MouseEvent.MOUSE_MOVED, new Point(12990, 5));
    }

    /** What the mouse would do at a plan point. */
    private void point(EventType<MouseEvent> what, Point plan) {
        var pane = window.plan();
        var px = pane.pixel(plan);
        var at = pane.localToScene(px.x(), px.y());
        var screen = pane.localToScreen(px.x(), px.y());
        var down = what == MouseEvent.MOUSE_PRESSED;
        pane.fireEvent(new MouseEvent(
                what,
                at.getX(),
                at.getY(),
                screen.getX(),
                screen.getY(),
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                down,
                false,
                false,
                true,
                false,
                true,
                null));
    }

    void begin() {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("the folder " + folder + " cannot be made", e);
        }
        next();
    }

    /** Shows the plan and brings a picture in, for training the start-up cache, and ends. */
    void train(Path picture) {
        whenSettled(() -> {
            window.dropped(picture);
            whenSettled(end);
        });
    }

    private void next() {
        var shot = shots.poll();
        if (shot == null) {
            window.model().pick(Set.<ElementId>of());
            write(LooksPicture.made(), folder.resolve("14-looks-and-lights.png"));
            end.run();
            return;
        }
        shot.set.accept(window.model());
        whenSettled(() -> {
            write(window.scene(), folder.resolve(shot.name + ".png"));
            next();
        });
    }

    private void whenSettled(Runnable then) {
        new AnimationTimer() {
            private int quiet;

            @Override
            public void handle(long now) {
                quiet = window.plan().settled() && !window.working() && isLit() ? quiet + 1 : 0;
                if (quiet > SETTLED_PULSES) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    private static void write(Scene scene, Path file) {
        var snapshot = scene.snapshot(null);
        var width = (int) snapshot.getWidth();
        var height = (int) snapshot.getHeight();
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var reader = snapshot.getPixelReader();
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                image.setRGB(x, y, reader.getArgb(x, y));
            }
        }
        write(image, file);
    }

    private static void write(BufferedImage image, Path file) {
        try {
            ImageIO.write(image, "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("the picture " + file + " cannot be written", e);
        }
    }
}
