package honeylamp.illustrate.words;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.FreeSpace;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Furnishing;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What pieces are, written on them or beside them on a leader, and how far some are from their walls. */
final class PieceNames {
    private static final double LEADING = 1.6;
    private static final double ON_AIR_MM = 0.7;
    private static final double BESIDE_AIR_MM = 1;
    private static final double CELL_MM = 0.5;
    private static final double FARTHEST_MM = 22;
    private static final double DOT_MM = 0.4;
    private static final double TOUCHING_MM = 1;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final List<Furnishing> pieces;
    private final BoxIndex index;
    private final double cap;
    private final Typeface face;

    PieceNames(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.pieces = view.storey().geometry().storey().furnishings();
        this.index = new BoxIndex(
                pieces.size(), i -> Picking.footprint(pieces.get(i)).bounds());
        this.cap = pens.cap(TextRole.NOTE);
        this.face = pens.face(TextRole.NOTE, Typeface.REGULAR);
    }

    /**
     * What is written.
     *
     * @param lines leaders and dimensions, in plan mm
     * @param without pieces whose names found no place
     */
    record Written(List<Mark> marks, List<Segment> lines, List<Furnishing> without) {}

    /**
     * The names of all pieces of the kinds that are named; those without a place are left out.
     *
     * @param off what names beside their pieces keep off
     * @param fixed the same without pieces, which names on their pieces keep off
     * @param words what no leader may strike, in plan mm
     */
    Written names(KeptOff off, KeptOff fixed, List<Outline> words) {
        var wanted = view.view().annotation().pieces();
        var marks = new ArrayList<Mark>();
        var lines = new ArrayList<Segment>();
        var taken = new ArrayList<Outline>();
        var without = new ArrayList<Furnishing>();
        for (var piece : pieces) {
            if (Furnishings.of(piece)
                    .filter(k -> wanted.contains(k.group().name().toLowerCase(Locale.ROOT)))
                    .isPresent()) {
                on(piece, fixed, taken)
                        .or(() -> beside(piece, off, taken, words))
                        .ifPresentOrElse(
                                label -> {
                                    taken.add(label.covered(frame));
                                    label.onPlan(frame).ifPresent(line -> {
                                        lines.add(line);
                                        taken.add(OtherWords.covered(line, frame));
                                    });
                                    label.draw(marks, this);
                                },
                                () -> without.add(piece));
            }
        }
        return new Written(marks, lines, without);
    }

    /** A name about a point on paper, with what it points at if it lies beside. */
    private record Label(List<String> lines, Point centre, double wide, double high, Optional<Segment> leader) {
        Outline covered(PaperFrame frame) {
            var box =
                    new Box(centre.x() - wide / 2, centre.y() - high / 2, centre.x() + wide / 2, centre.y() + high / 2);
            return Outline.of(
                    Box.around(box.ring().corners().stream().map(frame::plan).toList())
                            .ring());
        }

        /** Its leader, in plan mm. */
        Optional<Segment> onPlan(PaperFrame frame) {
            return leader.map(l -> new Segment(frame.plan(l.a()), frame.plan(l.b())));
        }

        void draw(List<Mark> out, PieceNames by) {
            leader.ifPresent(l -> {
                out.add(new Mark.Stroke(Figure.line(l.a(), l.b()), by.pens.dimension(), by.pens.dimensionInk()));
                out.add(new Mark.Fill(Figure.circle(l.b(), DOT_MM), by.pens.dimensionInk()));
            });
            var y = centre.y() - high / 2 + by.cap;
            for (var line : lines) {
                out.add(new Mark.Text(
                        line, new Point(centre.x(), y), by.cap, by.face, 0, Mark.Align.MIDDLE, 0, by.pens.ink()));
                y += by.cap * LEADING;
            }
        }
    }

    private Label label(List<String> lines, Point centre, Optional<Segment> leader) {
        var wide =
                lines.stream().mapToDouble(l -> face.widthMm(l, cap, 0)).max().orElse(0);
        return new Label(lines, centre, wide, cap * (1 + LEADING * (lines.size() - 1)), leader);
    }

