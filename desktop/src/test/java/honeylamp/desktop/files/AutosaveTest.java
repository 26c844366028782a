package honeylamp.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.DemoDocument;
import honeylamp.plan.Plan;
import honeylamp.store.LeftWork;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AutosaveTest {
    private static final Plan PLAN = SailclothYard.plan();
    private static final Origin NEW = Origin.of(PlanDocument.of(PLAN));

    @TempDir
    private Path folder;

    private final List<String> troubles = new CopyOnWriteArrayList<>();

    private Autosave autosave(Path home) {
        return Autosave.in(home, troubles::add);
    }

    private static void until(BooleanSupplier is) throws InterruptedException {
        for (var i = 0; i < 1000 && !is.getAsBoolean(); i++) {
            Thread.sleep(10);
        }
        assertThat(is.getAsBoolean()).isTrue();
    }

    private List<Path> journals(Path home) throws Exception {
        try (var list = Files.list(Autosave.journals(home))) {
            return list.sorted().toList();
        }
    }

    /** What a kill at this moment would leave: the folder as it lies on the disk, without its lock. */
    private LeftWork.Good killedNow(Path home, int index) throws Exception {
        var copy = Files.createDirectories(folder.resolve("killed-" + System.nanoTime()));
        var journal = journals(home).get(index);
        Files.copy(journal.resolve("records"), copy.resolve("records"));
        return (LeftWork.Good) LeftWork.of(copy);
    }

    @Test
    void anActionIsWrittenBeforeTheNextOneHowFastEverTheyCome() throws Exception {
        try (var autosave = autosave(folder)) {
            autosave.opened(NEW);
            autosave.acted(PLAN.withName("0"));
            for (var i = 1; i <= 300; i++) {
                autosave.acted(PLAN.withName("" + i));
                if (i % 20 == 0) {
                    var found = Integer.parseInt(killedNow(folder, 0).plan().name());
                    assertThat(found).isBetween(i - 1, i);
                }
            }
        }
        assertThat(((LeftWork.Good) LeftWork.in(Autosave.journals(folder)).getFirst())
                        .plan()
                        .name())
                .isEqualTo("300");
        assertThat(troubles).isEmpty();
    }

    @Test
    void nobodyElseMayReadTheHome() throws Exception {
        var home = folder.resolve("home");
        try (var autosave = autosave(home)) {
            autosave.opened(NEW);
            autosave.acted(PLAN.withName("x"));
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home)))
                .isEqualTo("rwx------");
    }

    @Test
    void twoWindowsKeepAJournalEach() throws Exception {
        try (var one = autosave(folder);
                var other = autosave(folder)) {
            one.opened(NEW);
            other.opened(NEW);
            one.acted(PLAN.withName("one"));
            other.acted(PLAN.withName("other"));
            one.acted(PLAN.withName("one more"));
            other.acted(PLAN.withName("another"));
            assertThat(LeftWork.in(Autosave.journals(folder))).isEmpty(); // both windows run
        }
        assertThat(LeftWork.in(Autosave.journals(folder)))
                .map(w -> ((LeftWork.Good) w).plan().name())
                .containsExactlyInAnyOrder("one more", "another");
    }

    @Test
    void anotherDocumentHasAnotherJournalAndAnEndLeavesNone() throws Exception {
        var autosave = autosave(folder);
        autosave.opened(NEW);
        autosave.acted(PLAN.withName("first"));
        autosave.opened(Origin.of(DemoDocument.made()));
        autosave.acted(PLAN.withName("second"));
        autosave.acted(PLAN.withName("third"));
        assertThat(journals(folder)).hasSize(1);
        autosave.finish();
        assertThat(journals(folder)).isEmpty();
    }

    @Test
    void aHomeThatCannotBeWrittenIsSaidUntilItCan() throws Exception {
        var home = Files.writeString(folder.resolve("home"), "a file of that name");
        try (var autosave = autosave(home)) {
            autosave.opened(NEW);
            autosave.acted(PLAN.withName("kept"));
            until(() -> !troubles.isEmpty());
            assertThat(troubles.getFirst())
                    .contains("not being kept")
                    .contains("a file stands where a folder is needed");
            // further actions neither wait nor fail meanwhile
            autosave.acted(PLAN.withName("kept later"));
            Files.delete(home);
            until(() -> troubles.getLast().isEmpty());
        }
        assertThat(((LeftWork.Good) LeftWork.in(Autosave.journals(home)).getFirst())
                        .plan()
                        .name())
                .isEqualTo("kept later");
    }

    @Test
    void workGoneOnWithIsSafeHereBeforeItsOldJournalMayGo() throws Exception {
        var kept = new CountDownLatch(1);
        try (var autosave = autosave(folder)) {
            autosave.opened(NEW);
            autosave.resumed(Origin.of(DemoDocument.made()), PLAN.withName("back"), kept::countDown);
            assertThat(kept.await(20, TimeUnit.SECONDS)).isTrue();
            var left = killedNow(folder, 0);
            assertThat(left.plan().name()).isEqualTo("back");
            var pictures = journals(folder).getFirst().resolve("pictures");
            try (var list = Files.list(pictures)) {
                assertThat(list.map(p -> p.getFileName().toString()))
                        .containsExactlyInAnyOrderElementsOf(
                                Set.copyOf(DemoDocument.made().assets().keySet()));
            }
        }
    }

    @Test
    void aPictureIsThereBeforeThePlanThatShowsIt() throws Exception {
        try (var autosave = autosave(folder)) {
            autosave.opened(NEW);
            autosave.brought("abc", new byte[] {1, 2, 3});
            autosave.acted(PLAN.withName("with picture"));
            autosave.acted(PLAN.withName("one more"));
            assertThat(journals(folder).getFirst().resolve("pictures").resolve("abc"))
                    .hasBinaryContent(new byte[] {1, 2, 3});
        }
    }
}
