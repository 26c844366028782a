package honeylamp.edit;

import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.HeldLook;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Presentation;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.View;
import honeylamp.plan.View.Crop;
import honeylamp.plan.View.MovedName;
import honeylamp.plan.View.Subject;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is seen of a plan and how: views with their looks and lights. */
public final class ViewEdits {
    private static final String NOT_RAISED = "it is no raised view";

    private ViewEdits() {}

    /**
     * Changes the look of a view. If all are meant, every look is changed alike: what differs from view to view and is
     * not changed stays, and looks that have become the same are one. If only this view is meant, it gets a look of its
     * own unless it has one.
     */
    public static Plan look(Plan plan, ViewId view, Reach reach, UnaryOperator<Look> change) {
        var presentation = plan.presentation();
        var id = of(plan, view).look();
        var isShared =
                presentation.views().stream().filter(v -> v.look().equals(id)).count() > 1;
        var after = reach == Reach.ALL
                ? presentation.changingLooks(change)
                : isShared
                        ? apart(presentation, view, change.apply(presentation.look(id)))
                        : presentation.changing(id, change);
        return after.equals(presentation) ? plan : plan.withPresentation(after);
    }

    /** A view in another look than those it shared one with; as it was if the look is no other. */
    private static Presentation apart(Presentation presentation, ViewId view, Look look) {
        var own = new HeldLook(presentation.nextLook(), look);
        return presentation.views().stream()
                        .anyMatch(v -> v.id().equals(view)
                                && presentation.look(v.look()).equals(look))
                ? presentation
                : presentation.adding(own).changing(List.of(view), v -> v.withLook(own.id()));
    }

    /** Changes the look that all views of a plan have. */
    public static Plan look(Plan plan, UnaryOperator<Look> change) {
        return look(plan, first(plan), Reach.ALL, change);
    }

    /** Changes the light of a view, or of all. */
    public static Plan light(Plan plan, ViewId view, Reach reach, UnaryOperator<Light> change) {
        return changed(plan, view, reach, v -> {
            var light = change.apply(v.light());
            return v.light().equals(light) ? v : v.withLight(light);
        });
    }

    /** Gives all views of a plan one light. */
    public static Plan light(Plan plan, Light light) {
        return light(plan, first(plan), Reach.ALL, _ -> light);
    }

    /** Says how lived-in the rooms of a view are, or of all, from 0 for bare to 1. */
    public static Plan livedIn(Plan plan, ViewId view, Reach reach, double amount) {
        return changed(plan, view, reach, v -> v.livedIn() == amount ? v : v.withLivedIn(amount));
    }

    /** Says by what the surfaces of a raised view are lit. */
    public static Plan lit(Plan plan, ViewId view, View.Lit lit) {
        return changed(plan, view, Reach.THIS, v -> v.lit() == lit ? v : v.withLit(lit));
    }

    /** Says how far one seems to look down into a view, or into all, from 0 for none to 1. */
    public static Plan depth(Plan plan, ViewId view, Reach reach, double amount) {
        return changed(plan, view, reach, v -> v.depth() == amount ? v : v.withDepth(amount));
    }

    /** Says how lived-in the rooms of all views of a plan are. */
    public static Plan livedIn(Plan plan, double amount) {
        return livedIn(plan, first(plan), Reach.ALL, amount);
    }

    /** Says how lived-in the rooms of a storey are, in all views of it. */
    public static Plan livedIn(Plan plan, StoreyId storey, double amount) {
        var now = plan;
        for (var view : plan.presentation().views()) {
            if (view.storey().equals(storey)) {
                now = livedIn(now, view.id(), Reach.THIS, amount);
            }
        }
        return now;
    }

    /** Sets the scale of a view, or of all; none means the largest that fits. */
    public static Plan scale(Plan plan, ViewId view, Reach reach, Optional<Integer> scale) {
        return placed(plan, view, reach, v -> v.scale().equals(scale) ? v : v.withScale(scale));
    }

    /** Sets how large a view is, or all are, without a scale; a scale of its own goes. */
    public static Plan fit(Plan plan, ViewId view, Reach reach, View.Fit fit) {
        return placed(
                plan,
                view,
                reach,
                v -> v.fit() == fit && v.scale().isEmpty() ? v : v.withFit(fit).withScale(Optional.empty()));
    }

