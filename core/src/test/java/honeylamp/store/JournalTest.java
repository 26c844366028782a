package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.Searches;
import honeylamp.demo.DemoFiles;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.PickedEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.store.LeftWork.Good;
import honeylamp.store.LeftWork.Unreadable;
import honeylamp.units.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JournalTest {
    private static final int KILLS = Searches.cases(8, 25);
    private static final Plan PLAN = SailclothYard.plan();

    @TempDir
    private Path folder;

    private Journal begin(String name) throws IOException {
        return Journal.begin(folder.resolve(name), Origin.of(PlanDocument.of(PLAN)), Journal.Begun.OPENED);
    }

    private Path records(String name) {
        return folder.resolve(name).resolve(Journal.RECORDS);
    }

    private Good good(String name) {
        return (Good) LeftWork.of(folder.resolve(name));
    }

    /** A process of its own that names plan after plan and says so once each is written. */
    static final class Worker {
        private Worker() {}

        public static void main(String[] arguments) throws IOException {
            try (var journal =
                    Journal.begin(Path.of(arguments[0]), Origin.of(PlanDocument.of(PLAN)), Journal.Begun.OPENED)) {
                for (var i = 0; i < 1_000_000; i++) {
                    journal.append(PLAN.withName("plan " + i));
                    System.out.println(i);
                    System.out.flush();
                }
            }
        }
    }

    @Test
    void aKillAtAnyMomentLosesAtMostTheLastAction() throws Exception {
        var random = new Random(20260914);
        for (var kill = 0; kill < KILLS; kill++) {
            var said = folder.resolve("said-" + kill);
            var process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-Djava.awt.headless=true",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Worker.class.getName(),
                            folder.resolve("kill-" + kill).toString())
                    .redirectOutput(said.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            while (last(said) < 0) {
                assertThat(process.isAlive()).isTrue();
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(120));
            process.destroyForcibly();
            assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
            var recovered = good("kill-" + kill).plan();
            var number = Integer.parseInt(recovered.name().substring("plan ".length()));
            // all that was said to be written is there; at most the action under way is more
            assertThat(number).isBetween(last(said), last(said) + 1);
            assertThat(recovered).isEqualTo(PLAN.withName("plan " + number));
        }
        assertThat(LeftWork.in(folder)).hasSize(KILLS);
    }

    /** The last number said in whole, with its line end. */
    private static int last(Path said) throws IOException {
        var text = Files.exists(said) ? Files.readString(said) : "";
        var lines = text.substring(0, text.lastIndexOf('\n') + 1).lines().toList();
        return lines.isEmpty() ? -1 : Integer.parseInt(lines.getLast());
    }

    @Test
    void oneMovedPieceIsASmallRecord() throws IOException {
        var before = PLAN.storeys().getFirst();
        ElementId piece = before.furnishings().getFirst().id();
        var moved = PickedEdits.move(PLAN, before.id(), Set.of(piece), Length.ofMm(7), Length.ofMm(0))
                .orThrow();
        try (var journal = begin("small")) {
            var begun = Files.size(records("small"));
            journal.append(moved);
            assertThat(Files.size(records("small")) - begun).isLessThan(600);
        }
        assertThat(good("small").plan()).isEqualTo(moved);
    }

    @Test
    void tornAndDamagedRecordsHideNoOther() throws IOException {
        try (var journal = begin("torn")) {
            journal.append(PLAN.withName("first"));
            Files.write(records("torn"), new byte[] {0, 0, 7, 7, 1, 2, 3}, StandardOpenOption.APPEND);
            var torn = Files.readAllBytes(records("torn"));
            // what a full disk left of a record is cut off; here it is put back, as if that had failed too
            journal.append(PLAN.withName("second"));
            var whole = Files.readAllBytes(records("torn"));
            var second = Arrays.copyOfRange(whole, torn.length - 7, whole.length);
            Files.write(records("torn"), torn);
            Files.write(records("torn"), second, StandardOpenOption.APPEND);
        }
        assertThat(good("torn").plan().name()).isEqualTo("second");
    }

    @Test
    void aRecordWithAFlippedBitIsNotBelieved() throws IOException {
        try (var journal = begin("bit")) {
            journal.append(PLAN.withName("first"));
            journal.append(PLAN.withName("second"));
        }
        var bytes = Files.readAllBytes(records("bit"));
        bytes[bytes.length - 20] ^= 4;
        Files.write(records("bit"), bytes);
        assertThat(good("bit").plan().name()).isEqualTo("first");
    }

    /** Whatever is cut off the end of a journal, what comes back is one of the plans that went in. */
    @Test
    void aJournalCutAnywhereGivesAPlanThatWasWritten() throws IOException {
        var plans = new ArrayList<>(List.of(PLAN));
        try (var journal = begin("cut")) {
            for (var i = 0; i < 6; i++) {
                plans.add(PLAN.withName("step " + i));
                journal.append(plans.getLast());
            }
        }
        var whole = Files.readAllBytes(records("cut"));
        var random = new Random(14);
        var before = -1;
        for (var length : random.ints(60, 0, whole.length + 1).sorted().toArray()) {
            Files.write(records("cut"), Arrays.copyOf(whole, length));
            var index = LeftWork.of(folder.resolve("cut")) instanceof Good g ? plans.indexOf(g.plan()) : -1;
            assertThat(index).isGreaterThanOrEqualTo(before); // the more is left, the newer the plan
            before = index;
        }
    }

    @Test
    void largeChangesNeitherMakeItGrowWithoutEndNorGetLost() throws Exception {
        var storey = PLAN.storeys().getFirst();
        Set<ElementId> all = new java.util.HashSet<>();
        storey.walls().forEach(w -> all.add(w.id()));
        storey.furnishings().forEach(f -> all.add(f.id()));
        var plan = PLAN;
        try (var journal = begin("large")) {
            for (var i = 0; i < 400; i++) {
                plan = PickedEdits.move(plan, storey.id(), all, Length.ofMm(i % 2 == 0 ? 11 : -7), Length.ofMm(3))
                        .orThrow();
                journal.append(plan);
            }
        }
        assertThat(Files.size(records("large"))).isLessThan(17L << 20);
        assertThat(good("large").plan()).isEqualTo(plan);
    }

    @Test
    void savedWorkComesBackAsSavedWithItsFile() throws IOException {
        var file = folder.resolve("yard.honeylamp");
        var saved = PlanDocument.of(PLAN.withName("saved"));
        PlanFile.save(saved, new byte[0], file);
        try (var journal = begin("saved")) {
            journal.append(PLAN.withName("saved"));
            journal.saved(Origin.in(file, saved), PLAN.withName("saved"));
        }
        assertThat(good("saved").unsaved()).isFalse();
        assertThat(good("saved").origin().file()).contains(file.toAbsolutePath());
        assertThat(good("saved").origin().changedOnDisk()).isFalse();
        assertThat(LeftWork.in(folder)).hasSize(1);
        Files.writeString(file, "somebody else wrote this");
        assertThat(good("saved").origin().changedOnDisk()).isTrue();
        assertThat(good("saved").plan().name()).isEqualTo("saved");
    }

    @Test
    void workGoesOnBehindASave() throws IOException {
        var file = folder.resolve("yard.honeylamp");
        try (var journal = begin("on")) {
            // while the save ran, one more action was done
            journal.saved(Origin.in(file, PlanDocument.of(PLAN.withName("saved"))), PLAN.withName("further"));
            assertThat(good("on").plan().name()).isEqualTo("further");
            assertThat(good("on").origin().document().plan().name()).isEqualTo("saved");
            journal.append(PLAN.withName("still further"));
        }
        assertThat(good("on").plan().name()).isEqualTo("still further");
        assertThat(good("on").unsaved()).isTrue();
    }

    @Test
    void picturesLieBesideItAndUnknownFieldsComeBack() throws IOException {
        var demo = DemoFiles.document();
        var root = PlanJson.write(demo.plan());
        root.put("from_later", 7);
        var document = new PlanDocument(demo.plan(), Map.of(), root);
        try (var journal = Journal.begin(folder.resolve("p"), Origin.of(document), Journal.Begun.OPENED)) {
            for (var asset : demo.assets().entrySet()) {
                journal.keep(asset.getKey(), asset.getValue());
            }
            journal.append(demo.plan().withName("x"));
        }
        assertThat(good("p").document().assets()).containsExactlyEntriesOf(demo.assets());
        assertThat(good("p").document().original().path("from_later").asInt()).isEqualTo(7);
    }

    @Test
    void whatIsKeptByAWindowThatRunsIsNotOfferedAndNobodyElseMayReadIt() throws IOException {
        var journal = begin("held");
        journal.append(PLAN.withName("x"));
        journal.keep("ab", new byte[3]);
        assertThat(LeftWork.in(folder)).isEmpty();
        for (var file : List.of(
                records("held"),
                folder.resolve("held").resolve(Journal.LOCK),
                folder.resolve("held").resolve(Journal.PICTURES).resolve("ab"))) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                    .isEqualTo("rw-------");
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("held"))))
                .isEqualTo("rwx------");
        journal.discard();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void journalsInWhichNothingWasDoneGoAndDamagedOnesAreTold() throws IOException {
        begin("untouched").close();
        begin("empty").close();
        Files.write(records("empty"), new byte[0]);
        begin("nonsense").close();
        Files.write(records("nonsense"), "no journal at all".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        begin("newer").close();
        var bytes = Files.readAllBytes(records("newer"));
        bytes[5] = 9; // the version of the first record
        Files.write(records("newer"), bytes);
        Files.createDirectory(folder.resolve("no-journal"));
        Files.writeString(folder.resolve("a-file"), "x");
        var left = LeftWork.in(folder);
        assertThat(left).hasSize(3).allMatch(Unreadable.class::isInstance);
        assertThat(left).anySatisfy(w -> assertThat(((Unreadable) w).sentence()).contains("newer version"));
        assertThat(folder.resolve("untouched")).doesNotExist();
        assertThat(LeftWork.in(folder.resolve("none"))).isEmpty();
    }

    @Test
    void theFileItWasSavedToMayBeGone() throws IOException {
        var gone = new Origin(
                PlanDocument.of(PLAN), Optional.of(folder.resolve("gone.honeylamp")), Optional.of(new FileStamp(1, 2)));
        try (var journal = Journal.begin(folder.resolve("g"), gone, Journal.Begun.SAVED)) {
            journal.append(PLAN.withName("x"));
        }
        assertThat(good("g").origin().changedOnDisk()).isTrue();
        assertThat(good("g").plan().name()).isEqualTo("x");
    }
}
