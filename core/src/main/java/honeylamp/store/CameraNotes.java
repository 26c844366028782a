package honeylamp.store;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * Takes out of a photograph what a camera noted beside the picture: place, time, maker, owner, comments. The pixels,
 * the colour profile and which side is up stay.
 */
final class CameraNotes {
    private static final int MARK = 0xFF;
    private static final int START_OF_IMAGE = 0xD8;
    private static final int START_OF_SCAN = 0xDA;
    private static final int APP1 = 0xE1;
    private static final int APP13 = 0xED;
    private static final int COMMENT = 0xFE;
    private static final int UPRIGHT = 1;

    private CameraNotes() {}

    /** Chunks of a PNG that hold words, times and camera notes (W3C PNG, 11.3). */
    private static final Set<String> PNG_NOTES = Set.of("eXIf", "tEXt", "zTXt", "iTXt", "tIME");

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final int PNG_AROUND = 12; // length, kind and checksum of a chunk
    private static final int WEBP_HEAD = 12;
    private static final int WEBP_EXIF = 0x08;
    private static final int WEBP_XMP = 0x04;

    /** What of an Exif segment stands before its tables. */
    private static final int BEFORE_TABLES = 10;

    /**
     * A JPEG, PNG, WebP or TIFF without notes; other bytes as they are.
     *
     * @param orientation as the camera noted it (Exif 2.3, tag 274): 1 is upright
     */
    static byte[] without(byte[] bytes, int orientation) {
        if (bytes.length > PNG.length && Arrays.equals(bytes, 0, PNG.length, PNG, 0, PNG.length)) {
            return png(bytes, orientation);
        }
        if (bytes.length > WEBP_HEAD
                && text(bytes, 0).equals("RIFF")
                && text(bytes, 8).equals("WEBP")) {
            return webp(bytes, orientation);
        }
        if (TiffNotes.isTiff(bytes)) {
            return TiffNotes.without(bytes); // which side is up is no note of these
        }
        return bytes.length < 4 || at(bytes, 0) != MARK || at(bytes, 1) != START_OF_IMAGE
                ? bytes
                : jpeg(bytes, orientation);
    }

    private static String text(byte[] bytes, int at) {
        return new String(bytes, at, 4, StandardCharsets.ISO_8859_1);
    }

    private static byte[] png(byte[] bytes, int orientation) {
        var in = ByteBuffer.wrap(bytes);
        var out = new ByteArrayOutputStream(bytes.length);
        out.writeBytes(PNG);
        var at = PNG.length;
        while (at + PNG_AROUND <= bytes.length) {
            var length = in.getInt(at);
            if (length < 0 || length > bytes.length - at - PNG_AROUND) {
                return bytes; // no PNG that can be taken apart
            }
            var kind = text(bytes, at + 4);
            if (!PNG_NOTES.contains(kind)) {
                out.write(bytes, at, length + PNG_AROUND);
            }
            if (kind.equals("IHDR") && orientation != UPRIGHT) {
                out.writeBytes(pngChunk("eXIf", tables(orientation)));
            }
            at += length + PNG_AROUND;
        }
        return out.toByteArray();
    }

    private static byte[] pngChunk(String kind, byte[] content) {
        var checked = ByteBuffer.allocate(4 + content.length)
                .put(kind.getBytes(StandardCharsets.ISO_8859_1))
                .put(content)
                .array();
        var sum = new CRC32();
        sum.update(checked);
        return ByteBuffer.allocate(content.length + PNG_AROUND)
                .putInt(content.length)
                .put(checked)
                .putInt((int) sum.getValue())
                .array();
    }

    /** Chunks of a WebP: a kind, a length with the low byte first, filled up to an even length (RFC 9649). */
    private static byte[] webp(byte[] bytes, int orientation) {
        var in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        var out = new ByteArrayOutputStream(bytes.length);
        out.write(bytes, 0, WEBP_HEAD);
        var turned = false;
        var at = WEBP_HEAD;
        while (at + 8 <= bytes.length) {
            var length = in.getInt(at + 4);
            if (length < 0 || length > bytes.length - at - 8) {
                return bytes; // no WebP that can be taken apart
            }
            var whole = Math.min(8 + length + (length & 1), bytes.length - at);
            var kind = text(bytes, at);
            if (kind.equals("VP8X") && length > 0) {
                turned = orientation != UPRIGHT;
                var head = Arrays.copyOfRange(bytes, at, at + whole);
                head[8] = (byte) (head[8] & ~(WEBP_EXIF | WEBP_XMP) | (turned ? WEBP_EXIF : 0));
                out.writeBytes(head);
            } else if (!kind.equals("EXIF") && !kind.equals("XMP ")) {
                out.write(bytes, at, whole);
            }
            at += whole;
        }
        if (turned) {
            var tables = tables(orientation);
            out.writeBytes(ByteBuffer.allocate(8 + tables.length)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .put("EXIF".getBytes(StandardCharsets.ISO_8859_1))
                    .putInt(tables.length)
                    .put(tables)
                    .array());
        }
        var plain = out.toByteArray();
        ByteBuffer.wrap(plain).order(ByteOrder.LITTLE_ENDIAN).putInt(4, plain.length - 8);
        return plain;
    }

    private static byte[] tables(int orientation) {
        var segment = upSide(orientation);
        return Arrays.copyOfRange(segment, BEFORE_TABLES, segment.length);
    }

    private static byte[] jpeg(byte[] bytes, int orientation) {
        var out = new ByteArrayOutputStream(bytes.length);
        out.write(bytes, 0, 2);
        if (orientation != UPRIGHT) {
            out.writeBytes(upSide(orientation));
        }
        var at = 2;
        while (at + 4 <= bytes.length && at(bytes, at) == MARK && at(bytes, at + 1) != START_OF_SCAN) {
            var kind = at(bytes, at + 1);
            var length = at(bytes, at + 2) << 8 | at(bytes, at + 3);
            if (length < 2 || at + 2 + length > bytes.length) {
                return bytes; // no JPEG that can be taken apart
            }
            if (kind != APP1 && kind != APP13 && kind != COMMENT) {
                out.write(bytes, at, 2 + length);
            }
            at += 2 + length;
        }
        out.writeBytes(Arrays.copyOfRange(bytes, at, bytes.length));
        return out.toByteArray();
    }

    private static int at(byte[] bytes, int index) {
        return bytes[index] & 0xFF;
    }

    /** An Exif segment that holds which side is up and nothing else. */
    private static byte[] upSide(int orientation) {
        return new byte[] {
            (byte) MARK,
            (byte) APP1,
            0,
            34, // length
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8, // the first table
            0,
            1, // one entry
            1,
            0x12,
            0,
            3, // orientation, a short
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0 // no further table
        };
    }
}
