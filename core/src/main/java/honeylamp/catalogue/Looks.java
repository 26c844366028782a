package honeylamp.catalogue;

import honeylamp.plan.Colouring;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.DrawingPaper.Kind;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.ShadeEdge;
import honeylamp.units.Length;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The looks that ship with the program. */
public final class Looks {
    /** No finish is stronger than this. */
    public static final double MOST_CHROMA = 0.2;

    /** Soft shade and full colour: the look of a new plan. */
    public static final Look DAYLIGHT = new Look(
            "Daylight",
            1,
            1,
            0.74,
            0.46,
            Length.ofMm(650),
            Length.ofMm(1100),
            0.2,
            0.5,
            ShadeEdge.USUAL,
            Shading.SOFT,
            new DrawingPaper(Kind.CARTRIDGE, 0, 0.5),
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Colouring.AS_LAID,
            Map.of());

    /** Deeper shade, for large prints. */
    public static final Look LATE_SUN = new Look(
            "Late sun",
            1,
            1,
            0.9,
            0.56,
            Length.ofMm(800),
            Length.ofMm(1300),
            0.26,
            0.75,
            ShadeEdge.USUAL,
            Shading.SOFT,
            new DrawingPaper(Kind.CARTRIDGE, 0, 0.6),
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Colouring.AS_LAID,
            Map.of());

    /** Plain tones and lines, no shade. */
    public static final Look FLAT = new Look(
            "Flat",
            1,
            0.5,
            0,
            0,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.2,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            DrawingPaper.BARE,
            Palettes.DAYLIGHT,
            Draftings.USUAL,
            Colouring.AS_LAID,
            Map.of());

    /** As a hand draws and letters it, softly shaded. */
    public static final Look BY_HAND = new Look(
            "By hand",
            1,
            0.7,
            0.6,
            0.4,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.18,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            new DrawingPaper(Kind.CARTRIDGE, 0.35, 0.4),
            Palettes.DAYLIGHT,
            Draftings.BY_HAND,
            Colouring.AS_LAID,
            Map.of());

    /** Crisp lines on white, everything quiet: for listings. */
    public static final Look LISTING = new Look(
            "Listing",
            0.9,
            0.6,
            0.5,
            0.3,
            Length.ofMm(500),
            Length.ofMm(1000),
            0.12,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            DrawingPaper.BARE,
            Palettes.LISTING,
            Draftings.LISTING,
            Palettes.PALE,
            Map.of());

    /** Black lines on white, told apart by their weight and by joints and hatches: for copies and planning offices. */
    public static final Look INK = new Look(
            "Ink",
            1.1,
            1,
            0,
            0,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.2,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            DrawingPaper.BARE,
            Palettes.INK,
            Draftings.INK,
            Palettes.COLOURLESS,
            Map.of());

    /** Greys, and one colour for what is soft. */
    public static final Look ONE_ACCENT = new Look(
            "One accent",
            1,
            0.8,
            0.6,
            0.42,
            Length.ofMm(650),
            Length.ofMm(1100),
            0.17,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            new DrawingPaper(Kind.CARTRIDGE, 0, 0.4),
            Palettes.ONE_ACCENT,
            Draftings.USUAL,
            Palettes.GREYS,
            Map.of());

    /** Light lines on deep blue. */
    public static final Look NIGHT_DRAWING = new Look(
            "Night drawing",
            0.9,
            0.7,
            0,
            0,
            Length.ofMm(600),
            Length.ofMm(1100),
            0.2,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            DrawingPaper.BARE,
            Palettes.NIGHT,
            Draftings.NIGHT,
            Palettes.NIGHTLY,
            Map.of());

    /** Rooms washed by what they are used for. */
    public static final Look USE_COLOURS = new Look(
            "Use colours",
            0.9,
            0.4,
            0.35,
            0.25,
            Length.ofMm(500),
            Length.ofMm(1000),
            0.1,
            0,
            ShadeEdge.USUAL,
            Shading.SOFT,
            DrawingPaper.BARE,
            Palettes.USE,
            Draftings.LISTING,
            Palettes.BY_USE,
            Map.of());

    /** Graphite on soft paper: lines of a hand, shade in strokes. */
    public static final Look PENCIL = new Look(
            "Pencil",
            0.95,
            1,
            0.8,
            0.5,
            Length.ofMm(600),
            Length.ofMm(1000),
            0.26,
            0,
            ShadeEdge.USUAL,
            Shading.HATCHED,
            new DrawingPaper(Kind.CARTRIDGE, 0.4, 0),
            Palettes.PENCIL,
            Draftings.PENCIL,
            Palettes.GRAPHITE,
            Map.of());

