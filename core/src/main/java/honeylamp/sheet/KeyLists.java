package honeylamp.sheet;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.building.WallArt;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Position;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.ColourKey;
import honeylamp.takeoff.OrderKey;
import honeylamp.takeoff.key.FinishKey;
import honeylamp.takeoff.key.WallKey;
import honeylamp.takeoff.lighting.FittingList;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The lists of a page that explain what is drawn: each row has a sample, drawn as the plan is. */
final class KeyLists {
    /** Walls in their key are drawn with the pens of this scale. */
    private static final double KEY_SCALE = 100;

    /** A sample of a finish in the key shows about so many rows of its pieces. */
    private static final double SAMPLE_PIECES = 3;

    private final LaidPage page;

    KeyLists(LaidPage page) {
        this.page = page;
    }

    /** What the colours of rooms mean that are washed by their use. */
    RowList uses(List<RoomUse> uses) {
        return RowList.of(
                Listing.FINISHES,
                "Uses of rooms",
                uses.stream()
                        .map(use -> new RowList.Named(
                                (pen, box) -> pen.fill(
                                        Figure.ring(box.ring()),
                                        Ink.of(page.look()
                                                .palette()
                                                .of(use.floor())
                                                .argb())),
                                use.label()))
                        .toList());
    }

    RowList finishes(List<FinishKey.Entry> entries) {
        return RowList.of(
                Listing.FINISHES,
                "Finishes",
                entries.stream()
                        .map(e ->
                                new RowList.Named((pen, box) -> pen.marks().add(sample(e.material(), box)), e.words()))
                        .toList());
    }

    /** What to order for the surfaces that are seen. */
    List<RowList.Pair> order() {
        return OrderKey.of(page).stream()
                .map(e -> new RowList.Pair(
                        (pen, box) -> pen.marks().add(sample(e.material(), box)), e.name(), e.figure(), e.size()))
                .toList();
    }

    /** The symbols of lights, switches and outlets, with how many there are. */
    List<RowList.Pair> fittings(List<LaidStorey> storeys) {
        var pens = Pens.of(page.look(), KEY_SCALE);
        return FittingList.of(storeys).key().stream()
                .map(e -> new RowList.Pair(
                        (pen, box) ->
                                pen.marks().addAll(FittingArt.sample(e.kind(), box.centre(), pens, box.width() - 1)),
                        e.kind().label(),
                        Integer.toString(e.count()),
                        e.more()))
                .toList();
    }

    List<RowList.Pair> colours() {
        return ColourKey.of(page).stream()
                .map(e -> new RowList.Pair(
                        (pen, box) -> pen.fill(
                                Figure.ring(box.ring()), Ink.of(e.colour().argb())),
                        e.name(),
                        "",
                        e.where()))
                .toList();
    }

    /** The types of walls that are cut, and what becomes of walls in the works. */
    List<RowList.Row> walls(List<LaidStorey> storeys) {
        var art = new WallArt(PaperFrame.atOrigin(KEY_SCALE), Pens.of(page.look(), KEY_SCALE));
        var out = new ArrayList<RowList.Row>();
        WallKey.works(storeys)
                .forEach((works, mm) -> out.add(wall(
                        (pen, box) -> pen.marks().addAll(art.sample(box, works)), works.label(), Length.ofMm(mm))));
        WallKey.types(storeys)
                .forEach(type -> out.add(wall(
                        (pen, box) -> pen.marks().addAll(art.sample(box, type.poche())),
                        type.name(),
                        type.thickness())));
        return out;
    }

    private static RowList.Row wall(RowList.Sample sample, String words, Length length) {
        return (rows, column, y) -> {
            var pen = rows.pen();
            sample.draw(pen, new Box(column.minX(), y - 2.6, column.minX() + 7, y + 0.4));
            var figure = LengthText.built(
                    LengthText.rounded(length, rows.page().plan().units()));
            var room = column.width() - 12 - pen.width(figure, TextRole.BODY, Typeface.REGULAR);
            pen.fitted(words, column.minX() + 10, y, TextRole.BODY, Typeface.REGULAR, room);
            pen.text(figure, column.maxX(), y, TextRole.BODY, Typeface.REGULAR, Align.RIGHT);
        };
    }

    /** The pattern as it lies, so small that a few pieces are seen, and darker where there is nothing but its joints. */
    Mark sample(Material material, Box swatch) {
        var pitch = Pieces.pitchMm(material.laying());
        var scale = Double.isFinite(pitch) ? Math.clamp(SAMPLE_PIECES * pitch / swatch.height(), 20, 400) : KEY_SCALE;
        var frame = PaperFrame.atOrigin(scale);
        var there =
                new Box(swatch.minX() * scale, -swatch.maxY() * scale, swatch.maxX() * scale, -swatch.minY() * scale);
        var finish = new Finish(material.key(), 0, Position.ofMm(there.minX(), there.minY()))
                .with(copy -> copy.laying(Optional.of(material.laying())).tone(material.own()));
        var pens = Pens.of(page.look(), scale);
        var laid = new FloorArt(frame, pens, 1).floor(Figure.ring(there.ring()), there, material, finish, 3);
        // joints are all there is to tell these samples by, and the finest lines there are
        return pens.hasJointsAlone() ? new Mark.Clip(Figure.ring(swatch.ring()), List.of(laid, laid, laid)) : laid;
    }
}
