package honeylamp.store;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A real browser without a window, driven over its DevTools protocol; knows no page but those it is shown. */
final class Browser implements AutoCloseable {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int SECONDS = 60;

    private final Process process;
    private final WebSocket socket;
    private final Map<Integer, CompletableFuture<JsonNode>> asked;
    private final AtomicInteger number = new AtomicInteger();
    private String session = "";

    private Browser(Process process, WebSocket socket, Map<Integer, CompletableFuture<JsonNode>> asked) {
        this.process = process;
        this.socket = socket;
        this.asked = asked;
    }

    /** The browser of this machine; empty if it has none. */
    static Optional<Path> installed() {
        return Stream.of("/usr/bin/chromium", "/usr/bin/chromium-browser")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst();
    }

    static Browser start(Path program, Path profile, int width, int height) throws Exception {
        var log = profile.resolve("log.txt");
        Files.createDirectories(profile);
        var process = new ProcessBuilder(List.of(
                        program.toString(),
                        "--headless",
                        "--no-sandbox", // tests run as root in containers
                        "--disable-gpu",
                        "--disable-dev-shm-usage",
                        "--remote-debugging-port=0",
                        "--user-data-dir=" + profile,
                        "--window-size=" + width + "," + height,
                        "about:blank"))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        var port = profile.resolve("DevToolsActivePort");
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
        while (!Files.exists(port) || Files.readAllLines(port).size() < 2) {
            if (System.nanoTime() > until || !process.isAlive()) {
                throw new IOException("the browser does not start: " + Files.readString(log));
            }
            Thread.sleep(50);
        }
        var lines = Files.readAllLines(port);
        Map<Integer, CompletableFuture<JsonNode>> asked = new ConcurrentHashMap<>();
        var socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create("ws://127.0.0.1:" + lines.get(0) + lines.get(1)), new Ear(asked))
                .get(SECONDS, TimeUnit.SECONDS);
        var browser = new Browser(process, socket, asked);
        var target = browser.ask("Target.createTarget", Map.of("url", "about:blank"));
        browser.session = browser.ask(
                        "Target.attachToTarget",
                        Map.of("targetId", target.path("targetId").asString(""), "flatten", true))
                .path("sessionId")
                .asString("");
        browser.ask("Page.enable", Map.of());
        browser.ask("Runtime.enable", Map.of());
        return browser;
    }

    private record Ear(Map<Integer, CompletableFuture<JsonNode>> asked, StringBuilder heard)
            implements WebSocket.Listener {
        Ear(Map<Integer, CompletableFuture<JsonNode>> asked) {
            this(asked, new StringBuilder());
        }

        @Override
        public CompletionStage<?> onText(WebSocket socket, CharSequence data, boolean last) {
            heard.append(data);
            if (last) {
                var message = JSON.readTree(heard.toString());
                heard.setLength(0);
                var waiting = asked.remove(message.path("id").asInt(-1));
                if (waiting != null) {
                    waiting.complete(message);
                }
            }
            socket.request(1);
            return null;
        }
    }

    JsonNode ask(String method, Map<String, ?> parameters) throws Exception {
        var id = number.incrementAndGet();
        var answer = new CompletableFuture<JsonNode>();
        asked.put(id, answer);
        var message = JSON.createObjectNode().put("id", id).put("method", method);
        message.set("params", JSON.valueToTree(parameters));
        if (!session.isEmpty()) {
            message.put("sessionId", session);
        }
        socket.sendText(JSON.writeValueAsString(message), true).get(SECONDS, TimeUnit.SECONDS);
        var said = answer.get(SECONDS, TimeUnit.SECONDS);
        if (said.has("error")) {
            throw new IOException(method + ": " + said.path("error"));
        }
        return said.path("result");
    }

    /** Opens a page and waits until a script in it says that it is ready. */
    void open(Path file, String ready) throws Exception {
        ask("Page.navigate", Map.of("url", file.toUri().toString()));
        until(ready);
    }

    /** What an expression comes to. */
    JsonNode value(String expression) throws Exception {
        var said =
                ask("Runtime.evaluate", Map.of("expression", expression, "returnByValue", true, "awaitPromise", true));
        if (said.has("exceptionDetails")) {
            throw new IOException(expression + ": " + said.path("exceptionDetails"));
        }
        return said.path("result").path("value");
    }

    /** Waits until an expression is true. */
    void until(String expression) throws Exception {
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
        while (!value("Boolean(" + expression + ")").asBoolean(false)) {
            if (System.nanoTime() > until) {
                throw new IOException("never came true: " + expression);
            }
            Thread.sleep(30);
        }
    }

    void click(double x, double y) throws Exception {
        for (var type : List.of("mousePressed", "mouseReleased")) {
            ask(
                    "Input.dispatchMouseEvent",
                    Map.of("type", type, "x", x, "y", y, "button", "left", "buttons", 1, "clickCount", 1));
        }
    }

    void drag(double x0, double y0, double x1, double y1) throws Exception {
        mouse("mousePressed", x0, y0);
        for (var i = 1; i <= 5; i++) {
            mouse("mouseMoved", x0 + (x1 - x0) * i / 5, y0 + (y1 - y0) * i / 5);
        }
        mouse("mouseReleased", x1, y1);
    }

    private void mouse(String type, double x, double y) throws Exception {
        ask(
                "Input.dispatchMouseEvent",
                Map.of("type", type, "x", x, "y", y, "button", "left", "buttons", 1, "clickCount", 1));
    }

    void wheel(double x, double y, double down) throws Exception {
        ask("Input.dispatchMouseEvent", Map.of("type", "mouseWheel", "x", x, "y", y, "deltaX", 0, "deltaY", down));
    }

    /** Types words where the keyboard is. */
    void type(String words) throws Exception {
        ask("Input.insertText", Map.of("text", words));
    }

    void key(String key, String code) throws Exception {
        var text = key.length() == 1 ? key : key.equals("Enter") ? "\r" : "";
        ask("Input.dispatchKeyEvent", Map.of("type", "keyDown", "key", key, "code", code, "text", text));
        ask("Input.dispatchKeyEvent", Map.of("type", "keyUp", "key", key, "code", code));
    }

    @Override
    public void close() throws IOException {
        try {
            ask("Browser.close", Map.of());
            if (!process.waitFor(10, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (Exception e) {
            process.destroyForcibly();
            throw new IOException("the browser does not end", e);
        }
    }
}
