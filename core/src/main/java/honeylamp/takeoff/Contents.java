package honeylamp.takeoff;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.AngleText;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/** Everything that stands on a storey, under names that make themselves. */
public final class Contents {
    /** So far beyond the faces of its wall the rooms beside an opening are looked for, in mm. */
    private static final double BESIDE_MM = 150;

    private Contents() {}

    /**
     * Something that stands on a storey.
     *
     * @param name what it is, how large, and where
     */
    public record Entry(ElementId id, String kind, String name) {}

    /** All of a storey, kind by kind, in the order in which it was made; coverings go with their surfaces. */
    public static List<Entry> of(Plan plan, StoreyGeometry geometry) {
        return geometry.storey()
                .elements()
                .all()
                .filter(e -> !(e instanceof Covering))
                .map(e -> new Entry(e.id(), kind(e), name(plan, geometry, e)))
                .toList();
    }

    /** One thing of a storey. */
    public static Optional<Entry> of(Plan plan, StoreyGeometry geometry, ElementId id) {
        return geometry.storey().elements().find(id).map(e -> new Entry(e.id(), kind(e), name(plan, geometry, e)));
    }

    private static String kind(Element element) {
        return switch (element) {
            case Wall _ -> "Wall";
            case Opening _ -> "Opening";
            case RoomMark _ -> "Room";
            case Structure _ -> "Fixed part";
            case Furnishing _ -> "Piece";
            case Underlay _ -> "Underlay";
            case Dimension _ -> "Dimension";
            case RoundDimension d -> d.measures().label();
            case Note _ -> "Note";
            case FreeMark _ -> "Free mark";
            case SettingOutLine _ -> "Setting-out line";
            case Boundary _ -> "Boundary";
            case Ground _ -> "Ground";
            case Region _ -> "Region";
            case Covering _ -> "Finish";
            case Fitting f ->
                f.kind().group().isLit() ? "Light" : f.kind().group().label();
            case Activity _ -> "Activity";
        };
    }

    private static String name(Plan plan, StoreyGeometry geometry, Element element) {
        var units = plan.units();
        return switch (element) {
            case Wall w ->
                plan.wallType(w.type()).name() + ", " + length(w.line().length(), units);
            case Opening o -> o.kind().label() + " " + LengthText.rounded(o.width(), units) + beside(geometry, o);
            case RoomMark m -> room(geometry, m, units);
            case Structure s -> PartKinds.label(s.form()) + in(geometry, s.at().point());
            case Furnishing f -> Furnishings.label(f) + in(geometry, f.at().point());
            case Underlay u -> u.picture().name();
            case Dimension d -> length(d.line().length(), units);
            case Note n -> n.text().lines().findFirst().orElse("");
            case RoundDimension d ->
                d.measures() == RoundDimension.Measures.ANGLE ? AngleText.shown(d.value()) : length(d.value(), units);
            case FreeMark m -> m.shape().label() + (m.word().isEmpty() ? "" : " " + m.word());
            case SettingOutLine l -> length(l.line().length(), units);
            case Boundary b ->
                length(b.line().length(), units) + in(geometry, b.line().middle());
            case Ground g ->
                Grounds.label(g.use()) + ", "
                        + AreaText.rounded(Math.abs(g.ring().area()), units);
            case Region r -> AreaText.rounded(Math.abs(r.ring().area()), units) + in(geometry, middle(r.places()));
            case Covering _ -> "";
            case Fitting f ->
                f.kind().label()
                        + FittingPlaces.of(geometry, f).stream()
                                .findFirst()
                                .map(p -> in(geometry, p.before()))
                                .orElse("");
            case Activity a ->
                a.doing().label()
                        + ActivityPlaces.of(geometry.storey(), a)
                                .map(p -> in(geometry, p.at()))
                                .orElse("");
        };
    }

    private static Point middle(List<Position> places) {
        return places.isEmpty() ? Point.ORIGIN : places.getFirst().point();
    }

    private static String length(double mm, UnitSystem units) {
        return LengthText.roundedWithUnit(Length.ofMm(mm), units);
    }

    private static String room(StoreyGeometry geometry, RoomMark mark, UnitSystem units) {
        return geometry.rooms().stream()
                .filter(r -> r.mark().filter(m -> m.id().equals(mark.id())).isPresent())
                .findFirst()
                .map(r -> (r.name().isBlank() ? "Without a name" : r.name()) + ", "
                        + AreaText.rounded(r.areaMm2(), units))
                .orElseGet(() -> mark.name().isBlank() ? "Waiting for its room" : mark.name() + ", waiting");
    }

    private static String in(StoreyGeometry geometry, Point at) {
        return geometry.roomAt(at)
                .filter(r -> !r.name().isBlank())
                .map(r -> ", " + r.name())
                .orElse("");
    }

    /** The rooms on both sides of an opening. */
    private static String beside(StoreyGeometry geometry, Opening opening) {
        return geometry.cutOrClosed(opening.id())
                .map(cut -> {
                    var box = cut.ring().bounds();
                    var centre = box.centre();
                    var across = geometry.storey()
                            .wall(opening.host())
                            .map(w -> w.chord().unit().left())
                            .orElse(new Point(0, 1));
                    var reach = Math.hypot(box.width(), box.height()) / 2 + BESIDE_MM;
                    return in(geometry, centre.plus(across.times(reach)))
                            + in(geometry, centre.minus(across.times(reach)));
                })
                .orElse("");
    }
}