    /** Puts a view so far from the middle of its part of the page. */
    public static Outcome<Plan> nudge(Plan plan, ViewId view, double rightMm, double downMm) {
        if (!(Math.abs(rightMm) <= View.Nudge.MOST_MM && Math.abs(downMm) <= View.Nudge.MOST_MM)) {
            return Outcome.refused(
                    "a view lies within " + (int) View.Nudge.MOST_MM + " mm of its place", "Type a shorter way.");
        }
        var nudge = new View.Nudge(rightMm, downMm);
        return Outcome.done(changed(plan, view, Reach.THIS, v -> v.nudge().equals(nudge) ? v : v.withNudge(nudge)));
    }

    /** Sets the scale of all views of a plan. */
    public static Plan scale(Plan plan, Optional<Integer> scale) {
        return scale(plan, first(plan), Reach.ALL, scale);
    }

    /** Says how much of a kind of things a view shows, or all do. */
    public static Plan showing(Plan plan, ViewId view, Reach reach, Showing.Kind kind, Showing.Degree degree) {
        return changed(
                plan,
                view,
                reach,
                v -> v.showing().of(kind) == degree
                        ? v
                        : v.withShowing(v.showing().with(kind, degree)));
    }

    /** Locks a kind of things in a view, or in all, or frees it: in each as it is freed or locked in that one. */
    public static Plan lock(Plan plan, ViewId view, Reach reach, Showing.Kind kind) {
        var locks =
                !plan.presentation().view(view).orElseThrow().showing().locked().contains(kind);
        return changed(
                plan,
                view,
                reach,
                v -> v.showing().locked().contains(kind) == locks
                        ? v
                        : v.withShowing(v.showing().toggling(kind)));
    }

    /** Says of all kinds at once how much of them a view, or all, show. */
    public static Plan showing(Plan plan, ViewId view, Reach reach, Showing showing) {
        return changed(plan, view, reach, v -> v.showing().equals(showing) ? v : v.withShowing(showing));
    }

    /** Says how much of a kind of things all views of a plan show. */
    public static Plan showing(Plan plan, Showing.Kind kind, Showing.Degree degree) {
        return showing(plan, first(plan), Reach.ALL, kind, degree);
    }

    /** Shows only a part of the plan, or all of it. */
    public static Plan crop(Plan plan, ViewId view, Optional<Crop> crop) {
        return changed(plan, view, Reach.THIS, v -> v.crop().equals(crop) ? v : v.withCrop(crop));
    }

    /** Calls a view something else; nothing means it is called like what it shows. */
    public static Plan name(Plan plan, ViewId view, String name) {
        var stripped = name.strip();
        return changed(plan, view, Reach.THIS, v -> v.name().equals(stripped) ? v : v.withName(stripped));
    }

    /** Turns the plan on the page in a view to so many degrees counter-clockwise. */
    public static Plan turn(Plan plan, ViewId view, Reach reach, double deg) {
        return placed(plan, view, reach, v -> v.turned(deg));
    }

    /** Says which walls a view shows when some are to be removed and others built. */
    public static Plan works(Plan plan, ViewId view, Reach reach, View.Works works) {
        return changed(plan, view, reach, v -> v.works() == works ? v : v.withWorks(works));
    }

    /** Puts the middle of a room's name somewhere else in a view; nowhere means where it finds room by itself. */
    public static Plan moveName(Plan plan, ViewId view, RoomId room, Optional<Position> at) {
        return changed(plan, view, Reach.THIS, v -> {
            var others = new ArrayList<>(v.moved());
            others.removeIf(m -> m.of().equals(room));
            at.ifPresent(p -> others.add(new MovedName(room, p)));
            return others.equals(v.moved()) ? v : v.withMoved(others);
        });
    }

    /** Lets the names of all rooms find their place by themselves in a view. */
    public static Plan namesBack(Plan plan, ViewId view) {
        return changed(plan, view, Reach.THIS, v -> v.moved().isEmpty() ? v : v.withMoved(List.of()));
    }