    /** On its piece, in its middle or as near to that as walls, door leaves, higher pieces and other words allow. */
    private Optional<Label> on(Furnishing piece, KeptOff fixed, List<Outline> taken) {
        var footprint = Picking.footprint(piece);
        var box = Box.around(footprint.corners().stream().map(frame::paper).toList());
        var isSquare = Math.abs(piece.turnDeg() % 90) < 1;
        var wide = isSquare
                ? box.width()
                : Math.min(piece.width().mm(), piece.depth().mm()) / frame.scale();
        var label = label(
                face.wrapped(Furnishings.called(piece), cap, wide - 2 * ON_AIR_MM), box.centre(), Optional.empty());
        if (label.wide + 2 * ON_AIR_MM > box.width() || label.high + 2 * ON_AIR_MM > box.height()) {
            return Optional.empty();
        }
        var near = new ArrayList<>(fixed.near(footprint.bounds(), taken));
        near.addAll(above(piece, footprint.bounds()));
        near.addAll(lyingOn(piece));
        return view.storey()
                .geometry()
                .roomAt(piece.at().point())
                .flatMap(room -> Regions.intersection(List.of(room.outline()), List.of(Outline.of(footprint))).stream()
                        .max(Comparator.comparingDouble(Outline::area))
                        .flatMap(seen -> FreeSpace.of(seen, near, frame.planMm(CELL_MM))
                                .nearest(
                                        piece.at().point(),
                                        frame.planMm(label.wide + 2 * ON_AIR_MM),
                                        frame.planMm(label.high + 2 * ON_AIR_MM)))
                        .map(at -> label(label.lines, frame.paper(at), Optional.empty())));
    }

    /** The footprints of pieces that are as high as another, or lie on it. */
    private List<Outline> above(Furnishing piece, Box box) {
        return index.meeting(box).stream()
                .map(pieces::get)
                .filter(o -> !o.id().equals(piece.id()) && topMm(o) >= topMm(piece))
                .map(o -> Outline.of(Picking.footprint(o)))
                .toList();
    }

    /** What its symbol shows lying on it: cushions, a bowl, books. */
    private List<Outline> lyingOn(Furnishing piece) {
        return Furnishings.of(piece).stream()
                .flatMap(kind -> kind.symbol(piece).parts().stream())
                .filter(part -> part.level() == SymbolShape.Level.TOP
                        && part.detail() != SymbolShape.Detail.PLAIN
                        && part.paint() instanceof SymbolShape.Paint.Of)
                .map(part -> Outline.of(
                        part.path().bounds().ring().through(piece.placing()).counterClockwise()))
                .toList();
    }

    private static double topMm(Furnishing piece) {
        return piece.bottom().mm() + piece.height().mm();
    }

    /** As near to its piece as there is room, on a leader that strikes no words. */
    private Optional<Label> beside(Furnishing piece, KeptOff off, List<Outline> taken, List<Outline> words) {
        var centre = piece.at().point();
        var label = label(List.of(Furnishings.called(piece)), frame.paper(centre), Optional.empty());
        return view.storey().geometry().roomAt(centre).map(Room::outline).flatMap(room -> {
            var space = FreeSpace.of(room, off.near(room.bounds(), taken), frame.planMm(CELL_MM));
            return BesideRooms.TOWARDS.stream()
                    .map(way -> centre.plus(way.times(frame.planMm(FARTHEST_MM / 2))))
                    .flatMap(near -> space
                            .nearest(
                                    near,
                                    frame.planMm(label.wide + 2 * BESIDE_AIR_MM),
                                    frame.planMm(label.high + 2 * BESIDE_AIR_MM))
                            .stream())
                    .filter(at -> at.distance(centre) <= frame.planMm(FARTHEST_MM))
                    .map(at -> label(label.lines, frame.paper(at), Optional.of(leader(label, frame.paper(at), centre))))
                    .filter(l -> l.onPlan(frame)
                            .filter(line -> isFree(line, taken, words))
                            .isPresent())
                    .findFirst();
        });
    }

