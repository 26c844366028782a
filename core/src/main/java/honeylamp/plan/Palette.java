package honeylamp.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/** The colour of every role. */
public record Palette(Map<Role, Oklch> colours) {
    /** Freezes the map; refuses a palette that has no colour for a role. */
    public Palette {
        colours = Map.copyOf(colours);
        for (var role : Role.values()) {
            if (!colours.containsKey(role)) {
                throw new IllegalArgumentException("the palette has no colour for " + role);
            }
        }
    }

    /** The colour of a role. */
    public Oklch of(Role role) {
        return Objects.requireNonNull(colours.get(role));
    }

    /** The palette with other colours for some roles. */
    public Palette with(Map<Role, Oklch> others) {
        var all = new EnumMap<Role, Oklch>(colours);
        all.putAll(others);
        return new Palette(all);
    }

    /** The colours that differ from those of another palette. */
    public Map<Role, Oklch> unlike(Palette other) {
        var out = new EnumMap<Role, Oklch>(Role.class);
        for (var role : Role.values()) {
            if (!of(role).equals(other.of(role))) {
                out.put(role, of(role));
            }
        }
        return out;
    }
}
