package honeylamp.store;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import honeylamp.catalogue.Palettes;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.output.Progress;
import honeylamp.plan.Oklch;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.OwnLine.Ends;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPart.Pen;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.store.PictureImport.RefusedException;
import honeylamp.units.Length;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads an own piece from an SVG drawing of it, seen from above, its front below. */
public final class SvgPiece {
    /** Chords stray from curves by this share of the width of the drawing. */
    private static final double CHORD_SHARE = 1.0 / 6000;

    /** Nearer than this share of the width a shape has no size. */
    private static final double NOTHING_SHARE = 1e-5;

    /** Drawings are read as wide as this. */
    private static final double UNIT_MM = 1000;

    /** More shapes than this are too many for a piece. */
    private static final int MOST_SHAPES = 4000;

    /** What pieces are made of; a colour of the drawing becomes the nearest of these. */
    private static final Set<Role> MATERIALS = Role.ofPieces();

    private SvgPiece() {}

    /**
     * The parts of a drawing in a file, their box as wide as is said.
     *
     * @param top how high they all are
     * @throws IOException if it is no such drawing, or too large; the message says why, as the end of a sentence
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static List<OwnPart> read(Path file, Length width, Length top, Progress progress)
            throws IOException, Progress.Cancelled {
        if (Files.size(file) > SvgPicture.MOST_BYTES) {
            throw new IOException("the drawing is larger than " + (SvgPicture.MOST_BYTES >> 20) + " MB");
        }
        return read(Files.readAllBytes(file), width, top, progress);
    }

    /**
     * The parts of a drawing, their box as wide as is said.
     *
     * @param top how high they all are
     * @throws IOException if the file is no such drawing; the message says why, as the end of a sentence
     * @throws Progress.Cancelled if it is no longer wanted
     */
    public static List<OwnPart> read(byte[] svg, Length width, Length top, Progress progress)
            throws IOException, Progress.Cancelled {
        return read(svg, width, top, progress, GraphicsReader.Source.ASIDE);
    }

    static List<OwnPart> read(byte[] svg, Length width, Length top, Progress progress, GraphicsReader.Source graphics)
            throws IOException, Progress.Cancelled {
        var reader = graphics.of(svg);
        try {
            var parts = PlanJson.list(
                    reader.read(GraphicsRequest.of(GraphicsRequest.Kind.SHAPES), progress), OwnPart[].class, _ -> {});
            return scaled(parts, width, top);
        } catch (RefusedException e) {
            throw new IOException(e.what(), e);
        } finally {
            reader.close();
        }
    }

    /** From a drawing one metre wide. */
    private static List<OwnPart> scaled(List<OwnPart> parts, Length width, Length top) {
        var share = width.mm() / UNIT_MM;
        return parts.stream()
                .map(p -> p.with(copy -> copy.top(top)
                        .lines(p.lines().stream()
                                .map(l -> l.withCorners(l.corners().stream()
                                        .map(c -> Corner.at(Position.ofMm(
                                                c.at().x().mm() * share,
                                                c.at().y().mm() * share)))
                                        .toList()))
                                .toList())))
                .toList();
    }

    /** The answer of the process that reads drawings: the parts of one, as wide as a metre, as JSON. */
    static byte[] parts(byte[] svg) throws IOException {
        var document = SvgPicture.document(svg);
        var shapes = new SvgShapes(MOST_SHAPES);
        try {
            draw(document, shapes);
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            throw new IOException("it cannot be drawn", e);
        }
        return PlanJson.bytes(parts(shapes.all()));
    }

    private static void draw(SVGDocument document, SvgShapes shapes) {
        var size = document.size();
        document.renderWithPlatform(NullPlatformSupport.INSTANCE, shapes, new ViewBox(size.width, size.height));
    }

    /** A path of a shape. */
    private record Line(List<Point> points, boolean isClosed) {
        Ring ring() {
            return new Ring(points);
        }
    }

    private static List<OwnPart> parts(List<SvgShapes.Drawn> drawn) throws RefusedException {
        var box = new java.awt.geom.Rectangle2D.Double();
        var isFirst = true;
        for (var shape : drawn) {
            var b = shape.shape().getBounds2D();
            if (isFirst) {
                box.setRect(b);
            } else {
                box.add(b);
            }
            isFirst = false;
        }
        if (!(box.width > 0 && box.width < 1e7 && box.height < 1e7)) {
            throw new RefusedException(
                    "The SVG drawing shows no shapes", "Choose one that shows the piece from above.");
        }
        var scale = UNIT_MM / box.width;
        var around = new Box(box.x, box.y, box.x + box.width, box.y + box.height);
        var out = new ArrayList<OwnPart>();
        for (var shape : drawn) {
            add(out, shape, around, scale);
        }
        if (out.isEmpty() || out.size() > OwnPiece.MOST_PARTS) {
            throw new RefusedException(
                    "The SVG drawing shows "
                            + (out.isEmpty() ? "no shapes" : "more than " + OwnPiece.MOST_PARTS + " parts"),
                    "Draw the piece more simply.");
        }
        return out;
    }