    private Segment leader(Label label, Point there, Point centre) {
        var tip = frame.paper(centre);
        var from = new Point(
                Math.clamp(tip.x(), there.x() - label.wide / 2, there.x() + label.wide / 2),
                there.y() + (tip.y() > there.y() ? 1 : -1) * (label.high / 2 + ON_AIR_MM));
        return new Segment(from, tip);
    }

    private static boolean isFree(Segment leader, List<Outline> names, List<Outline> words) {
        return Stream.concat(names.stream(), words.stream()).noneMatch(o -> OtherWords.strikes(leader, o));
    }

    /**
     * How far pieces that are measured stand from the nearer of the walls on either side of them; what would lie over
     * something is left out.
     *
     * @param off what figures keep off
     * @param words what no line may strike, in plan mm
     */
    Written distances(KeptOff off, List<Outline> words) {
        var wanted = view.view().annotation().distances();
        var marks = new ArrayList<Mark>();
        var lines = new ArrayList<Segment>();
        var without = new ArrayList<Furnishing>();
        var index = new BoxIndex(words.size(), i -> words.get(i).bounds());
        var figures = new ArrayList<Outline>();
        var art = new DimensionArt(frame, pens);
        for (var piece : pieces) {
            if (wanted.contains(piece.id())) {
                var gaps = nearer(piece);
                for (var gap : gaps) {
                    var figure = figure(gap);
                    var cover = cover(figure);
                    var taken = Stream.concat(
                                    index
                                            .meeting(cover.bounds()
                                                    .union(gap.line().bounds()))
                                            .stream()
                                            .map(words::get),
                                    figures.stream())
                            .toList();
                    var strikes = taken.stream().anyMatch(w -> OtherWords.strikes(gap.line(), w));
                    if (!strikes && isFree(cover, gap.line(), off, taken)) {
                        var a = frame.paper(gap.line().a());
                        var b = frame.paper(gap.line().b());
                        art.onFloor(marks, List.of(a, b), List.of(figure), List.of(new Segment(a, b)));
                        lines.add(gap.line());
                        figures.add(cover);
                    } else if (!without.contains(piece)) {
                        without.add(piece);
                    }
                }
            }
        }
        return new Written(marks, lines, without);
    }

    /** From each pair of opposite sides the gap to the nearer wall. */
    private List<BesidePiece.Gap> nearer(Furnishing piece) {
        var gaps = BesidePiece.of(view.storey().geometry(), piece).stream()
                .filter(g -> g.what().isEmpty() && g.mm() > TOUCHING_MM)
                .toList();
        return Stream.of(List.of(Side.LEFT, Side.RIGHT), List.of(Side.BACK, Side.FRONT))
                .flatMap(pair -> gaps.stream()
                        .filter(g -> pair.contains(g.side()))
                        .min(Comparator.comparingDouble(BesidePiece.Gap::mm))
                        .stream())
                .toList();
    }

    /** Above its line, or beside it on a leader: at its ends a wall and the piece stand. */
    private RowFigures.Placed figure(BesidePiece.Gap gap) {
        var text = view.shownIn().one(Length.ofMm(Math.rint(gap.mm() * 1000) / 1000));
        var stops = List.of(frame.paper(gap.line().a()), frame.paper(gap.line().b()));
        return new RowFigures(pens)
                .of(List.of(text), stops, Point.ORIGIN, LinePlaces.beyond(stops))
                .getFirst();
    }

    private Outline cover(RowFigures.Placed figure) {
        return Outline.of(Box.around(
                        figure.box().ring().corners().stream().map(frame::plan).toList())
                .ring());
    }

    private boolean isFree(Outline figure, Segment line, KeptOff off, List<Outline> words) {
        var room = view.storey().geometry().roomAt(line.middle());
        return off.isFree(figure)
                && words.stream().noneMatch(w -> KeptOff.overlap(w, figure))
                && room.filter(r -> !LinePlaces.isWithin(r.outline(), figure)).isEmpty();
    }
}
