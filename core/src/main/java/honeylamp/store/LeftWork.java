package honeylamp.store;

import honeylamp.plan.Plan;
import honeylamp.store.JournalRecords.Found;
import honeylamp.store.JournalRecords.Kind;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** What runs that ended early have left: journals that no window keeps any more. */
public sealed interface LeftWork {
    /** The folder of its journal. */
    Path folder();

    /**
     * Work that can be gone on with.
     *
     * @param origin the document as it was opened or saved last, with its pictures
     * @param plan the newest plan
     * @param at when that came about
     * @param savedThen whether the run that ended had saved it
     */
    record Good(Path folder, Origin origin, Plan plan, Instant at, boolean savedThen) implements LeftWork {
        /** Whether anything was done that is in no file. */
        public boolean unsaved() {
            return !plan.equals(origin.document().plan());
        }

        /** Whether it still lies there and no window has taken it up. */
        public boolean stillLeft() {
            return Files.exists(folder.resolve(Journal.RECORDS)) && !kept(folder);
        }

        /** The document to write to another file. */
        public PlanDocument document() {
            return origin.document().with(plan);
        }
    }

    /** A journal that gives no plan; the sentence says why. */
    record Unreadable(Path folder, String sentence) implements LeftWork {}

    /**
     * What was left in the journals of a folder, newest first; journals of windows that run are not looked at.
     * Journals in which nothing was done are removed.
     *
     * @throws IOException if the folder cannot be read
     */
    static List<LeftWork> in(Path journals) throws IOException {
        if (!Files.isDirectory(journals)) {
            return List.of();
        }
        var out = new TreeMap<String, LeftWork>();
        try (var folders = Files.newDirectoryStream(journals, Files::isDirectory)) {
            for (var folder : folders) {
                if (!kept(folder)) {
                    read(folder).ifPresent(w -> out.put(String.valueOf(folder.getFileName()), w));
                }
            }
        }
        return List.copyOf(out.descendingMap().values());
    }

    /** Whether a window that runs keeps this journal. */
    private static boolean kept(Path folder) {
        var lock = folder.resolve(Journal.LOCK);
        if (!Files.exists(lock)) {
            return !Files.exists(folder.resolve(Journal.RECORDS)); // just being begun, or no journal at all
        }
        try (var channel = FileChannel.open(lock, StandardOpenOption.WRITE)) {
            return Journal.lock(channel).isEmpty();
        } catch (IOException _) {
            return false; // not to be locked, perhaps read-only: nobody can be writing there
        }
    }

    private static Optional<LeftWork> read(Path folder) {
        var work = of(folder);
        if (work instanceof Good good && !good.unsaved() && !good.savedThen) {
            try {
                Journal.remove(folder); // it was only looked at
            } catch (IOException _) {
                // then it stays, and does no harm
            }
            return Optional.empty();
        }
        return Optional.of(work);
    }

    /** The work in one journal: its folder, or the file of its records. */
    static LeftWork of(Path place) {
        var folder = Files.isDirectory(place) || place.getParent() == null ? place : place.getParent();
        var records = folder.resolve(Journal.RECORDS);
        try {
            if (!Files.exists(records)) {
                return new Unreadable(folder, "Nothing was written to it yet.");
            }
            return newest(folder, JournalRecords.in(records));
        } catch (IOException e) {
            return new Unreadable(folder, "It cannot be read: " + FileTrouble.reason(e) + ".");
        }
    }

    private static LeftWork newest(Path folder, List<Found> records) {
        Optional<Base> base = Optional.empty();
        for (var record : records) {
            if (record.version() > JournalRecords.VERSION) {
                return new Unreadable(folder, "It was written by a newer version of Honey Lamp.");
            }
            if (record.kind() == Kind.BASE) {
                base = tree(record).flatMap(Base::of);
            }
        }
        return base.flatMap(b -> good(folder, b, records))
                .orElseGet(() -> new Unreadable(folder, "It is damaged: not one plan in it is whole."));
    }

