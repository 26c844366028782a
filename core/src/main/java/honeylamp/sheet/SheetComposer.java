package honeylamp.sheet;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Materials;
import honeylamp.derive.LaidPlan;
import honeylamp.derive.LaidStorey;
import honeylamp.derive.Room;
import honeylamp.derive.SiteAreas;
import honeylamp.derive.StoreyGeometry;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Face;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.Lamp;
import honeylamp.illustrate.PaperFrame;
import honeylamp.plan.Ground;
import honeylamp.plan.Role;
import honeylamp.plan.Structure;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Lays a storey's picture, title strip, room schedule and finish legend on the plan's sheet. */
public final class SheetComposer {
    private static final Pen RULE = Pen.butt(0.13);
    private static final Pen STRONG_RULE = Pen.butt(0.35);
    private static final double TITLE_MM = 4.8;
    private static final double SUBTITLE_MM = 2.6;
    private static final double BODY_MM = 2.0;
    private static final double ROW_MM = 5.2;

    private final LaidStorey storey;
    private final LaidPlan plan;
    private final StoreyGeometry geometry;
    private final SheetLayout layout;
    private final Ink ink;
    private final Ink quiet;

    private SheetComposer(LaidStorey storey) {
        this.storey = storey;
        this.plan = storey.plan();
        this.geometry = storey.geometry();
        this.layout = SheetLayout.of(plan.sheet());
        this.ink = Ink.of(plan.look().palette().of(Role.INK).argb());
        this.quiet = ink.at(0.72);
    }

    /** The page of one storey; a plan without walls gives a page with an empty view. */
    public static Page compose(LaidStorey storey, Lamp lamp, double shadePxPerMm) {
        var composer = new SheetComposer(storey);
        return composer.page(composer.frame(), lamp, shadePxPerMm);
    }

    /** The page with the plan where a frame puts it: for work under way, when nothing should jump. */
    public static Page compose(LaidStorey storey, PaperFrame frame, Lamp lamp, double shadePxPerMm) {
        return new SheetComposer(storey).page(frame, lamp, shadePxPerMm);
    }

    /** Where the plan would lie on the page, without drawing it. */
    public static PaperFrame frame(LaidStorey storey) {
        return new SheetComposer(storey).frame();
    }

    /** Whether the plan lies within the part of the page that is meant for it. */
    static boolean fits(LaidStorey storey) {
        var composer = new SheetComposer(storey);
        var scale = composer.frame().scale();
        return Illustration.extent(storey)
                .map(e -> e.planMm().width() / scale + 2 * e.marginPaperMm()
                                <= composer.layout.view().width() + HAIR_MM
                        && e.planMm().height() / scale + 2 * e.marginPaperMm()
                                <= composer.layout.view().height() + HAIR_MM)
                .orElse(true);
    }

    private Page page(PaperFrame frame, Lamp lamp, double shadePxPerMm) {
        var picture = Illustration.of(storey, frame, lamp, shadePxPerMm);
        return new Page(
                layout.page().width(),
                layout.page().height(),
                frame,
                title(),
                plan.sheet().title().author(),
                surround(frame).with(picture));
    }

    private String title() {
        var project = plan.sheet().title().project();
        return project.isBlank() ? plan.name() : project;
    }

    /** Rounding, in paper mm. */
    private static final double HAIR_MM = 1e-6;

    private PaperFrame frame() {
        var extent = Illustration.extent(storey);
        if (extent.isEmpty()) {
            var scale = plan.sheet().scale().orElse(plan.units().isMetric() ? 50 : 48);
            var middle = layout.view().centre();
            return new PaperFrame(scale, middle.x(), middle.y());
        }
        var box = extent.get().planMm();
        var air = 2 * (extent.get().marginPaperMm() + layout.airMm());
        var scale = plan.sheet()
                .scale()
                .orElseGet(() -> Scales.largestThatFits(
                        plan.units(),
                        box.width(),
                        box.height(),
                        layout.view().width() - air,
                        layout.view().height() - air));
        var centre = box.centre();
        var view = layout.view();
        // the optical centre lies a little above the middle, where there is room for it
        var spare = Math.max(0, view.height() - air - box.height() / scale);
        var x = view.centre().x() - centre.x() / scale;
        var y = view.centre().y() - Math.min(4, spare * 0.1) + centre.y() / scale;
        return new PaperFrame(scale, x, y);
    }

    private Drawing surround(PaperFrame frame) {
        var paper = new Mark.Fill(
                Path.ring(layout.page().ring()),
                Ink.of(plan.look().palette().of(Role.PAPER).argb()));
        var marks = new ArrayList<Mark>();
        if (layout.hasColumn()) {
            var y = schedule(marks, layout.lists().minY());
            legend(marks, y + 7);
            titleColumn(marks, frame);
        } else {
            titleStrip(marks, frame);
        }
        return new Drawing(List.of(Layer.of(LayerKind.PAPER, List.of(paper)), Layer.of(LayerKind.SHEET, marks)));
    }

