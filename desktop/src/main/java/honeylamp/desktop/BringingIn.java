package honeylamp.desktop;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.Differences;
import honeylamp.derive.traced.ReadWalls;
import honeylamp.desktop.files.PictureIntake;
import honeylamp.desktop.gesture.trace.AcceptLevel;
import honeylamp.desktop.gesture.trace.SeeDifferences;
import honeylamp.desktop.gesture.trace.TakeLengths;
import honeylamp.desktop.gesture.trace.TakeWalls;
import honeylamp.desktop.panel.PagePicker;
import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.ShippedLetters;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.lettering.Lettering;
import honeylamp.lettering.Written;
import honeylamp.lettering.WrittenLength;
import honeylamp.lettering.WrittenLengths;
import honeylamp.output.Progress;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Picture;
import honeylamp.store.FileTrouble;
import honeylamp.store.LinesFile;
import honeylamp.store.PdfPages;
import honeylamp.store.PictureImport;
import honeylamp.tracing.Proposal;
import honeylamp.tracing.WallReader;
import honeylamp.tracing.Watch;
import honeylamp.underlay.DrawnLines;
import honeylamp.underlay.LevelFinder;
import honeylamp.underlay.TracedPicture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import javafx.scene.image.Image;
import javax.imageio.ImageIO;

/** Brings pictures in: read off the interface thread, laid under the plan when they are whole. */
final class BringingIn {
    private static final String NO_WALLS = "No walls that enclose rooms were found in this picture. It may be no plan,"
            + " or too faint or too small: crop it to the plan, or draw the walls over it.";

    private final WorkspaceModel model;
    private final TopBar top;
    private final PagePicker picker;
    private final Runnable focusPlan;
    private int underWay;

    BringingIn(WorkspaceModel model, TopBar top, PagePicker picker, Runnable focusPlan) {
        this.model = model;
        this.top = top;
        this.picker = picker;
        this.focusPlan = focusPlan;
    }

    boolean busy() {
        return underWay > 0;
    }

    /**
     * A picture that has been read.
     *
     * @param mmPerPixel its scale, if the page it is tells
     */
    private record Brought(
            byte[] bytes,
            String sha,
            TracedPicture pixels,
            Optional<LinesFile.Kept> lines,
            String name,
            Optional<Double> mmPerPixel) {
        Picture picture() {
            return new Picture(
                    sha, name, pixels.pyramid().width(), pixels.pyramid().height());
        }
    }

    /** Lays a picture that has been read somewhere. */
    private interface Laying {
        void lay(Brought brought);
    }

    void file(Path file) {
        file(file, this::lay);
    }

    /** A picture is laid on the page worked on, as a mark of the house or a photograph. */
    void onPage(Path file) {
        file(file, this::layOnPage);
    }

    /** A picture becomes the mark of the house in the title block. */
    void asLogo(Path file) {
        file(file, this::layAsLogo);
    }

    private void file(Path file, Laying laying) {
        var name = String.valueOf(file.getFileName());
        run(PictureIntake.of(file, model.now().choices().pictures().notes()), result -> take(result, name, laying));
    }

    void image(Image image, String name) {
        try {
            run(PictureIntake.of(png(image), name), result -> take(result, name, this::lay));
        } catch (IOException e) {
            model.complain("The picture cannot be read: " + e.getMessage() + ". Save it as a file and bring that in.");
        }
    }

    private static byte[] png(Image image) throws IOException {
        var w = (int) image.getWidth();
        var h = (int) image.getHeight();
        if (w <= 0 || h <= 0 || image.isError() || image.getPixelReader() == null) {
            throw new IOException("it holds no pixels");
        }
        var out = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        var row = new int[out.getWidth()];
        for (var y = 0; y < h; y++) {
            image.getPixelReader()
                    .getPixels(0, y, w, 1, javafx.scene.image.PixelFormat.getIntArgbInstance(), row, 0, w);
            out.setRGB(0, y, w, 1, row, 0, w);
        }
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(out, "png", bytes);
        return bytes.toByteArray();
    }

    private void take(PictureImport.Result result, String name, Laying laying) {
        switch (result) {
            case PictureImport.Result.Refused(var problem) -> model.complain(problem.sentence());
            case PictureImport.Result.Good(var bytes, var sha, var picture, var lines) ->
                laying.lay(new Brought(bytes, sha, picture, lines, name, Optional.empty()));
            case PictureImport.Result.Pages(var pages) ->
                picker.open(pages, model.now().plan().units(), (file, page, scale) -> page(file, page, scale, laying));
        }
    }

