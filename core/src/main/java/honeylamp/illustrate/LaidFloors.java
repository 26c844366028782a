package honeylamp.illustrate;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Borders;
import honeylamp.derive.listing.FloorTrim;
import honeylamp.derive.listing.OuterFaces;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Covering;
import honeylamp.plan.Finish;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Region;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What covers floors and, as strips along their feet, walls. */
final class LaidFloors {
    /** The colour of a wall's side is a strip so wide on paper. */
    private static final double SIDE_PAPER_MM = 0.7;

    /** The lower half of a ramped strip. */
    private static final double RAMP_DARKER = 0.06;

    /** How far a plinth stands out from its wall. */
    private static final double PLINTH_MM = 15;

    private final LaidStorey storey;
    private final StoreyGeometry geometry;
    private final PaperFrame frame;
    private final Pens pens;
    private final FloorArt floors;
    private final List<Figure> surfaces;

    /**
     * Draws the floors of a storey.
     *
     * @param surfaces what of each room's floor is seen, in plan mm, in the order of the rooms
     */
    LaidFloors(LaidStorey storey, PaperFrame frame, Pens pens, FloorArt floors, List<Figure> surfaces) {
        this.storey = storey;
        this.geometry = storey.geometry();
        this.frame = frame;
        this.pens = pens;
        this.floors = floors;
        this.surfaces = surfaces;
    }

    /** Floors with their borders, regions, thresholds and trims, and along the walls what covers these. */
    List<Mark> marks() {
        var out = new ArrayList<Mark>();
        var isByUse = floors.areWashed();
        for (var at = 0; at < geometry.rooms().size(); at++) {
            var room = geometry.rooms().get(at);
            var surface = surfaces.get(at);
            var finish = room.mark().map(RoomMark::floor);
            var material = finish.map(Finish::material).flatMap(Materials::of);
            if (finish.isEmpty() || material.isEmpty() || isByUse) {
                out.add(new Mark.Fill(frame.paper(surface), floors.wash(room)));
            } else {
                var bounds = room.outline().bounds().grown(500);
                out.add(floors.floor(surface, bounds, material.get(), finish.get(), seed(room)));
                borders(out, List.of(room.outline()), finish.get(), seed(room));
            }
        }
        if (!isByUse) {
            out.addAll(regionMarks());
            out.addAll(thresholdMarks());
            out.addAll(sideMarks());
        }
        return out;
    }

    /** The borders of a floor, over it. */
    private void borders(List<Mark> out, List<Outline> whole, Finish finish, long seed) {
        if (finish.courses().isEmpty()) {
            return;
        }
        var parts = Borders.of(whole, finish);
        for (var part : parts.subList(0, Math.max(0, parts.size() - 1))) {
            over(out, part.outline(), part.finish(), seed);
        }
    }

    private void over(List<Mark> out, List<Outline> outline, Finish finish, long seed) {
        var path = Figure.builder();
        outline.forEach(o -> path.path(o.path()));
        var shape = path.build();
        Materials.of(finish.material())
                .ifPresent(material -> out.add(floors.floor(shape, shape.bounds(), material, finish, seed)));
    }

    /** Thresholds, and in openings without one a trim where two floors that differ meet. */
    private List<Mark> thresholdMarks() {
        var out = new ArrayList<Mark>();
        for (var covering : geometry.storey().coverings()) {
            if (covering.surface() instanceof Surface.Threshold(var opening)) {
                geometry.cut(opening).ifPresent(cut -> threshold(out, cut, covering.finish()));
            }
        }
        FloorTrim.in(geometry).forEach(t -> trim(out, t));
        return out;
    }

    private void threshold(List<Mark> out, OpeningCut cut, Finish finish) {
        Surfaces.threshold(storey, cut).ifPresent(found -> {
            over(
                    out,
                    List.of(Outline.of(cut.ring())),
                    found.frame().inPlan(finish),
                    cut.opening().id().seed());
            out.add(new Mark.Stroke(frame.paper(Figure.ring(cut.ring())), pens.trim(), pens.innerInk()));
        });
    }

    /** A strip over the joint: in the tone of what it is made of between two lines, a ramp with its slope falling darker. */
    private void trim(List<Mark> out, FloorTrim trim) {
        var strip = trim.strip();
        var tone = Materials.of(strip.material())
                .map(m -> m.in(pens.look()).tone())
                .orElseGet(() -> pens.colour(Role.PAPER).lighter(-0.1));
        var width = strip.seen().mm() / frame.scale();
        var line = trim.line();
        // a ramp begins at the joint and lies on the lower floor
        var middle = strip.form() == FloorStrip.Form.RAMP
                ? line.shiftedLeft(-strip.seen().mm() / 2)
                : line;
        out.add(new Mark.Stroke(
                onPaper(middle), Pen.butt(width + 2 * pens.trim().widthMm()), pens.innerInk()));
        out.add(new Mark.Stroke(onPaper(middle), Pen.butt(width), pens.surface(tone)));
        if (strip.form() == FloorStrip.Form.RAMP) {
            var lower = line.shiftedLeft(-strip.seen().mm() * 0.75);
            out.add(new Mark.Stroke(onPaper(lower), Pen.butt(width / 2), pens.surface(tone.lighter(-RAMP_DARKER))));
        }
    }

