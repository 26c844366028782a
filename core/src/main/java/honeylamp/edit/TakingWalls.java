package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.derive.traced.ReadWords;
import honeylamp.derive.traced.StoreysBeside;
import honeylamp.derive.traced.StoreysBeside.OneStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.HeightRule;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.WallType;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** Takes walls that were read from a picture into the plan: from then on they are walls like any other. */
public final class TakingWalls {
    /** A wall type this near in thickness is the one that is meant. */
    private static final double SAME_TYPE_MM = 12;

    /** The same where lines tell the thickness. */
    private static final double SAME_BY_LINES_MM = 0.5;

    private static final double CARRIES_MM = 115;
    private static final double WIDTH_STEP_MM = 5;
    private static final double WIDTH_STEP_INCH = 0.25;
    private static final double LINES_STEP_MM = 1;
    private static final double LINES_STEP_INCH = 1.0 / 16;

    /** A length told by lines is a whole step where it comes so near. */
    private static final double WHOLE_STEP_MM = 0.1;

    private static final double FINEST_MM = 0.01;
    private static final double LEAST_WIDTH_MM = 200;
    private static final double JAMB_MM = 1;

    /** Areas that differ by more are told; they are written to a tenth. */
    private static final double AREA_SHARE = 0.02;

    private static final double AREA_ROUNDING_M2 = 0.05;

    private TakingWalls() {}

    /**
     * A plan with walls taken in.
     *
     * @param ids by the numbers of the walls that were read
     */
    public record Taken(Plan plan, TreeMap<Integer, WallId> ids) {}

    /** Takes walls and their openings into a storey. Those shorter than a wall can be are left out. */
    public static Taken take(Plan plan, StoreyId storey, List<ReadWall> walls) {
        var out = plan;
        var ids = new TreeMap<Integer, WallId>();
        for (var read : walls) {
            var typed = type(out, read);
            var from = Position.of(read.line().a());
            var to = Position.of(read.line().b());
            var added = WallEdits.add(typed.plan(), storey, from, to, BodySide.CENTRE, typed.id())
                    .result();
            if (added.isEmpty()) {
                continue;
            }
            out = added.get().plan();
            ids.put(read.number(), added.get().id());
            for (var opening : read.openings()) {
                out = opening(out, storey, read, opening, added.get().id());
            }
        }
        return new Taken(out, ids);
    }

    /** Plans that lie beside each other on a sheet, taken as storeys. */
    public record TakenStoreys(Plan plan, List<StoreyId> storeys, List<String> named) {
        /** Freezes the lists. */
        public TakenStoreys {
            storeys = List.copyOf(storeys);
            named = List.copyOf(named);
        }
    }

    /**
     * Takes plans that lie beside each other as storeys over each other: the first onto a storey, each other onto the next
     * one that has no walls, or a new one on top. Each storey gets its part of the picture, laid as its walls are.
     */
    public static TakenStoreys takeStoreys(
            Plan plan, StoreyId storey, StoreysBeside beside, UnderlayId picture, ReadWords words) {
        var out = plan;
        var storeys = new ArrayList<StoreyId>();
        var named = new ArrayList<String>();
        for (var one : beside.storeys()) {
            var above = storeys.isEmpty() ? Optional.of(storey) : freeAbove(out, storeys.getLast());
            if (above.isEmpty()) {
                var added = StoreyEdits.addOnTop(out, "Storey " + out.storeys().size());
                out = added.plan();
                above = Optional.of(added.id());
            }
            var target = above.get();
            out = parted(out, storey, target, picture, one);
            out = take(out, target, one.laid().walls()).plan();
            var names = name(out, target, words.moved(one.shift()));
            out = names.plan();
            named.addAll(names.named());
            storeys.add(target);
        }
        var whole = out.storey(storey).elements().find(Underlay.class, picture).orElseThrow();
        return new TakenStoreys(
                UnderlayEdits.crop(
                        out,
                        storey,
                        picture,
                        Optional.of(pixels(whole, beside.storeys().getFirst().part()))),
                storeys,
                named);
    }

    private static Optional<StoreyId> freeAbove(Plan plan, StoreyId below) {
        var ids = plan.storeys().stream().map(Storey::id).toList();
        return ids.stream()
                .skip(ids.indexOf(below) + 1L)
                .filter(id -> plan.storey(id).walls().isEmpty())
                .findFirst();
    }

    private static Plan parted(Plan plan, StoreyId from, StoreyId to, UnderlayId picture, OneStorey one) {
        if (from.equals(to)) {
            return plan; // it is cropped when all others have their part
        }
        var underlay =
                plan.storey(from).elements().find(Underlay.class, picture).orElseThrow();
        var part = UnderlayEdits.partFor(plan, from, picture, pixels(underlay, one.part()), to);
        var placing = underlay.placing();
        return UnderlayEdits.place(
                part.plan(),
                to,
                part.id(),
                placing.at(Position.of(placing.at().point().plus(one.shift()))));
    }