    /**
     * Puts a tier of dimensions so much farther from the building than usual in a view, in paper mm; 0 puts it back.
     * Refused in a view that is turned by no quarters: its tiers are on other sides than one draws on.
     *
     * @param side of the plan as it is drawn
     */
    public static Outcome<Plan> moveTier(Plan plan, ViewId view, Side side, int tier, double awayMm) {
        var quarters = of(plan, view).quarters();
        if (quarters.isEmpty()) {
            return Outcome.refused(
                    "this view is turned at a slant on its page",
                    "Turn it by quarter turns, or not at all, to move its tiers.");
        }
        var to = side.turned(quarters.get());
        return Outcome.done(
                changed(plan, view, Reach.THIS, v -> v.awayMm(to, tier) == awayMm ? v : v.moving(to, tier, awayMm)));
    }

    /** Puts a tier along a slanted face so much farther from it than usual in a view, in paper mm; 0 puts it back. */
    public static Plan moveTier(Plan plan, ViewId view, WallId along, int tier, double awayMm) {
        return changed(
                plan, view, Reach.THIS, v -> v.awayMm(along, tier) == awayMm ? v : v.moving(along, tier, awayMm));
    }

    /** Says which dimensions a view, or all, have around the plan; those that were put by hand go to their places. */
    public static Plan tiers(Plan plan, ViewId view, Reach reach, UnaryOperator<Tiers> change) {
        return changed(plan, view, reach, v -> {
            var other = change.apply(v.tiers());
            return other.equals(v.tiers())
                    ? v
                    : v.with(copy -> copy.tiers(other)
                            .movedTiers(other.rows().equals(v.tiers().rows()) ? v.movedTiers() : List.of())
                            .movedSlanted(other.slanted().equals(v.tiers().slanted()) ? v.movedSlanted() : List.of()));
        });
    }

    /** Says what a view, or all, say in words and figures beside their tiers. */
    public static Plan annotation(Plan plan, ViewId view, Reach reach, UnaryOperator<Annotation> change) {
        return changed(plan, view, reach, v -> {
            var other = change.apply(v.annotation());
            return other.equals(v.annotation()) ? v : v.withAnnotation(other);
        });
    }

    /** Lets all tiers of dimensions lie where they usually do in a view. */
    public static Plan tiersBack(Plan plan, ViewId view) {
        return changed(plan, view, Reach.THIS, View::withTiersBack);
    }

    /** Adds a further view like another, on a page of its own after that one's. */
    public static Added<ViewId> copy(Plan plan, ViewId like) {
        var presentation = plan.presentation();
        var view = of(plan, like).withId(presentation.nextView());
        var page = presentation
                .pageOf(like)
                .map(p -> p.withId(presentation.nextPage()).withName("").withViews(List.of(view.id())))
                .orElseGet(() -> Page.of(
                        presentation.nextPage(),
                        view.id(),
                        presentation.pages().getFirst().sheet()));
        return new Added<>(plan.withPresentation(presentation.adding(view, page, like)), view.id());
    }

    /**
     * Adds a page with elevations after all others, on a sheet like the last one's, pictured as a view is.
     *
     * @param like the view whose look, light and kinds they have
     * @param subjects one to six
     * @param names of the views, as many
     * @param pageName of the page
     */
    public static Added<PageId> elevations(
            Plan plan, ViewId like, List<? extends Subject> subjects, List<String> names, String pageName) {
        var presentation = plan.presentation();
        var model = of(plan, like);
        var views = new ArrayList<>(presentation.views());
        var made = new ArrayList<ViewId>();
        var number = presentation.nextView().number();
        for (var i = 0; i < subjects.size(); i++) {
            var id = new ViewId(number + i);
            made.add(id);
            var name = names.get(i);
            var subject = subjects.get(i);
            views.add(model.with(copy -> copy.id(id)
                    .name(name)
                    .subject(subject)
                    .scale(Optional.empty())
                    .crop(Optional.empty())
                    .turnDeg(0)
                    .moved(List.of())
                    .movedTiers(List.of())
                    .movedSlanted(List.of())));
        }
        var pages = new ArrayList<>(presentation.pages());
        var page = Page.of(
                        presentation.nextPage(),
                        made.getFirst(),
                        presentation.pages().getLast().sheet())
                .withViews(made)
                .withName(pageName);
        pages.add(page);
        return new Added<>(
                plan.withPresentation(
                        presentation.with(copy -> copy.views(views).pages(pages))),
                page.id());
    }

