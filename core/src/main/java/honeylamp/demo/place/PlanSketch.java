package honeylamp.demo.place;

import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairRule;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.RunEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.ElementId.GroundId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RunUnit;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Builds a demo plan step by step with the program's own edits; all numbers in one unit. */
public final class PlanSketch {
    private final double unitMm;
    private Plan plan;
    private StoreyId storey;
    private String numbers = "1.";
    private int rooms;

    /** A sketch in mm. */
    PlanSketch(Plan empty) {
        this(empty, 1);
    }

    /** A sketch in units of so many mm. */
    public PlanSketch(Plan empty, double unitMm) {
        this.unitMm = unitMm;
        this.plan = empty;
        this.storey = empty.storeys().getFirst().id();
    }

    /** Goes on with another storey, whose rooms are numbered with a prefix. */
    public void onto(StoreyId other, String prefix) {
        storey = other;
        numbers = prefix;
        rooms = 0;
    }

    private Length length(double value) {
        return Length.ofMm(value * unitMm);
    }

    private Position at(double x, double y) {
        return Position.ofMm(x * unitMm, y * unitMm);
    }

    /** The plan as it is so far. */
    public Plan plan() {
        return plan;
    }

    /** The storey that is worked on. */
    public StoreyId storey() {
        return storey;
    }

    /** Goes on with what an edit makes of the plan. */
    public void change(UnaryOperator<Plan> edit) {
        plan = edit.apply(plan);
    }

    WallId wall(double x0, double y0, double x1, double y1, BodySide body, WallTypeId type) {
        var added =
                WallEdits.add(plan, storey, at(x0, y0), at(x1, y1), body, type).orThrow();
        plan = added.plan();
        return added.id();
    }

    OpeningId opening(OpeningKind kind, WallId host, double offset, double width, Hand hand, Swing swing) {
        var added = OpeningEdits.add(plan, storey, kind, host, length(offset), length(width), hand, swing);
        plan = added.plan();
        return added.id();
    }

    OpeningId window(WallId host, double offset, double width) {
        return opening(OpeningKind.CASEMENT_WINDOW, host, offset, width, Hand.FIRST, Swing.LEFT);
    }

    void heights(OpeningId opening, double sill, double head) {
        plan = OpeningEdits.setHeights(plan, storey, opening, length(sill), length(head))
                .orThrow();
    }

    void room(double x, double y, String name, String material, double directionDeg, double startX, double startY) {
        var added =
                RoomEdits.mark(plan, storey, at(x, y), name, new Finish(material, directionDeg, at(startX, startY)));
        rooms++;
        var number = numbers + rooms;
        plan = RoomEdits.change(
                added.plan(),
                storey,
                added.id(),
                m -> m.withFit(RoomUses.named(name)
                        .map(u -> m.fit().usedAs(u.key(), u.part()))
                        .orElse(m.fit())
                        .withNumber(number)));
    }

    /** Places a piece by the middle of its footprint. */
    public void piece(String kind, double w, double d, double h, double x, double y, double turnDeg) {
        plan = FurnishingEdits.add(plan, storey, kind, length(w), length(d), length(h), at(x, y), turnDeg)
                .plan();
    }

    /** A counter whose units are asked for, each by its width and where its middle is from the left. */
    void counter(double w, double d, double h, double x, double y, double turnDeg, Unit... units) {
        piece(Runs.COUNTER, w, d, h, x, y, turnDeg);
        var last = plan.storey(storey).furnishings().getLast();
        var asked = Arrays.stream(units)
                .map(u -> new RunUnit(u.kind, length(u.wide), length(u.at), Optional.empty()))
                .toList();
        var run = Runs.of(Runs.COUNTER, plan.units()).orElseThrow().withUnits(asked);
        plan = RunEdits.make(plan, storey, last.id(), run);
    }

    /** A unit of a counter. */
    record Unit(RunUnit.Kind kind, double wide, double at) {}

    /** Puts in a fixed part that three sizes describe. */
    public void block(Structure.Kind kind, double w, double d, double h, double x, double y, double turnDeg) {
        part(new Structure.Block(kind, length(w), length(d), length(h)), x, y, turnDeg);
    }

    void part(Structure.Form form, double x, double y, double turnDeg) {
        plan = StructureEdits.add(plan, storey, form, at(x, y), turnDeg).plan();
    }

    void note(double x, double y, String text) {
        plan = NoteEdits.add(plan, storey, at(x, y), text).plan();
    }

    /** Lays ground, corner by corner: x and y in turn. */
    public GroundId ground(Ground.Use use, double... corners) {
        var around = new ArrayList<Position>();
        for (var i = 0; i < corners.length; i += 2) {
            around.add(at(corners[i], corners[i + 1]));
        }
        var added = GroundEdits.add(plan, storey, use, around);
        plan = added.plan();
        return added.id();
    }

    void setback(GroundId plot, double by) {
        plan = GroundEdits.change(plan, storey, plot, g -> g.withSetback(length(by)));
    }

    /** Puts in a stair that is stepped for the height it climbs. */
    public void stair(
            Stair.Shape shape, Stair.Turn turn, double flight, double well, double x, double y, double turnDeg) {
        var rise = FixedParts.rise(plan, plan.storey(storey), Stair.Leads.UP);
        var begun = Stair.even(
                shape, turn, Stair.Leads.UP, length(flight), length(1), shape.leastRisers(), rise, length(well));
        part(StairRule.stepped(begun, plan.units()), x, y, turnDeg);
    }
}
