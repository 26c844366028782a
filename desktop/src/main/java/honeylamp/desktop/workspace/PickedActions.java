package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.edit.Clipping;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.Set;

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
            case UNDERLAY, ROOMS, LIGHT, SHEET -> {}
        }
        model.pick(all);
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

    /** Deletes what is picked and says what went with it. */
    public void delete() {
        var w = model.now();
        if (w.selection().isEmpty()) {
            return;
        }
        var along = Deletion.alongWith(w.currentStorey(), w.selection());
        var count = w.selection().size();
        model.act(
                new Intent.Edit(Deletion.of(w.plan(), w.storey(), w.selection()), "Delete"),
                new Intent.Pick(Set.of()),
                new Intent.Say(Said.news("Deleted " + (count == 1 ? "one thing" : count + " things")
                        + (along.isEmpty() ? "" : " " + along) + ". " + Keys.BRINGS_IT_BACK + ".")));
    }
}
