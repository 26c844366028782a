package honeylamp.desktop.panel;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Watched;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Schemes;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;

/** At the lower edge of the desk: the storey worked on, the page, and how large the paper is shown. */
public final class DeskEdge extends HBox {
    /** How many pixels of a screen show a millimetre of paper at its true size. */
    private static final double TRUE_PX_PER_MM = 96 / 25.4;

    private static final double SCHEME_PX = 130;

    private static final List<Integer> PERCENTS = List.of(100, 200, 400);

    private final WorkspaceModel model;
    private final WindowActions window;

    /**
     * What is shown.
     *
     * @param told whether the card tells of the storey
     * @param schemes the arrangements there are
     * @param pages all of them if there are others than one of each storey, else none
     * @param page the name of the one worked on
     * @param percent how large paper is shown, 100 for its true size
     */
    private record Part(
            StoreyId storey,
            String name,
            boolean several,
            boolean told,
            Schemes schemes,
            List<PageName> pages,
            String page,
            int percent,
            boolean picked) {}

    /** A page, and what is worked on when it is turned to. */
    private record PageName(String name, Worked worked) {}

    private final Content<Part> made = new Content<>() {
        @Override
        public Part part(Workspace now) {
            return new Part(
                    now.storey(),
                    now.currentStorey().name(),
                    now.plan().storeys().size() > 1,
                    now.choices().round().aside() == Choices.Aside.STOREY,
                    now.plan().schemes(),
                    pages(now),
                    model.shown().page().name(),
                    percent(now),
                    !now.selection().isEmpty());
        }

        @Override
        public List<Node> nodes(Part part) {
            return DeskEdge.this.nodes(part);
        }
    };

    /** An edge on a model. */
    public DeskEdge(WorkspaceModel model, WindowActions window) {
        super(2);
        this.model = model;
        this.window = window;
        setId("desk-edge");
        getStyleClass().addAll("pill", "desk-edge");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setMinWidth(USE_PREF_SIZE);
        Watched.in(this, model, made::of);
    }

    private List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(Widgets.toggle(
                part.name(),
                "desk-storey",
                "The storeys, their heights and areas, in the card",
                part.told(),
                this::tell));
        if (part.several()) {
            for (var way : List.of("storey-up", "storey-down")) {
                var command = window.commands().of(way);
                out.add(Widgets.button(
                        way.equals("storey-up") ? "\u25b4" : "\u25be", "desk-" + way, command.tip(), command.action()));
            }
        }
        if (!part.schemes().all().isEmpty()) {
            out.add(schemes(part.schemes()));
        }
        if (!part.pages().isEmpty()) {
            var names = part.pages().stream().map(PageName::name).toList();
            var menu = Widgets.menu(
                    part.page(),
                    "desk-page",
                    "The page worked on",
                    names,
                    index -> model.act(new Intent.TurnTo(part.pages().get(index).worked())));
            menu.setPopupSide(Side.TOP);
            out.add(menu);
        }
        out.add(zoom(part));
        return out;
    }

    private MenuButton schemes(Schemes schemes) {
        var ids = schemes.ids();
        var menu = Widgets.menu(
                schemes.name(schemes.open()),
                "desk-scheme",
                "The arrangement laid open, to be seen and changed",
                ids.stream().map(schemes::name).toList(),
                index -> model.schemes().open(ids.get(index)));
        menu.setMaxWidth(SCHEME_PX); // a long name must not take the measure line's room
        menu.setPopupSide(Side.TOP);
        return menu;
    }

    /** What is picked hides what the card tells of the storey. */
    private void tell() {
        var choices = model.now().choices();
        model.act(
                new Intent.Pick(Set.of()),
                new Intent.ChooseWithin(
                        model.now().selection().isEmpty()
                                ? choices.telling(Choices.Aside.STOREY)
                                : choices.withAside(Choices.Aside.STOREY)));
    }

    private MenuButton zoom(Part part) {
        var menu = Widgets.menu(
                part.percent() + " %",
                "desk-zoom",
                "How large the paper is shown; the wheel changes it",
                List.of(),
                _ -> {});
        menu.setPopupSide(Side.TOP); // there is nothing below the window
        for (var command : List.of("show-sheet", "show-storey", "show-room")) {
            var asked = window.commands().of(command);
            menu.getItems().add(item(asked.words() + "   " + asked.keyText(), asked.action()));
        }
        var picked = window.commands().of("show-picked");
        var item = item(picked.words() + "   " + picked.keyText(), picked.action());
        item.setDisable(!part.picked());
        menu.getItems().add(item);
        for (var percent : PERCENTS) {
            menu.getItems().add(item(Words.of("%d %% of the paper", percent), () -> show(percent)));
        }
        return menu;
    }

    private static MenuItem item(String words, Runnable action) {
        var item = new MenuItem(words);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private List<PageName> pages(Workspace now) {
        var pages = model.shown().plan().pages();
        return pages.size() <= now.plan().storeys().size()
                ? List.of()
                : pages.stream()
                        .map(p -> new PageName(
                                p.name(),
                                new Worked(
                                        p.page().views().getFirst(),
                                        Optional.of(p.page().id()))))
                        .toList();
    }

    private static int percent(Workspace now) {
        return (int) Math.rint(100 * now.viewport().pxPerMm() * now.frame().scale() / TRUE_PX_PER_MM);
    }

    private void show(int percent) {
        window.zoom(percent
                / 100.0
                * TRUE_PX_PER_MM
                / (model.now().viewport().pxPerMm() * model.now().frame().scale()));
        window.focusPlan();
    }
}
