package honeylamp.catalogue;

import honeylamp.catalogue.Family.Place;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Oklch;
import honeylamp.plan.Pattern;
import honeylamp.plan.Pattern.Basket;
import honeylamp.plan.Pattern.Block;
import honeylamp.plan.Pattern.Chevron;
import honeylamp.plan.Pattern.CoursedSlabs;
import honeylamp.plan.Pattern.Diagonal;
import honeylamp.plan.Pattern.Fan;
import honeylamp.plan.Pattern.Herringbone;
import honeylamp.plan.Pattern.Hexagon;
import honeylamp.plan.Pattern.OctagonDot;
import honeylamp.plan.Pattern.Plank;
import honeylamp.plan.Pattern.RandomLengths;
import honeylamp.plan.Pattern.Rhomb;
import honeylamp.plan.Pattern.Running;
import honeylamp.plan.Pattern.Setts;
import honeylamp.plan.Pattern.Stack;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The materials that ship with the program. */
public final class Materials {
    /** What balconies are laid with. */
    public static final String DECKING = "decking-larch";

    private static final Plank BOARDS = new Plank(0.19);

    private static final List<Material> ALL =
            all(woods(), tiles(), stones(), screeds(), carpets(), plasters(), wallCoverings(), outdoors());

    private Materials() {}

    /** All materials in the order the tray shows them. */
    public static List<Material> all() {
        return ALL;
    }

    /** Those such a place can be covered with, what is usual there first. */
    public static List<Material> covering(Place place) {
        return ALL.stream()
                .filter(m -> m.family().covers(place))
                .sorted(Comparator.comparingInt(m -> m.family().rankAt(place)))
                .toList();
    }

    /** The material of a key; empty for keys of other libraries. */
    public static Optional<Material> of(String key) {
        return ALL.stream().filter(m -> m.key().equals(key)).findFirst();
    }

    /** The material of a finish, as it is laid there; empty for keys of other libraries. */
    public static Optional<Material> of(Finish finish) {
        return of(finish.material()).map(m -> m.as(finish));
    }

    @SafeVarargs
    private static List<Material> all(List<Material>... families) {
        var out = new ArrayList<Material>();
        for (var family : families) {
            out.addAll(family);
        }
        return List.copyOf(out);
    }

    private static List<Material> woods() {
        var wood = new Shelf(Family.WOOD, Grain.WOOD, 0.022, 0.10);
        return List.of(
                wood.of("wide-plank-oak", "Wide plank, oak", tone(0.862, 0.040, 75), laid(BOARDS, 190, 2200, 2)),
                wood.spread(0.016)
                        .of(
                                "wide-plank-ash",
                                "Wide plank, pale ash",
                                tone(0.897, 0.026, 82),
                                laid(BOARDS, 160, 2000, 2)),
                wood.of(
                        "herringbone-oak",
                        "Herringbone, oak",
                        tone(0.825, 0.050, 69),
                        laid(new Herringbone(1), 90, 540, 1.5)),
                wood.of(
                        "herringbone-smoked",
                        "Smoked oak, herringbone",
                        tone(0.720, 0.038, 62),
                        laid(new Herringbone(2), 70, 490, 1)),
                wood.of("chevron-oak", "Chevron, oak", tone(0.845, 0.044, 72), laid(new Chevron(45), 90, 600, 1)),
                wood.of("basket-beech", "Basket, beech", tone(0.850, 0.044, 62), laid(new Basket(5), 60, 300, 0.5)),
                wood.of("block-oak", "Framed block, oak", tone(0.830, 0.046, 70), laid(new Block(6), 70, 420, 1)),
                wood.spread(0.018)
                        .of("strip-maple", "Strip, maple", tone(0.890, 0.032, 80), random(65, 1100, 300, 0.5)),
                wood.of("strip-walnut", "Strip, walnut", tone(0.690, 0.040, 58), random(120, 1800, 500, 1)),
                wood.grain(Grain.KNOTTY)
                        .of("plank-pine", "Plank, knotty pine", tone(0.875, 0.052, 78), laid(BOARDS, 145, 3000, 2)),
                wood.grain(Grain.KNOTTY)
                        .of("plank-limed", "Plank, limed spruce", tone(0.925, 0.014, 85), laid(BOARDS, 200, 3600, 2)),
                wood.spread(0.012).of("bamboo", "Bamboo", tone(0.870, 0.046, 84), laid(new Running(0.5), 95, 960, 0.5)),
                wood.grain(Grain.FLECK)
                        .of("cork", "Cork", tone(0.820, 0.042, 68), laid(new Running(0.5), 300, 600, 0.5)),
                wood.darker(0.20).of(DECKING, "Decking, larch", tone(0.815, 0.030, 72), laid(BOARDS, 140, 3600, 8)),
                wood.darker(0.18)
                        .of("decking-grey", "Decking, weathered", tone(0.800, 0.010, 85), laid(BOARDS, 140, 3600, 8)));
    }

