package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How the plan is pictured: a named preset of line, colour and shade, each value free to change.
 *
 * @param name the preset it began as
 * @param lineDial factor on every pen width
 * @param textureStrength 0 plain tones, 1 as designed
 * @param castShadow strength from 0 (none) to 1
 * @param cornerShade strength from 0 (none) to 1
 * @param cornerReach how far corner shade reaches
 * @param heightCap heights above this cast no longer shadow
 * @param shadeCeiling the most that shade takes of the light on the bare floor of a room, in its mean, from 0 to 1
 * @param windowLight how bright the sun lies on floors through windows, from 0 (not at all) to 1
 * @param edges how cast shade ends, and the shade below the edges of pieces
 * @param shading how shade is laid
 * @param paper what it is drawn on
 * @param palette the colour of every role
 * @param drafting the pen of every line and the height of all type
 * @param colouring what becomes of colours that have no role
 * @param tones of materials that have another tone than usual, by the keys of the materials
 */
@RecordBuilder
public record Look(
        String name,
        double lineDial,
        double textureStrength,
        double castShadow,
        double cornerShade,
        Length cornerReach,
        Length heightCap,
        double shadeCeiling,
        double windowLight,
        ShadeEdge edges,
        Shading shading,
        DrawingPaper paper,
        Palette palette,
        Drafting drafting,
        Colouring colouring,
        Map<String, Oklch> tones)
        implements LookBuilder.With {
    /** How shade is laid. */
    public enum Shading {
        /** Soft, as light leaves it. */
        SOFT("Soft"),
        /** In strokes of a pencil, in lines that are drawn twice. */
        HATCHED("Hatched"),
        /** In broad strokes of a marker, floors too. */
        BROAD("Broad strokes"),
        /** In washes of water colour, all that is filled too. */
        WASHED("Washes"),
        /** Lamps in an evening that is all but dark. */
        LAMPS("Lamp light");

        private final String label;

        Shading(String label) {
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

    /** The cap where heights count as they are: hardly a storey is higher. */
    public static final Length TRUE_HEIGHTS = Length.ofMm(6000);

    /** Refuses strengths outside 0 to 1 and dials outside 0.5 to 2. */
    public Look {
        Checks.within("line dial", lineDial, 0.5, 2);
        Checks.within("texture strength", textureStrength, 0, 1);
        Checks.within("cast shadow", castShadow, 0, 1);
        Checks.within("corner shade", cornerShade, 0, 1);
        Checks.positive("corner reach", cornerReach);
        Checks.positive("height cap", heightCap);
        tones = Map.copyOf(tones);
        Checks.within("most shade", shadeCeiling, 0, 1);
        Checks.within("light through windows", windowLight, 0, 1);
    }

    /** The look with another tone of a material; empty gives it back its usual one. */
    public Look withTone(String material, Optional<Oklch> tone) {
        var all = new HashMap<>(tones);
        all.remove(material);
        tone.ifPresent(t -> all.put(material, t));
        return withTones(all);
    }
}
