package honeylamp.output;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.output.Legibility.Word;
import honeylamp.sheet.ComposedPage;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * How well all words of a page are read, lit as it prints.
 *
 * @param page by its name
 * @param words in the order they are written
 */
public record PageReading(String page, List<Word> words) {
    /** Freezes the list. */
    public PageReading {
        words = List.copyOf(words);
    }

    /** Of a page that was composed. */
    public static PageReading of(LaidPage page, ComposedPage composed) {
        return new PageReading(page.name(), Legibility.of(composed));
    }

    /** Those that are hard to read, the worst first. */
    public List<Word> hard() {
        return words.stream()
                .filter(w -> w.contrast() < Legibility.LEAST_CONTRAST)
                .sorted(Comparator.comparingDouble(Word::contrast))
                .toList();
    }

    /** What was found, in a sentence. */
    public String sentence() {
        if (words.isEmpty()) {
            return page + " has no words.";
        }
        var hard = hard();
        return hard.isEmpty()
                ? words.stream()
                        .min(Comparator.comparingDouble(Word::contrast))
                        .map(w -> String.format(
                                Locale.ROOT,
                                "All %d words and figures of %s can be read; the least clear, \u201c%s\u201d, has %.1f : 1.",
                                words.size(),
                                page,
                                w.text(),
                                w.contrast()))
                        .orElseThrow()
                : String.format(
                        Locale.ROOT,
                        "%d of the %d words and figures of %s %s hard to read.",
                        hard.size(),
                        words.size(),
                        page,
                        hard.size() == 1 ? "is" : "are");
    }

    /** What is wrong with a word of the page and what to do, in a sentence. */
    public String sentence(Word word) {
        return String.format(
                Locale.ROOT,
                "\"%s\" on %s has a contrast of %.1f to 1 with what lies under it, where %.1f is needed. "
                        + "Move it, put it on paper of its own, or lighten what lies there.",
                word.text(),
                page,
                word.contrast(),
                Legibility.LEAST_CONTRAST);
    }
}
