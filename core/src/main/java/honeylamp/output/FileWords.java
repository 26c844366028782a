package honeylamp.output;

import java.util.Locale;

/** Words as parts of names of files, that every system takes. */
public final class FileWords {
    private FileWords() {}

    /** Small letters and digits with hyphens between them; {@code otherwise} if none are left. */
    public static String of(String words, String otherwise) {
        var name = words.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return name.isBlank() || name.equals("-") ? otherwise : name;
    }
}
