package honeylamp.illustrate.words;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Borders;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.RoundedParts;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LinePlaces.Near;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.takeoff.tiles.TileRun;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** On floors of tiles, along and across their courses: the cut rows at the edges and the whole ones between. */
final class TileRows {
    /** Between a figure and the line of another row, in paper mm. */
    private static final double ROW_AIR_MM = 0.5;

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
                var rows = new ArrayList<Segment>();
                for (var way : List.of(laid.way(), laid.way().left())) {
                    var row = best(room, laid, way, Near.of(things, taken), rows);
                    if (row.isPresent()) {
                        rows.add(row.get().line);
                        row.get().draw(marks, art, places);
                        lines.add(row.get().line);
                        taken.addAll(row.get().covered(frame));
                        things.add(OtherWords.covered(row.get().line, frame));
                    }
                }
                if (rows.size() < 2) {
                    without.add(room);
                }
            });
        }
        return new RoomSizes.Pairs(marks, lines, without);
    }

    /**
     * A floor of tiles.
     *
     * @param field what they cover: not the borders along the edges, nor regions laid otherwise
     */
    private record Laid(Outline field, Laying laying, Finish finish, long seed) {
        Point way() {
            return Point.direction(finish.directionDeg());
        }
    }

    private Optional<Laid> laid(Room room) {
        return room.mark().flatMap(mark -> floor(room, mark).filter(l -> TileRun.isTold(l.laying)));
    }

    private Optional<Laid> floor(Room room, RoomMark mark) {
        return Materials.of(mark.floor().material())
                .flatMap(m -> field(room, mark.floor())
                        .map(field -> new Laid(
                                field,
                                m.in(view.look()).as(mark.floor()).laying(),
                                mark.floor(),
                                mark.id().seed())));
    }

    /** The largest part of a room within the borders of its floor and beside the regions laid by themselves. */
    private Optional<Outline> field(Room room, Finish finish) {
        var regions = view.storey().geometry().storey().regions().stream()
                .filter(r -> r.on() instanceof Region.Floors
                        && r.ring().bounds().meets(room.outline().bounds()))
                .map(r -> Outline.of(r.ring().counterClockwise()))
                .toList();
        if (finish.courses().isEmpty() && regions.isEmpty()) {
            return Optional.of(room.outline());
        }
        var within = Borders.of(List.of(room.outline()), finish).stream()
                .filter(p -> p.finish().equals(finish.withCourses(List.of())))
                .flatMap(p -> p.outline().stream())
                .toList();
        return Regions.difference(within, regions).stream().max(Comparator.comparingDouble(Outline::area));
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

    private Optional<Row> best(Room room, Laid laid, Point way, Near near, List<Segment> rows) {
        var middle = LabelSpot.freest(laid.field).centre();
        return places.lines(laid.field, middle, way, near).stream()
                .filter(line -> places.isClear(line, near))
                .flatMap(line -> row(line, laid, rows).stream())
                .filter(row -> row.covered(frame).stream().allMatch(f -> LinePlaces.isFree(room.outline(), f, near)))
                .findFirst();
    }

    /** Its figures give way to the rows before it. */
    private Optional<Row> row(Segment line, Laid laid, List<Segment> rows) {
        return TileRun.along(line, laid.laying, laid.finish.directionDeg(), laid.finish.start(), laid.seed)
                .map(run -> {
                    var stops = run.alongMm().stream()
                            .map(line::at)
                            .map(frame::paper)
                            .toList();
                    var taken = new ArrayList<>(LinePlaces.beyond(stops));
                    rows.forEach(r -> taken.add(Box.around(List.of(frame.paper(r.a()), frame.paper(r.b())))
                            .grown(ROW_AIR_MM)));
                    return new Row(line, stops, figures.of(texts(run), stops, Point.ORIGIN, taken));
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
