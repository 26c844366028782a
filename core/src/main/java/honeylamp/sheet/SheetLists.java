package honeylamp.sheet;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.derive.LaidPage;
import honeylamp.derive.LaidStorey;
import honeylamp.derive.LaidView;
import honeylamp.derive.Room;
import honeylamp.derive.SiteAreas;
import honeylamp.derive.StoreyGeometry;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Ground;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

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
        var materials = once(showing).stream()
                .map(LaidStorey::geometry)
                .flatMap(SheetLists::materials)
                .distinct()
                .toList();
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

    private static Stream<Material> materials(StoreyGeometry geometry) {
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
        return Stream.concat(Stream.concat(floors, outdoors).flatMap(m -> Materials.of(m).stream()), grounds);
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
