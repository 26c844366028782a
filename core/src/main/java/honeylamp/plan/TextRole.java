package honeylamp.plan;

import java.util.Locale;

/** What words of the picture are; a look says how high the capitals of each are. */
public enum TextRole {
    ROOM_NAME,
    /** Sizes and areas of rooms. */
    ROOM_SIZE,
    /** Names of rooms that have less space. */
    SMALL_ROOM_NAME,
    /** Areas of rooms that have less space. */
    SMALL_ROOM_SIZE,
    /** Figures of dimensions. */
    DIMENSION,
    /** Notes on the plan. */
    NOTE,
    /** Tags of openings. */
    TAG,
    /** Words on stairs and fixed parts. */
    STAIR,
    /** Names of surfaces of the site. */
    SITE,
    /** The title of the sheet. */
    TITLE,
    /** Headings on the sheet. */
    HEADING,
    /** Lists, notes and facts on the sheet. */
    BODY,
    /** Names of facts, figures of the scale bar. */
    SMALL,
    /** The letter at the north arrow. */
    NORTH;

    /** Which family of a look's lettering it is set in. */
    public Lettering.Voice voice() {
        return switch (this) {
            case TITLE, HEADING, ROOM_NAME, SMALL_ROOM_NAME, NORTH -> Lettering.Voice.TITLES;
            case ROOM_SIZE, SMALL_ROOM_SIZE, NOTE, STAIR, SITE, BODY, SMALL -> Lettering.Voice.TEXT;
            case DIMENSION, TAG -> Lettering.Voice.FIGURES;
        };
    }

    /** The name people see. */
    public String label() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
