package honeylamp.desktop.workspace;

import honeylamp.derive.storeys.RoomsOpened;
import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.gesture.pick.MakeLike;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.edit.Arranging;
import honeylamp.edit.Arranging.Depth;
import honeylamp.edit.Clipping;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Grouping;
import honeylamp.edit.MovingInFront;
import honeylamp.edit.StoreyEdits;
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
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What can be done with whatever is picked: copying, cutting, pasting, deleting. */
public final class PickedActions {
    private static final Length PASTED_ASIDE = Length.ofMm(500);

    private final WorkspaceModel model;

    PickedActions(WorkspaceModel model) {
        this.model = model;
    }

    /** Picks everything the stage works on: all walls, all openings, or all furnishings. */
    public void all() {
        var storey = model.now().currentStorey();
        Set<ElementId> all = new HashSet<>();
        switch (model.now().stage()) {
            case WALLS -> storey.walls().forEach(w -> all.add(w.id()));
            case OPENINGS -> storey.openings().forEach(o -> all.add(o.id()));
            case FURNISH -> storey.furnishings().forEach(f -> all.add(f.id()));
            case FIXED -> storey.structures().forEach(x -> all.add(x.id()));
            case SITE -> storey.grounds().forEach(g -> all.add(g.id()));
            case DIMENSIONS -> storey.dimensions().forEach(d -> all.add(d.id()));
            case LABELS -> storey.notes().forEach(n -> all.add(n.id()));
            case FINISHES -> storey.regions().forEach(r -> all.add(r.id()));
            case LIGHTING -> {
                storey.fittings().forEach(f -> all.add(f.id()));
                storey.activities().forEach(a -> all.add(a.id()));
            }
            case UNDERLAY, ROOMS, LOOK, SHEET -> {}
        }
        model.pick(all);
    }

    /** Picks all that are like one that is picked: walls of its type, openings and pieces of its kind, ground of its use. */
    public void alike() {
        var now = model.now();
        var storey = now.currentStorey();
        var marks = storey.elements()
                .all()
                .filter(e -> now.selection().contains(e.id()))
                .map(PickedActions::sort)
                .collect(Collectors.toSet());
        model.pick(storey.elements()
                .all()
                .filter(e -> marks.contains(sort(e)))
                .map(Element::id)
                .collect(Collectors.toSet()));
        model.say(model.now().selection().size() + " of its kind are picked.");
    }

    /** What makes things count as alike. */
    private static Object sort(Element element) {
        return switch (element) {
            case Wall w -> w.type();
            case Opening o -> o.kind();
            case Furnishing f -> f.kind();
            case Ground g -> g.use();
            case Structure x -> x.form().getClass();
            case FreeMark m -> m.shape();
            case RoundDimension d -> d.measures();
            case Fitting f -> f.kind();
            case Activity a -> a.doing();
            case RoomMark _, Underlay _, Dimension _, Note _, SettingOutLine _, Boundary _, Region _, Covering _ ->
                element.getClass();
        };
    }

    /** What is clicked next is what all that is picked is made like. */
    public void makeLike() {
        model.begin(MakeLike.begin(model.now().gesture(), model.now().selection()));
    }

    /** Keeps what is picked together: picked and moved as one. */
    public void keepTogether() {
        var now = model.now();
        model.edit(Grouping.together(now.plan(), now.currentStorey(), now.selection()), "Keep together");
    }

    /** Lets go of each other what is kept together with anything that is picked. */
    public void letGo() {
        var now = model.now();
        model.edit(Grouping.apart(now.plan(), now.selection()), "Let go of each other");
    }

    /** Draws what is picked before or behind all else of its kind. */
    public void order(Depth depth) {
        var now = model.now();
        model.edit(
                Arranging.order(now.plan(), now.currentStorey(), now.selection(), depth),
                depth == Depth.BEFORE ? "Lay before" : "Lay behind");
    }

    /**
     * Moves what is picked by so many small or large steps.
     *
     * @param across to the right
     */
    public void nudge(int across, int up, boolean small) {
        var now = model.now();
        var step =
                now.plan().units().isMetric() ? Length.ofMm(small ? 1 : 10) : Length.ofInches(small ? 1.0 / 16 : 0.5);
        var right = Length.ofMm(across * step.mm());
        var high = Length.ofMm(up * step.mm());
        model.edit(
                now.view().isPlan()
                        ? Arranging.nudge(now.plan(), model.geometry(), now.selection(), right, high)
                        : MovingInFront.all(now.plan(), model.shown().view(), now.selection(), right, high),
                "Nudge");
    }

    /** Keeps a copy of what is picked, to be pasted into any storey or plan. */
    public void copy() {
        if (keep()) {
            model.say("Copied. " + Keys.PASTE.text() + " pastes it, into another storey or plan as well.");
        }
    }

