package honeylamp.desktop.gesture;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.storeys.UnitCopies;
import honeylamp.derive.traced.PictureLines;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.sketch.RoomNames;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Wall;
import honeylamp.raised.SeenThings;
import honeylamp.takeoff.way.GettingIn;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * What a gesture works in.
 *
 * @param reachMm how near counts as on something, in plan mm: the same on screen at every zoom
 * @param penMm the width of one screen pixel, in paper mm
 * @param lines the lines of the pictures to trace, none if they are not to be caught
 * @param repeated units and their copies
 * @param middle of what the window shows, in plan mm
 * @param view the view worked on
 * @param page the page worked on; none if the view is on none
 * @param laidPage the page worked on with its views laid out; one like the first for a view on no page
 * @param walked the ways through the storey, if they were asked for and are known
 * @param names the names of rooms where the view writes them, if that is known
 * @param things what can be pointed at in a raised view, if that is known; empty in others
 * @param turned a raised view as it is being turned, as far as that was drawn
 * @param stuck where the piece that is picked does not get in, if that was asked for and is known
 */
public record Surroundings(
        Plan plan,
        StoreyGeometry geometry,
        PaperFrame frame,
        double reachMm,
        double penMm,
        Choices choices,
        Set<ElementId> selection,
        PictureLines lines,
        UnitCopies.OnStorey repeated,
        Point middle,
        LaidView view,
        Optional<Page> page,
        Supplier<LaidPage> laidPage,
        Optional<Walked> walked,
        Optional<RoomNames> names,
        Optional<SeenThings> things,
        List<Mark> turned,
        Optional<GettingIn.Place> stuck) {
    /** The storey with its copies of units: what the pointer catches, and the rooms there are. */
    public StoreyGeometry laid() {
        return view.storey().geometry();
    }

    /** Whether an element may be picked: what is hidden or locked may not. */
    public boolean isFree(Element element) {
        return Kind.of(element).filter(k -> !view.view().seen().frees(k)).isEmpty();
    }

    /** The copies of units on the storey. */
    public List<UnitCopies.Laid> copies() {
        return repeated.copies();
    }

    /** A unit where it is drawn. */
    public Optional<UnitCopies.Drawn> unit(ElementId.UnitId id) {
        return repeated.units().stream().filter(u -> u.unit().id().equals(id)).findFirst();
    }

    /** The storey worked on. */
    public ElementId.StoreyId storey() {
        return geometry.storey().id();
    }

    /** The type and the line of walls drawn now, and what becomes of them if they do not just stay, in a few words. */
    public String wallWords() {
        var type = plan.wallType(choices.wallType());
        var works = choices.works() == Wall.Works.EXISTING
                ? ""
                : ", " + choices.works().label().toLowerCase(Locale.ROOT);
        return type.name() + " " + LengthText.rounded(type.thickness(), units()) + ", "
                + choices.face().label().toLowerCase(Locale.ROOT) + works;
    }

    /** What a length is in sheets of board, if lengths are told in them; else empty. */
    public String boards(Length length) {
        return choices.seen().module().map(m -> m.words(length, units())).orElse("");
    }

    /** The plan's units. */
    public UnitSystem units() {
        return plan.units();
    }
}
