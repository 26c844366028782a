package honeylamp.derive.snags;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.BriefCheck;
import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Minimums;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether the leaves of a door can open, and what they meet. */
public final class SwingJudgement {
    /** Less overlap than this is rounding, in mm². */
    private static final double TOUCHING_MM2 = 400;

    /** A leaf may come so near to what it passes. */
    private static final double CLEAR_MM = 3;

    /** Pieces lower than this are passed over: rugs, trays. */
    private static final double FLAT_MM = 40;

    private static final double BESIDE_MM = 12;

    /** A leaf passes under steps higher than this. */
    private static final double HIGHEST_IN_THE_WAY_MM = 2000;

    /** Sashes are about so wide. */
    private static final double USUAL_SASH_MM = 1100;

    /** The upper edge of a leaning sash comes in by so much of its height. */
    private static final double LEANS = 0.25;

    private static final double BESIDE_FACE_MM = 50;

    /** A piece so deep and so long is not put aside to open a window. */
    private static final double DEEP_MM = 300;

    private static final double LONG_MM = 900;

    /** A little higher than the sill is no matter. */
    private static final double ABOVE_SILL_MM = 50;

    private final StoreyGeometry geometry;
    private final Minimums minimums;
    private final UnitSystem units;
    private final List<FixedParts.Flights> stairs;
    private final List<Swept> swept;

    private record Swept(OpeningCut cut, LeafSweep leaf, Outline area) {}

    /**
     * Something that speaks against how a door is hung.
     *
     * @param parts what meets, in plan mm
     * @param about the door and what it meets
     * @param sentence why
     */
    public record Conflict(Snag.Kind kind, List<Outline> parts, List<ElementId> about, String sentence) {}

    /** A judgement of the doors of a storey. */
    public SwingJudgement(StoreyGeometry geometry, Plan plan) {
        this.geometry = geometry;
        this.minimums = plan.brief().minimums();
        this.units = plan.units();
        this.stairs = FixedParts.on(plan, geometry.storey()).stairs();
        this.swept = geometry.cuts().stream().flatMap(c -> swept(c).stream()).toList();
    }

    private static List<Swept> swept(OpeningCut cut) {
        return LeafSweep.of(cut).stream().map(l -> new Swept(cut, l, l.area())).toList();
    }

    /** What speaks against an opening as it is cut; it need not be in the storey yet. */
    public List<Conflict> of(OpeningCut cut) {
        var out = new ArrayList<Conflict>();
        for (var leaf : swept(cut)) {
            walls(leaf, out);
            stairs(leaf, out);
            pieces(leaf, out);
            leaves(leaf, out);
        }
        if (cut.opening().kind().hasHinges()) {
            nibs(cut, out);
            store(cut, out);
        }
        sashes(cut, out);
        pocket(cut, out);
        clearWidth(cut, out);
        return out;
    }

    /**
     * Large pieces higher than the sill where sashes swing or lean into a room: what is small is put aside, and curtains hang
     * there.
     */
    private void sashes(OpeningCut cut, List<Conflict> out) {
        var opening = cut.opening();
        var swings = opening.kind() == OpeningKind.CASEMENT_WINDOW;
        if (!swings && opening.kind() != OpeningKind.TILT_WINDOW) {
            return;
        }
        var f = OpeningFrame.of(cut, Hand.FIRST);
        var sash = f.widthMm() / Math.max(1, Math.round(f.widthMm() / USUAL_SASH_MM));
        var deep = swings ? sash : LEANS * (opening.head().mm() - opening.sill().mm());
        for (var side : List.of(1, -1)) {
            var from = side * f.halfMm();
            if (geometry.roomAt(f.at(f.widthMm() / 2, from + side * BESIDE_FACE_MM))
                    .isEmpty()) {
                continue;
            }
            var area = Outline.of(
                    f.strip(0, f.widthMm(), Math.min(from, from + side * deep), Math.max(from, from + side * deep))
                            .counterClockwise());
            for (var piece : geometry.storey().furnishings()) {
                var reach = Math.hypot(piece.width().mm(), piece.depth().mm()) / 2;
                if (standsBefore(piece, cut)
                        && area.bounds().grown(reach).contains(piece.at().point())) {
                    met(area, List.of(Outline.of(Picking.footprint(piece))))
                            .ifPresent(parts -> out.add(new Conflict(
                                    Snag.Kind.SASH_AGAINST_PIECE,
                                    parts,
                                    List.of(opening.id(), piece.id()),
                                    name(cut) + " meets a piece ("
                                            + piece.kind().replace('-', ' ')
                                            + ") if it opens into the room. Move the piece.")));
                }
            }
            return; // of a window between two rooms the side it opens to is nobody's to guess
        }
    }