    private static List<Material> tiles() {
        var tile = new Shelf(Family.TILE, Grain.PLAIN, 0.010, 0.09);
        return List.of(
                tile.of("square-tile", "Square tile, pale", tone(0.896, 0.016, 230), laid(new Stack(), 300, 300, 4)),
                tile.spread(0.013)
                        .of(
                                "hexagon-tile",
                                "Hexagon tile, pale",
                                tone(0.930, 0.015, 200),
                                laid(new Hexagon(), 200, 200, 4)),
                tile.of("tile-white", "Tile, white", tone(0.960, 0.006, 220), laid(new Running(0.5), 75, 150, 2)),
                tile.of(
                        "tile-chalk",
                        "Large tile, chalk",
                        tone(0.930, 0.006, 95),
                        laid(new Running(1 / 3.0), 600, 1200, 2)),
                tile.of(
                        "tile-graphite",
                        "Large tile, graphite",
                        tone(0.620, 0.006, 250),
                        laid(new Stack(), 600, 600, 3)),
                tile.spread(0.025)
                        .of("tile-sage", "Glazed tile, sage", tone(0.790, 0.044, 150), laid(new Stack(), 60, 240, 2)),
                tile.spread(0.030)
                        .of("tile-sea", "Glazed tile, sea", tone(0.760, 0.055, 215), laid(new Stack(), 100, 100, 2)),
                tile.spread(0.022)
                        .of(
                                "tile-ink",
                                "Glazed tile, ink",
                                tone(0.480, 0.040, 250),
                                laid(new Running(0.5), 65, 200, 2)),
                tile.spread(0.022)
                        .of("terracotta", "Terracotta", tone(0.760, 0.065, 48), laid(new Stack(), 250, 250, 8)),
                tile.spread(0.022)
                        .of(
                                "terracotta-hexagon",
                                "Terracotta hexagon",
                                tone(0.755, 0.062, 46),
                                laid(new Hexagon(), 180, 180, 5)),
                tile.of(
                        "tile-octagon",
                        "Octagon with dot",
                        tone(0.935, 0.008, 95),
                        laid(new OctagonDot(0.35), 150, 150, 2)),
                tile.of(
                        "tile-checker",
                        "Tile, two tones",
                        tone(0.830, 0.006, 95),
                        laid(new Diagonal(), 200, 200, 2)
                                .withBlend(new Blend(
                                        Mixing.IN_TURN,
                                        List.of(
                                                new Share(tone(0.935, 0.006, 95), 1),
                                                new Share(tone(0.725, 0.008, 95), 1))))),
                tile.of(
                        "mosaic-sea",
                        "Mosaic, sea",
                        tone(0.820, 0.040, 205),
                        laid(new Stack(), 25, 25, 2)
                                .withBlend(new Blend(
                                        Mixing.BY_CHANCE,
                                        List.of(
                                                new Share(tone(0.900, 0.018, 200), 4),
                                                new Share(tone(0.820, 0.044, 200), 3),
                                                new Share(tone(0.740, 0.056, 215), 2),
                                                new Share(tone(0.640, 0.060, 235), 1))))),
                tile.of("mosaic-white", "Mosaic, white", tone(0.950, 0.004, 220), laid(new Hexagon(), 25, 25, 2)),
                tile.of("tile-rhomb", "Rhomb tile", tone(0.880, 0.014, 70), laid(new Rhomb(), 120, 120, 2)),
                tile.grain(Grain.FLECK)
                        .of("terrazzo-tile", "Terrazzo tile", tone(0.900, 0.008, 80), laid(new Stack(), 400, 400, 2)));
    }

