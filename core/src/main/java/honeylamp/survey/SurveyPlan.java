package honeylamp.survey;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.HeightRule;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Hole;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Builds a plan from a survey: walls along the legs, openings, named rooms, the closing error in the title. */
public final class SurveyPlan {
    private static final double BESIDE_MM = 300;
    private static final double JAMB_MM = 1;

    private final Survey survey;
    private final Adjustment adjusted;
    private final StoreyId storey;
    private final Map<Leg, WallId> walls = new HashMap<>();
    private Plan plan;

    private SurveyPlan(Survey survey, Adjustment adjusted, Plan plan, StoreyId storey) {
        this.survey = survey;
        this.adjusted = adjusted;
        this.plan = plan;
        this.storey = storey;
    }

    /**
     * The plan of a survey.
     *
     * @throws SurveyException if an opening lies in no leg or does not fit into it
     */
    public static Plan of(Survey survey, Adjustment adjusted, UnitSystem units) throws SurveyException {
        var title = new TitleBlock(survey.name(), "Measured survey: " + adjusted.closingWords(), "", "", "", "");
        var empty = PageEdits.sheet(NewPlan.in(units).withName(survey.name()), s -> s.withTitle(title));
        var storey = empty.storeys().getFirst().id();
        return new SurveyPlan(survey, adjusted, empty, storey).built();
    }

    /**
     * The plan with what a survey found on one of its storeys, which has nothing on it yet.
     *
     * @throws SurveyException if an opening lies in no leg or does not fit into it
     */
    public static Plan onto(Plan plan, StoreyId storey, Survey survey, Adjustment adjusted) throws SurveyException {
        return new SurveyPlan(survey, adjusted, plan, storey).built();
    }

    private Plan built() throws SurveyException {
        plan = plan.withStorey(storey, this::asHigh);
        var left = leftIsInside();
        for (var leg : survey.legs()) {
            wall(leg, left);
        }
        for (var hole : survey.of(Hole.class)) {
            opening(hole, left);
        }
        rooms(left);
        return RoomEdits.markNew(plan, storey, StoreyGeometry.of(plan, plan.storey(storey)));
    }

    private Storey asHigh(Storey s) {
        return Storey.empty(s.id(), s.name(), s.level(), survey.storeyHeight());
    }

    private Point at(String station) {
        return Adjustment.station(adjusted.stations(), station);
    }

    /** Whether the first ring goes round with the room at its left, which is how surveys should go. */
    private boolean leftIsInside() {
        if (adjusted.closings().isEmpty()) {
            return true;
        }
        var corners = new ArrayList<Point>();
        for (var i : adjusted.closings().getFirst().ring()) {
            corners.add(at(survey.legs().get(i).from()));
        }
        return corners.size() < 3 || new Ring(corners).signedArea() > 0;
    }

    private void wall(Leg leg, boolean left) {
        var body = left ? BodySide.RIGHT : BodySide.LEFT;
        var type = type(leg.thickness()); // may add to the plan, so first
        var added = WallEdits.add(plan, storey, Position.of(at(leg.from())), Position.of(at(leg.to())), body, type)
                .orThrow();
        plan = added.plan();
        walls.put(leg, added.id());
    }

    private WallTypeId type(Length thickness) {
        var known = plan.wallTypes().stream()
                .filter(t -> t.thickness().equals(thickness) && t.heightRule().equals(HeightRule.FULL))
                .findFirst();
        if (known.isPresent()) {
            return known.get().id();
        }
        var id = new WallTypeId(plan.nextNumber());
        List<WallType> more = new ArrayList<>(plan.wallTypes());
        more.add(new WallType(
                id,
                "Wall " + LengthText.roundedWithUnit(thickness, plan.units()),
                thickness,
                thickness.mm() >= 115,
                thickness.mm() >= 115 ? WallType.Poche.SOLID : WallType.Poche.TINT));
        plan = plan.numbersTaken(1).withWallTypes(more);
        return id;
    }

    private void opening(Hole hole, boolean left) throws SurveyException {
        var leg = leg(hole)
                .orElseThrow(() -> new SurveyException(
                        hole.line(), "the opening lies in " + hole.from() + "-" + hole.to() + ", which is no leg"));
        if (hole.end().compareTo(leg.length()) > 0) {
            throw new SurveyException(
                    hole.line(),
                    "the opening ends at " + LengthText.exact(hole.end(), plan.units()) + ", beyond the end of leg "
                            + leg.name() + " at " + LengthText.exact(leg.length(), plan.units()));
        }
        var host = walls.get(leg);
        if (host == null) {
            throw new IllegalStateException("leg " + leg.name() + " has no wall");
        }
        // the leg may have been corrected by some mm; the opening keeps its width and its share of the leg
        var length = at(leg.from()).distance(at(leg.to()));
        var width = hole.end().minus(hole.start());
        var offset = Math.clamp(
                hole.start().mm() * length / leg.length().mm(), 0, Math.max(0, length - width.mm() - JAMB_MM));
        plan = OpeningEdits.add(
                        plan,
                        storey,
                        hole.kind(),
                        host,
                        Length.ofMm(offset),
                        width,
                        Hand.FIRST,
                        hole.kind() == OpeningKind.DOOR && left ? Swing.LEFT : Swing.RIGHT)
                .plan();
    }

    private Optional<Leg> leg(Hole hole) {
        return survey.legs().stream()
                .filter(l -> l.from().equals(hole.from()) && l.to().equals(hole.to()))
                .findFirst();
    }

    /** A room gets the name that the first leg beside it gives. */
    private void rooms(boolean left) {
        var geometry = StoreyGeometry.of(plan, plan.storey(storey));
        var named = new ArrayList<Integer>();
        for (var leg : survey.legs()) {
            if (leg.room().isEmpty()) {
                continue;
            }
            var line = new Segment(at(leg.from()), at(leg.to()));
            var inside = line.shiftedLeft(left ? BESIDE_MM : -BESIDE_MM).middle();
            for (var i = 0; i < geometry.rooms().size(); i++) {
                if (geometry.rooms().get(i).outline().contains(inside) && !named.contains(i)) {
                    named.add(i);
                    plan = RoomEdits.mark(plan, storey, Position.of(inside), leg.room(), Finish.of(RoomEdits.BARE))
                            .plan();
                }
            }
        }
    }
}