    private void text(List<Mark> out, String text, double x, double y, double height, Face face, Align align) {
        text(out, text, x, y, height, face, align, ink);
    }

    private void text(
            List<Mark> out, String text, double x, double y, double height, Face face, Align align, Ink with) {
        if (!text.isBlank()) {
            out.add(new Mark.Text(text, new Point(x, y), height, face, 0, align, 0, with));
        }
    }

    private void rule(List<Mark> out, double x0, double x1, double y, Pen pen) {
        out.add(new Mark.Stroke(Path.line(new Point(x0, y), new Point(x1, y)), pen, ink));
    }

    private void titleStrip(List<Mark> out, PaperFrame frame) {
        var strip = layout.title();
        rule(out, strip.minX(), strip.maxX(), strip.minY(), STRONG_RULE);
        text(out, title(), strip.minX(), strip.minY() + 11, TITLE_MM, Face.SEMIBOLD, Align.LEFT);
        text(out, subtitle(), strip.minX(), strip.minY() + 18.5, SUBTITLE_MM, Face.REGULAR, Align.LEFT, quiet);
        facts(out, strip.minX() + strip.width() * 0.40, strip.minY() + 6, strip.width() * 0.12);
        orientation(out, frame, strip.minY() + 13.5, strip.maxX() - 22, strip.maxX() - 8);
    }

    private void titleColumn(List<Mark> out, PaperFrame frame) {
        var box = layout.title();
        orientation(out, frame, box.minY() + 9, box.minX() + 40, box.maxX() - 5.6);
        var y = box.minY() + 26;
        rule(out, box.minX(), box.maxX(), y, STRONG_RULE);
        y += 10;
        for (var line : wrapped(title(), TITLE_MM, box.width())) {
            text(out, line, box.minX(), y, TITLE_MM, Face.SEMIBOLD, Align.LEFT);
            y += TITLE_MM * 1.75;
        }
        for (var line : wrapped(subtitle(), SUBTITLE_MM, box.width())) {
            text(out, line, box.minX(), y - 1, SUBTITLE_MM, Face.REGULAR, Align.LEFT, quiet);
            y += 1.7 * SUBTITLE_MM;
        }
        facts(out, box.minX(), y + 8 - 1.7 * SUBTITLE_MM, box.width() * 0.62);
    }

    private String subtitle() {
        var drawing = plan.sheet().title().drawing();
        var storey = geometry.storey().name();
        return drawing.isBlank() ? storey : plan.storeys().size() == 1 ? drawing : storey + ", " + drawing;
    }