    private static List<Material> stones() {
        var stone = new Shelf(Family.STONE, Grain.VEINS, 0.014, 0.08);
        return List.of(
                stone.grain(Grain.PLAIN)
                        .spread(0.016)
                        .darker(0.10)
                        .of(
                                "stone-slabs",
                                "Stone slabs",
                                tone(0.895, 0.013, 95),
                                laid(new CoursedSlabs(), 300, 520, 6)),
                stone.of("limestone", "Limestone", tone(0.905, 0.016, 88), laid(new Running(0.5), 400, 600, 3)),
                stone.of("travertine", "Travertine", tone(0.885, 0.026, 80), laid(new Stack(), 450, 900, 2)),
                stone.of("marble-white", "Marble, white", tone(0.950, 0.004, 240), laid(new Stack(), 600, 600, 1.5)),
                stone.of("marble-green", "Marble, green", tone(0.600, 0.036, 160), laid(new Stack(), 300, 300, 1.5)),
                stone.spread(0.022).of("slate", "Slate", tone(0.580, 0.010, 240), laid(new Running(0.5), 300, 600, 4)),
                stone.grain(Grain.FLECK)
                        .of("granite", "Granite", tone(0.780, 0.006, 80), laid(new Stack(), 400, 400, 3)),
                stone.grain(Grain.PLAIN)
                        .spread(0.022)
                        .of(
                                "sandstone-sizes",
                                "Sandstone, mixed",
                                tone(0.870, 0.028, 78),
                                laid(Patterns.FOUR_SIZES, 195, 195, 5)),
                stone.grain(Grain.PLAIN)
                        .spread(0.018)
                        .of(
                                "limestone-sizes",
                                "Limestone, mixed",
                                tone(0.900, 0.014, 90),
                                laid(Patterns.TWO_SIZES, 200, 200, 4)));
    }

    private static List<Material> screeds() {
        var screed = new Shelf(Family.SCREED, Grain.CLOUDS, 0.010, 0.07);
        return List.of(
                screed.of("screed", "Screed", tone(0.930, 0.005, 110), Laying.seamless()),
                screed.of("screed-dark", "Screed, dark", tone(0.660, 0.006, 80), Laying.seamless()),
                screed.of("screed-sand", "Screed, sand", tone(0.880, 0.022, 78), Laying.seamless()),
                screed.of("concrete-slab", "Concrete slab", tone(0.830, 0.004, 110), laid(new Stack(), 1000, 1000, 6)),
                screed.grain(Grain.FLECK).of("terrazzo", "Terrazzo", tone(0.910, 0.008, 85), Laying.seamless()),
                screed.grain(Grain.FLECK)
                        .of("terrazzo-rose", "Terrazzo, rose", tone(0.860, 0.026, 35), Laying.seamless()));
    }

    private static List<Material> carpets() {
        var carpet = new Shelf(Family.CARPET, Grain.PILE, 0.012, 0.06);
        return List.of(
                carpet.of("carpet-oat", "Carpet, oat", tone(0.930, 0.018, 78), Laying.seamless()),
                carpet.of("carpet-mist", "Carpet, mist", tone(0.930, 0.013, 240), Laying.seamless()),
                carpet.of("carpet-moss", "Carpet, moss", tone(0.780, 0.034, 135), Laying.seamless()),
                carpet.of("carpet-clay", "Carpet, clay", tone(0.790, 0.042, 45), Laying.seamless()),
                carpet.of("carpet-tile", "Carpet tile, slate", tone(0.700, 0.012, 245), laid(new Stack(), 500, 500, 0)),
                carpet.grain(Grain.WEAVE).of("sisal", "Sisal", tone(0.850, 0.034, 82), Laying.seamless()),
                carpet.grain(Grain.CLOUDS)
                        .of("linoleum-fern", "Linoleum, fern", tone(0.790, 0.040, 150), Laying.seamless()),
                carpet.grain(Grain.CLOUDS)
                        .of("linoleum-ochre", "Linoleum, ochre", tone(0.830, 0.058, 82), Laying.seamless()));
    }

    private static List<Material> plasters() {
        var plaster = new Shelf(Family.PLASTER, Grain.CLOUDS, 0.008, 0.05);
        var paint = new Shelf(Family.PAINT, Grain.PLAIN, 0, 0);
        return List.of(
                plaster.of("lime-white", "Limewash, white", tone(0.970, 0.006, 95), Laying.seamless()),
                plaster.of("lime-sand", "Limewash, sand", tone(0.930, 0.024, 80), Laying.seamless()),
                plaster.of("clay-rose", "Clay plaster, rose", tone(0.860, 0.036, 40), Laying.seamless()),
                plaster.of("clay-grey", "Clay plaster, grey", tone(0.840, 0.010, 85), Laying.seamless()),
                paint.of("paint-chalk", "Paint, chalk", tone(0.960, 0.006, 90), Laying.seamless()),
                paint.of("paint-sage", "Paint, sage", tone(0.800, 0.040, 150), Laying.seamless()),
                paint.of("paint-harbour", "Paint, harbour blue", tone(0.720, 0.045, 240), Laying.seamless()),
                paint.of("paint-straw", "Paint, straw", tone(0.900, 0.050, 92), Laying.seamless()),
                paint.of("paint-brick", "Paint, brick", tone(0.640, 0.080, 35), Laying.seamless()));
    }