    private static boolean standsBefore(Furnishing piece, OpeningCut cut) {
        return Math.min(piece.width().mm(), piece.depth().mm()) >= DEEP_MM
                && Math.max(piece.width().mm(), piece.depth().mm()) >= LONG_MM
                && piece.top().mm() > cut.opening().sill().mm() + ABOVE_SILL_MM
                && piece.bottom().compareTo(cut.opening().head()) < 0
                && piece.works() != Wall.Works.REMOVED;
    }

    /** How doors of a kind are called in a sentence. */
    private static String name(OpeningCut cut) {
        return cut.opening().kind().label();
    }

    private String shown(double mm) {
        return LengthText.roundedWithUnit(Length.ofMm(Math.max(0, mm)), units);
    }

    private void walls(Swept s, List<Conflict> out) {
        var box = s.area.bounds();
        var bodies = geometry.network().near(box).stream()
                .filter(p -> !p.wall().id().equals(s.cut.host().id()))
                .toList();
        if (bodies.isEmpty()) {
            return;
        }
        var holes = geometry.cuts().stream()
                .filter(c -> box.grown(c.opening().width().mm() + c.thicknessMm())
                        .contains(c.leftFace().a()))
                .map(c -> Outline.of(c.generous()))
                .toList();
        var solid = Regions.difference(
                bodies.stream().map(p -> Outline.of(p.body())).toList(), holes);
        met(s.area, solid).ifPresent(parts -> {
            var wall = bodies.getFirst().wall().id();
            out.add(new Conflict(
                    Snag.Kind.LEAF_AGAINST_WALL,
                    parts,
                    List.of(s.cut.opening().id(), wall),
                    name(s.cut) + " cannot open: its leaf meets a wall. Hang it the other way or move it."));
        });
    }

    private void stairs(Swept s, List<Conflict> out) {
        var box = s.area.bounds();
        for (var stair : stairs) {
            var reach =
                    stair.part().footprint().bounds().grown(minimums.landing().mm());
            if (!reach.meets(box)) {
                continue; // its well and its landing are dear to find
            }
            var about = List.<ElementId>of(s.cut.opening().id(), stair.part().id());
            var flight = met(s.area, steps(stair));
            if (flight.isPresent()) {
                out.add(new Conflict(
                        Snag.Kind.LEAF_OVER_STAIR,
                        flight.get(),
                        about,
                        name(s.cut) + " opens over the steps of a stair. Let it open away from them."));
                continue;
            }
            met(s.area, landing(stair))
                    .ifPresent(landing -> out.add(new Conflict(
                            Snag.Kind.LEAF_OVER_STAIR,
                            landing,
                            about,
                            name(s.cut) + " leaves less than "
                                    + shown(minimums.landing().mm())
                                    + " free before a stair. Let it open away from it.")));
        }
    }

    /** Steps that a leaf would be over: those under the opening of the floor, or low enough to stand in its way. */
    private static List<Outline> steps(FixedParts.Flights stair) {
        return switch (stair.seen()) {
            case HEAD -> stair.well();
            case FOOT -> stair.steps().below(HIGHEST_IN_THE_WAY_MM);
        };
    }

    /** What must stay free before the first step or after the last. */
    private List<Outline> landing(FixedParts.Flights stair) {
        var edges = stair.steps().risers();
        var edge = stair.seen() == FixedParts.End.HEAD ? edges.getLast() : edges.getFirst();
        var way = stair.seen() == FixedParts.End.HEAD
                ? stair.steps().spot(stair.steps().walkMm()).unit()
                : stair.steps().spot(0).unit().times(-1);
        var away = way.times(minimums.landing().mm());
        return minimums.landing().mm() <= 0
                ? List.of()
                : List.of(Outline.of(Ring.of(
                                edge.a(),
                                edge.b(),
                                edge.b().plus(away),
                                edge.a().plus(away))
                        .counterClockwise()));
    }