    private void page(PdfPages pages, int index, OptionalInt scale, Laying laying) {
        run(
                PictureIntake.of(pages, index),
                page -> laying.lay(new Brought(
                        page.png(),
                        page.sha256(),
                        page.picture(),
                        page.lines(),
                        pages.count() == 1 ? pages.name() : pages.name() + ", page " + (index + 1),
                        PdfPages.mmPerPixel(page, scale))));
    }

    private void lay(Brought brought) {
        var now = model.now();
        var centre = now.viewport().centre();
        var scale = brought.mmPerPixel;
        var added = scale.isPresent()
                ? UnderlayEdits.add(now.plan(), now.storey(), brought.picture(), centre, scale.get())
                : UnderlayEdits.add(now.plan(), now.storey(), brought.picture(), centre);
        var assets = new HashMap<>(Map.of(brought.sha, brought.bytes));
        brought.lines.ifPresent(l -> assets.put(l.sha256(), l.bytes()));
        var plan = brought.lines
                .map(l -> UnderlayEdits.withLines(added.plan(), now.storey(), added.id(), l.linework()))
                .orElse(added.plan());
        model.pictures().put(brought.sha, brought.pixels);
        model.addAssets(
                assets,
                plan,
                "Bring in picture",
                new Intent.TakeUp(scale.isPresent() ? Tool.PICK_PICTURE : Tool.KNOWN_LENGTH),
                new Intent.Pick(Set.of(added.id())),
                new Intent.Say(
                        scale.isPresent()
                                ? Said.news("The page lies at its true size. A known length is a good check.")
                                : Said.NOTHING));
        focusPlan.run();
    }

    private void layOnPage(Brought brought) {
        var page = model.shown().page().page().id();
        if (model.now().plan().presentation().page(page).isEmpty()) { // taken away while the picture was read
            model.complain("This view is on no page. Put it on one, then lay the picture on that.");
            return;
        }
        switch (PageEdits.layPicture(model.now().plan(), page, brought.picture())) {
            case Outcome.Done<Plan>(var plan) ->
                model.addAsset(brought.sha, brought.bytes, plan, "Lay picture on page");
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be"));
        }
        focusPlan.run();
    }

    private void layAsLogo(Brought brought) {
        var plan = PageEdits.sheet(
                model.now().plan(),
                model.shown().page().page().id(),
                model.now().choices().presenting().reach(),
                s -> s.withTitle(s.title().withLogo(Optional.of(brought.picture()))));
        model.addAsset(brought.sha, brought.bytes, plan, "Lay mark of the house");
        focusPlan.run();
    }

    /** Looks for the angle of the picture that is picked, or on top, and shows it. */
    void proposeLevel() {
        var underlay = Picking.underlay(model.now().currentStorey(), model.now().selection());
        var pixels = underlay.flatMap(u -> model.pictures().get(u.picture()));
        if (underlay.isEmpty() || pixels.isEmpty()) {
            model.complain("There is no picture to level yet. Bring one in first.");
            return;
        }
        var u = underlay.get();
        run(
                new Task<Optional<LevelFinder.Proposal>>() {
                    @Override
                    protected Optional<LevelFinder.Proposal> call() {
                        updateTitle("Looking for lines");
                        return LevelFinder.of(pixels.get());
                    }
                },
                found -> {
                    if (found.isEmpty()) {
                        model.complain("The picture has no clear lines to level by. Level it by two points instead.");
                        return;
                    }
                    var turn = found.get().turnDeg() + u.placing().turnDeg();
                    model.act(
                            new Intent.TakeUp(Tool.LEVEL),
                            new Intent.Pick(Set.of(u.id())),
                            new Intent.Begin(new AcceptLevel(u.id(), turn - 90 * Math.rint(turn / 90))));
                    focusPlan.run();
                });
    }

    /** What was read of a picture. */
    private record ReadPicture(Proposal walls, List<Written> words) {}

    /** Reads the walls of the picture that is picked, or on top, and shows them to be looked at. */
    void proposeWalls() {
        reading(
                (picture, lines, underlay, watch) -> WallReader.read(picture, lines, underlay, watch)
                        .flatMap(walls -> {
                            if (walls.walls().isEmpty() || !watch.goesOn(Watch.Step.WORDS)) {
                                return Optional.of(new ReadPicture(walls, List.of()));
                            }
                            return Optional.of(new ReadPicture(
                                    walls, Lettering.read(picture, underlay, walls.turnDeg(), ShippedLetters.forms())));
                        }),
                this::propose);
    }

    /** Reads the lengths that are written on the picture that is picked, or on top, and shows them to be looked at. */
    void proposeLengths() {
        reading(
                (picture, _, underlay, watch) -> WrittenLengths.read(picture, underlay, ShippedLetters.forms(), watch),
                this::proposeLengths);
    }

