package honeylamp.cli;

import honeylamp.survey.MeterLine;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** A stand-in for a laser distance meter: what is typed is sent as readings. */
@Command(
        name = "meter",
        mixinStandardHelpOptions = true,
        description =
                "A stand-in for a laser distance meter: each line typed, such as \"3.412 m\" or \"3412 mm enter\","
                        + " is sent as a reading to whoever listens on this machine.")
final class MeterCommand implements Callable<Integer> {
    @Option(names = "--port", paramLabel = "N", description = "port on this machine (default ${DEFAULT-VALUE})")
    private int port = MeterLine.PORT;

    private final List<Socket> listeners = new CopyOnWriteArrayList<>();

    @Override
    public Integer call() {
        try (var server = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
                var typed = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))) {
            System.out.println("The meter is on, port " + server.getLocalPort()
                    + ". Type a distance such as 3.412 m and press Enter; an empty line ends.");
            Thread.ofPlatform().daemon().name("listeners").start(() -> accept(server));
            for (var line = typed.readLine(); line != null && !line.isBlank(); line = typed.readLine()) {
                send(line.strip());
            }
            return 0;
        } catch (IOException e) {
            System.err.println(
                    "The meter cannot use port " + port + ": " + e.getMessage() + ". Try --port with another.");
            return 2;
        }
    }

    private void accept(ServerSocket server) {
        while (!server.isClosed()) {
            try {
                listeners.add(server.accept());
            } catch (IOException _) {
                return; // the meter was switched off
            }
        }
    }

    private void send(String typed) {
        var line = typed.startsWith("distance ") || typed.equals("alive") ? typed : "distance " + typed;
        if (MeterLine.parse(line) instanceof MeterLine.Nonsense) {
            System.err.println("\"" + typed + "\" is no distance; type for example 3.412 m, 3412 mm or 11.2 ft.");
            return;
        }
        for (var listener : listeners) {
            try {
                listener.getOutputStream().write((line + "\n").getBytes(StandardCharsets.UTF_8));
                listener.getOutputStream().flush();
            } catch (IOException _) {
                listeners.remove(listener); // it has hung up
            }
        }
    }
}