    private static void add(List<OwnPart> out, SvgShapes.Drawn drawn, Box around, double scale)
            throws RefusedException {
        var paths = paths(drawn, around, scale);
        if (drawn.isFilled()) {
            out.addAll(filled(paths, nearest(drawn.argb())));
            return;
        }
        for (var path : paths) {
            var line = line(path);
            var filled = out.size() - 1;
            while (filled >= 0 && !out.get(filled).outer().equals(line)) {
                filled--;
            }
            if (filled >= 0 && out.get(filled).fill().isPresent()) {
                out.set(filled, out.get(filled).withPen(Pen.OUTLINE));
            } else {
                out.add(part(List.of(line), Optional.empty(), Pen.FINE));
            }
        }
    }

    private static OwnPart part(List<OwnLine> lines, Optional<Role> fill, Pen pen) {
        return new OwnPart("", lines, fill, pen, Length.ZERO, Length.ZERO);
    }

    private static OwnLine line(Line path) {
        return new OwnLine(
                path.points.stream().map(p -> Corner.at(Position.of(p))).toList(),
                path.isClosed ? Ends.JOINED : Ends.OPEN);
    }

    /** Paths within another are its holes. */
    private static List<OwnPart> filled(List<Line> paths, Role role) {
        var rings = paths.stream()
                .filter(p -> p.points.size() > 2)
                .map(p -> new Line(p.points, true))
                .sorted(Comparator.comparingDouble((Line p) -> p.ring().area()).reversed())
                .toList();
        var outer = new ArrayList<List<Line>>();
        for (var path : rings) {
            var within = outer.stream()
                    .filter(o -> o.getFirst().ring().contains(path.points.getFirst()))
                    .findFirst();
            within.ifPresentOrElse(o -> o.add(path), () -> outer.add(new ArrayList<>(List.of(path))));
        }
        return outer.stream()
                .map(o -> part(o.stream().map(SvgPiece::line).toList(), Optional.of(role), Pen.NONE))
                .toList();
    }

    /** The paths of a shape in mm, y to the back. */
    private static List<Line> paths(SvgShapes.Drawn drawn, Box around, double scale) throws RefusedException {
        var out = new ArrayList<Line>();
        var points = new ArrayList<Point>();
        var numbers = new double[6];
        var flat = new FlatteningPathIterator(drawn.shape().getPathIterator(null), around.width() * CHORD_SHARE, 12);
        var isClosed = false;
        for (; !flat.isDone(); flat.next()) {
            var step = flat.currentSegment(numbers);
            if (step == PathIterator.SEG_MOVETO) {
                end(out, points, isClosed, scale * around.width());
                isClosed = false;
            }
            if (step == PathIterator.SEG_CLOSE) {
                isClosed = true;
            } else {
                points.add(new Point((numbers[0] - around.minX()) * scale, (around.maxY() - numbers[1]) * scale));
            }
            if (points.size() > OwnLine.MOST_CORNERS) {
                throw new RefusedException(
                        "A shape of the SVG drawing has more than " + OwnLine.MOST_CORNERS + " corners",
                        "Draw the piece more simply.");
            }
        }
        end(out, points, isClosed, scale * around.width());
        return out;
    }

    private static void end(List<Line> out, List<Point> points, boolean isClosed, double wide) {
        var near = wide * NOTHING_SHARE;
        var kept = new ArrayList<Point>();
        for (var p : points) {
            if (kept.isEmpty() || kept.getLast().distance(p) > near) {
                kept.add(p);
            }
        }
        var meets = kept.size() > 2 && kept.getLast().distance(kept.getFirst()) <= near;
        if (meets) {
            kept.removeLast();
        }
        if (kept.size() > 1) {
            out.add(new Line(List.copyOf(kept), (isClosed || meets) && kept.size() > 2));
        }
        points.clear();
    }

    private static Role nearest(int argb) {
        var colour = Oklch.ofRgb(argb & 0xffffff);
        return MATERIALS.stream()
                .min(Comparator.comparingDouble(r -> apart(Palettes.DAYLIGHT.of(r), colour)))
                .orElseThrow();
    }

    private static double apart(Oklch one, Oklch other) {
        var a = Math.toRadians(one.hueDeg());
        var b = Math.toRadians(other.hueDeg());
        var da = one.chroma() * Math.cos(a) - other.chroma() * Math.cos(b);
        var db = one.chroma() * Math.sin(a) - other.chroma() * Math.sin(b);
        var dl = one.lightness() - other.lightness();
        return dl * dl + 4 * (da * da + db * db);
    }
}