    /** Reads the picture that is picked, or on top, and shows in what it differs from the plan. */
    void comparePicture() {
        if (model.now().currentStorey().walls().isEmpty()) {
            model.complain(
                    "There are no walls on this storey to compare the picture with. Read walls takes them from it.");
            return;
        }
        var geometry = model.shown().geometry();
        reading(
                (picture, lines, underlay, watch) -> WallReader.read(picture, lines, underlay, watch)
                        .map(found -> new Compared(
                                geometry,
                                found.walls().isEmpty()
                                        ? Optional.empty()
                                        : Optional.of(Differences.of(geometry, ReadWalls.of(found, underlay))))),
                (_, compared) -> compare(compared));
    }

    /**
     * In what a storey and a picture differ.
     *
     * @param differences empty if the picture shows no walls
     */
    private record Compared(StoreyGeometry geometry, Optional<Differences> differences) {}

    private void compare(Compared compared) {
        if (compared.differences.isEmpty()) {
            model.complain(NO_WALLS);
        } else if (!compared.geometry.storey().equals(model.now().currentStorey())) {
            model.complain("The plan was changed while the picture was read. Compare them again.");
        } else if (compared.differences.get().all().isEmpty()) {
            model.say("The picture shows the walls and openings of the plan; nothing differs.");
        } else {
            model.act(
                    new Intent.TakeUp(Tool.PICK_PICTURE),
                    new Intent.Pick(Set.of()),
                    new Intent.Begin(SeeDifferences.begin(compared.differences.get())));
            focusPlan.run();
        }
    }

    /** Reads something from a picture; empty if that was ended. */
    private interface Reader<T> {
        Optional<T> read(TracedPicture picture, Optional<DrawnLines> lines, Underlay underlay, Watch watch);
    }

    private <T> void reading(Reader<T> reader, BiConsumer<Underlay, T> then) {
        var underlay = Picking.underlay(model.now().currentStorey(), model.now().selection());
        var pixels = underlay.flatMap(u -> model.pictures().get(u.picture()));
        if (underlay.isEmpty() || pixels.isEmpty()) {
            model.complain("There is no picture to read yet. Bring one in first.");
            return;
        }
        var u = underlay.get();
        var assets = model.now().document().assets();
        run(
                new Task<Optional<T>>() {
                    @Override
                    protected Optional<T> call() {
                        return reader.read(pixels.get(), LinesFile.toRead(u, assets), u, step -> {
                            updateTitle(step.words());
                            updateProgress(step.ordinal() + 1, Watch.Step.values().length + 1);
                            return !isCancelled();
                        });
                    }
                },
                found -> {
                    var now = model.now().currentStorey().elements().find(Underlay.class, u.id());
                    if (found.isPresent() && now.isPresent()) { // it may be gone, or another storey is worked on
                        then.accept(now.get(), found.get());
                    }
                });
    }

    private void propose(Underlay underlay, ReadPicture found) {
        if (found.walls.walls().isEmpty()) {
            model.complain(NO_WALLS);
            return;
        }
        var storey = model.now().currentStorey().id();
        model.act(
                new Intent.TakeUp(Tool.PICK_PICTURE),
                new Intent.Pick(Set.of()),
                new Intent.Begin(TakeWalls.begin(model.now().plan(), storey, underlay, found.walls, found.words)));
        focusPlan.run();
    }

    private void proposeLengths(Underlay underlay, List<WrittenLength> found) {
        if (found.isEmpty()) {
            model.complain("No lengths were found that are written at a line from tick to tick. Mark one by hand with"
                    + " Known length.");
            return;
        }
        model.act(
                new Intent.TakeUp(Tool.KNOWN_LENGTH),
                new Intent.Pick(Set.of()), // Delete means a length
                new Intent.Begin(TakeLengths.begin(underlay.id(), found)));
        focusPlan.run();
    }

    private static String reason(Throwable e) {
        return e instanceof Exception x ? FileTrouble.reason(x) : String.valueOf(e.getMessage());
    }

    private <T> void run(Task<T> work, Consumer<T> then) {
        underWay++;
        work.setOnSucceeded(_ -> {
            underWay--;
            then.accept(work.getValue());
        });
        work.setOnCancelled(_ -> {
            underWay--;
            model.say("Ended; nothing was brought in.");
        });
        work.setOnFailed(_ -> {
            underWay--;
            if (!(work.getException() instanceof Progress.Cancelled)) {
                model.complain("The picture cannot be brought in: " + reason(work.getException())
                        + ". Make room on the disk if it is full; else try the picture as PNG or JPEG.");
            }
        });
        top.follow(work);
        Thread.ofPlatform().daemon().name("bring in").start(work);
    }
}
