package honeylamp.derive.storeys;

import honeylamp.derive.light.SunPlace;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Page;
import honeylamp.plan.View;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A view with the storey it shows and the look it is pictured in; made by {@link LaidPlan} only. */
public final class LaidView {
    private final LaidStorey storey;
    private final View view;
    private final Look look;

    LaidView(LaidStorey storey, View view, Look look) {
        this.storey = storey;
        this.view = view;
        this.look = look;
    }

    /** The plan it is a view of. */
    public LaidPlan plan() {
        return storey.plan();
    }

    /** The units its lengths are shown in. */
    public ShownIn shownIn() {
        return new ShownIn(plan().rounding(), view.annotation().second().map(Rounding::finest));
    }

    /** The storey it shows. */
    public LaidStorey storey() {
        return storey;
    }

    /** The view itself. */
    public View view() {
        return view;
    }

    /** The look it is pictured in. */
    public Look look() {
        return look;
    }

    /** The light it is pictured in; empty while the sun, if it is that, is down. */
    public Optional<Light> light() {
        return view.light().evening().isPresent() ? Optional.empty() : SunPlace.seen(view.light(), plan().northDeg());
    }

    /** The same storey in the same look, seen otherwise. */
    public LaidView seenAs(View other) {
        return new LaidView(storey, other, look);
    }

    /** The part of the plan that is seen, in plan mm; empty if all is. */
    public Optional<Box> crop() {
        return view.crop().map(c -> Box.around(List.of(c.from().point(), c.to().point())));
    }

    /** The part of a room's outline that is seen: all of it, or the largest part within what the view is cut to. */
    public Optional<Outline> seen(Outline room) {
        return crop().isEmpty()
                ? Optional.of(room)
                : Regions.intersection(
                                List.of(room), List.of(Outline.of(crop().get().ring())))
                        .stream()
                        .max(Comparator.comparingDouble(Outline::area));
    }

    /** Whether a page it is on lists rooms beside it. */
    public boolean hasRoomList() {
        return plan().drawn().presentation().pages().stream()
                .anyMatch(p -> p.views().contains(view.id()) && p.lists().contains(Page.Listing.ROOMS));
    }

    /** Its name; by itself that of its storey, and of the scheme if it is one that is asked for. */
    public String name() {
        var schemes = plan().drawn().schemes();
        var scheme = view.arranged().as().map(id -> ": " + schemes.name(id)).orElse("");
        return view.name().isBlank() ? storey.storey().name() + scheme : view.name();
    }

    /**
     * In what state of things a storey is seen.
     *
     * @param scheme the one that is shown
     */
    public record State(SchemeId scheme, View.Works works) {}

    /** The state it is seen in. */
    public State state() {
        return new State(plan().drawn().schemes().open(), view.works());
    }

    /** Its state in a word or two: the works where they are not marked, else the scheme. */
    public String stateName() {
        var schemes = plan().drawn().schemes();
        return view.works() == View.Works.MARKED
                ? schemes.name(schemes.open())
                : view.works().label().toLowerCase(Locale.ROOT);
    }

    /** The same view of the arrangement from which it is marked what differs; empty if nothing is. */
    public Optional<LaidView> against() {
        return view.arranged()
                .against()
                .filter(id -> !id.equals(plan().drawn().schemes().open()))
                .map(id -> new LaidView(plan().arranged(id).on(storey.id()), view, look));
    }
}