    /** The words in lines no wider than a width; a word wider than that keeps its own line. */
    private static List<String> wrapped(String text, double capHeight, double width) {
        var lines = new ArrayList<String>();
        var line = "";
        for (var word : text.split(" ")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && Face.SEMIBOLD.widthMm(longer, capHeight, 0) > width) {
                lines.add(line);
                line = word;
            } else {
                line = longer;
            }
        }
        lines.add(line);
        return lines;
    }

    /** Client and author, date and revision: two rows of two, or three rows in a narrow column. */
    private void facts(List<Mark> out, double x, double y, double step) {
        var title = plan.sheet().title();
        fact(out, x, y, "Client", title.client());
        if (layout.hasColumn()) {
            fact(out, x, y + 9, "Drawn by", title.author());
            fact(out, x, y + 18, "Date", title.date());
            fact(out, x + step, y + 18, "Revision", title.revision());
        } else {
            fact(out, x, y + 9, "Drawn by", title.author());
            fact(out, x + 2 * step, y, "Date", title.date());
            fact(out, x + 2 * step, y + 9, "Revision", title.revision());
        }
    }

    private void fact(List<Mark> out, double x, double y, String label, String value) {
        if (!value.isBlank()) {
            text(out, label, x, y, 1.8, Face.REGULAR, Align.LEFT, quiet);
            text(out, value, x, y + 3.8, 2.0, Face.MEDIUM, Align.LEFT);
        }
    }

    /** Scale in words and scale bar up to {@code right}, and a north arrow about {@code north}, as one group. */
    private void orientation(List<Mark> out, PaperFrame frame, double y, double right, double north) {
        north(out, new Point(north, y), 5.6);
        var scale = (int) Math.rint(frame.scale());
        var words = Scales.words(scale, plan.units()) + " on " + plan.sheet().paper();
        text(out, words, right, y - 4, 2.6, Face.MEDIUM, Align.RIGHT);
        scaleBar(out, right, y + 1, frame.scale());
    }

    /** A ring with a needle: solid to the north, open to the south. */
    private void north(List<Mark> out, Point centre, double radius) {
        var deg = -plan.sheet().northDeg(); // page y points down
        var up = Point.direction(deg);
        var side = up.left().times(radius * 0.30);
        var tip = centre.plus(up.times(radius * 0.86));
        var tail = centre.minus(up.times(radius * 0.86));
        out.add(new Mark.Stroke(Path.circle(centre, radius), Pen.butt(0.18), ink));
        out.add(new Mark.Fill(
                Path.builder().line(tip, centre.plus(side), centre.minus(side)).build(), ink));
        var south = Path.builder().line(tail, centre.plus(side), centre.minus(side));
        south.close();
        out.add(new Mark.Stroke(south.build(), Pen.butt(0.18), ink));
        var letter = centre.plus(up.times(radius + 2.2));
        text(out, "N", letter.x(), letter.y() + 0.95, 1.9, Face.MEDIUM, Align.MIDDLE);
    }

    private void scaleBar(List<Mark> out, double right, double y, double scale) {
        var metric = plan.units().isMetric();
        var unitMm = metric ? 1000.0 : Length.MM_PER_FOOT;
        var step = List.of(1, 2, 5, 10, 20, 50).stream()
                .filter(s -> s * unitMm / scale >= 6)
                .findFirst()
                .orElse(100);
        var parts = scale <= 50 && metric ? 2 : 4;
        var width = step * unitMm / scale;
        var x = right - parts * width;
        for (var i = 0; i < parts; i++) {
            var bar = new Box(x + i * width, y, x + (i + 1) * width, y + 1.5);
            if (i % 2 == 0) {
                out.add(new Mark.Fill(Path.ring(bar.ring()), ink));
            }
            out.add(new Mark.Stroke(Path.ring(bar.ring()), RULE, ink));
        }
        for (var i = 0; i <= parts; i++) {
            var label = i * step + (i == parts ? (metric ? " m" : " ft") : "");
            text(out, label, x + i * width, y + 4.6, 1.8, Face.REGULAR, Align.MIDDLE, quiet);
        }
    }

    /** Rooms with their areas; returns the y below it. */
    private double schedule(List<Mark> out, double top) {
        var column = layout.lists();
        var named = geometry.rooms().stream().filter(r -> !r.name().isBlank()).toList();
        if (named.isEmpty()) {
            return top;
        }
        var y = heading(out, "Rooms", top);
        for (var room : named) {
            text(out, room.name(), column.minX(), y, BODY_MM, Face.REGULAR, Align.LEFT);
            text(
                    out,
                    AreaText.shown(room.areaMm2(), plan.units()),
                    column.maxX(),
                    y,
                    BODY_MM,
                    Face.REGULAR,
                    Align.RIGHT);
            y += ROW_MM;
        }
        y -= ROW_MM - 2;
        rule(out, column.minX(), column.maxX(), y, RULE);
        y += 4.4;
        total(out, "Net, within inner faces", geometry.netAreaMm2(), y, Face.MEDIUM);
        y += ROW_MM;
        total(out, "Gross, outer faces", geometry.grossAreaMm2(), y, Face.REGULAR);
        y += ROW_MM;
        var plot = SiteAreas.of(geometry).plotMm2();
        if (plot > 0) {
            total(out, "Plot, not counted above", plot, y, Face.REGULAR);
            y += ROW_MM;
        }
        return y;
    }

    private void total(List<Mark> out, String label, double areaMm2, double y, Face face) {
        var column = layout.lists();
        text(out, label, column.minX(), y, BODY_MM, face, Align.LEFT);
        text(out, AreaText.shown(areaMm2, plan.units()), column.maxX(), y, BODY_MM, face, Align.RIGHT);
    }

    private double heading(List<Mark> out, String text, double top) {
        var column = layout.lists();
        text(out, text, column.minX(), top + 3, 2.6, Face.SEMIBOLD, Align.LEFT);
        rule(out, column.minX(), column.maxX(), top + 5.4, Pen.butt(0.25));
        return top + 10.6;
    }

    private void legend(List<Mark> out, double top) {
        var column = layout.lists();
        var floors = geometry.rooms().stream()
                .map(Room::mark)
                .flatMap(Optional::stream)
                .map(m -> m.floor().material());
        var outdoors = geometry.storey().structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY))
                .map(_ -> Materials.DECKING);
        var grounds = geometry.storey().grounds().stream()
                .map(Ground::use)
                .filter(use -> use != Ground.Use.PLOT)
                .distinct()
                .map(Grounds::material);
        var inside = Stream.concat(floors, outdoors).flatMap(m -> Materials.of(m).stream());
        var materials = Stream.concat(inside, grounds).distinct().toList();
        if (materials.isEmpty()) {
            return;
        }
        var y = heading(out, "Finishes", top);
        for (var material : materials) {
            var swatch = new Box(column.minX(), y - 3, column.minX() + 7, y + 0.9);
            out.add(new Mark.Fill(
                    Path.ring(swatch.ring()), Ink.of(material.tone().argb())));
            out.add(new Mark.Stroke(Path.ring(swatch.ring()), RULE, quiet));
            text(out, material.label(), column.minX() + 10, y, BODY_MM, Face.REGULAR, Align.LEFT);
            y += ROW_MM;
        }
    }
}