    /** Keeps a copy of what is picked and deletes it; what cannot be copied is left where it is. */
    public void cut() {
        if (keep()) {
            delete();
        }
    }

    /** Whether there is something to copy; says so if not. */
    private boolean keep() {
        var copied = Clipping.of(
                model.now().plan(), model.now().storey(), model.now().selection());
        if (copied.isEmpty()) {
            model.complain(
                    "Pick walls, furniture, fixed parts, ground, lines, notes or dimensions to copy; openings come with"
                            + " their walls.");
            return false;
        }
        model.act(new Intent.Keep(copied));
        return true;
    }

    /**
     * Pastes what was copied: in the same place, or a little aside if the same things stand there.
     *
     * @return whether there was anything to paste
     */
    public boolean paste() {
        if (model.now().clipping().isEmpty()) {
            return false;
        }
        var copied = model.now().clipping().get();
        var aside = copied.standsIn(model.now().currentStorey()) ? PASTED_ASIDE : Length.ZERO;
        var pasted = copied.into(model.now().plan(), model.now().storey(), aside, aside.negated());
        model.act(new Intent.Edit(pasted.plan(), "Paste"), new Intent.Pick(pasted.ids()));
        return true;
    }

    /** Places a second furnishing like the one picked, or takes up an opening like it. */
    public void duplicate() {
        var w = model.now();
        if (w.selection().size() == 1 && w.selection().iterator().next() instanceof ElementId.FurnishingId id) {
            var added = FurnishingEdits.duplicate(w.plan(), w.storey(), id);
            model.act(new Intent.Edit(added.plan(), "Another furnishing"), new Intent.Pick(Set.of(added.id())));
        } else if (w.selection().size() == 1 && w.selection().iterator().next() instanceof ElementId.OpeningId id) {
            w.currentStorey().opening(id).ifPresent(this::another);
        } else if (!w.selection().isEmpty()
                && w.selection().stream()
                        .allMatch(id -> id instanceof ElementId.FittingId || id instanceof ElementId.ActivityId)) {
            anotherFitting(w);
        }
    }

    /** Fittings once more, beside those that are picked. */
    private void anotherFitting(Workspace w) {
        var pasted =
                Clipping.of(w.plan(), w.storey(), w.selection()).into(w.plan(), w.storey(), PASTED_ASIDE, Length.ZERO);
        if (pasted.ids().isEmpty()) {
            model.complain("A row of fittings is not doubled. Make single ones of it first, or type another number.");
        } else {
            model.act(new Intent.Edit(pasted.plan(), "Another fitting"), new Intent.Pick(pasted.ids()));
        }
    }

    /** Takes up an opening like one that is picked, to be put into any wall. */
    private void another(Opening like) {
        var size = new OpeningKind.Size(like.width(), like.sill(), like.head());
        model.act(
                new Intent.ChooseWithin(model.now()
                        .choices()
                        .withOpening(
                                new NewOpening(like.kind(), size, like.build().product()))),
                new Intent.TakeUp(Tool.PUT_IN_OPENING),
                new Intent.Say(Said.news("Another one like it: click where it goes.")));
    }

    /** Deletes what is picked and says what went with it; of a storey that is its roof. */
    public void delete() {
        var w = model.now();
        if (w.selection().isEmpty()) {
            return;
        }
        if (w.selection().stream().allMatch(ElementId.StoreyId.class::isInstance)) {
            takeRoofsOff(w);
            return;
        }
        var along = Deletion.alongWith(w.currentStorey(), w.selection());
        var count = w.selection().size();
        var without = Deletion.of(w.plan(), w.storey(), w.selection());
        var opened = RoomsOpened.sentence(model.geometry(), model.geometryOf(without));
        model.act(
                new Intent.Edit(without, "Delete"),
                new Intent.Pick(Set.of()),
                new Intent.Say(Said.news("Deleted " + (count == 1 ? "one thing" : count + " things")
                        + (along.isEmpty() ? "" : " " + along) + ". " + (opened.isEmpty() ? "" : opened + " ")
                        + Keys.BRINGS_IT_BACK + ".")));
    }

    private void takeRoofsOff(Workspace w) {
        var plan = w.plan();
        for (var id : w.selection()) {
            if (id instanceof ElementId.StoreyId storey) {
                plan = StoreyEdits.roof(plan, storey, Optional.empty()).result().orElse(plan);
            }
        }
        model.act(
                new Intent.Edit(plan, "Take roof off"),
                new Intent.Pick(Set.of()),
                new Intent.Say(Said.news("The roof is off. " + Keys.BRINGS_IT_BACK + ".")));
    }
}
