package honeylamp.plan;

import java.util.Locale;

/**
 * What is done at a place, and the light it usually wants: values usual in homes, those of reading and desk work as they are
 * asked for at places of work (EN 12464-1:2021).
 */
public enum Doing {
    SITTING("Sitting and talking", 100),
    WATCHING("Watching", 50),
    READING("Reading", 300),
    DINING("Dining", 150),
    COOKING("Cooking", 300),
    WASHING_UP("Washing up", 300),
    DRESSING("Dressing", 200),
    GROOMING("Grooming", 300),
    BATHING("Bathing", 150),
    DESK_WORK("Desk work", 500),
    CRAFT("Craft", 500),
    PLAY("Play", 200),
    EXERCISE("Exercise", 150),
    ENTERING("Entering", 100),
    PASSING("Passing", 50);

    private final String label;
    private final int usualLux;

    Doing(String label, int usualLux) {
        this.label = label;
        this.usualLux = usualLux;
    }

    /** The words people see. */
    public String label() {
        return label;
    }

    /** The light it usually wants, in lux. */
    public int usualLux() {
        return usualLux;
    }

    /** Whether it is done with eyes and hands at one spot, so that a light of its own must reach that. */
    public boolean isTask() {
        return switch (this) {
            case READING, COOKING, WASHING_UP, GROOMING, DESK_WORK, CRAFT, DINING -> true;
            case SITTING, WATCHING, DRESSING, BATHING, PLAY, EXERCISE, ENTERING, PASSING -> false;
        };
    }

    /** Whether the hand that works throws its shadow where one looks. */
    public boolean isByHand() {
        return switch (this) {
            case COOKING, WASHING_UP, DESK_WORK, CRAFT, READING -> true;
            case SITTING, WATCHING, DINING, DRESSING, GROOMING, BATHING, PLAY, EXERCISE, ENTERING, PASSING -> false;
        };
    }

    /** How high above the floor the light is wanted, in mm. */
    public double levelMm() {
        return switch (this) {
            case READING, DINING, DESK_WORK, CRAFT -> 750;
            case COOKING, WASHING_UP -> 900;
            case GROOMING -> 1500;
            case SITTING, WATCHING -> 600;
            case DRESSING, BATHING, PLAY, EXERCISE, ENTERING, PASSING -> 0;
        };
    }

    /** As it is written in keys. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