    private Figure onPaper(Segment line) {
        return Figure.line(frame.paper(line.a()), frame.paper(line.b()));
    }

    /** The colours of wall sides, as fine strips along their feet. */
    private List<Mark> sideMarks() {
        var out = new ArrayList<Mark>();
        outerMarks(out);
        if (geometry.storey().coverings().stream()
                .noneMatch(c -> c.surface() instanceof Surface.WallSide || c.surface() instanceof Surface.Walls)) {
            out.addAll(plinthMarks());
            return out;
        }
        for (var at = 0; at < geometry.rooms().size(); at++) {
            var room = geometry.rooms().get(at);
            var strips = new ArrayList<Mark>();
            room.mark()
                    .ifPresent(mark -> WallSides.of(geometry, room)
                            .forEach(side -> side(
                                            side,
                                            new Surface.WallSide(side.wall(), side.side(), Optional.of(mark.id())))
                                    .ifPresent(strips::add)));
            if (!strips.isEmpty()) {
                out.add(new Mark.Clip(frame.paper(surfaces.get(at)), strips));
            }
        }
        out.addAll(plinthMarks());
        return out;
    }

    /** The colours of faces that look outside, beside their walls. */
    private void outerMarks(List<Mark> out) {
        for (var covering : geometry.storey().coverings()) {
            if (covering.surface() instanceof Surface.OuterSide(var wall, var side)) {
                for (var line : OuterFaces.lines(storey, wall, side)) {
                    Materials.of(covering.finish()).ifPresent(m -> {
                        var away = line.unit().left().times(-frame.planMm(SIDE_PAPER_MM) / 2);
                        out.add(new Mark.Stroke(
                                Figure.line(
                                        frame.paper(line.a().plus(away)),
                                        frame.paper(line.b().plus(away))),
                                Pen.butt(SIDE_PAPER_MM),
                                pens.surface(m.in(pens.look()).tone())));
                    });
                }
            }
        }
    }

    /** Plinths that are covered, as boards along the walls. */
    private List<Mark> plinthMarks() {
        var out = new ArrayList<Mark>();
        var covered = geometry.storey().coverings().stream()
                .map(Covering::surface)
                .filter(Surface.Plinth.class::isInstance)
                .collect(Collectors.toSet());
        if (covered.isEmpty()) {
            return out;
        }
        for (var room : geometry.rooms()) {
            room.mark().map(mark -> Surfaces.ofRoom(storey, room, mark)).orElse(List.of()).stream()
                    .filter(f -> covered.contains(f.surface()))
                    .forEach(f -> f.outline().forEach(o -> plinth(out, f, o.bounds())));
        }
        return out;
    }

    private void plinth(List<Mark> out, Surfaces.Found found, Box along) {
        var material = found.finish().flatMap(Materials::of);
        if (material.isEmpty()) {
            return;
        }
        var start = found.frame().origin();
        var unit = found.frame().along();
        var into = unit.left().times(-PLINTH_MM);
        var a = start.plus(unit.times(along.minX()));
        var b = start.plus(unit.times(along.maxX()));
        var board = frame.paper(Figure.ring(new Ring(List.of(a, b, b.plus(into), a.plus(into)))));
        out.add(new Mark.Fill(board, pens.surface(material.get().in(pens.look()).tone())));
        out.add(new Mark.Stroke(
                Figure.line(frame.paper(a.plus(into)), frame.paper(b.plus(into))), pens.trim(), pens.innerInk()));
    }

    private Optional<Mark> side(WallSides.WallSide side, Surface surface) {
        return Surfaces.finish(geometry.storey(), surface)
                .flatMap(f ->
                        Materials.of(f.material()).map(m -> m.in(pens.look()).as(f)))
                .map(material -> {
                    var path = Figure.builder();
                    side.faces().forEach(f -> path.line(frame.paper(f.a()), frame.paper(f.b())));
                    // half of it lies in the wall and is cut away
                    return new Mark.Stroke(path.build(), Pen.butt(2 * SIDE_PAPER_MM), pens.of(material.tone()));
                });
    }

    /** What was outlined on floors, later ones over earlier ones, each within a fine line. */
    private List<Mark> regionMarks() {
        var out = new ArrayList<Mark>();
        for (var region : geometry.storey().regions()) {
            if (region.on() instanceof Region.Floors) {
                var path = Figure.builder();
                RegionPlaces.level(geometry, region).forEach(o -> path.path(o.path()));
                var shape = path.build();
                var finish = Surfaces.finish(geometry.storey(), new Surface.OwnRegion(region.id()));
                var material = finish.map(Finish::material).flatMap(Materials::of);
                if (material.isPresent() && !shape.isEmpty()) {
                    var bounds = region.ring().bounds().grown(500);
                    out.add(floors.floor(
                            shape,
                            bounds,
                            material.get(),
                            finish.get(),
                            region.id().seed()));
                    borders(
                            out,
                            RegionPlaces.level(geometry, region),
                            finish.get(),
                            region.id().seed());
                    out.add(new Mark.Stroke(frame.paper(shape), pens.trim(), pens.innerInk()));
                }
            }
        }
        return out;
    }

    /** A floor nobody chose shows what the room is for. */
    private static long seed(Room room) {
        return room.mark().map(m -> m.id().seed()).orElse(0L);
    }
}
