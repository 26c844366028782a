package honeylamp.catalogue;

import honeylamp.catalogue.pattern.LayingPattern;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import java.util.Map;

/**
 * A floor material.
 *
 * @param key the name kept in plans
 * @param label the name shown to people
 * @param tone its mean colour
 * @param toneSpread the most one piece differs from the mean in lightness
 * @param jointDarker how much darker its joints are
 */
public record Material(
        String key, String label, Oklch tone, double toneSpread, double jointDarker, LayingPattern pattern) {
    /** The material as it is in a look, which may give it another tone. */
    public Material in(Look look) {
        return toned(look.tones());
    }

    /** The material in the tone that is given for it, or in its own. */
    public Material toned(Map<String, Oklch> tones) {
        var other = tones.getOrDefault(key, tone);
        return other.equals(tone) ? this : new Material(key, label, other, toneSpread, jointDarker, pattern);
    }
}
