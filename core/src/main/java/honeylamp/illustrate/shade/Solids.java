package honeylamp.illustrate.shade;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What stands on a storey and throws shade, with heights capped by the look.
 *
 * @param walls the cut of walls and what stands below windows
 * @param pieces furniture and posts
 */
public record Solids(List<Solid> walls, List<Solid> pieces) {
    /** A footprint and the height of its top above the floor in mm. */
    public record Solid(Outline footprint, double heightMm) {}

    /** Pieces lower than this throw nothing: rugs, trays. */
    private static final double FLAT_MM = 40;

    /** Cars shade the ground from their flanks, whose corners are round. */
    private static final double CAR_SIDE_MM = 700;

    /** Steps shade the floor as if all were of one height: those of single steps would fringe it. */
    private static final double STEPS_MM = 400;

    private static final double CAR_CORNER_MM = 120;

    /**
     * Of what a view shows in full: what is faint throws no shade.
     *
     * @param furnishings what stands and lies on the storey
     * @param remembered what was worked out before
     */
    public static Solids of(
            StoreyGeometry geometry,
            List<Furnishing> furnishings,
            FixedParts fixed,
            Showing showing,
            double heightCapMm,
            Remembered remembered) {
        var pieces = new ArrayList<Solid>();
        if (showing.of(Kind.FURNITURE) == Degree.SHOWN) {
            var asked = new Asked(heightCapMm);
            for (var piece : furnishings) {
                pieces.addAll(remembered.answerAbout(asked, piece, () -> solids(piece, heightCapMm)));
            }
        }
        pieces.addAll(parts(geometry.storey(), fixed, showing, heightCapMm));
        var walls = showing.of(Kind.WALLS) == Degree.SHOWN ? walls(geometry, heightCapMm) : List.<Solid>of();
        return new Solids(walls, List.copyOf(pieces));
    }

    private static List<Solid> walls(StoreyGeometry geometry, double heightCapMm) {
        var walls = new ArrayList<Solid>();
        var levels = geometry.network().pieces().stream()
                .collect(Collectors.groupingBy(
                        p -> Math.min(heightCapMm, p.wall().height().mm()), TreeMap::new, Collectors.toList()));
        levels.forEach((height, pieces) -> {
            var bodies = pieces.stream().map(p -> Outline.of(p.body())).toList();
            var there = levels.size() == 1 ? geometry.poche() : Regions.intersection(geometry.poche(), bodies);
            there.forEach(part -> walls.add(new Solid(part, height)));
        });
        for (var cut : geometry.cuts()) {
            if (cut.opening().kind().isWindow()
                    && cut.level() == OpeningCut.Level.CUT
                    && cut.opening().sill().mm() > FLAT_MM) {
                walls.add(new Solid(
                        Outline.of(cut.ring()),
                        Math.min(heightCapMm, cut.host().height().mm()))); // lower, they would notch its shade
            }
        }
        return List.copyOf(walls);
    }

    private record Asked(double cap) {}

    private static List<Solid> solids(Furnishing piece, double cap) {
        var out = new ArrayList<Solid>();
        Furnishings.of(piece).ifPresent(kind -> {
            for (var solid : kind.symbol(piece).solids()) {
                if (solid.heightMm() > FLAT_MM) {
                    out.add(new Solid(
                            Outline.of(
                                    solid.footprint().through(piece.placing()).counterClockwise()),
                            Math.min(cap, piece.bottom().mm() + solid.heightMm())));
                }
            }
        });
        return List.copyOf(out);
    }

    private static List<Solid> parts(Storey storey, FixedParts fixed, Showing showing, double cap) {
        var out = new ArrayList<Solid>();
        for (var part : fixed.blocks()) {
            if (showing.of(kind(part)) != Degree.SHOWN) {
                continue;
            }
            if (rises(part)) {
                out.add(new Solid(
                        Outline.of(part.footprint()),
                        Math.min(cap, part.height().mm())));
            } else if (part.form() instanceof Structure.ParkingBay bay) {
                var w = bay.car().width().mm() / 2;
                var l = bay.car().length().mm() / 2;
                var body = new Box(-w, -l, w, l).grown(-CAR_CORNER_MM).ring().through(part.placing());
                out.add(new Solid(Outline.of(body), Math.min(cap, CAR_SIDE_MM)));
            }
        }
        for (var stair : fixed.stairs()) {
            if (showing.of(Kind.FIXED_PARTS) == Degree.SHOWN && stair.seen() == FixedParts.End.FOOT) {
                for (var part : stair.steps().below(storey.levels().cut().mm())) {
                    out.add(new Solid(part, Math.min(cap, STEPS_MM)));
                }
            }
        }
        return out;
    }

    private static Kind kind(Structure part) {
        return part.form() instanceof Structure.ParkingBay ? Kind.GROUND : Kind.FIXED_PARTS;
    }

    /** Whether a part stands up from the floor; the others lie in it or hang above. */
    private static boolean rises(Structure part) {
        return switch (part.form()) {
            case Structure.Block block ->
                switch (block.kind()) {
                    case POST, LIFT_SHAFT, CHIMNEY, FIREPLACE -> true;
                    case BALCONY,
                            RAMP,
                            VOID,
                            GALLERY,
                            BEAM,
                            ROOFLIGHT,
                            OVERHANG,
                            TRAY_CEILING,
                            SLOPING_CEILING,
                            DORMER -> false;
                };
            case Structure.ParkingBay _, Stair _ -> false;
        };
    }

    public List<Solid> all() {
        var out = new ArrayList<>(walls);
        out.addAll(pieces);
        return out;
    }
}