    private void pieces(Swept s, List<Conflict> out) {
        var box = s.area.bounds();
        for (var piece : geometry.storey().furnishings()) {
            var reach = Math.hypot(piece.width().mm(), piece.depth().mm()) / 2;
            if (piece.height().mm() > FLAT_MM
                    && piece.bottom().compareTo(s.cut.opening().head()) < 0
                    && box.grown(reach).contains(piece.at().point())) {
                met(s.area, List.of(Outline.of(Picking.footprint(piece))))
                        .ifPresent(parts -> out.add(new Conflict(
                                Snag.Kind.LEAF_AGAINST_PIECE,
                                parts,
                                List.of(s.cut.opening().id(), piece.id()),
                                name(s.cut) + " meets a piece (" + piece.kind().replace('-', ' ')
                                        + ") when it opens. Move the piece, or hang the door the other way.")));
            }
        }
    }

    private void leaves(Swept s, List<Conflict> out) {
        for (var other : swept) {
            if (!other.cut.opening().id().equals(s.cut.opening().id())
                    && other.area.bounds().meets(s.area.bounds())) {
                met(s.area, List.of(other.area))
                        .ifPresent(parts -> out.add(new Conflict(
                                Snag.Kind.LEAF_AGAINST_LEAF,
                                parts,
                                List.of(
                                        s.cut.opening().id(),
                                        other.cut.opening().id()),
                                name(s.cut) + " and another door meet when both open. Hang one of them the other"
                                        + " way.")));
            }
        }
    }

    /** What two areas share beyond mere touching. */
    private static Optional<List<Outline>> met(Outline area, List<Outline> others) {
        var box = area.bounds();
        var near = others.stream().filter(o -> o.bounds().meets(box)).toList();
        if (near.isEmpty()) {
            return Optional.empty();
        }
        var shared = Regions.intersection(List.of(area), near);
        return shared.stream().mapToDouble(Outline::area).sum() > TOUCHING_MM2 ? Optional.of(shared) : Optional.empty();
    }

    /** The wall left between hinges and a cross wall on the side the leaf opens to; handle and hinges need it. */
    private void nibs(OpeningCut cut, List<Conflict> out) {
        var opening = cut.opening();
        var hands = opening.kind() == OpeningKind.PAIR_DOOR || opening.kind() == OpeningKind.UNEQUAL_PAIR
                ? List.of(Hand.FIRST, Hand.SECOND)
                : List.of(opening.hand());
        for (var hand : hands) {
            var nib = nibMm(cut, hand);
            if (nib.isPresent() && nib.get() < minimums.nib().mm() - CLEAR_MM / 10) {
                var f = OpeningFrame.of(cut, hand);
                out.add(new Conflict(
                        Snag.Kind.SMALL_NIB,
                        List.of(Outline.of(f.strip(-Math.max(nib.get(), 1), 0, f.halfMm(), f.halfMm() + 200))),
                        List.of(opening.id()),
                        name(cut) + " has " + shown(nib.get()) + " between its hinges and the wall beside them; handle"
                                + " and hinges need " + shown(minimums.nib().mm()) + ". Move it, or hang it at the"
                                + " other jamb."));
            }
        }
    }

    /** From a jamb to the wall that stands beside it on the side the leaf opens to; nothing if none does. */
    private Optional<Double> nibMm(OpeningCut cut, Hand hand) {
        var opening = cut.opening();
        var stretch =
                Stretches.at(Stretches.onSide(geometry.network(), cut.host(), opening.swing()), opening.middleMm());
        var nib = hand == Hand.FIRST
                ? opening.offset().mm() - stretch.stretchFromMm()
                : stretch.stretchToMm() - opening.end().mm();
        var f = OpeningFrame.of(cut, hand);
        var beside = f.at(-nib - BESIDE_MM, f.halfMm() + BESIDE_MM);
        var stands = geometry.network().near(beside, 1).stream()
                .anyMatch(p -> p.body().contains(beside));
        return stands ? Optional.of(nib) : Optional.empty();
    }

