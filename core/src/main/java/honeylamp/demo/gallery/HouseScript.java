package honeylamp.demo.gallery;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.TierSets;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.demo.place.PlanSketch;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Look;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Sheet.Way;
import honeylamp.takeoff.fit.StarterGroup;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.Comparator;
import java.util.function.UnaryOperator;

/** From the measures of a house to its finished sheet, step by step; all numbers in the unit of the house. */
final class HouseScript {
    private final double unitMm;
    private final PlanSketch sketch;

    private HouseScript(Plan plan, double unitMm) {
        this.unitMm = unitMm;
        this.sketch = new PlanSketch(plan, unitMm);
    }

    /** Begins with a file of measures; further numbers are in units of so many mm. */
    static HouseScript of(String measures, double unitMm) throws IOException {
        return new HouseScript(Measures.plan(measures), unitMm);
    }

    /** Goes on upstairs: a storey of a file of measures, above a floor so thick. */
    void upstairs(String measures, String name, double floor) throws IOException {
        var below = sketch.plan().storeys().getLast();
        var level = below.level().plus(below.height()).plus(Length.ofMm(floor * unitMm));
        var added = StoreyEdits.addOnTop(sketch.plan(), name);
        var raised = StoreyEdits.levels(added.plan(), added.id(), l -> l.withLevel(level));
        var measured = Measures.onto(raised, added.id(), measures);
        sketch.change(_ -> measured);
        sketch.onto(added.id(), "1.");
    }

    /** What pieces, parts and grounds are placed with. */
    PlanSketch put() {
        return sketch;
    }

    /** Names the room at a point, says what it is for, and lays its floor. */
    void room(double x, double y, String name, String floor, double directionDeg) {
        change(p -> RoomEdits.name(p, sketch.storey(), at(x, y), name));
        change(p ->
                RoomEdits.floor(p, sketch.storey(), at(x, y), Finish.of(floor).turnedTo(directionDeg)));
        RoomUses.named(name)
                .ifPresent(u ->
                        change(p -> RoomEdits.fit(p, sketch.storey(), at(x, y), f -> f.usedAs(u.key(), u.part()))));
    }

    /** Says what a room of an uncommon name is for. */
    void use(double x, double y, String use) {
        var of = RoomUses.of(use).orElseThrow();
        change(p -> RoomEdits.fit(p, sketch.storey(), at(x, y), f -> f.usedAs(of.key(), of.part())));
    }

    /** Places what the room at a point usually has. */
    void furnished(double x, double y) {
        var room = at(x, y);
        change(p -> StarterGroup.in(
                        p,
                        sketch.storey(),
                        room,
                        room.mark().orElseThrow().fit().use())
                .plan());
    }

    /** Places a piece in its usual size. */
    void stand(String kind, double x, double y, double turnDeg) {
        var size = Furnishings.of(kind).orElseThrow().usual(sketch.plan().units());
        sketch.piece(
                kind,
                size.width().mm() / unitMm,
                size.depth().mm() / unitMm,
                size.height().mm() / unitMm,
                x,
                y,
                turnDeg);
    }

    /** Makes the opening nearest to a point one of another kind. */
    void opening(double x, double y, OpeningKind kind) {
        change(p -> OpeningEdits.setKind(p, sketch.storey(), nearest(x, y).id(), kind));
    }

    /** Has the leaf of the opening nearest to a point swing to the other side of its wall. */
    void swing(double x, double y) {
        change(p -> OpeningEdits.flipSwing(p, sketch.storey(), nearest(x, y).id()));
    }

    /** The sheet: its paper, and its title block. */
    void sheet(Paper paper, Way way, String drawing, String client) {
        change(p -> PlanEdits.on(p, paper, way));
        change(p -> PageEdits.sheet(
                p,
                s -> s.withTitle(new TitleBlock(p.name(), drawing, client, "Merrin Dole", "30 November 2026", "A"))));
    }

    /** One look for the whole plan. */
    void look(Look look) {
        change(p -> ViewEdits.look(p, _ -> look));
    }

    /** Dimensions of all views by the name of their set. */
    void dimensions(String set) {
        var chosen = TierSets.all().stream()
                .filter(s -> s.name().equals(set))
                .findFirst()
                .orElseThrow();
        change(p -> TierSets.chosen(p, ViewEdits.first(p, sketch.storey()), Reach.ALL, chosen));
    }

    /** What labels of rooms tell, by the name of the set. */
    void labels(String set) {
        var chosen = LabelSets.all().stream()
                .filter(s -> s.name().equals(set))
                .findFirst()
                .orElseThrow();
        change(p -> ViewEdits.annotation(
                p, ViewEdits.first(p, sketch.storey()), Reach.ALL, a -> a.withRooms(chosen.onto(a.rooms()))));
    }

    /** Lays the storeys side by side on the first page, and takes the others away. */
    void onOnePage() {
        var pages = sketch.plan().presentation().pages();
        for (var other : pages.subList(1, pages.size())) {
            change(p -> PageEdits.place(p, pages.getFirst().id(), other.views().getFirst())
                    .orThrow());
            change(p -> PageEdits.remove(p, other.id()).orThrow());
        }
    }

    /** Goes on with what an edit makes of the plan. */
    void change(UnaryOperator<Plan> edit) {
        sketch.change(edit);
    }

    /** The plan as it is so far. */
    Plan plan() {
        return sketch.plan();
    }

    private Point point(double x, double y) {
        return new Point(x * unitMm, y * unitMm);
    }

    private Room at(double x, double y) {
        var plan = sketch.plan();
        return StoreyGeometry.of(plan, plan.storey(sketch.storey())).rooms().stream()
                .filter(r -> r.outline().contains(point(x, y)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no room of " + plan.name() + " at " + x + ", " + y));
    }

    private Opening nearest(double x, double y) {
        var storey = sketch.plan().storey(sketch.storey());
        var at = point(x, y);
        return storey.openings().stream()
                .min(Comparator.comparingDouble(o -> {
                    var chord = storey.wall(o.host()).orElseThrow().chord();
                    return chord.at(o.offset().mm() + o.width().mm() / 2).distance(at);
                }))
                .orElseThrow();
    }
}
