package honeylamp.desktop;

import honeylamp.desktop.panel.part.Library;
import honeylamp.store.KeptFile;
import java.util.List;

/** A library that lasts as long as a test. */
final class KeptInMemory<T> implements Library<T> {
    private final KeptFile<T> format;
    private List<T> entries = List.of();

    KeptInMemory(KeptFile<T> format) {
        this.format = format;
    }

    @Override
    public List<T> all() {
        return entries;
    }

    @Override
    public String keep(T entry) {
        entries = format.with(entries, entry);
        return "";
    }

    @Override
    public String forget(T entry) {
        entries = entries.stream().filter(e -> !e.equals(entry)).toList();
        return "";
    }
}
