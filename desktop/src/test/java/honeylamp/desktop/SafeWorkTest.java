package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.store.Journal;
import honeylamp.store.LeftWork;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** What earlier runs left, files that others write, disks that are full: in the real window. */
class SafeWorkTest {
    @TempDir
    private Path folder;

    /** Leaves the journal of a run that ended early: a document with its pictures, and one action more. */
    private Path left(String name, Origin origin, String renamed) throws IOException {
        var journal = Autosave.journals(folder.resolve("home")).resolve(name);
        try (var writing = Journal.begin(journal, origin, Journal.Begun.OPENED)) {
            for (var asset : origin.document().assets().entrySet()) {
                writing.keep(asset.getKey(), asset.getValue());
            }
            writing.append(origin.document().plan().withName(renamed));
        }
        return journal;
    }

    private void offer(WindowDriver w) throws Exception {
        var left = LeftWork.in(Autosave.journals(folder.resolve("home")));
        WindowDriver.onScreen(() -> {
            w.window().offer(left);
            return null;
        });
        w.settle();
    }

    private static void run(WindowDriver w, Runnable work) throws Exception {
        WindowDriver.onScreen(() -> {
            work.run();
            return null;
        });
        w.settle();
    }

    private static void until(java.util.concurrent.Callable<Boolean> is) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, is);
    }

    private Plan read(Path file) {
        return ((PlanFile.Opened.Good) PlanFile.open(file)).document().plan();
    }

    @Test
    void leftWorkIsADocumentOfItsOwnWhateverIsOpen() throws Exception {
        var file = folder.resolve("yard.honeylamp");
        PlanFile.save(DemoDocument.made(), new byte[0], file);
        var other = folder.resolve("lane.honeylamp");
        PlanFile.save(PlanDocument.of(QuillbackLane.plan()), new byte[0], other);
        var journal = left("one", Origin.in(file, DemoDocument.made()), "Yard, gone on");
        try (var autosave = Autosave.in(folder.resolve("home"), _ -> {});
                var w = WindowDriver.with(PlanDocument.of(NewPlan.in(UnitSystem.MM)), autosave)) {
            w.answers.plan = Optional.of(other);
            w.key(KeyCode.CONTROL, KeyCode.O); // another plan, of other storeys and units, is open by then
            until(() -> w.plan().name().equals(QuillbackLane.plan().name()));
            offer(w);
            assertThat(w.plan().name()).isEqualTo(QuillbackLane.plan().name()); // nothing happens unasked
            w.press("go-on-0");
            assertThat(w.plan()).isEqualTo(DemoDocument.made().plan().withName("Yard, gone on"));
            assertThat(w.node("left-work").isVisible()).isFalse();
            WindowDriver.onScreen(() -> {
                assertThat(w.model().now().file()).contains(file.toAbsolutePath());
                assertThat(w.model().now().unsaved()).isTrue();
                assertThat(w.model().now().document().assets())
                        .containsOnlyKeys(DemoDocument.made().assets().keySet());
                return null;
            });
            until(() -> !Files.exists(journal)); // this window's journal holds it now
            w.key(KeyCode.CONTROL, KeyCode.S);
            w.settle();
            assertThat(read(file).name()).isEqualTo("Yard, gone on");
            assertThat(read(other)).isEqualTo(QuillbackLane.plan());
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(DemoDocument.made().plan());
        }
    }

    @Test
    void severalAreOfferedAndEachIsSavedLeftOrThrownAway() throws Exception {
        left("1", Origin.of(DemoDocument.made()), "oldest");
        var kept = left("2", Origin.of(DemoDocument.made()), "middle");
        left("3", Origin.of(PlanDocument.of(QuillbackLane.plan())), "newest");
        try (var w = WindowDriver.empty()) {
            var before = w.plan();
            offer(w);
            var elsewhere = folder.resolve("elsewhere.honeylamp");
            w.answers.plan = Optional.of(elsewhere);
            w.press("save-left-0");
            assertThat(read(elsewhere)).isEqualTo(QuillbackLane.plan().withName("newest"));
            w.press("leave-left-0");
            w.press("drop-left-0");
            assertThat(w.node("left-work").isVisible()).isFalse();
            assertThat(w.plan()).isEqualTo(before);
        }
        assertThat(LeftWork.in(Autosave.journals(folder.resolve("home"))))
                .singleElement()
                .satisfies(l -> assertThat(l.folder()).isEqualTo(kept));
    }

    @Test
    void escapeLeavesItAllAndADamagedJournalIsOnlyTold() throws Exception {
        var journal = left("1", Origin.of(DemoDocument.made()), "x");
        Files.writeString(journal.resolve("records"), "damaged");
        try (var w = WindowDriver.empty()) {
            offer(w);
            assertThat(w.node("left-work").isVisible()).isTrue();
            assertThat(w.<javafx.scene.Node>node("go-on-0")).isNull();
            w.key(KeyCode.ESCAPE);
            assertThat(w.node("left-work").isVisible()).isFalse();
        }
        assertThat(journal).exists();
    }

    @Test
    void aFileThatSomebodyElseWroteIsNotOverwrittenUnasked() throws Exception {
        var file = folder.resolve("plan.honeylamp");
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(read(file)).isEqualTo(w.plan());
            w.key(KeyCode.CONTROL, KeyCode.S); // untouched since: no question
            assertThat(w.answers.asked).isZero();
            PlanFile.save(PlanDocument.of(QuillbackLane.plan()), new byte[0], file);
            run(w, () -> w.model().edit(w.model().now().plan().withName("mine"), "Name"));
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(w.answers.asked).isEqualTo(1);
            assertThat(read(file)).isEqualTo(QuillbackLane.plan());
            w.answers.changed = FileDialogs.Changed.ELSEWHERE;
            w.answers.plan = Optional.of(folder.resolve("mine.honeylamp"));
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(read(folder.resolve("mine.honeylamp")).name()).isEqualTo("mine");
            assertThat(read(file)).isEqualTo(QuillbackLane.plan());
        }
    }

    @Test
    void aSaveThatFailsSaysWhyAndLeavesTheOldFileWhole() throws Exception {
        var file = folder.resolve("plan.honeylamp");
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.answers.plan = Optional.of(folder.resolve("gone").resolve("plan.honeylamp"));
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(w.message()).contains("not saved").contains("the folder is not there any more");
            w.answers.plan = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.S);
            var before = Files.readAllBytes(file);
            run(w, () -> w.model().edit(w.model().now().plan().withName("x".repeat(300)), "Name"));
            w.answers.plan = Optional.of(folder.resolve("y".repeat(300) + ".honeylamp"));
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
            assertThat(w.message()).contains("the name is too long for this disk");
            assertThat(file).hasBinaryContent(before);
        }
    }

    @Test
    void permissionsAndLinksOfTheFileStay() throws Exception {
        var file = folder.resolve("real.honeylamp");
        var link = folder.resolve("link.honeylamp");
        Files.writeString(file, "");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r-----"));
        Files.createSymbolicLink(link, file.getFileName());
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.answers.plan = Optional.of(link);
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(Files.isSymbolicLink(link)).isTrue();
            assertThat(read(file)).isEqualTo(w.plan());
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                    .isEqualTo("rw-r-----");
        }
    }

    @Test
    void whatIsWrongStaysSaidUntilItIsMended() throws Exception {
        var home = Files.writeString(folder.resolve("home"), "a file of that name");
        try (var w = WindowDriver.with(DemoDocument.made());
                var autosave = Autosave.in(
                        home,
                        s -> javafx.application.Platform.runLater(
                                () -> w.model().alarm(s)))) {
            autosave.opened(Origin.of(DemoDocument.made()));
            until(() -> w.node("alarm").isVisible());
            w.key(KeyCode.ESCAPE);
            assertThat(w.<Label>node("alarm").getText()).contains("not being kept");
            Files.delete(home);
            until(() -> !w.node("alarm").isVisible());
        }
    }

    @Test
    void whatNobodyCaughtIsSaidAndWorkGoesOn() throws Exception {
        var before = Thread.getDefaultUncaughtExceptionHandler();
        try (var w = WindowDriver.with(DemoDocument.made())) {
            Mishaps.meet(w.model());
            var plan = w.plan();
            javafx.application.Platform.runLater(() -> {
                throw new IllegalStateException("a shift of no length");
            });
            until(() -> w.message().contains("a shift of no length"));
            assertThat(w.plan()).isEqualTo(plan);
            Thread.ofPlatform().start(() -> {
                throw new IllegalStateException("somewhere else");
            });
            until(() -> w.message().contains("somewhere else"));
            w.press("stage-furnish");
            w.picture();
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
    }

    /** What leaves the window and what leaves the command line is one page, byte for byte. */
    @Test
    void theWindowAndTheCommandLineExportTheSamePage() throws Exception {
        var file = folder.resolve("yard.honeylamp");
        PlanFile.save(DemoDocument.made(), new byte[0], file);
        var byWindow = folder.resolve("window.svg");
        var byCommand = folder.resolve("command.svg");
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.show(3000, 3000, 4000); // wherever one looks
            w.answers.sheet = Optional.of(byWindow);
            w.key(KeyCode.CONTROL, KeyCode.E);
            until(() -> Files.exists(byWindow));
            w.settle();
        }
        assertThat(honeylamp.cli.Main.run("export", file.toString(), "-o", byCommand.toString()))
                .isZero();
        assertThat(byWindow).hasSameBinaryContentAs(byCommand);
    }

    /** Ink in the colour of the paper: all that is written is there, and nobody can read it. */
    @Test
    void anExportTellsWhichWordsAreHardToRead() throws Exception {
        var pale = ViewEdits.look(
                SailclothYard.plan(),
                l -> l.withPalette(l.palette().with(Map.of(Role.INK, l.palette().of(Role.PAPER)))));
        var file = folder.resolve("pale.svg");
        try (var w = WindowDriver.with(PlanDocument.of(pale))) {
            w.answers.sheet = Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.E);
            until(() -> w.message().contains("hard to read"));
            assertThat(w.message()).contains("Exported to pale.svg").contains("more are");
            assertThat(file).exists();
        }
    }

    @Test
    void allStoreysAreExportedAsOnePdf() throws Exception {
        var file = folder.resolve("lane.pdf");
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.answers.sheet = Optional.of(folder.resolve("lane.png"));
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
            assertThat(w.message()).contains("ending .pdf");
            w.answers.sheet = Optional.of(file);
            w.press("stage-sheet");
            w.press("export-all");
            until(() -> Files.exists(file));
            w.settle();
        }
        try (var pdf = Loader.loadPDF(file.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
    }

    /** Saving, too, stops at what can be opened again. */
    @Test
    void aPlanWithTooManyPicturesIsNotSavedAndSaysSo() throws Exception {
        var many = new java.util.HashMap<String, byte[]>();
        for (var i = 0; i < 600; i++) {
            many.put("%064x".formatted(i), new byte[] {1});
        }
        var demo = DemoDocument.made();
        try (var w = WindowDriver.with(new PlanDocument(demo.plan(), many, demo.original()))) {
            w.answers.plan = Optional.of(folder.resolve("many.honeylamp"));
            w.key(KeyCode.CONTROL, KeyCode.S);
            assertThat(w.message()).contains("600 pictures").contains("take some out");
            assertThat(folder.resolve("many.honeylamp")).doesNotExist();
        }
    }
}
