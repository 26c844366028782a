package honeylamp.desktop.workspace;

import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.SchemeEdits;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Schemes;
import honeylamp.plan.View.Arranged;
import java.util.Optional;

/** What can be done with other arrangements of the plan. */
public final class SchemeActions {
    private final WorkspaceModel model;

    SchemeActions(WorkspaceModel model) {
        this.model = model;
    }

    private Schemes schemes() {
        return model.now().plan().schemes();
    }

    private String openName() {
        return schemes().name(schemes().open());
    }

    /** Adds a scheme of one room of the storey worked on, and lays it open. */
    public void addOfRoom(RoomId room) {
        model.edit(SchemeEdits.addOfRoom(model.shown().plan(), "", model.now().storey(), room), "New scheme of room");
    }

    /** Adds a scheme like what is laid open, and lays it open. */
    public void add(Optional<StoreyId> storey) {
        model.edit(SchemeEdits.add(model.now().plan(), "", storey), "New scheme");
        model.say(openName() + " is laid open: what you change is changed in it alone.");
    }

    /** Lays an arrangement open. */
    public void open(SchemeId id) {
        model.edit(model.now().plan().opening(id), "Open scheme");
        model.say(openName() + " is laid open.");
    }

    /** Lays the next one open, round and round. */
    public void next() {
        if (schemes().all().isEmpty()) {
            model.complain("There is one arrangement only. Make a scheme first, in the card of the storey.");
            return;
        }
        model.edit(SchemeEdits.next(model.now().plan(), 1), "Open scheme");
        model.say(openName() + " is laid open.");
    }

    /** Makes the plan as drawn like the scheme laid open. */
    public void adopt() {
        var name = openName();
        model.edit(SchemeEdits.adopt(model.now().plan()), "Adopt scheme");
        if (schemes().open().equals(Schemes.AS_DRAWN)) {
            model.say("The plan as drawn is like " + name + " now.");
        }
    }

    /** Forgets the scheme laid open. */
    public void forget() {
        var name = openName();
        model.edit(SchemeEdits.forget(model.now().plan(), schemes().open()), "Forget scheme");
        model.say(name + " is forgotten; " + Keys.UNDO.text() + " brings it back.");
    }

    /** The arrangement with which what is laid open is compared: the one chosen, or the nearest that is another. */
    public SchemeId against() {
        var schemes = schemes();
        var chosen = model.now().choices().presenting().against();
        return schemes.has(chosen) && !chosen.equals(schemes.open())
                ? chosen
                : schemes.ids().stream()
                        .filter(id -> !id.equals(schemes.open()))
                        .findFirst()
                        .orElse(Schemes.AS_DRAWN);
    }

    /** Chooses with which one it is compared. */
    public void against(SchemeId id) {
        var choices = model.now().choices();
        model.chooseWithin(choices.withPresenting(choices.presenting().withAgainst(id)));
        var arranged = model.now().view().arranged();
        if (arranged.against().isPresent()) {
            show(new Arranged(arranged.as(), Optional.of(id)));
        }
    }

    /** Shows the other one beside what is laid open, under an edge; ends it if it is there. */
    public void compare() {
        if (model.now().choices().presenting().comparing().isPresent()) {
            model.compareNoMore();
        } else if (schemes().all().isEmpty()) {
            model.complain("There is one arrangement only. Make a scheme first, in the card of the storey.");
        } else {
            var other = against();
            model.compare(model.now().plan().opening(other), schemes().name(other));
        }
    }

    /** Marks on the view worked on what differs, or no more. */
    public void mark() {
        var arranged = model.now().view().arranged();
        show(new Arranged(arranged.as(), arranged.against().isPresent() ? Optional.empty() : Optional.of(against())));
    }

    private void show(Arranged arranged) {
        model.edit(SchemeEdits.show(model.now().plan(), model.now().worked().view(), arranged), "Mark what differs");
    }

    /** Takes a room's pieces, parts and finishes over from another arrangement. */
    public void takeRoom(RoomId room, SchemeId from) {
        model.edit(SchemeEdits.takeRoom(model.shown().plan(), model.now().storey(), room, from), "Take room over");
    }

    /** A page of each arrangement. */
    public void pages() {
        model.edit(SchemeEdits.pages(model.now().plan(), model.now().worked().view()), "A page of each scheme");
        model.say("There is a page of each arrangement; each shows it whatever is laid open.");
    }

    /** A page with the one compared with and what is laid open, side by side. */
    public void sideBySide() {
        if (schemes().all().isEmpty()) {
            model.complain("There is one arrangement only. Make a scheme first, in the card of the storey.");
            return;
        }
        var made = SchemeEdits.sideBySide(
                model.now().plan(),
                model.now().worked().view(),
                against(),
                schemes().open());
        var page = made.plan().presentation().page(made.id()).orElseThrow();
        model.act(
                new Intent.Edit(made.plan(), "Schemes side by side"),
                new Intent.TurnTo(new Worked(page.views().getFirst(), Optional.of(page.id()))));
        model.go(WorkStage.SHEET);
    }

    /** Pages of what is there, what goes and comes, and what will be. */
    public void worksPages() {
        model.edit(
                SchemeEdits.worksPages(model.now().plan(), model.now().worked().view()), "Pages of the works");
        model.say("Three pages: existing, demolition and new, proposed.");
    }
}
