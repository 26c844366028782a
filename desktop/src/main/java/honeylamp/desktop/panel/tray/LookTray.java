package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.KeptLook;
import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Material;
import honeylamp.derive.storeys.LaidView;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices.Presenting;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.RaisedFields;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Reach;
import honeylamp.plan.Drafting;
import honeylamp.plan.DrawingPaper;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.ShadeEdge;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** The look and the light of the view worked on, or of all: shade, line, texture and colours, each with live effect. */
final class LookTray implements Content<LookTray.Part> {
    private final WorkspaceModel model;
    private final LookFields parts;
    private final LookShelf shelf;
    private final SunFields sun;
    private final LivedInFields lived;
    private final Library<KeptLook> kept;

    LookTray(WorkspaceModel model, WindowActions window, Thumbnails thumbnails, Library<KeptLook> kept) {
        this.model = model;
        this.kept = kept;
        this.parts = new LookFields(model);
        this.sun = new SunFields(model, thumbnails);
        this.lived = new LivedInFields(model);
        this.shelf = new LookShelf(model, parts, window, thumbnails, kept);
    }

    /**
     * What is shown.
     *
     * @param day the view under the sun of a day, if a sun shines on it
     * @param several whether the plan has further views
     * @param laid the materials laid anywhere
     */
    record Part(
            Look look,
            Light light,
            LivedInFields.Part lived,
            Optional<LaidView> day,
            boolean several,
            Presenting presenting,
            List<Material> laid,
            List<KeptLook> own) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                model.shown().view().look(),
                now.view().light(),
                LivedInFields.Part.of(now.view()),
                now.view().light().sun().map(_ -> model.shown().view()),
                now.plan().presentation().views().size() > 1,
                now.choices().presenting(),
                LookFields.laid(now.plan()),
                kept.all());
    }

    @Override
    public List<Node> nodes(Part part) {
        var look = part.look();
        var light = part.light();
        var out = new ArrayList<Node>();
        out.add(new RaisedFields(model).live());
        if (part.several()) {
            out.add(reach(model, part.presenting().reach(), "All views", "This view only"));
        }
        out.addAll(shelf.nodes(look, part.own()));
        out.add(Widgets.section("Light", sun.nodes(light, part.day()).toArray(Node[]::new)));
        out.add(shade(look));
        out.add(Widgets.section(
                "Line and texture",
                Widgets.slider(
                        "Line weight",
                        "line-dial",
                        0.5,
                        2,
                        look.lineDial(),
                        (v, going) -> parts.look(going, l -> l.withLineDial(v))),
                Widgets.slider(
                        "Unsteady hand, in mm on paper",
                        "unsteady-hand",
                        0,
                        Drafting.MOST_UNSTEADY_MM,
                        look.drafting().unsteadyMm(),
                        (v, going) -> parts.look(
                                going, l -> l.withDrafting(l.drafting().withUnsteadyMm(v)))),
                Widgets.slider(
                        "Texture",
                        "texture",
                        0,
                        1,
                        look.textureStrength(),
                        (v, going) -> parts.look(going, l -> l.withTextureStrength(v)))));
        out.add(paper(look.paper()));
        out.add(lived.section(part.lived()));
        out.add(lived.depth(part.lived()));
        out.addAll(parts.nodes(look, part.presenting(), part.laid()));
        return out;
    }

    /** Whether what is changed here is changed of all views and pages, or only of those worked on. */
    static Node reach(WorkspaceModel model, Reach now, String all, String one) {
        return Widgets.section(
                "Changes go for",
                new FlowPane(
                        6,
                        6,
                        Widgets.toggle(
                                all,
                                "reach-all",
                                "What is changed below is changed everywhere",
                                now == Reach.ALL,
                                () -> model.chooseWithin(model.now().choices().withReach(Reach.ALL))),
                        Widgets.toggle(
                                one,
                                "reach-this",
                                "The others stay as they are",
                                now == Reach.THIS,
                                () -> model.chooseWithin(model.now().choices().withReach(Reach.THIS)))));
    }

    /** As the look came, if that has a cap. */
    private static Length capped(Look look) {
        var usual = Looks.of(look.name()).heightCap();
        return usual.equals(Look.TRUE_HEIGHTS) ? Looks.DAYLIGHT.heightCap() : usual;
    }

    private Node shade(Look look) {
        var shadings = new FlowPane(4, 4);
        for (var one : Shading.values()) {
            shadings.getChildren()
                    .add(Widgets.toggle(
                            one.label(),
                            "shading-" + one.key(),
                            "How shade is laid",
                            look.shading() == one,
                            () -> model.edit(parts.changed(l -> l.withShading(one)), "Lay shade otherwise")));
        }
        return Widgets.section(
                "Shade",
                shadings,
                Widgets.slider(
                        "Cast shadow",
                        "cast-shadow",
                        0,
                        1,
                        look.castShadow(),
                        (v, going) -> parts.look(going, l -> l.withCastShadow(v))),
                Widgets.toggle(
                        "True heights",
                        "true-heights",
                        "Everything throws a shade as long as it is high, or no longer than what is so high",
                        look.heightCap().equals(Look.TRUE_HEIGHTS),
                        () -> model.edit(
                                parts.changed(l -> l.withHeightCap(
                                        l.heightCap().equals(Look.TRUE_HEIGHTS) ? capped(l) : Look.TRUE_HEIGHTS)),
                                "Choose heights")),
                Widgets.slider(
                        "Heights count up to, in metres",
                        "height-cap",
                        0.3,
                        Look.TRUE_HEIGHTS.mm() / 1000,
                        look.heightCap().mm() / 1000,
                        (v, going) -> parts.look(going, l -> l.withHeightCap(Length.ofMm(1000 * v)))),
                Widgets.slider(
                        "Corner shade",
                        "corner-shade",
                        0,
                        1,
                        look.cornerShade(),
                        (v, going) -> parts.look(going, l -> l.withCornerShade(v))),
                Widgets.slider(
                        "Corner reach, in metres",
                        "corner-reach",
                        0.2,
                        1.5,
                        look.cornerReach().mm() / 1000,
                        (v, going) -> parts.look(going, l -> l.withCornerReach(Length.ofMm(1000 * v)))),
                Widgets.slider(
                        "Softness of its edges",
                        "shade-softness",
                        0,
                        1,
                        look.edges().softness(),
                        (v, going) ->
                                parts.look(going, l -> l.withEdges(l.edges().withSoftness(v)))),
                Widgets.slider(
                        "Below the edges of things",
                        "contact-shade",
                        0,
                        1,
                        look.edges().contact(),
                        (v, going) ->
                                parts.look(going, l -> l.withEdges(l.edges().withContact(v)))),
                Widgets.slider(
                        "Reach below edges, in millimetres",
                        "contact-reach",
                        1,
                        ShadeEdge.MOST_REACH.mm(),
                        look.edges().reach().mm(),
                        (v, going) ->
                                parts.look(going, l -> l.withEdges(l.edges().withReach(Length.ofMm(v))))),
                Widgets.slider(
                        "Sun through windows",
                        "window-light",
                        0,
                        1,
                        look.windowLight(),
                        (v, going) -> parts.look(going, l -> l.withWindowLight(v))),
                Widgets.slider(
                        "Most shade on a room\u2019s floor",
                        "shade-ceiling",
                        0.05,
                        0.6,
                        look.shadeCeiling(),
                        (v, going) -> parts.look(going, l -> l.withShadeCeiling(v))));
    }

    private Node paper(DrawingPaper paper) {
        var kinds = new FlowPane(4, 4);
        for (var kind : DrawingPaper.Kind.values()) {
            kinds.getChildren()
                    .add(Widgets.toggle(
                            kind.label(),
                            "paper-" + kind.key(),
                            "How the surface of the paper is",
                            paper.kind() == kind,
                            () -> model.edit(
                                    parts.changed(l -> l.withPaper(l.paper().withKind(kind))), "Choose paper")));
        }
        return Widgets.section(
                "Paper",
                kinds,
                Widgets.slider(
                        "Tooth",
                        "paper-tooth",
                        0,
                        1,
                        paper.tooth(),
                        (v, going) ->
                                parts.look(going, l -> l.withPaper(l.paper().withTooth(v)))),
                Widgets.slider(
                        "Toned ground around",
                        "paper-wash",
                        0,
                        1,
                        paper.wash(),
                        (v, going) ->
                                parts.look(going, l -> l.withPaper(l.paper().withWash(v)))));
    }
}