    private static Optional<JsonNode> tree(Found record) {
        try {
            return Optional.of(PlanJson.tree(record.json()));
        } catch (IOException | JacksonException _) {
            return Optional.empty(); // its sum was right by chance; others are asked
        }
    }

    /** The newest record that gives a plan. */
    private static Optional<LeftWork> good(Path folder, Base base, List<Found> records) {
        var plans = new HashMap<Integer, Optional<JsonNode>>();
        for (var record : records.reversed()) {
            var root = tree(record);
            var on = plans.computeIfAbsent(record.number(), n -> document(records, n));
            if (root.isPresent()
                    && on.isPresent()
                    && plan(on.get(), root.get().path("change")) instanceof PlanJson.Read.Good good) {
                var at = Instant.ofEpochMilli(root.get().path("at").asLong(base.at));
                return Optional.of(new Good(
                        folder, new Origin(base.document(folder), base.file, base.stamp), good.plan(), at, base.saved));
            }
        }
        return Optional.empty();
    }

    /** The whole plan of this number. */
    private static Optional<JsonNode> document(List<Found> records, int number) {
        return records.reversed().stream()
                .filter(r -> r.kind() != Kind.CHANGE && r.number() == number)
                .flatMap(r -> tree(r).stream())
                .map(t -> t.path("document"))
                .findFirst();
    }

    private static PlanJson.Read plan(JsonNode document, JsonNode change) {
        try {
            var root = PlanJson.object();
            root.set("format", document.path("format"));
            root.set("version", document.path("version"));
            root.set("plan", PlanChange.applied(document.path("plan"), change));
            return PlanJson.read(PlanJson.compact(root), "journal");
        } catch (IllegalArgumentException e) {
            return new PlanJson.Read.Bad(new PlanProblem(String.valueOf(e.getMessage()), "journal", ""));
        }
    }

    /** What a journal began with. */
    record Base(Plan plan, JsonNode original, Optional<Path> file, Optional<FileStamp> stamp, boolean saved, long at) {
        static Optional<Base> of(JsonNode root) {
            if (!(PlanJson.read(PlanJson.compact(root.path("document")), "journal")
                    instanceof PlanJson.Read.Good good)) {
                return Optional.empty();
            }
            var stamp = root.has("bytes")
                    ? Optional.of(new FileStamp(
                            root.path("bytes").asLong(0), root.path("modified").asLong(0)))
                    : Optional.<FileStamp>empty();
            return Optional.of(new Base(
                    good.plan(),
                    good.document(),
                    file(root.path("file").asString("")),
                    stamp,
                    root.path("saved").asBoolean(false),
                    root.path("at").asLong(0)));
        }

        private static Optional<Path> file(String name) {
            try {
                return name.isBlank() ? Optional.empty() : Optional.of(Path.of(name));
            } catch (InvalidPathException _) {
                return Optional.empty();
            }
        }

        /** The document with the pictures kept beside the journal; those that are not, from its file. */
        PlanDocument document(Path folder) {
            var assets = new HashMap<String, byte[]>();
            file.ifPresent(f -> {
                if (PlanFile.open(f) instanceof PlanFile.Opened.Good good) {
                    assets.putAll(good.document().assets());
                }
            });
            var pictures = folder.resolve(Journal.PICTURES);
            try (var files = Files.newDirectoryStream(pictures, "[0-9a-f]*")) {
                for (var picture : files) {
                    assets.put(String.valueOf(picture.getFileName()), Files.readAllBytes(picture));
                }
            } catch (IOException | DirectoryIteratorException _) {
                // no pictures, or they cannot be read: the window says so where they lie
            }
            return new PlanDocument(plan, assets, original);
        }
    }

    /**
     * Removes the journal; what is in it is lost.
     *
     * @throws IOException if it cannot be removed
     */
    default void remove() throws IOException {
        Journal.remove(folder());
    }
}
