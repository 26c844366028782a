package honeylamp.store;

import honeylamp.catalogue.Looks;
import honeylamp.plan.Colouring;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.Drafting;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.InkRole;
import honeylamp.plan.Lettering;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.ShadeEdge;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.util.StdConverter;

/**
 * A look as it stands in a file: of its colours, pens and type only those that differ from the shipped look of its name.
 *
 * @param colours by role, in the order of roles, as are lines, inks and type
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
        double windowLight,
        ShadeEdge edges,
        Look.Shading shading,
        DrawingPaper paper,
        double unsteadyMm,
        Lettering lettering,
        DimensionStyle dimensions,
        Colouring colouring,
        List<RoleColour> colours,
        List<RoleLine> lines,
        List<RoleInk> inks,
        List<RoleType> type,
        List<MaterialTone> tones) {
    /** The colour of a role. */
    record RoleColour(Role role, Oklch colour) {}

    /** The tone of a material. */
    record MaterialTone(String material, Oklch tone) {}

    /** The pen of a role. */
    record RoleLine(LineRole role, Drafting.Line line) {}

    /** How much of the ink a role takes. */
    record RoleInk(InkRole role, double share) {}

    /** The height of capitals of a role, in paper mm. */
    record RoleType(TextRole role, double capHeightMm) {}

    static LookForm of(Look look) {
        var mine = look.drafting();
        var shipped = Looks.of(look.name()).drafting();
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
                look.windowLight(),
                look.edges(),
                look.shading(),
                look.paper(),
                mine.unsteadyMm(),
                mine.lettering(),
                mine.dimensions(),
                look.colouring(),
                own.entrySet().stream()
                        .map(e -> new RoleColour(e.getKey(), e.getValue()))
                        .toList(),
                unlike(LineRole.values(), mine::of, shipped::of, RoleLine::new),
                unlike(InkRole.values(), mine::of, shipped::of, RoleInk::new),
                unlike(TextRole.values(), mine::of, shipped::of, RoleType::new),
                look.tones().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> new MaterialTone(e.getKey(), e.getValue()))
                        .toList());
    }

    /** What differs from the shipped look, in the order of roles. */
    private static <R, V, F> List<F> unlike(
            R[] roles, Function<R, V> mine, Function<R, V> shipped, BiFunction<R, V, F> form) {
        return Arrays.stream(roles)
                .filter(r -> !mine.apply(r).equals(shipped.apply(r)))
                .map(r -> form.apply(r, mine.apply(r)))
                .toList();
    }

    private Drafting drafting() {
        var out = Looks.of(name)
                .drafting()
                .withUnsteadyMm(unsteadyMm)
                .withLettering(lettering)
                .withDimensions(dimensions);
        for (var l : lines) {
            out = out.with(l.role, l.line);
        }
        for (var i : inks) {
            out = out.with(i.role, i.share);
        }
        for (var t : type) {
            out = out.with(t.role, t.capHeightMm);
        }
        return out;
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
                windowLight,
                edges,
                shading,
                paper,
                Looks.of(name).palette().with(own),
                drafting(),
                colouring,
                tones.stream()
                        .collect(Collectors.toMap(MaterialTone::material, MaterialTone::tone, (_, last) -> last)));
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
