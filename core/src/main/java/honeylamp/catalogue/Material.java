package honeylamp.catalogue;

import honeylamp.plan.Oklch;

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
        String key, String label, Oklch tone, double toneSpread, double jointDarker, LayingPattern pattern) {}
