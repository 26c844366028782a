package honeylamp.underlay;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.IntBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;

/**
 * A picture at full size and at a half, a quarter and so on, so that any zoom reads about as many pixels
 * as it shows. Levels of large pictures lie in a mapped temporary file, not in the heap.
 */
public final class Pyramid {
    /** Levels with more pixels than this are mapped. */
    static final long MOST_IN_HEAP = 12_000_000;

    private static final int FILL = 8 << 20;

    /** The smallest level has about so many pixels. */
    private static final int LEAST = 64 * 64;

    private final List<Level> levels;

    private Pyramid(List<Level> levels) {
        this.levels = List.copyOf(levels);
    }

    /**
     * One size of a picture, as 0xRRGGBB, row by row.
     *
     * @param step how many full pixels one of its pixels stands for, along each side
     */
    public record Level(int width, int height, int step, IntBuffer pixels) {
        /** Copies a rectangle that must lie inside. */
        void copy(int x, int y, int w, int h, int[] out) {
            for (var row = 0; row < h; row++) {
                pixels.get((y + row) * width + x, out, row * w, w);
            }
        }

        /** Copies rows from one picture into this level, starting at a row. */
        public void put(int row, int[] from, int count) {
            pixels.put(row * width, from, 0, count * width);
        }
    }

    /**
     * The pyramid of a picture that is in memory.
     *
     * @throws NoRoomException if it is large and the temporary folder is full
     */
    public static Pyramid of(BufferedImage image) {
        var level = room(image.getWidth(), image.getHeight(), 1);
        if (image.getType() == BufferedImage.TYPE_INT_RGB
                && image.getRaster().getDataBuffer() instanceof DataBufferInt data
                && data.getData().length == image.getWidth() * image.getHeight()) {
            level.put(0, data.getData(), image.getHeight());
        } else {
            var row = new int[image.getWidth()];
            for (var y = 0; y < image.getHeight(); y++) {
                image.getRGB(0, y, row.length, 1, row, 0, row.length);
                level.put(y, row, 1);
            }
        }
        return above(level);
    }

    /**
     * Room for the pixels of one level; mapped if there are many.
     *
     * @throws NoRoomException if there are many and the temporary folder is full
     */
    public static Level room(int width, int height, int step) {
        var count = (long) width * height;
        return new Level(
                width, height, step, count > MOST_IN_HEAP ? mapped(count) : IntBuffer.wrap(new int[(int) count]));
    }

    /** The temporary folder has no room for the pixels of a large picture; the cause says why. */
    public static final class NoRoomException extends UncheckedIOException {
        private static final long serialVersionUID = 1L;

        private final IOException why;

        private NoRoomException(long bytes, IOException cause) {
            super(
                    "there is no room for its pixels (" + (bytes >> 20) + " MB) in the temporary folder "
                            + System.getProperty("java.io.tmpdir"),
                    cause);
            this.why = cause;
        }

        /** What the disk said. */
        public IOException why() {
            return why;
        }
    }

    private static IntBuffer mapped(long count) {
        try {
            Path file = Files.createTempFile("honeylamp-picture", ".pixels");
            try (var channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
                fill(channel, Integer.BYTES * count);
                return channel.map(FileChannel.MapMode.READ_WRITE, 0, Integer.BYTES * count)
                        .asIntBuffer();
            } finally {
                Files.deleteIfExists(file); // the map lives on without its name, and goes with it
            }
        } catch (IOException e) {
            throw new NoRoomException(Integer.BYTES * count, e);
        }
    }

    /** Takes the room on the disk now: a map of a file that only says how long it is kills the program where none is left. */
    private static void fill(FileChannel channel, long bytes) throws IOException {
        var zeros = ByteBuffer.allocateDirect(FILL);
        for (var left = bytes; left > 0; ) {
            zeros.clear().limit((int) Math.min(left, FILL));
            left -= channel.write(zeros);
        }
    }

    /** The pyramid above a full-size level. */
    public static Pyramid above(Level full) {
        var levels = new ArrayList<Level>();
        levels.add(full);
        while ((long) levels.getLast().width * levels.getLast().height > LEAST
                && Math.min(levels.getLast().width, levels.getLast().height) > 1) {
            levels.add(halved(levels.getLast()));
        }
        return new Pyramid(levels);
    }

    private static Level halved(Level from) {
        var to = room((from.width + 1) / 2, (from.height + 1) / 2, from.step * 2);
        var two = new int[2 * from.width];
        var out = new int[to.width];
        for (var y = 0; y < to.height; y++) {
            var rows = Math.min(2, from.height - 2 * y);
            from.copy(0, 2 * y, from.width, rows, two);
            if (rows == 1) {
                System.arraycopy(two, 0, two, from.width, from.width);
            }
            for (var x = 0; x < to.width; x++) {
                var left = 2 * x;
                var right = Math.min(left + 1, from.width - 1);
                out[x] = mean(two[left], two[right], two[from.width + left], two[from.width + right]);
            }
            to.put(y, out, 1);
        }
        return to;
    }

    /** The mean of four colours; red and blue ride in one number. */
    private static int mean(int a, int b, int c, int d) {
        var redBlue = (a & 0xFF00FF) + (b & 0xFF00FF) + (c & 0xFF00FF) + (d & 0xFF00FF) + 0x20002;
        var green = (a & 0xFF00) + (b & 0xFF00) + (c & 0xFF00) + (d & 0xFF00) + 0x200;
        return redBlue >> 2 & 0xFF00FF | green >> 2 & 0xFF00;
    }

    /** Width in full pixels. */
    public int width() {
        return levels.getFirst().width;
    }

    /** Height in full pixels. */
    public int height() {
        return levels.getFirst().height;
    }

    /** All levels, full size first. */
    public List<Level> levels() {
        return levels;
    }

    /** The level on which so many full pixels are about one pixel, never coarser than two of its own. */
    Level forStep(double fullPixels) {
        var index = (int) Math.clamp(
                Math.floor(Math.log(Math.max(1, fullPixels)) / Math.log(2) + 0.35), 0, levels.size() - 1.0);
        return levels.get(index);
    }

    /** The largest level of at most so many pixels. */
    Level within(long pixels) {
        return levels.stream()
                .filter(l -> (long) l.width * l.height <= pixels)
                .findFirst()
                .orElse(levels.getLast());
    }
}