    private void store(OpeningCut cut, List<Conflict> out) {
        var f = OpeningFrame.of(cut);
        var into = f.at(f.widthMm() / 2, f.halfMm() + BESIDE_MM);
        geometry.roomAt(into)
                .filter(r -> BriefCheck.use(r).equals(RoomFit.STORE))
                .ifPresent(r -> out.add(new Conflict(
                        Snag.Kind.STORE_OPENS_INWARD,
                        LeafSweep.of(cut).stream().map(LeafSweep::area).toList(),
                        List.of(cut.opening().id()),
                        name(cut) + " takes the room of a store (\"" + r.name() + "\"). Let it open outward.")));
    }

    /** A pocket needs as much wall beside the opening as the leaf is wide. */
    private void pocket(OpeningCut cut, List<Conflict> out) {
        var opening = cut.opening();
        if (opening.kind() != OpeningKind.POCKET_DOOR) {
            return;
        }
        var stretch = Stretches.bounding(geometry.network(), cut.host(), neighbours(opening), opening.middleMm());
        var room = opening.hand() == Hand.FIRST ? stretch.beforeMm(opening) : stretch.afterMm(opening);
        var leaf = opening.width().mm() - LeafSweep.LINING_MM;
        if (room < leaf) {
            var f = OpeningFrame.of(cut);
            out.add(new Conflict(
                    Snag.Kind.POCKET_TOO_SHORT,
                    List.of(Outline.of(f.strip(-leaf, 0, -f.halfMm(), f.halfMm()))),
                    List.of(opening.id()),
                    "Pocket door needs " + shown(leaf) + " of wall to slide into and has " + shown(room)
                            + ". Let it slide the other way, or make it narrower."));
        }
    }

    private List<Opening> neighbours(Opening opening) {
        return geometry.places().placed().stream()
                .filter(o -> o.host().equals(opening.host()) && !o.id().equals(opening.id()))
                .toList();
    }

    private void clearWidth(OpeningCut cut, List<Conflict> out) {
        if (cut.opening().kind().family() != OpeningKind.Family.DOOR) {
            return;
        }
        var clear = FrameSizes.of(cut.opening()).clearWidthMm();
        if (clear < minimums.clearDoor().mm()) {
            out.add(new Conflict(
                    Snag.Kind.NARROW_DOOR,
                    List.of(Outline.of(cut.ring())),
                    List.of(cut.opening().id()),
                    name(cut) + " is " + shown(clear) + " clear; you want "
                            + shown(minimums.clearDoor().mm()) + " at least. Make it wider."));
        }
    }

    /** How the same opening hangs without any conflict, trying the other hand first, then the other side, then both. */
    public Optional<Opening> better(OpeningCut cut) {
        var o = cut.opening();
        var tries = new ArrayList<Opening>();
        if (o.kind().hasHand()) {
            tries.add(o.hung(o.hand().flipped(), o.swing()));
        }
        if (o.kind().hasSide()) {
            tries.add(o.hung(o.hand(), o.swing().flipped()));
        }
        if (o.kind().hasHand() && o.kind().hasSide()) {
            tries.add(o.hung(o.hand().flipped(), o.swing().flipped()));
        }
        return tries.stream()
                .filter(t -> of(OpeningCut.of(
                                t,
                                cut.host(),
                                cut.thicknessMm(),
                                geometry.storey().levels().cut()))
                        .isEmpty())
                .findFirst();
    }

    /** The doors of the storey that something speaks against. */
    List<Snag> snags() {
        var out = new ArrayList<Snag>();
        for (var cut : geometry.cuts()) {
            for (var conflict : of(cut)) {
                if (conflict.kind != Snag.Kind.LEAF_AGAINST_LEAF || first(cut, conflict)) {
                    out.add(new Snag(conflict.kind, middle(conflict.parts), conflict.about, conflict.sentence));
                }
            }
        }
        return out;
    }

    /** Of two doors that meet only the one made first says so. */
    private static boolean first(OpeningCut cut, Conflict conflict) {
        return conflict.about.stream()
                .allMatch(id -> ElementId.ORDER.compare(id, cut.opening().id()) >= 0);
    }

    private static Point middle(List<Outline> parts) {
        return parts.stream()
                .map(Outline::bounds)
                .reduce(Box::union)
                .orElseThrow()
                .centre();
    }
}
