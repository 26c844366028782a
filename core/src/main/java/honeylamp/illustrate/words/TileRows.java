package honeylamp.illustrate.words;

import honeylamp.catalogue.Materials;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LinePlaces.Near;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.RoomMark;
import honeylamp.takeoff.tiles.TileRun;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** On floors of tiles, along and across their courses: the cut rows at the edges and the whole ones between. */
final class TileRows {
    private final LaidView view;
    private final PaperFrame frame;
    private final RowFigures figures;
    private final DimensionArt art;
    private final LinePlaces places;

    TileRows(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.figures = new RowFigures(pens);
        this.art = new DimensionArt(frame, pens);
        this.places = new LinePlaces(view, frame);
    }

    /** The rows of all floors of tiles, clear of what else is written. */
    RoomSizes.Pairs rows(KeptOff off, List<Outline> labels) {
        var marks = new ArrayList<Mark>();
        var lines = new ArrayList<Segment>();
        var without = new ArrayList<Room>();
        for (var room : view.storey().geometry().rooms()) {
            laid(room).ifPresent(laid -> {
                var box = room.outline().bounds();
                var taken = new ArrayList<>(
                        labels.stream().filter(l -> l.bounds().meets(box)).toList());
                var things = new ArrayList<>(off.near(box));
                var found = 0;
                for (var way : List.of(laid.way(), laid.way().left())) {
                    var row = best(room, laid, way, Near.of(things, taken));
                    if (row.isPresent()) {
                        found++;
                        row.get().draw(marks, art, places);
                        lines.add(row.get().line);
                        taken.addAll(row.get().covered(frame));
                        things.add(OtherWords.covered(row.get().line, frame));
                    }
                }
                if (found < 2) {
                    without.add(room);
                }
            });
        }
        return new RoomSizes.Pairs(marks, lines, without);
    }

    /** A floor of tiles. */
    private record Laid(Laying laying, Finish finish, long seed) {
        Point way() {
            return Point.direction(finish.directionDeg());
        }
    }

    private Optional<Laid> laid(Room room) {
        return room.mark().flatMap(mark -> floor(mark).filter(l -> TileRun.isTold(l.laying)));
    }

    private Optional<Laid> floor(RoomMark mark) {
        return Materials.of(mark.floor().material())
                .map(m -> new Laid(
                        m.in(view.look()).as(mark.floor()).laying(),
                        mark.floor(),
                        mark.id().seed()));
    }

    /** A row as it lies on paper. */
    private record Row(Segment line, List<Point> stops, List<RowFigures.Placed> figures) {
        List<Outline> covered(PaperFrame frame) {
            return figures.stream()
                    .map(f -> Outline.of(Box.around(f.box().ring().corners().stream()
                                    .map(frame::plan)
                                    .toList())
                            .ring()))
                    .toList();
        }

        void draw(List<Mark> out, DimensionArt art, LinePlaces places) {
            art.onFloor(out, stops, figures, places.seen(line));
        }
    }

    private Optional<Row> best(Room room, Laid laid, Point way, Near near) {
        var middle = LabelSpot.freest(room.outline()).centre();
        return places.lines(room.outline(), middle, way, near).stream()
                .filter(line -> places.isClear(line, near))
                .flatMap(line -> row(line, laid).stream())
                .filter(row -> row.covered(frame).stream().allMatch(f -> LinePlaces.isFree(room.outline(), f, near)))
                .findFirst();
    }

    private Optional<Row> row(Segment line, Laid laid) {
        return TileRun.along(line, laid.laying, laid.finish.directionDeg(), laid.finish.start(), laid.seed)
                .map(run -> {
                    var stops = run.alongMm().stream()
                            .map(line::at)
                            .map(frame::paper)
                            .toList();
                    return new Row(line, stops, figures.of(texts(run), stops, Point.ORIGIN, LinePlaces.beyond(stops)));
                });
    }

    private List<String> texts(TileRun run) {
        var parts = new ArrayList<Length>();
        for (var i = 1; i < run.alongMm().size(); i++) {
            parts.add(RoundedParts.part(run.alongMm().get(i) - run.alongMm().get(i - 1)));
        }
        var out = new ArrayList<>(RoundedParts.of(parts, view.shownIn()));
        if (run.wholes() > 0) {
            var between = run.firstIsCut() ? 1 : 0;
            out.set(between, out.get(between) + " (" + run.wholes() + " whole)");
        }
        return out;
    }
}
