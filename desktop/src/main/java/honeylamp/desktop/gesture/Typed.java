package honeylamp.desktop.gesture;

import honeylamp.desktop.gesture.Ask.Answer;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is typed into the measure line, read once: preview, echo and Enter take the same values. */
public record Typed(List<Given<?>> given) {
    public static final Typed NOTHING = new Typed(List.of());

    /** One field that holds something. */
    public record Given<T>(Ask<T> ask, Answer<T> answer) {
        static <T> Given<T> read(Ask<T> ask, String text, UnitSystem units) {
            return new Given<>(ask, ask.reader().read(text.strip(), units));
        }
    }

    public Typed {
        given = List.copyOf(given);
    }

    /**
     * Reads what the fields hold.
     *
     * @param texts of the fields, in their order; blank or missing where nothing was typed
     */
    public static Typed read(List<Readout.Field> fields, List<String> texts, UnitSystem units) {
        var out = new ArrayList<Given<?>>();
        for (var i = 0; i < Math.min(fields.size(), texts.size()); i++) {
            if (!texts.get(i).isBlank()) {
                out.add(Given.read(fields.get(i).ask(), texts.get(i), units));
            }
        }
        return new Typed(out);
    }

    /** Whether nothing was typed. */
    public boolean isEmpty() {
        return given.isEmpty();
    }

    /** What was typed there; none if nothing was, or nothing that can be. */
    @SuppressWarnings("unchecked") // a Given holds the answer of its own ask
    public <T> Optional<T> of(Ask<T> ask) {
        return given.stream()
                .filter(g -> g.ask().equals(ask))
                .map(g -> ((Given<T>) g).answer())
                .<T>mapMulti((a, found) -> {
                    if (a instanceof Answer.Good<T> good) {
                        found.accept(good.value());
                    }
                })
                .findFirst();
    }

    /** What was typed there, in full; none if nothing was, or nothing that can be. */
    public Optional<String> echo(Ask<?> ask) {
        return given.stream()
                .filter(g -> g.ask().equals(ask))
                .map(Given::answer)
                .<String>mapMulti((a, found) -> {
                    if (a instanceof Answer.Good<?> good && !good.echo().isEmpty()) {
                        found.accept(good.echo());
                    }
                })
                .findFirst();
    }

    /** Why what was typed cannot be, of the first field that cannot. */
    public Optional<String> wrong() {
        return given.stream()
                .map(Given::answer)
                .<String>mapMulti((a, found) -> {
                    if (a instanceof Answer.Bad<?> bad) {
                        found.accept(bad.sentence());
                    }
                })
                .findFirst();
    }

    /** The values in full, as Enter takes them; empty if there is nothing to add to the texts. */
    public String echo() {
        var all = given.stream()
                .map(Given::answer)
                .map(a -> a instanceof Answer.Good<?> good ? good.echo() : "")
                .filter(e -> !e.isEmpty())
                .collect(Collectors.joining(", "));
        return all.isEmpty() ? "" : "= " + all;
    }
}
