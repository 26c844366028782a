package honeylamp.catalogue;

/** Sentences people put on pages about how far to trust them. */
public enum PageSentences {
    GUIDANCE("For guidance", "Sizes and areas are for guidance. Measure before you order or build."),
    TOLERANCE("Tolerance", "Measured to 10 mm; areas to one in a hundred."),
    NOT_A_SURVEY("No survey", "Drawn from what was given to us; nothing was surveyed."),
    FURNITURE("Furniture", "Furniture is shown to give a sense of size and is not included.");

    private final String label;
    private final String sentence;

    PageSentences(String label, String sentence) {
        this.label = label;
        this.sentence = sentence;
    }

    /** The word people choose it by. */
    public String label() {
        return label;
    }

    /** What is written. */
    public String sentence() {
        return sentence;
    }

    /** Notes with the sentence below them, or without it if they have it. */
    public String in(String notes) {
        if (notes.contains(sentence)) {
            return notes.replace(sentence, "").replaceAll("\n{2,}", "\n").strip();
        }
        return notes.isBlank() ? sentence : notes.stripTrailing() + "\n" + sentence;
    }
}
