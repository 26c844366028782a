package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;

/**
 * What a picture is drawn on; its tone is the colour of {@link Role#PAPER}.
 *
 * @param kind how its surface is
 * @param tooth how strongly its surface shows through all that lies on it, from 0 to 1
 * @param wash how strongly the ground around a building is toned before it passes into the paper, from 0 to 1
 */
@RecordBuilder
public record DrawingPaper(Kind kind, double tooth, double wash) implements DrawingPaperBuilder.With {
    /** Smooth paper, the ground left bare. */
    public static final DrawingPaper BARE = new DrawingPaper(Kind.CARTRIDGE, 0, 0);

    /** How the surface of a paper is. */
    public enum Kind {
        /** A fine even tooth, as of paper for drawing. */
        CARTRIDGE("Cartridge"),
        /** Fibres one way, as of paper pressed on wires. */
        LAID("Laid"),
        /** Coarse hollows in which colour settles, as of paper for washes. */
        ROUGH("Rough");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** As it is written in keys. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Refuses strengths outside 0 to 1. */
    public DrawingPaper {
        Checks.within("tooth", tooth, 0, 1);
        Checks.within("ground wash", wash, 0, 1);
    }
}
