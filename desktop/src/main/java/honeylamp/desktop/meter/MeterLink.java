package honeylamp.desktop.meter;

import honeylamp.survey.MeterLine;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;

/** Listens to a laser distance meter on this machine; lost links are taken up again until told otherwise. */
public final class MeterLink {
    private static final int CONNECT_MS = 500;
    private static final int SILENCE_MS = 1000;
    private static final int AGAIN_MS = 800;

    private final int port;
    private final Executor screen;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(new State(Link.OFF, ""));
    private Consumer<MeterLine.Reading> taker = _ -> {};
    private @Nullable Thread thread;

    /** How the link is. */
    public enum Link {
        /** Not wanted. */
        OFF,
        /** Wanted, and not there yet. */
        LOOKING,
        LINKED
    }

    /**
     * The link and what came last.
     *
     * @param last the last reading, or what was wrong with the last line; empty if nothing came yet
     */
    public record State(Link link, String last) {}

    /**
     * A link to a port of this machine.
     *
     * @param screen runs on the interface thread
     */
    public MeterLink(int port, Executor screen) {
        this.port = port;
        this.screen = screen;
    }

    /** The state, changed on the interface thread only. */
    public ReadOnlyObjectProperty<State> state() {
        return state.getReadOnlyProperty();
    }

    /** The port listened to. */
    public int port() {
        return port;
    }

    /** Who gets the readings, on the interface thread. */
    public void givesTo(Consumer<MeterLine.Reading> other) {
        taker = other;
    }

    /** Begins to look for the meter. */
    public void connect() {
        if (thread == null) {
            state.set(new State(Link.LOOKING, ""));
            thread = Thread.ofPlatform().daemon().name("laser meter").start(this::run);
        }
    }

    /** Ends the link. */
    public void disconnect() {
        var running = thread;
        thread = null;
        if (running != null) {
            running.interrupt();
        }
        state.set(new State(Link.OFF, ""));
    }

    private boolean wanted() {
        return !Thread.currentThread().isInterrupted();
    }

    private void run() {
        var me = Thread.currentThread();
        while (wanted()) {
            try (var socket = new Socket()) {
                socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MS);
                socket.setSoTimeout(SILENCE_MS);
                tell(me, Link.LINKED, Optional.empty());
                listen(me, new BufferedInputStream(socket.getInputStream()));
            } catch (IOException _) {
                // unplugged, or not there yet: looked for again below
            }
            tell(me, Link.LOOKING, Optional.empty());
            try {
                Thread.sleep(AGAIN_MS);
            } catch (InterruptedException _) {
                return;
            }
        }
    }

    /** Reads lines until the meter is gone; a line that never ends is dropped at its limit. */
    private void listen(Thread me, InputStream in) throws IOException {
        var line = new byte[MeterLine.LONGEST];
        var length = 0;
        while (wanted()) {
            int sign;
            try {
                sign = in.read();
            } catch (SocketTimeoutException _) {
                continue; // a meter is silent most of the time
            }
            if (sign < 0) {
                return;
            }
            if (sign == '\n') {
                said(
                        me,
                        new String(line, 0, Math.min(length, line.length), StandardCharsets.UTF_8),
                        length > line.length);
                length = 0;
            } else {
                if (length < line.length) {
                    line[length] = (byte) sign;
                }
                length = Math.min(length + 1, line.length + 1);
            }
        }
    }

    private void said(Thread me, String text, boolean tooLong) {
        var parsed = tooLong ? new MeterLine.Nonsense("a line that is too long") : MeterLine.parse(text);
        switch (parsed) {
            case MeterLine.Reading reading ->
                screen.execute(() -> {
                    if (thread == me) {
                        state.set(new State(Link.LINKED, reading.text()));
                        taker.accept(reading);
                    }
                });
            case MeterLine.Alive _ -> {}
            case MeterLine.Nonsense(var what) -> tell(me, Link.LINKED, Optional.of("Not understood: " + what));
        }
    }

    private void tell(Thread me, Link link, Optional<String> last) {
        screen.execute(() -> {
            if (thread == me) {
                state.set(new State(link, last.orElse(state.get().last())));
            }
        });
    }
}
