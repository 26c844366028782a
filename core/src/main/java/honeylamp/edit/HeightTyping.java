package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** Types over a height that is told: what is so high becomes as high as typed. */
public final class HeightTyping {
    private static final String NOTHING = "a height is more than nothing";

    private HeightTyping() {}

    /**
     * Makes an element so high. Of an opening the sill stays and the head moves.
     *
     * @param element as drawn; refused if the plan does not have it, as what stands in a copy of a unit, and if its height
     *     follows something else
     */
    public static Outcome<Plan> height(Plan plan, StoreyGeometry geometry, Element element, Length wanted) {
        var storey = geometry.storey().id();
        if (wanted.equals(Length.ZERO)) {
            return Outcome.refused(NOTHING);
        }
        return drawn(plan, geometry, element)
                .map(e -> switch (e) {
                    case Opening o ->
                        OpeningEdits.setHeights(
                                plan, storey, o.id(), o.sill(), o.sill().plus(wanted));
                    case Furnishing f ->
                        Outcome.done(FurnishingEdits.resize(plan, storey, f.id(), f.width(), f.depth(), wanted));
                    case Wall w -> Outcome.done(WallEdits.setHeight(plan, storey, List.of(w.id()), wanted));
                    case Structure s -> part(plan, s, wanted);
                    case Region _,
                            Ground _,
                            RoomMark _,
                            Underlay _,
                            Dimension _,
                            RoundDimension _,
                            Note _,
                            FreeMark _,
                            SettingOutLine _,
                            Boundary _,
                            Fitting _,
                            Activity _,
                            Covering _ -> Outcome.<Plan>refused("it has no height", "Point at something that has one.");
                })
                .orElseGet(HeightTyping::notDrawnHere);
    }

    private static Outcome<Plan> part(Plan plan, Structure part, Length wanted) {
        return switch (part.form()) {
            case Block b ->
                Outcome.done(StructureEdits.form(plan, part.id(), new Block(b.kind(), b.width(), b.depth(), wanted)));
            case Stair _ ->
                Outcome.refused(
                        "a stair climbs to the storey above",
                        "Change the height of the storey, or the stair on its card.");
            case ParkingBay _ -> Outcome.refused("a parking bay has no height of its own", "Point at something else.");
        };
    }

    /** Puts the sill of an opening at a height above the floor; refused from its head upward. */
    public static Outcome<Plan> sill(Plan plan, StoreyGeometry geometry, Opening opening, Length wanted) {
        return opening(plan, geometry, opening)
                .map(o -> OpeningEdits.setHeights(plan, geometry.storey().id(), o.id(), wanted, o.head()))
                .orElseGet(HeightTyping::notDrawnHere);
    }

    /** Puts the head of an opening at a height above the floor; refused down to its sill. */
    public static Outcome<Plan> head(Plan plan, StoreyGeometry geometry, Opening opening, Length wanted) {
        return opening(plan, geometry, opening)
                .map(o -> OpeningEdits.setHeights(plan, geometry.storey().id(), o.id(), o.sill(), wanted))
                .orElseGet(HeightTyping::notDrawnHere);
    }

    /** Sets how high the room at a point is clear; refused where there is none. */
    public static Outcome<Plan> clear(Plan plan, StoreyGeometry geometry, Point at, Length wanted) {
        if (wanted.equals(Length.ZERO)) {
            return Outcome.refused(NOTHING);
        }
        return geometry.roomAt(at)
                .map(room -> Outcome.done(
                        RoomEdits.fit(plan, geometry.storey().id(), room, f -> f.withHeight(Optional.of(wanted)))))
                .orElseGet(() -> Outcome.refused("there is no room there", "Point into a room."));
    }

    private static Optional<Opening> opening(Plan plan, StoreyGeometry geometry, Opening opening) {
        return drawn(plan, geometry, opening).map(Opening.class::cast);
    }

    private static Optional<Element> drawn(Plan plan, StoreyGeometry geometry, Element element) {
        return plan.storey(geometry.storey().id()).elements().find(element.id());
    }

    private static Outcome<Plan> notDrawnHere() {
        return Outcome.refused(
                "that belongs to a copy of a unit", "Change it where the unit is drawn; all its copies follow.");
    }
}