    private static Box pixels(Underlay underlay, Box part) {
        return Box.around(part.ring().corners().stream().map(underlay::pixel).toList());
    }

    /**
     * A plan whose rooms have the names that are written in them, where they had none.
     *
     * @param named the names given, by falling area
     * @param differences rooms whose written area is another than the drawn one
     */
    public record Named(Plan plan, List<String> named, List<AreaDifference> differences) {
        /** Freezes the lists. */
        public Named {
            named = List.copyOf(named);
            differences = List.copyOf(differences);
        }
    }

    /** A room whose written area is another than the drawn one, in m². */
    public record AreaDifference(String room, double writtenM2, double drawnM2) {}

    /** Gives rooms the names written in them, and compares the areas. */
    public static Named name(Plan plan, StoreyId storey, ReadWords words) {
        var out = plan;
        var named = new ArrayList<String>();
        var differences = new ArrayList<AreaDifference>();
        for (var room : StoreyGeometry.of(plan, plan.storey(storey)).rooms()) {
            var name = words.nameIn(room.outline());
            if (room.name().isEmpty() && name.isPresent()) {
                out = RoomEdits.name(out, storey, room, name.get());
                named.add(name.get());
            }
            var drawn = room.areaMm2() / AreaText.MM2_PER_M2;
            words.areaIn(room.outline())
                    .filter(written -> Math.abs(written - drawn) > AREA_SHARE * drawn + AREA_ROUNDING_M2)
                    .ifPresent(written -> differences.add(new AreaDifference(
                            room.name().isEmpty() ? name.orElse("A room") : room.name(), written, drawn)));
        }
        return new Named(out, named, differences);
    }

    /** The wall type that is nearest in thickness, or a new one. */
    private static Added<WallTypeId> type(Plan plan, ReadWall read) {
        var byLines = read.precision() == Precision.LINES;
        var mm = read.thicknessMm();
        return plan.wallTypes().stream()
                .filter(t -> t.heightRule().equals(HeightRule.FULL))
                .filter(t -> Math.abs(t.thickness().mm() - mm) <= (byLines ? SAME_BY_LINES_MM : SAME_TYPE_MM))
                .min((a, b) -> Double.compare(
                        Math.abs(a.thickness().mm() - mm),
                        Math.abs(b.thickness().mm() - mm)))
                .map(t -> new Added<>(plan, t.id()))
                .orElseGet(() -> added(plan, Length.ofMm(byLines ? whole(plan, mm) : Math.rint(mm))));
    }

    /** The whole step that a length told by lines comes near to, else the length to a hundredth of a millimetre. */
    private static double whole(Plan plan, double mm) {
        var step = step(plan, LINES_STEP_MM, LINES_STEP_INCH);
        var near = Math.rint(mm / step) * step;
        return Math.abs(near - mm) <= WHOLE_STEP_MM ? near : Math.rint(mm / FINEST_MM) * FINEST_MM;
    }

    private static double step(Plan plan, double mm, double inch) {
        return plan.units().isMetric() ? mm : inch * Length.MM_PER_INCH;
    }

    private static Added<WallTypeId> added(Plan plan, Length thickness) {
        var carries = thickness.mm() >= CARRIES_MM;
        return WallTypeEdits.add(
                plan,
                new WallType(
                        new WallTypeId(plan.nextNumber()),
                        "Wall " + LengthText.roundedWithUnit(thickness, plan.units()),
                        thickness,
                        carries,
                        carries ? WallType.Poche.SOLID : WallType.Poche.TINT));
    }

    private static Plan opening(Plan plan, StoreyId storey, ReadWall wall, ReadOpening read, WallId host) {
        var length = wall.line().length();
        var middle = (along(wall.line(), read, true) + along(wall.line(), read, false)) / 2;
        var width = Math.min(stepped(plan, read), length - 2 * JAMB_MM);
        if (width < LEAST_WIDTH_MM) {
            return plan;
        }
        var offset = Math.clamp(middle - width / 2, JAMB_MM, length - width - JAMB_MM);
        var kind = read.kind() == OpeningKind.DOOR && wall.outer() ? OpeningKind.OUTER_DOOR : read.kind();
        return OpeningEdits.add(
                        plan, storey, kind, host, Length.ofMm(offset), Length.ofMm(width), read.hand(), read.swing())
                .plan();
    }

    private static double along(Segment line, ReadOpening read, boolean first) {
        return line.along(first ? read.first() : read.second());
    }

    /** A picture tells no width to the millimetre; lines do. */
    private static double stepped(Plan plan, ReadOpening read) {
        if (read.precision() == Precision.LINES) {
            return whole(plan, read.widthMm());
        }
        var step = step(plan, WIDTH_STEP_MM, WIDTH_STEP_INCH);
        return Math.rint(read.widthMm() / step) * step;
    }
}
