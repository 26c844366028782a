package honeylamp.store;

import honeylamp.store.PictureImport.RefusedException;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.util.Objects;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;

/**
 * The process that {@link GraphicsProcess} begins: takes one file, then answers requests about it, over its standard
 * input and output. Ends when its input does, and when it is asked nothing for a while.
 */
final class GraphicsServer {
    private static final int READY = 0x4C;
    private static final int IDLE_SECONDS = 30;

    private GraphicsServer() {}

    private enum Status {
        GOOD,
        REFUSED,
        DAMAGED
    }

    /** The file is damaged; the message says how. */
    static final class DamagedException extends IOException {
        private static final long serialVersionUID = 1L;

        private DamagedException(String message) {
            super(message);
        }
    }

    /** What is written to the process first. */
    static void begin(DataOutputStream to, byte[] file) throws IOException {
        to.writeInt(file.length);
        to.write(file);
        to.flush();
    }

    /** The process has the file. */
    static boolean begun(DataInputStream from) throws IOException {
        if (from.readByte() != READY) {
            throw new IOException("the process speaks another language");
        }
        return true;
    }

    /** Asks for something. */
    static void ask(DataOutputStream to, GraphicsRequest request) throws IOException {
        to.writeInt(request.kind().ordinal());
        to.writeInt(request.page());
        to.writeInt(request.sizePx());
        to.flush();
    }

    private static GraphicsRequest asked(DataInputStream from) throws IOException {
        return new GraphicsRequest(GraphicsRequest.Kind.values()[from.readInt()], from.readInt(), from.readInt());
    }

    /**
     * What the process answers.
     *
     * @throws RefusedException if that was its answer
     * @throws DamagedException if that was its answer
     * @throws IOException if it has ended
     */
    static byte[] answer(DataInputStream from) throws IOException {
        return switch (Status.values()[from.readByte()]) {
            case GOOD -> from.readNBytes(from.readInt());
            case REFUSED -> throw new RefusedException(from.readUTF(), from.readUTF());
            case DAMAGED -> throw new DamagedException(from.readUTF());
        };
    }

    private static void answer(DataOutputStream to, GraphicsRequest request, byte[] file) throws IOException {
        try {
            var answer = request.answer(file);
            to.writeByte(Status.GOOD.ordinal());
            to.writeInt(answer.length);
            to.write(answer);
        } catch (RefusedException e) {
            to.writeByte(Status.REFUSED.ordinal());
            to.writeUTF(e.what());
            to.writeUTF(e.todo());
        } catch (IOException e) {
            to.writeByte(Status.DAMAGED.ordinal());
            to.writeUTF(Objects.requireNonNullElse(e.getMessage(), "it cannot be read"));
        }
        to.flush();
    }

    public static void main(String[] args) throws Exception {
        var to = new DataOutputStream(new BufferedOutputStream(new FileOutputStream(FileDescriptor.out)));
        ImageIO.setUseCache(false); // the temporary folder may be full
        System.setOut(System.err); // whatever a library prints is no answer
        var from = new DataInputStream(new BufferedInputStream(System.in));
        var file = from.readNBytes(from.readInt());
        to.writeByte(READY);
        to.flush();
        var requests = new LinkedBlockingQueue<GraphicsRequest>();
        Thread.ofPlatform().daemon().start(() -> {
            try {
                while (true) {
                    requests.add(asked(from));
                }
            } catch (IOException _) {
                Runtime.getRuntime().halt(0); // nobody waits any more, whatever is being drawn
            }
        });
        while (true) {
            var request = requests.poll(IDLE_SECONDS, TimeUnit.SECONDS);
            if (request == null) {
                Runtime.getRuntime().halt(0);
            } else {
                answer(to, request, file);
            }
        }
    }
}
