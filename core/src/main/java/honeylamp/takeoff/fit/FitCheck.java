package honeylamp.takeoff.fit;

import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Gap;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Minimums;
import honeylamp.plan.Wall;
import honeylamp.takeoff.fit.FitRules.Need;
import honeylamp.takeoff.fit.FitRules.Of;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Where pieces have less room beside them than such pieces need. */
public final class FitCheck {
    /** So much less is as good. */
    private static final double AS_GOOD_MM = 10;

    private FitCheck() {}

    /**
     * A side with too little room.
     *
     * @param gap what is free there
     * @param ground that is needed, in plan mm
     */
    public record Tight(Furnishing piece, Need need, Gap gap, Ring ground) {}

    /** Where a piece has too little room; what goes in the works needs none, and is in no other's way. */
    public static List<Tight> of(StoreyGeometry geometry, Furnishing piece, Minimums minimums) {
        var out = new ArrayList<Tight>();
        if (piece.works() == Wall.Works.REMOVED) {
            return out;
        }
        for (var need : FitRules.of(piece.kind(), minimums)) {
            var tight = need.sides().stream()
                    .flatMap(side -> tight(geometry, piece, need, side).stream())
                    .toList();
            if (need.of() == Of.ALL) {
                out.addAll(tight);
            } else if (tight.size() == need.sides().size()) {
                tight.stream()
                        .max(Comparator.comparingDouble(t -> t.gap().mm()))
                        .ifPresent(out::add);
            }
        }
        return out;
    }

    private static Optional<Tight> tight(StoreyGeometry geometry, Furnishing piece, Need need, Side side) {
        return BesidePiece.gap(
                        geometry,
                        piece,
                        side,
                        other -> other.works() != Wall.Works.REMOVED
                                && !need.except().contains(other.kind())
                                && !Furnishings.givesWay(other),
                        need.wideMm())
                .filter(gap -> gap.mm() < need.mm() - AS_GOOD_MM)
                .map(gap -> new Tight(piece, need, gap, BesidePiece.ground(piece, side, need.mm())));
    }

    /** What is too tight on a storey, in words. */
    public static List<Snag> of(LaidStorey storey) {
        var out = new ArrayList<Snag>();
        for (var piece : storey.geometry().storey().furnishings()) {
            for (var tight : of(storey.geometry(), piece, storey.plan().brief().minimums())) {
                out.add(snag(storey, tight));
            }
        }
        return out;
    }

    private static Snag snag(LaidStorey storey, Tight tight) {
        var units = storey.plan().units();
        var name = Furnishings.of(tight.piece())
                .map(FurnishingKind::label)
                .orElse(tight.piece().kind());
        var wanted = units.isMetric()
                ? Length.ofMm(tight.need().mm())
                : Length.ofInches(Math.rint(tight.need().mm() / Length.MM_PER_INCH));
        var about = new ArrayList<ElementId>(List.of(tight.piece().id()));
        tight.gap().what().ifPresent(about::add);
        return new Snag(
                Snag.Kind.PIECE_TIGHT,
                tight.gap().line().middle(),
                about,
                name + ": " + LengthText.roundedWithUnit(Length.ofMm(tight.gap().mm()), units) + " free "
                        + tight.gap().side().where() + ", "
                        + LengthText.roundedWithUnit(wanted, units) + " wanted "
                        + tight.need().why() + ".");
    }
}
