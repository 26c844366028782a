package honeylamp.illustrate;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.LampLight;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Oklch;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Keeps joints, grain and lines of what words are read on from their letters. */
final class WordGrounds {
    /** Around letters, in paper mm. */
    private static final double HALO_MM = 0.7;

    /** What is lighter by so much is another thing. */
    private static final double LIGHTER = 0.03;

    /** On what is darker, words are read on paper: ink has not seven times its contrast there. */
    private static final double LEAST_LIGHTNESS = 0.78;

    private final StoreyGeometry geometry;
    private final PaperFrame frame;
    private final Ink paper;
    private final boolean isLit;
    private final Optional<FloorArt> floors;
    private final Optional<FurnitureArt> furniture;
    private final List<Furnishing> pieces;
    private final BoxIndex index;

    /**
     * Of what a storey shows on paper.
     *
     * @param paper lies around words on what is dark
     * @param isLit whether lamps shine where words are read
     * @param floors draws its floors and grounds, if they are seen
     * @param furniture draws its pieces, if they are seen
     */
    WordGrounds(
            StoreyGeometry geometry,
            PaperFrame frame,
            Ink paper,
            boolean isLit,
            Optional<FloorArt> floors,
            Optional<FurnitureArt> furniture) {
        this.paper = paper;
        this.isLit = isLit;
        this.geometry = geometry;
        this.frame = frame;
        this.floors = floors;
        this.furniture = furniture;
        this.pieces = FurnitureArt.lowestFirst(geometry.storey().furnishings());
        this.index = new BoxIndex(
                pieces.size(), i -> Picking.footprint(pieces.get(i)).bounds());
    }

    /**
     * The same marks, with a little of the mean tone of what they lie on around the letters of words; not of those that
     * have a ground of their own among the marks.
     */
    List<Mark> around(List<Mark> marks) {
        var own = marks.stream()
                .flatMap(
                        m -> m instanceof Mark.Fill fill ? Stream.of(fill.path().bounds()) : Stream.<Box>empty())
                .toList();
        var out = new ArrayList<Mark>(marks.size());
        for (var mark : marks) {
            if (mark instanceof Mark.Text text) {
                var line = line(text);
                out.add(
                        own.stream().anyMatch(b -> b.contains(line.middle()))
                                ? text
                                : tone(text)
                                        .<Mark>map(ink -> new Mark.Haloed(text, HALO_MM, ink))
                                        .orElse(text));
            } else {
                out.add(mark);
            }
        }
        return out;
    }

    /** The same for dimensions, whose figures have a quieter ink where they lie on bare paper. */
    List<Mark> around(List<Mark> dimensions, Ink quiet) {
        return around(dimensions).stream()
                .map(m -> m instanceof Mark.Text text && tone(text).isEmpty() ? text.in(quiet) : m)
                .toList();
    }

    /** Through the middles of the letters of a word, from end to end on paper. */
    private static Segment line(Mark.Text text) {
        var from = text.start().plus(Point.direction(text.turnDeg() - 90).times(text.capHeightMm() / 2));
        return new Segment(from, from.plus(Point.direction(text.turnDeg()).times(text.widthMm())));
    }

    /** What lies under a word; paper where it lies across the edge of the ground. */
    private Optional<Ink> tone(Mark.Text text) {
        var word = line(text);
        var isAcross = geometry.roomAt(frame.plan(word.middle())).isEmpty()
                && text.ring().corners().stream()
                                        .map(frame::plan)
                                        .filter(p -> tone(p).isPresent())
                                        .count()
                                % 4
                        != 0;
        return isAcross ? Optional.of(paper) : tone(word);
    }

    /** What lies under the middle of a word; where it reaches over something lighter, that. */
    private Optional<Ink> tone(Segment word) {
        return Stream.of(word.middle(), word.a(), word.b())
                .map(frame::plan)
                .flatMap(p -> tone(p).stream())
                .reduce((dark, other) -> lightness(other) > lightness(dark) + LIGHTER ? other : dark)
                .map(ink -> ground(ink, frame.plan(word.middle())));
    }

    /** What words are read on: in a lit room its lit floor, beside one the paper. */
    private Ink ground(Ink tone, Point at) {
        if (isLit) {
            return geometry.roomAt(at).isPresent() ? LampLight.underWords(tone) : paper;
        }
        return lightness(tone) < Math.min(LEAST_LIGHTNESS, lightness(paper)) ? paper : tone;
    }

    private static double lightness(Ink ink) {
        return Oklch.ofRgb(ink.rgb()).lightness();
    }

    /** Paper on walls, the tone of a piece, or the mean tone of what covers a floor or the ground; empty elsewhere. */
    private Optional<Ink> tone(Point p) {
        var isOnWall = geometry.network().near(p, 0).stream()
                .anyMatch(piece -> piece.body().contains(p));
        return isOnWall ? Optional.of(paper) : onTop(p);
    }

    private Optional<Ink> onTop(Point p) {
        return furniture
                .flatMap(art -> index.meeting(new Box(p.x(), p.y(), p.x(), p.y())).stream()
                        .sorted()
                        .flatMap(i -> art.toneAt(pieces.get(i), p).stream())
                        .reduce((_, last) -> last))
                .or(() -> {
                    var room = geometry.roomAt(p);
                    return room.isPresent() ? onFloor(room.get(), p) : outside(p);
                });
    }

    private Optional<Ink> onFloor(Room room, Point p) {
        if (floors.filter(FloorArt::areWashed).isPresent()) {
            return floors.map(f -> f.wash(room));
        }
        return geometry.storey().regions().stream()
                .filter(r -> r.on() instanceof Region.Floors && r.ring().contains(p))
                .reduce((_, last) -> last)
                .flatMap(r -> Surfaces.finish(geometry.storey(), new Surface.OwnRegion(r.id())))
                .or(() -> room.mark().map(RoomMark::floor))
                .flatMap(this::tone);
    }

    private Optional<Ink> outside(Point p) {
        var storey = geometry.storey();
        var balcony = storey.structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY)
                        && Outline.of(s.footprint()).contains(p))
                .findFirst()
                .flatMap(s -> tone(new Finish(Materials.DECKING, 0, s.at())));
        return balcony.or(() -> storey.grounds().stream()
                .filter(g -> g.use() != Ground.Use.PLOT && g.ring().contains(p))
                .reduce((_, last) -> last)
                .flatMap(this::tone));
    }

    private Optional<Ink> tone(Ground ground) {
        var finish = Surfaces.finish(geometry.storey(), new Surface.Site(ground.id()));
        return finish.flatMap(this::tone)
                .or(() -> floors.map(f -> f.tone(
                        Grounds.material(ground.use()),
                        new Finish("", 0, ground.corners().getFirst()))));
    }

    private Optional<Ink> tone(Finish finish) {
        return floors.flatMap(f -> Materials.of(finish.material()).map(material -> f.tone(material, finish)));
    }
}
