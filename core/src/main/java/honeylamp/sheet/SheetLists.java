package honeylamp.sheet;

import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.FinishKey;
import honeylamp.units.AreaText;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;

/** What is listed in the column beside the views: rooms with their areas, finishes, and notes. */
final class SheetLists {
    private static final double BETWEEN_MM = 7;

    private final LaidPage page;
    private final Box column;
    private final SheetPen pen;

    SheetLists(LaidPage page, Box column, SheetPen pen) {
        this.page = page;
        this.column = column;
        this.pen = pen;
    }

    void draw() {
        var y = column.minY();
        var storeys = storeys();
        if (page.page().lists().contains(Listing.ROOMS)) {
            for (var storey : storeys) {
                var words = storeys.size() == 1
                        ? "Rooms"
                        : "Rooms, " + storey.storey().name();
                y = rooms(storey.geometry(), words, y) + (storey == storeys.getLast() ? 0 : BETWEEN_MM);
            }
        }
        y += BETWEEN_MM;
        if (page.page().lists().contains(Listing.FINISHES)) {
            y = finishes(y);
        }
        notes(y);
    }

    /** Those that are seen, each once. */
    private List<LaidStorey> storeys() {
        return once(page.views());
    }

    private static List<LaidStorey> once(Collection<LaidView> views) {
        var out = new LinkedHashMap<StoreyId, LaidStorey>();
        views.forEach(v -> out.putIfAbsent(v.storey().id(), v.storey()));
        return List.copyOf(out.values());
    }

    /** Rooms with their areas; returns the y below it. */
    private double rooms(StoreyGeometry geometry, String words, double top) {
        var named = geometry.rooms().stream().filter(r -> !r.name().isBlank()).toList();
        if (named.isEmpty()) {
            return top;
        }
        var y = heading(words, top);
        for (var room : named) {
            pen.text(room.name(), column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            pen.text(
                    AreaText.shown(room.areaMm2(), page.plan().units()),
                    column.maxX(),
                    y,
                    TextRole.BODY,
                    Typeface.REGULAR,
                    Align.RIGHT);
            y += pen.row();
        }
        y -= pen.row() - 2;
        pen.rule(column.minX(), column.maxX(), y, LineRole.RULE);
        y += 4.4;
        total("Net, within inner faces", geometry.netAreaMm2(), y, Typeface.MEDIUM);
        y += pen.row();
        total("Gross, outer faces", geometry.grossAreaMm2(), y, Typeface.REGULAR);
        y += pen.row();
        var plot = SiteAreas.of(geometry).plotMm2();
        if (plot > 0) {
            total("Plot, not counted above", plot, y, Typeface.REGULAR);
            y += pen.row();
        }
        return y;
    }

    private void total(String label, double areaMm2, double y, Typeface face) {
        pen.text(label, column.minX(), y, TextRole.BODY, face, Align.LEFT);
        pen.text(AreaText.shown(areaMm2, page.plan().units()), column.maxX(), y, TextRole.BODY, face, Align.RIGHT);
    }

    private double heading(String text, double top) {
        pen.text(text, column.minX(), top + 3, TextRole.HEADING, Typeface.SEMIBOLD, Align.LEFT);
        pen.rule(column.minX(), column.maxX(), top + 5.4, LineRole.HEADING_RULE);
        return top + 10.6;
    }

    /** The finishes that are seen; returns the y below them. */
    private double finishes(double top) {
        var showing = page.views().stream()
                .filter(v -> v.view().showing().shows(Kind.FINISHES))
                .toList();
        var materials = FinishKey.of(once(showing));
        if (materials.isEmpty()) {
            return top;
        }
        var y = heading("Finishes", top);
        for (var material : materials) {
            var swatch = new Box(column.minX(), y - 3, column.minX() + 7, y + 0.9);
            pen.fill(
                    Figure.ring(swatch.ring()),
                    Ink.of(material.in(page.look()).tone().argb()));
            pen.quietStroke(Figure.ring(swatch.ring()), LineRole.RULE);
            pen.text(material.label(), column.minX() + 10, y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            y += pen.row();
        }
        return y + BETWEEN_MM;
    }

    private void notes(double top) {
        if (page.page().notes().isBlank()) {
            return;
        }
        var y = heading("Notes", top);
        for (var line : page.page().notes().lines().toList()) {
            for (var part : pen.wrapped(line, Typeface.REGULAR, TextRole.BODY, column.width())) {
                pen.text(part, column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
                y += pen.cap(TextRole.BODY) * 1.9;
            }
        }
    }
}
