package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.look.WalkLit;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.EveningEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Plan;
import honeylamp.takeoff.brightness.LightingReport;
import honeylamp.takeoff.lighting.NightWays;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** Evening in the view with what is switched on, and the ways of the night. */
record SwitchFields(WorkspaceModel model, WindowActions window, LightingSteps steps) {
    List<Node> nodes(Optional<Evening> evening, List<Integer> groups) {
        return List.of(
                Widgets.section("Evening picture", evening(evening, groups).toArray(Node[]::new)),
                Widgets.section("Ways of the night", steps.live("night-ways", this::ways)));
    }

    private List<Node> evening(Optional<Evening> evening, List<Integer> groups) {
        var out = new ArrayList<Node>();
        out.add(Widgets.toggle(
                "Evening in this view",
                "evening",
                "The light of day goes, and fittings light floors, tables and windows; kept with the view",
                evening.isPresent(),
                () -> edit(EveningEdits.evening(plan(), view(), evening.isEmpty()), "Evening")));
        evening.ifPresent(now -> {
            var each = new FlowPane(4, 4);
            each.getChildren()
                    .add(Widgets.button(
                            "All on",
                            "groups-on",
                            "Every light of the plan shines",
                            () -> edit(EveningEdits.off(plan(), view(), List.of()), "Switch all on")));
            each.getChildren()
                    .add(Widgets.button(
                            "All off",
                            "groups-off",
                            "No light that a switch switches shines",
                            () -> edit(EveningEdits.off(plan(), view(), groups), "Switch all off")));
            for (var group : groups) {
                each.getChildren()
                        .add(Widgets.toggle(
                                "Group " + group,
                                "group-on-" + group,
                                "Whether its lights are on in this view",
                                !now.off().contains(group),
                                () -> edit(
                                        EveningEdits.off(
                                                plan(),
                                                view(),
                                                now.switching(List.of(group)).off()),
                                        "Press switch")));
            }
            out.add(each);
        });
        out.add(Widgets.quiet("Press switches on the plan with the tool of that name."));
        return out;
    }

    private Plan plan() {
        return model.now().plan();
    }

    private ViewId view() {
        return model.now().view().id();
    }

    private void edit(Plan plan, String action) {
        model.edit(plan, action);
    }

    private List<Node> ways(Optional<LightingReport> report) {
        var walks = report.map(LightingReport::walks).orElse(List.of());
        if (walks.isEmpty()) {
            return List.of(Widgets.quiet(
                    report.isEmpty()
                            ? "Walking\u2026"
                            : "None yet: they need switches, an entrance, and rooms that are named as bedrooms, baths"
                                    + " and kitchens. Walk it draws one by hand."));
        }
        var out = new ArrayList<Node>();
        for (var i = 0; i < walks.size(); i++) {
            out.add(way(walks.get(i), i));
        }
        report.map(LightingReport::dark).orElse(List.of()).forEach(d -> out.add(Widgets.quiet(d.sentence())));
        return out;
    }

    private Node way(NightWays.Named way, int number) {
        var wrong = way.walk().steps().stream().filter(s -> !s.isGood()).count();
        return Widgets.button(
                (wrong == 0 ? "\u2713 " : "\u2013 ") + way.words() + (wrong == 0 ? "" : ": " + wrong + " to mend"),
                "night-way-" + number,
                "Walks it on the plan, which shows the light of each step; Enter steps on, Esc leaves",
                () -> {
                    model.act(new Intent.TakeUp(Tool.WALK_LIT), new Intent.Begin(WalkLit.along(way.walk())));
                    window.focusPlan();
                });
    }
}
