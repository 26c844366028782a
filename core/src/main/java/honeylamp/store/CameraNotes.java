package honeylamp.store;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;

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

    /**
     * A JPEG without notes; other bytes as they are.
     *
     * @param orientation as the camera noted it (Exif 2.3, tag 274): 1 is upright
     */
    static byte[] without(byte[] bytes, int orientation) {
        if (bytes.length < 4 || at(bytes, 0) != MARK || at(bytes, 1) != START_OF_IMAGE) {
            return bytes;
        }
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