    /** Broad strokes of colour over toned paper, lines of a hand. */
    public static final Look MARKER = new Look(
            "Marker",
            1,
            1,
            0.74,
            0.46,
            Length.ofMm(600),
            Length.ofMm(1000),
            0.24,
            0,
            ShadeEdge.USUAL,
            Shading.BROAD,
            new DrawingPaper(Kind.LAID, 0.6, 0),
            Palettes.MARKER,
            Draftings.MARKER,
            Palettes.INKED,
            Map.of());

    /** Water colour on rough paper: clear washes with darker rims, fine lines of a hand. */
    public static final Look WASH = new Look(
            "Wash",
            0.85,
            0.8,
            0.8,
            0.5,
            Length.ofMm(650),
            Length.ofMm(1000),
            0.22,
            0.4,
            ShadeEdge.USUAL,
            Shading.WASHED,
            new DrawingPaper(Kind.ROUGH, 0.34, 0.45),
            Palettes.WASH,
            Draftings.WASH,
            Palettes.WASHED,
            Map.of());

    /** After dark, with the lamps lit. */
    public static final Look DUSK = new Look(
            "Dusk",
            0.95,
            1,
            0,
            0.45,
            Length.ofMm(650),
            Length.ofMm(1100),
            0.2,
            0,
            ShadeEdge.USUAL,
            Shading.LAMPS,
            DrawingPaper.BARE,
            Palettes.DUSK,
            Draftings.NIGHT,
            Colouring.AS_LAID,
            Map.of());

    /** Light from the upper left of the sheet. */
    public static final Light UPPER_LEFT = new Light(320, 48);

    private Looks() {}

    /** The look of a name; the look of a new plan if none has it. */
    public static Look of(String name) {
        return all().stream().filter(l -> l.name().equals(name)).findFirst().orElse(DAYLIGHT);
    }

    /** Whether something of a look is not as its preset has it. */
    public static boolean isChanged(Look look) {
        return !of(look.name()).equals(look);
    }

    /**
     * All colours of a look so many times as strong, those of things as well as those of roles; paper, ink and cut walls
     * stay.
     */
    public static Look stronger(Look look, double times) {
        var roles = new EnumMap<Role, Oklch>(Role.class);
        for (var role : EnumSet.complementOf(EnumSet.of(Role.PAPER, Role.INK, Role.POCHE, Role.POCHE_TINT))) {
            var colour = look.palette().of(role);
            roles.put(role, colour.stronger((times - 1) * colour.chroma()));
        }
        var colouring = look.colouring();
        return look.withPalette(look.palette().with(roles))
                .withColouring(
                        colouring.withStrength(Math.clamp(times * colouring.strength(), 0, Colouring.MOST_STRENGTH)));
    }

    public static List<Look> all() {
        return List.of(
                DAYLIGHT,
                LATE_SUN,
                FLAT,
                BY_HAND,
                LISTING,
                INK,
                PENCIL,
                MARKER,
                WASH,
                DUSK,
                ONE_ACCENT,
                NIGHT_DRAWING,
                USE_COLOURS);
    }

    /** Which finishes a change of tone goes for. */
    public enum ToneReach {
        ONE("This finish"),
        KIND("All of its kind"),
        ALL("All finishes");

        private final String label;

        ToneReach(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /**
     * A look in which a material has another tone, and others as much of the way from theirs: as much lighter, stronger and
     * farther round in hue.
     *
     * @param laid the materials the reach is about
     */
    public static Look toned(Look look, Material material, Oklch to, List<Material> laid, ToneReach reach) {
        var from = material.in(look).tone();
        var out = look.withTone(material.key(), Optional.of(to));
        for (var other : laid) {
            var isMeant = switch (reach) {
                case ONE -> false;
                case KIND -> other.family() == material.family();
                case ALL -> true;
            };
            if (isMeant && !other.key().equals(material.key())) {
                var tone = other.in(look).tone();
                out = out.withTone(
                        other.key(),
                        Optional.of(new Oklch(
                                Math.clamp(tone.lightness() + to.lightness() - from.lightness(), 0, 1),
                                Math.clamp(tone.chroma() + to.chroma() - from.chroma(), 0, MOST_CHROMA),
                                ((tone.hueDeg() + to.hueDeg() - from.hueDeg()) % 360 + 360) % 360)));
            }
        }
        return out;
    }
}
