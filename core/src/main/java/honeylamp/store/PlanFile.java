package honeylamp.store;

import honeylamp.output.Progress;
import honeylamp.output.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** Saves and opens {@code .honeylamp} files: a zip of {@code plan.json}, {@code assets/}, {@code preview.png}. */
public final class PlanFile {
    /** The ending of plan files. */
    public static final String ENDING = ".honeylamp";

    // one set of limits for opening and saving: what can be saved can be opened
    static final long MOST_PLAN_BYTES = 64L << 20;
    static final long MOST_UNPACKED_BYTES = 700L << 20;
    static final long MOST_BYTES = MOST_UNPACKED_BYTES + (1L << 20);
    private static final long MOST_PREVIEW_BYTES = 8L << 20;
    static final int MOST_ENTRIES = 500;

    private static final String PLAN = "plan.json";
    private static final String PREVIEW = "preview.png";
    private static final Pattern ASSET = Pattern.compile("assets/([0-9a-f]{64})");

    private PlanFile() {}

    /** What came of opening a file. */
    public sealed interface Opened {
        /** A plan, and what was mended in it, a sentence each. */
        record Good(PlanDocument document, List<String> mended) implements Opened {}

        /** No plan; the sentence says why and what to do. */
        record Refused(PlanProblem problem) implements Opened {}
    }

    /** Opens a file; whatever is wrong with it comes back as a problem. */
    public static Opened open(Path file) {
        var where = String.valueOf(file.getFileName());
        try {
            var size = Files.size(file);
            if (size == 0) {
                return refused("The file is empty", where, "Choose another file, or an earlier copy of this one.");
            }
            if (size > MOST_BYTES) {
                return refused(
                        "The file is larger than a plan can be (" + (size >> 20) + " MB, at most " + (MOST_BYTES >> 20)
                                + " MB)",
                        where,
                        "Choose a file that Honey Lamp saved.");
            }
            if (!startsAsZip(file)) {
                return refused("The file is no Honey Lamp plan", where, "Choose a file that Honey Lamp saved.");
            }
            try (var zip = new ZipFile(file.toFile())) {
                return unpack(zip, where);
            }
        } catch (NoSuchFileException _) {
            return refused("There is no such file", file.toString(), "Check the name and the folder.");
        } catch (ZipException _) {
            return refused(
                    "The file is damaged or was cut off while it was copied",
                    where,
                    "Copy it again from where it came from, or open an earlier copy.");
        } catch (IOException e) {
            return refused("The file cannot be read: " + e.getMessage(), where, "Check that you may read it.");
        }
    }

    /**
     * The small picture kept in a file.
     *
     * @return empty if the file is gone, or holds none that could be one
     */
    public static Optional<byte[]> preview(Path file) {
        try (var zip = new ZipFile(file.toFile())) {
            var entry = zip.getEntry(PREVIEW);
            return entry == null ? Optional.empty() : bounded(zip, entry, MOST_PREVIEW_BYTES);
        } catch (IOException _) {
            return Optional.empty(); // opening the file says what is wrong with it
        }
    }

    private static Opened refused(String what, String where, String todo) {
        return new Opened.Refused(new PlanProblem(what, where, todo));
    }

    private static boolean startsAsZip(Path file) throws IOException {
        try (var in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        }
    }

    private static Opened unpack(ZipFile zip, String where) throws IOException {
        if (zip.size() > MOST_ENTRIES) {
            return refused("The file holds too many parts (" + zip.size() + ")", where, "Choose another file.");
        }
        Map<String, byte[]> assets = new HashMap<>();
        var mended = new ArrayList<String>();
        var left = MOST_UNPACKED_BYTES;
        for (var entry : Collections.list(zip.entries())) {
            var name = entry.getName();
            if (name.contains("..") || name.startsWith("/") || name.contains("\\") || name.contains(":")) {
                return refused(
                        "The file names a place outside itself (" + name + ")",
                        where,
                        "Do not trust this file; ask whoever sent it for a new one.");
            }
            var asset = ASSET.matcher(name);
            if (asset.matches()) {
                var bytes = bounded(zip, entry, left);
                if (bytes.isEmpty()) {
                    return tooLarge(where);
                }
                left -= bytes.get().length;
                if (PictureImport.sha256(bytes.get()).equals(asset.group(1))) {
                    assets.put(asset.group(1), bytes.get());
                } else {
                    mended.add("a damaged picture was left out; bring it in again");
                }
            }
        }
        return plan(zip, where, assets, mended);
    }

