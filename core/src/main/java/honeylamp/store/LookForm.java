package honeylamp.store;

import honeylamp.catalogue.Looks;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.units.Length;
import java.util.EnumMap;
import java.util.List;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.util.StdConverter;

/**
 * A look as it stands in a file: of its colours only those that differ from the shipped look of its name.
 *
 * @param colours by role, in the order of roles
 */
record LookForm(
        String name,
        double lineDial,
        double textureStrength,
        double castShadow,
        double cornerShade,
        Length cornerReach,
        Length heightCap,
        double shadeCeiling,
        List<RoleColour> colours) {
    /** The colour of a role. */
    record RoleColour(Role role, Oklch colour) {}

    static LookForm of(Look look) {
        var own = look.palette().unlike(Looks.of(look.name()).palette());
        return new LookForm(
                look.name(),
                look.lineDial(),
                look.textureStrength(),
                look.castShadow(),
                look.cornerShade(),
                look.cornerReach(),
                look.heightCap(),
                look.shadeCeiling(),
                own.entrySet().stream()
                        .map(e -> new RoleColour(e.getKey(), e.getValue()))
                        .toList());
    }

    Look look() {
        var own = new EnumMap<Role, Oklch>(Role.class);
        colours.forEach(c -> own.put(c.role, c.colour));
        return new Look(
                name,
                lineDial,
                textureStrength,
                castShadow,
                cornerShade,
                cornerReach,
                heightCap,
                shadeCeiling,
                Looks.of(name).palette().with(own));
    }

    static final class Writing extends StdConverter<Look, LookForm> {
        @Override
        public LookForm convert(Look look) {
            return of(look);
        }
    }

    static final class Reading extends StdConverter<LookForm, Look> {
        @Override
        public Look convert(LookForm form) {
            return form.look();
        }
    }

    @JsonSerialize(converter = Writing.class)
    @JsonDeserialize(converter = Reading.class)
    interface Names {}
}