    private static List<Material> wallCoverings() {
        var paper = new Shelf(Family.PAPER, Grain.WEAVE, 0.004, 0.02);
        var panel = new Shelf(Family.PANEL, Grain.WOOD, 0.018, 0.12);
        var glass = new Shelf(Family.GLASS, Grain.PLAIN, 0.006, 0.10);
        var metal = new Shelf(Family.METAL, Grain.BRUSHED, 0.008, 0.10);
        return List.of(
                paper.of("paper-linen", "Paper, linen", tone(0.920, 0.018, 85), laid(new Stack(), 530, 10_000, 0)),
                paper.of("paper-dusk", "Paper, dusk", tone(0.760, 0.030, 265), laid(new Stack(), 530, 10_000, 0)),
                panel.of("panel-oak", "Panelling, oak", tone(0.800, 0.050, 70), laid(new Stack(), 120, 2700, 3)),
                panel.grain(Grain.PLAIN)
                        .of(
                                "panel-white",
                                "Boarding, painted white",
                                tone(0.955, 0.006, 95),
                                laid(new Stack(), 95, 2700, 5)),
                panel.of("panel-birch", "Panel, birch", tone(0.890, 0.034, 80), laid(new Stack(), 1250, 2500, 4)),
                glass.of("glass-clear", "Glass, clear", tone(0.930, 0.016, 200), laid(new Stack(), 1000, 2000, 6)),
                glass.of("glass-block", "Glass block", tone(0.900, 0.022, 195), laid(new Stack(), 190, 190, 10)),
                metal.of("metal-steel", "Steel, brushed", tone(0.820, 0.006, 250), laid(new Stack(), 1000, 2000, 2)),
                metal.of("metal-brass", "Brass, brushed", tone(0.800, 0.070, 88), laid(new Stack(), 600, 1200, 2)),
                metal.of("metal-zinc", "Zinc", tone(0.760, 0.010, 240), laid(new Running(0.5), 430, 1000, 3)));
    }

    private static List<Material> outdoors() {
        var paving = new Shelf(Family.PAVING, Grain.PLAIN, 0.016, 0.09);
        var loose = new Shelf(Family.LOOSE, Grain.PEBBLES, 0.012, 0.06);
        var planting = new Shelf(Family.PLANTING, Grain.PILE, 0.012, 0.06);
        return List.of(
                paving.of(
                        "paving-brick", "Brick paving", tone(0.790, 0.050, 45), laid(new Herringbone(1), 104, 214, 6)),
                paving.of("paving-setts", "Setts", tone(0.760, 0.008, 80), laid(new Setts(), 100, 110, 10)),
                paving.of("paving-fan", "Setts in fans", tone(0.770, 0.010, 70), laid(new Fan(11), 80, 80, 8)),
                paving.of(
                        "paving-block", "Concrete paving", tone(0.810, 0.006, 90), laid(new Running(0.5), 100, 200, 4)),
                paving.of("paving-slabs", "Paving slabs", tone(0.880, 0.010, 90), laid(new Stack(), 400, 400, 8)),
                loose.of("gravel", "Gravel", tone(0.860, 0.014, 82), Laying.seamless()),
                loose.grain(Grain.CLOUDS).of("sand", "Sand", tone(0.900, 0.036, 85), Laying.seamless()),
                planting.of("lawn", "Lawn", tone(0.860, 0.050, 128), Laying.seamless()),
                planting.of("meadow", "Meadow", tone(0.830, 0.052, 118), Laying.seamless()),
                new Shelf(Family.WATER, Grain.RIPPLES, 0, 0)
                        .of("water", "Water", tone(0.840, 0.036, 215), Laying.seamless()));
    }

    private static Oklch tone(double lightness, double chroma, double hueDeg) {
        return new Oklch(lightness, chroma, hueDeg);
    }

    private static Laying laid(Pattern pattern, double widthMm, double lengthMm, double jointMm) {
        return Laying.of(pattern, widthMm, lengthMm, jointMm);
    }

    private static Laying random(double widthMm, double lengthMm, double shortestMm, double jointMm) {
        return laid(new RandomLengths(Length.ofMm(shortestMm)), widthMm, lengthMm, jointMm);
    }

    /** What materials that stand side by side have in common. */
    private record Shelf(Family family, Grain grain, double toneSpread, double jointDarker) {
        Shelf grain(Grain other) {
            return new Shelf(family, other, toneSpread, jointDarker);
        }

        Shelf spread(double other) {
            return new Shelf(family, grain, other, jointDarker);
        }

        Shelf darker(double other) {
            return new Shelf(family, grain, toneSpread, other);
        }

        Material of(String key, String label, Oklch tone, Laying laying) {
            return new Material(key, label, family, tone, toneSpread, jointDarker, grain, laying, Optional.empty());
        }
    }
}
