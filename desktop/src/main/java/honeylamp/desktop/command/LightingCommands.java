package honeylamp.desktop.command;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.FittingEdits;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Page;
import honeylamp.takeoff.lighting.LightingViews;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/** Commands about lights and what switches them. */
final class LightingCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    LightingCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        into.add(
                "lighting-view",
                "Lighting view of this storey",
                "The storey in light grey with lights, switches and sockets in full, on a page of its own; again goes back",
                Place.PLAN,
                this::turn);
        into.add(
                "propose-lights",
                "First lights for this storey",
                "Rooms without lights get even rows, a switch at the handle of every way in, and sockets along their walls",
                Place.PLAN,
                window::firstLights);
        into.add(
                "evening",
                "Evening in this view",
                "The light of day goes, and fittings light floors, tables and windows; again it is day",
                Place.PLAN,
                this::evening);
        into.outside(
                "light-from-file",
                "Light from a file",
                "Lights that are picked shine as a photometric file of IES LM-63 says",
                LightingCommands::hasLights,
                window::lightFromFile);
        into.outside(
                "link-lights",
                "Switch these together",
                "Lights that are picked become one group of the switches picked with them",
                LightingCommands::isLinkable,
                this::link,
                Keys.controlShift(KeyCode.J));
    }

    private static boolean hasLights(Workspace now) {
        return now.currentStorey().fittings().stream()
                .anyMatch(f -> f.kind().isLight() && now.selection().contains(f.id()));
    }

    private static boolean isLinkable(Workspace now) {
        return now.selection().size() > 1 && now.selection().stream().allMatch(FittingId.class::isInstance);
    }

    private void evening() {
        var now = model.now();
        var isDay = now.view().light().evening().isEmpty();
        model.edit(EveningEdits.evening(now.plan(), now.view().id(), isDay), isDay ? "Evening" : "Day");
    }

    private void link() {
        var now = model.now();
        model.edit(FittingEdits.link(now.plan(), now.storey(), now.selection()), "Link lights");
    }

    /** To the lighting view of the storey, which is made if there is none; from it to the first view of the storey. */
    private void turn() {
        var now = model.now();
        var presentation = now.plan().presentation();
        if (LightingViews.isOne(now.view())) {
            presentation
                    .viewOf(now.storey())
                    .ifPresent(view -> model.act(new Intent.TurnTo(
                            new Worked(view.id(), presentation.pageOf(view.id()).map(Page::id)))));
            return;
        }
        var there = LightingViews.view(now.plan(), now.storey());
        if (there.isPresent()) {
            model.act(
                    new Intent.TurnTo(new Worked(
                            there.get().id(),
                            presentation.pageOf(there.get().id()).map(Page::id))),
                    new Intent.TakeUp(model.now().toolOf(WorkStage.LIGHTING)));
            return;
        }
        var added = LightingViews.add(now.plan(), now.storey());
        var view = added.plan()
                .presentation()
                .page(added.id())
                .orElseThrow()
                .views()
                .getFirst();
        model.act(
                new Intent.Edit(added.plan(), "Lighting view"),
                new Intent.TurnTo(new Worked(view, Optional.of(added.id()))),
                new Intent.TakeUp(model.now().toolOf(WorkStage.LIGHTING)));
    }
}
