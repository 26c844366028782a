package honeylamp.catalogue;

import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.HeightRule;
import honeylamp.plan.WallType;
import honeylamp.plan.WallType.Poche;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/** The wall types an empty plan starts with. */
final class WallTypes {
    private WallTypes() {}

    /** The types for a unit system; ids 1, 2, 3 and 5. */
    static List<WallType> starting(UnitSystem units) {
        return units.isMetric() ? metric() : feetAndInches();
    }

    private static List<WallType> metric() {
        return List.of(
                outer(mm("Render", 20), mm("Insulation", 120), mm("Brick", 145), mm("Plaster", 15)),
                bearing(mm("Plaster", 15), mm("Brick", 145), mm("Plaster", 15)),
                partition(
                        boards(mm("Plasterboard", 12.5), UnitSystem.MM),
                        mm("Studs", 75),
                        boards(mm("Plasterboard", 12.5), UnitSystem.MM)),
                low(mm("Brick", 115), Length.ofMm(900)));
    }

    private static List<WallType> feetAndInches() {
        return List.of(
                outer(
                        inches("Brick", 3.625),
                        inches("Air gap", 1),
                        inches("Sheathing and studs", 4.75),
                        boards(inches("Drywall", 0.625), UnitSystem.FEET_INCHES)),
                bearing(
                        boards(inches("Drywall", 0.5), UnitSystem.FEET_INCHES),
                        inches("Studs", 5),
                        boards(inches("Drywall", 0.5), UnitSystem.FEET_INCHES)),
                partition(
                        boards(inches("Drywall", 0.5), UnitSystem.FEET_INCHES),
                        inches("Studs", 3.5),
                        boards(inches("Drywall", 0.5), UnitSystem.FEET_INCHES)),
                low(inches("Studs and board", 4.5), Length.ofInches(36)));
    }

    private static BuildUpLayer mm(String name, double mm) {
        return new BuildUpLayer(name, Length.ofMm(mm));
    }

    private static BuildUpLayer boards(BuildUpLayer layer, UnitSystem units) {
        return layer.withBoard(Optional.of(BuildUpLayer.Board.usual(units)));
    }

    private static BuildUpLayer inches(String name, double inches) {
        return new BuildUpLayer(name, Length.ofInches(inches));
    }

    private static WallType outer(BuildUpLayer... layers) {
        return type(1, "Outer wall", true, Poche.SOLID, HeightRule.FULL, layers);
    }

    private static WallType bearing(BuildUpLayer... layers) {
        return type(2, "Inner wall, bearing", true, Poche.SOLID, HeightRule.FULL, layers);
    }

    private static WallType partition(BuildUpLayer... layers) {
        return type(3, "Partition", false, Poche.TINT, HeightRule.FULL, layers);
    }

    private static WallType low(BuildUpLayer layer, Length height) {
        return type(5, "Low wall", false, Poche.TINT, new HeightRule(HeightRule.Kind.LOW, height), layer);
    }

    private static WallType type(
            int number, String name, boolean structural, Poche poche, HeightRule rule, BuildUpLayer... layers) {
        return new WallType(new WallTypeId(number), name, Length.ofMm(1), structural, poche, List.of(), rule)
                .withLayers(List.of(layers));
    }
}
