package honeylamp.takeoff;

import honeylamp.catalogue.Patterns;
import honeylamp.plan.Laying;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.Locale;

/** What counts and proposals are called. */
public final class TileWords {
    private TileWords() {}

    /** Whole pieces, and cut ones by their size. */
    public static String count(TileCount count) {
        return count.whole() + " whole, " + count.large() + " cut over half, " + count.small() + " cut under half";
    }

    /** The size of a piece. */
    public static String size(Laying laying, UnitSystem units) {
        var width = LengthText.rounded(laying.width(), units);
        return Patterns.hasLength(laying.pattern())
                ? width + " \u00d7 " + LengthText.rounded(laying.length(), units)
                : width;
    }

    /** What is to be bought, with boxes, weight and cost as far as they are known. */
    public static String order(TileCount count, Laying laying, UnitSystem units) {
        var goods = laying.goods();
        var out = new StringBuilder();
        if (count.sizes().size() == 1) {
            out.append(count.ordered()).append(" pieces");
        } else {
            for (var size : count.sizes()) {
                out.append(out.isEmpty() ? "" : ", ")
                        .append(size.ordered())
                        .append(" of ")
                        .append(LengthText.rounded(Length.ofMm(size.lengthMm()), units))
                        .append(" \u00d7 ")
                        .append(LengthText.rounded(Length.ofMm(size.widthMm()), units));
            }
        }
        out.append(", ").append(Math.round(100 * count.wasteShare())).append(" % waste");
        var boxes = count.boxes(goods, 0);
        boxes.ifPresent(b -> out.append("; ").append(b).append(b == 1 ? " box" : " boxes"));
        if (goods.grams() > 0) {
            var pieces = boxes.map(b -> b * goods.perBox()).orElse(count.ordered());
            out.append("; ")
                    .append(Math.round(pieces * (long) goods.grams() / 1000.0))
                    .append(" kg");
        }
        if (goods.price() > 0) {
            var bought = boxes.orElse(count.ordered());
            out.append("; ").append(Words.of("%.2f", bought * (long) goods.price() / 100.0));
        }
        return out.toString();
    }

    /** What is to be bought if offcuts are used. */
    public static String nested(TileCount count) {
        return count.nested() + " pieces, " + (count.nested() - count.whole()) + " of them cut up";
    }

    /** The smallest side of a cut piece. */
    public static String leastCut(TileCount count, UnitSystem units) {
        return count.leastMm() == 0
                ? "none: whole pieces only"
                : LengthText.roundedWithUnit(Length.ofMm(count.leastMm()), units) + ", "
                        + Math.round(100 * count.leastShare()) + " % of a piece";
    }

    /** How pieces lie about the middle of a surface. */
    public static String centred(StartProposals.Centred centred, UnitSystem units) {
        return "Along the courses " + centred(centred.along(), units) + "; across them "
                + centred(centred.across(), units) + ".";
    }

    private static String centred(EdgePieces pieces, UnitSystem units) {
        var middle = "a " + pieces.middle().name().toLowerCase(Locale.ROOT) + " lies in the middle";
        return middle
                + (pieces.edgeMm() == 0
                        ? ", no piece is cut"
                        : ", both end pieces are " + LengthText.roundedWithUnit(Length.ofMm(pieces.edgeMm()), units));
    }

    /** What a proposal brings. */
    public static String proposal(StartProposals.Proposal proposal, UnitSystem units) {
        var count = proposal.count();
        return (count.large() + count.small()) + " cuts, smallest " + leastCut(count, units) + "; " + count.ordered()
                + " to order";
    }
}
