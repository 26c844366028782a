package honeylamp.plan;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The families a picture is lettered in: two at most for words, and one for the figures of its dimensions.
 *
 * @param titles for titles, headings and names of rooms
 * @param text for all other words
 * @param figures for figures of dimensions and tags
 */
@RecordBuilder
public record Lettering(TypeFamily titles, TypeFamily text, TypeFamily figures) implements LetteringBuilder.With {
    /** One family for everything. */
    public static final Lettering PLAIN = new Lettering(TypeFamily.HUMANIST, TypeFamily.HUMANIST, TypeFamily.HUMANIST);

    /** Which of its families words are set in. */
    public enum Voice {
        TITLES("Titles"),
        TEXT("Words"),
        FIGURES("Figures");

        private final String label;

        Voice(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** The family of a voice. */
    public TypeFamily of(Voice voice) {
        return switch (voice) {
            case TITLES -> titles;
            case TEXT -> text;
            case FIGURES -> figures;
        };
    }

    /** With another family for a voice. */
    public Lettering with(Voice voice, TypeFamily family) {
        return switch (voice) {
            case TITLES -> withTitles(family);
            case TEXT -> withText(family);
            case FIGURES -> withFigures(family);
        };
    }
}