    /**
     * Adds a page with a raised view, after all others, on a sheet like the last one's, pictured as a view is.
     *
     * @param like the view whose look, light and kinds it has
     */
    public static Added<PageId> raised(Plan plan, ViewId like, Raised subject, String name) {
        var added = elevations(plan, like, List.of(subject), List.of(name), name);
        var made = added.plan()
                .presentation()
                .page(added.id())
                .orElseThrow()
                .views()
                .getFirst();
        return new Added<>(
                changed(added.plan(), made, Reach.THIS, v -> lamps(framed(v.withSubject(subject)))), added.id());
    }

    /** Raised, lamps and sockets are things and no signs: they are seen, as pieces are. */
    private static View lamps(View view) {
        return view.withShowing(view.showing().with(Showing.Kind.FITTINGS, Showing.Degree.SHOWN));
    }

    /** In perspective nothing can be measured, so that a view fills its place; else it has a scale. */
    private static View framed(View view) {
        var isFramed = view.subject() instanceof Raised raised && raised.eye().rays() == Raised.Rays.PERSPECTIVE;
        return view.withFit(isFramed ? View.Fit.FILLING : View.Fit.STANDARD);
    }

    /** The plan with a view of something else that is raised. */
    static Plan seen(Plan plan, ViewId view, Raised subject) {
        return changed(plan, view, Reach.THIS, v -> v.withSubject(subject));
    }

    /** How wide one looks who stands inside; refused of a view in which nobody stands. */
    public static Outcome<Plan> across(Plan plan, ViewId view, double deg) {
        return of(plan, view).subject() instanceof Raised.Inside(var storey, var at, var high, var towards, var _)
                ? Outcome.done(seen(plan, view, new Raised.Inside(storey, at, high, towards, deg)))
                : Outcome.refused("nobody stands in this view");
    }

    /** How high the eyes are of who stands inside; refused of a view in which nobody stands. */
    public static Outcome<Plan> eyesAt(Plan plan, ViewId view, Length high) {
        return of(plan, view).subject() instanceof Raised.Inside(var storey, var at, var _, var towards, var across)
                ? Outcome.done(seen(plan, view, new Raised.Inside(storey, at, high, towards, across)))
                : Outcome.refused("nobody stands in this view");
    }

    /** Stands elsewhere on the same storey and looks as before; refused of a view in which nobody stands. */
    public static Outcome<Plan> stoodAt(Plan plan, ViewId view, Position at) {
        return of(plan, view).subject() instanceof Raised.Inside inside
                ? Outcome.done(seen(plan, view, inside.standing(at, inside.towardsDeg())))
                : Outcome.refused("nobody stands in this view");
    }

    /** Looks at a raised view from elsewhere; refused of one that is not raised. */
    public static Outcome<Plan> lookedFrom(Plan plan, ViewId view, Raised.Eye eye) {
        return of(plan, view).subject() instanceof Raised raised
                ? Outcome.done(changed(plan, view, Reach.THIS, v -> {
                    var from = v.withSubject(raised.seenFrom(eye));
                    return eye.rays() == raised.eye().rays() ? from : framed(from);
                }))
                : Outcome.refused(NOT_RAISED);
    }

    /** Cuts a raised storey at another height above its floor; refused of a view of something else. */
    public static Outcome<Plan> cutAt(Plan plan, ViewId view, Length cut) {
        return of(plan, view).subject() instanceof Raised.WholeStorey(var storey, var _, var near, var eye)
                ? Outcome.done(changed(
                        plan, view, Reach.THIS, v -> v.withSubject(new Raised.WholeStorey(storey, cut, near, eye))))
                : Outcome.refused("only a raised storey is cut at a height");
    }

