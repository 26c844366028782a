package honeylamp.sheet;

import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Decoded;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Buying;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.SmallPicture;
import honeylamp.takeoff.bought.ShoppingList;
import honeylamp.units.LengthText;
import honeylamp.units.Money;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The pieces that are seen: what they look like, their sizes, what they cost. */
final class BoughtList {
    /** Pens of a piece in the shopping list are those of this scale. */
    private static final double PICTURE_SCALE = 100;

    /** A box is so much larger than the piece in it, for chairs around it. */
    private static final double PICTURE_ROOM = 1.25;

    private final LaidPage page;

    BoughtList(LaidPage page) {
        this.page = page;
    }

    List<RowList.Pair> rows(List<LaidStorey> storeys) {
        return ShoppingList.of(storeys).stream()
                .map(e -> new RowList.Pair(
                        (pen, box) -> pen.marks().addAll(seen(e.first(), box)),
                        e.count() > 1 ? e.count() + " \u00d7 " + e.name() : e.name(),
                        Money.text(e.costCents()),
                        more(e)))
                .toList();
    }

    private String more(ShoppingList.Entry entry) {
        var units = page.plan().units();
        var piece = entry.first();
        return Stream.of(
                        LengthText.built(LengthText.rounded(piece.width(), units)) + " \u00d7 "
                                + LengthText.built(LengthText.rounded(piece.depth(), units)),
                        entry.room(),
                        piece.buying().source(),
                        piece.buying().state() == Buying.State.BOUGHT ? "bought" : "")
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** A picture of the real thing if there is one, else the piece from above. */
    private List<Mark> seen(Furnishing piece, Box box) {
        return piece.buying()
                .picture()
                .flatMap(p -> Decoded.of(p.bytes(), SmallPicture.MOST_PX))
                .map(pixels -> List.<Mark>of(new Mark.Image(pixels, within(box, pixels))))
                .orElseGet(() -> picture(piece, box));
    }

    /** As large as a box holds it, in its middle. */
    private static Box within(Box box, Pixels pixels) {
        var scale = Math.min(box.width() / pixels.width(), box.height() / pixels.height()) / 2;
        var o = box.centre();
        var half = new Point(pixels.width() * scale, pixels.height() * scale);
        return Box.around(List.of(o.minus(half), o.plus(half)));
    }

    /** A piece from above, as large as a box holds. */
    private List<Mark> picture(Furnishing piece, Box box) {
        var upright = piece.withAt(Position.ORIGIN).turnedTo(0);
        var larger = Math.max(piece.width().mm() / box.width(), piece.depth().mm() / box.height());
        var scale = PICTURE_ROOM * larger;
        var frame = new PaperFrame(scale, box.centre().x(), box.centre().y());
        var art = new FurnitureArt(frame, Pens.of(page.look(), PICTURE_SCALE), Lamp.COLOUR, new Remembered());
        return List.of(new Mark.Clip(
                Figure.ring(box.ring()),
                Arrays.stream(SymbolShape.Level.values())
                        .flatMap(level -> art.marks(List.of(upright), level).stream())
                        .toList()));
    }
}
