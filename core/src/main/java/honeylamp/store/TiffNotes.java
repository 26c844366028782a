package honeylamp.store;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/**
 * Wipes what a TIFF notes beside its picture (TIFF 6.0, sections 2 and 8; Exif 2.3, 4.6): values become zeros where they
 * lie, so that everything else stays in its place.
 */
final class TiffNotes {
    /** Description, maker, model, software, time, owner, host, XMP, rights, IPTC, and the blocks of picture editors. */
    private static final Set<Integer> NOTES =
            Set.of(270, 271, 272, 305, 306, 315, 316, 700, 33432, 33723, 34377, 37724, 50341);

    /** Tables of a camera: Exif, place, interoperability. All in them is a note. */
    private static final Set<Integer> CAMERA_TABLES = Set.of(34665, 34853, 40965);

    private static final int FURTHER_PICTURES = 330;
    private static final int ENTRY = 12;
    private static final int[] TYPE_BYTES = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4};

    private final ByteBuffer tiff;
    private final Set<Integer> seen = new HashSet<>();

    private TiffNotes(ByteBuffer tiff) {
        this.tiff = tiff;
    }

    /** Whether bytes begin as a TIFF does. */
    static boolean isTiff(byte[] bytes) {
        return bytes.length > 8
                && (bytes[0] == 'I' && bytes[1] == 'I' && bytes[2] == 42 && bytes[3] == 0
                        || bytes[0] == 'M' && bytes[1] == 'M' && bytes[2] == 0 && bytes[3] == 42);
    }

    /** A TIFF without notes, as long as before. */
    static byte[] without(byte[] bytes) {
        var out = bytes.clone();
        var tiff = ByteBuffer.wrap(out).order(bytes[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        new TiffNotes(tiff).table(tiff.getInt(4), false);
        return out;
    }

    /** Wipes the notes of a table and of those after it; broken ones end the walk. */
    private void table(int at, boolean ofACamera) {
        while (at > 0 && at + 2 <= tiff.limit() && seen.add(at)) {
            var count = tiff.getShort(at) & 0xFFFF;
            var end = at + 2L + (long) count * ENTRY;
            if (end > tiff.limit()) {
                return;
            }
            for (var i = 0; i < count; i++) {
                entry(at + 2 + i * ENTRY, ofACamera);
            }
            at = end + 4 <= tiff.limit() ? tiff.getInt((int) end) : 0;
        }
    }

    private void entry(int at, boolean ofACamera) {
        var tag = tiff.getShort(at) & 0xFFFF;
        var type = tiff.getShort(at + 2) & 0xFFFF;
        var count = tiff.getInt(at + 4) & 0xFFFFFFFFL;
        var size = type < TYPE_BYTES.length ? count * TYPE_BYTES[type] : 0;
        var inside = size <= 4;
        var from = inside ? at + 8L : tiff.getInt(at + 8) & 0xFFFFFFFFL;
        if (from + size > tiff.limit()) {
            return;
        }
        if (CAMERA_TABLES.contains(tag)) {
            table(tiff.getInt(at + 8), true);
        } else if (tag == FURTHER_PICTURES) {
            for (var i = 0; i < size / 4; i++) {
                table(tiff.getInt((int) from + 4 * i), ofACamera);
            }
        } else if (ofACamera || NOTES.contains(tag)) {
            Arrays.fill(tiff.array(), (int) from, (int) (from + size), (byte) 0);
        }
    }
}