    /** Says what becomes of the outer walls one looks over; refused of a view of something else. */
    public static Outcome<Plan> near(Plan plan, ViewId view, Raised.Near near) {
        return switch (of(plan, view).subject()) {
            case Raised.WholeStorey(var storey, var cut, var _, var eye) ->
                Outcome.done(seen(plan, view, new Raised.WholeStorey(storey, cut, near, eye)));
            case Raised.Cutaway(var _, var _, var _, var _)
            when near == Raised.Near.STANDING -> Outcome.refused("walls before a room that is cut away do not stand");
            case Raised.Cutaway(var storey, var room, var _, var eye) ->
                Outcome.done(seen(plan, view, new Raised.Cutaway(storey, room, near, eye)));
            case Subject.StoreyPlan _,
                    Subject.Front _,
                    Raised.Building _,
                    Raised.RoofPlan _,
                    Raised.Outside _,
                    Raised.Section _,
                    Raised.Inside _ -> Outcome.refused("only a raised storey and a room have walls to look over");
        };
    }

    /** Draws the storeys of a raised building farther apart; refused of a view of something else. */
    public static Outcome<Plan> apart(Plan plan, ViewId view, Length apart) {
        return of(plan, view).subject() instanceof Raised.Building(var storey, var _, var eye)
                ? Outcome.done(
                        changed(plan, view, Reach.THIS, v -> v.withSubject(new Raised.Building(storey, apart, eye))))
                : Outcome.refused("only the storeys of a raised building stand apart");
    }

    /** Cuts along another line, or sees another depth; refused of a view that is no section. */
    public static Outcome<Plan> cutAlong(Plan plan, ViewId view, UnaryOperator<Raised.Section> change) {
        return of(plan, view).subject() instanceof Raised.Section section
                ? Outcome.done(seen(plan, view, change.apply(section)))
                : Outcome.refused("this view is no section");
    }

    /** Says how far before a wall what stands there is seen; refused of a view that looks down on a storey. */
    public static Outcome<Plan> depth(Plan plan, ViewId view, Length depth) {
        return of(plan, view).subject() instanceof Subject.Front front
                ? Outcome.done(changed(plan, view, Reach.THIS, v -> v.withSubject(front.deep(depth))))
                : Outcome.refused("it looks down on a storey");
    }

    /** Takes a view away, with the pages that show no other; refused if the plan has no other. */
    public static Outcome<Plan> remove(Plan plan, ViewId view) {
        var presentation = plan.presentation();
        if (presentation.views().stream().allMatch(v -> v.id().equals(view) || !v.isPlan())) {
            return Outcome.refused("a plan needs a view that looks down on it");
        }
        return Outcome.done(plan.withPresentation(presentation.keeping(v -> !v.id().equals(view))));
    }

    /** The view of a plan by which a storey is worked on first; that of another storey if it has none. */
    public static ViewId first(Plan plan, StoreyId storey) {
        return plan.presentation().viewOf(storey).map(View::id).orElseGet(() -> first(plan));
    }

    private static ViewId first(Plan plan) {
        return plan.presentation().views().getFirst().id();
    }

    private static View of(Plan plan, ViewId view) {
        return plan.presentation().view(view).orElseThrow();
    }

    private static List<ViewId> all(Presentation presentation) {
        return presentation.views().stream().map(View::id).toList();
    }

    private static Plan changed(Plan plan, ViewId view, Reach reach, UnaryOperator<View> change) {
        var presentation = plan.presentation();
        return changing(plan, reach == Reach.ALL ? alike(presentation, view) : List.of(view), change);
    }

    /** All views of its sort: what is changed of all leaves the grey base of lighting plans alone, and the other way round. */
    private static List<ViewId> alike(Presentation presentation, ViewId view) {
        var isForLights = presentation.view(view).orElseThrow().isForLights();
        return presentation.views().stream()
                .filter(v -> v.isForLights() == isForLights)
                .map(View::id)
                .toList();
    }

    /** Changes a view, or really all. */
    private static Plan placed(Plan plan, ViewId view, Reach reach, UnaryOperator<View> change) {
        return changing(plan, reach == Reach.ALL ? all(plan.presentation()) : List.of(view), change);
    }

    private static Plan changing(Plan plan, List<ViewId> meant, UnaryOperator<View> change) {
        var presentation = plan.presentation();
        var after = presentation.changing(meant, change);
        return after.equals(presentation) ? plan : plan.withPresentation(after);
    }
}
