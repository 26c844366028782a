package honeylamp.drawing;

import honeylamp.drawing.ink.Typeface;
import honeylamp.lettering.Letterforms;

/** The letters of the faces the program draws with, to read by. */
public final class ShippedLetters {
    private ShippedLetters() {}

    private static final class Held {
        static final Letterforms FORMS = Letterforms.of(Typeface.looks());
    }

    /** How they look; the first time this takes about half a second. */
    public static Letterforms forms() {
        return Held.FORMS;
    }
}
