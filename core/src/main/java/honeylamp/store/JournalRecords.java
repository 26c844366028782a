package honeylamp.store;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * The records of a journal, each on its own: a sign, kind, version, the number of the plan it holds or changes, length
 * and checksum before zipped JSON. A record that is torn or damaged is skipped; those behind it are found by their sign.
 */
final class JournalRecords {
    /** The form this program writes. */
    static final int VERSION = 1;

    private static final int SIGN = 0xA7484C4A; // no text and no zip begins like this
    private static final int HEADER_BYTES = 4 + 1 + 1 + 4 + 4 + 4;
    private static final int MOST_RECORD_BYTES = 64 << 20;
    private static final long MOST_JOURNAL_BYTES = 512L << 20;

    private JournalRecords() {}

    /** What a record holds. */
    enum Kind {
        /** The document as opened or saved, and its file. */
        BASE,
        /** A whole plan. */
        WHOLE,
        /** What changed since the base or a whole plan. */
        CHANGE
    }

    /**
     * A record that is whole.
     *
     * @param version of the program's form that wrote it
     * @param number of the plan it holds, or of the one it changes; that of the base is 0
     */
    record Found(Kind kind, int version, int number, byte[] payload) {
        byte[] json() throws IOException {
            try (var zip = new GZIPInputStream(new ByteArrayInputStream(payload))) {
                return zip.readNBytes((int) PlanFile.MOST_PLAN_BYTES);
            }
        }
    }

    static byte[] zipped(byte[] json) {
        var out = new ByteArrayOutputStream(json.length / 6 + 64);
        try (var zip = new GZIPOutputStream(out)) {
            zip.write(json);
        } catch (IOException e) {
            throw new IllegalStateException("memory cannot be written", e);
        }
        return out.toByteArray();
    }

    static ByteBuffer record(Kind kind, int number, byte[] payload) {
        return ByteBuffer.allocate(HEADER_BYTES + payload.length)
                .putInt(SIGN)
                .put((byte) kind.ordinal())
                .put((byte) VERSION)
                .putInt(number)
                .putInt(payload.length)
                .putInt(sum(payload, 0, payload.length))
                .put(payload)
                .flip();
    }

    private static int sum(byte[] bytes, int from, int length) {
        var crc = new CRC32();
        crc.update(bytes, from, length);
        return (int) crc.getValue();
    }

    /** All whole records of a journal, oldest first. */
    static List<Found> in(Path file) throws IOException {
        if (Files.size(file) > MOST_JOURNAL_BYTES) {
            throw new IOException("the journal is larger than one can be");
        }
        var bytes = ByteBuffer.wrap(Files.readAllBytes(file));
        var out = new ArrayList<Found>();
        var at = 0;
        while (at + HEADER_BYTES <= bytes.limit()) {
            var end = bytes.getInt(at) == SIGN ? end(bytes, at) : -1;
            if (end < 0) {
                at++;
                continue;
            }
            var payload = new byte[end - at - HEADER_BYTES];
            bytes.get(at + HEADER_BYTES, payload);
            out.add(new Found(Kind.values()[bytes.get(at + 4)], bytes.get(at + 5), bytes.getInt(at + 6), payload));
            at = end;
        }
        return out;
    }

    /** Where the record that begins here ends; -1 if it is not whole. */
    private static int end(ByteBuffer bytes, int at) {
        var length = bytes.getInt(at + 10);
        var kind = bytes.get(at + 4);
        if (length <= 0
                || length > MOST_RECORD_BYTES
                || length > bytes.limit() - at - HEADER_BYTES
                || kind < 0
                || kind >= Kind.values().length) {
            return -1;
        }
        var end = at + HEADER_BYTES + length;
        return sum(bytes.array(), at + HEADER_BYTES, length) == bytes.getInt(at + 14) ? end : -1;
    }
}