    private static Opened tooLarge(String where) {
        return refused("The file unpacks to more than a plan can be", where, "Choose a file that Honey Lamp saved.");
    }

    private static Opened plan(ZipFile zip, String where, Map<String, byte[]> assets, List<String> mended)
            throws IOException {
        var entry = zip.getEntry(PLAN);
        if (entry == null) {
            return refused(
                    "The file holds no plan (" + PLAN + " is missing)", where, "Choose a file that Honey Lamp saved.");
        }
        var json = bounded(zip, entry, MOST_PLAN_BYTES);
        if (json.isEmpty()) {
            return tooLarge(where);
        }
        if (!isWhole(entry, json.get())) {
            return refused(
                    "The plan in the file is damaged: its bytes are not those that were written",
                    where,
                    "Copy it again from where it came from, or open an older copy.");
        }
        return switch (PlanJson.read(json.get(), where)) {
            case PlanJson.Read.Good(var plan, var document, var more) -> {
                mended.addAll(more);
                yield new Opened.Good(new PlanDocument(plan, assets, document), List.copyOf(mended));
            }
            case PlanJson.Read.Bad(var problem) -> new Opened.Refused(problem);
        };
    }

    /** Reading an archive does not compare check sums: a length could lose digits and nobody would know. */
    private static boolean isWhole(ZipEntry entry, byte[] bytes) {
        var sum = new CRC32();
        sum.update(bytes);
        return entry.getCrc() == sum.getValue();
    }

    /** The bytes of an entry, whatever size its header claims; empty if there are more than allowed. */
    private static Optional<byte[]> bounded(ZipFile zip, ZipEntry entry, long most) throws IOException {
        try (var in = zip.getInputStream(entry)) {
            var bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, most + 1));
            return bytes.length > most ? Optional.empty() : Optional.of(bytes);
        }
    }

    /**
     * Saves a document: written beside its target, synced, then moved into place.
     *
     * @param preview a small PNG of the plan
     * @throws IOException if it cannot be written; an older file of that name is then untouched
     */
    public static void save(PlanDocument document, byte[] preview, Path file) throws IOException {
        try {
            save(document, preview, file, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }

    /**
     * Saves a document as {@link #save(PlanDocument, byte[], Path)} does.
     *
     * @throws Progress.Cancelled if the progress ended the work; an older file of that name is then untouched
     */
    public static void save(PlanDocument document, byte[] preview, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        var plan = PlanJson.bytes(PlanJson.write(document.plan(), document.original()));
        requireWithinLimits(document, plan.length + (long) preview.length, plan.length);
        WholeFile.<Progress.Cancelled>write(file, out -> {
            progress.at(0);
            var zip = new ZipOutputStream(out);
            put(zip, PLAN, plan);
            put(zip, PREVIEW, preview);
            var done = 1.0;
            for (var asset : new TreeMap<>(document.assets()).entrySet()) {
                progress.at(done++ / (document.assets().size() + 1));
                put(zip, "assets/" + asset.getKey(), asset.getValue());
            }
            zip.finish();
            progress.at(1);
        });
    }

    private static void requireWithinLimits(PlanDocument document, long bytes, long planBytes) throws IOException {
        var unpacked = bytes;
        for (var asset : document.assets().values()) {
            unpacked += asset.length;
        }
        if (planBytes > MOST_PLAN_BYTES || unpacked > MOST_UNPACKED_BYTES) {
            throw new IOException(
                    "the plan and its pictures have " + (unpacked >> 20) + " MB, more than a file can hold ("
                            + (MOST_UNPACKED_BYTES >> 20) + " MB); take out a picture to trace");
        }
        if (document.assets().size() + 2 > MOST_ENTRIES) {
            throw new IOException("the plan has " + document.assets().size() + " pictures, more than a file can hold ("
                    + (MOST_ENTRIES - 2) + "); take some out");
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        var entry = new ZipEntry(name);
        entry.setLastModifiedTime(FileTime.fromMillis(315_532_800_000L)); // same plan, same bytes
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }
}
