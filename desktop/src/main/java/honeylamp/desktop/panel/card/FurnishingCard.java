package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.piece.Counters;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.PieceFinder;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.look.WalkWay;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Hanging;
import honeylamp.edit.Leaning;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnPieces;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Plan;
import honeylamp.plan.Sense;
import honeylamp.plan.Stand;
import honeylamp.plan.Surface;
import honeylamp.takeoff.way.DeliveryWords;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.TextField;

/** A furnishing as typed values. */
record FurnishingCard(WorkspaceModel model, WindowActions window, CardFields parts, Library<OwnPiece> kept) {
    List<Node> of(Furnishing piece) {
        return piece.own()
                .filter(_ -> model.now().tool() == Tool.DRAW_OWN)
                .map(own -> new OwnFields(parts, piece, own, kept).drawing())
                .orElseGet(() -> placed(piece));
    }

    private List<Node> placed(Furnishing piece) {
        var id = piece.id();
        var label = Furnishings.label(piece);
        DoubleFunction<Plan> turned = deg -> FurnishingEdits.place(parts.plan(), parts.at(), id, piece.at(), deg);
        var out = new ArrayList<Node>(List.of(
                Widgets.heading(label),
                Widgets.quiet(standing(piece)),
                parts.length(
                        "Width",
                        "piece-width",
                        piece.width(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, v, piece.depth(), piece.height())),
                        "Size furnishing"),
                parts.length(
                        "Depth",
                        "piece-depth",
                        piece.depth(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), v, piece.height())),
                        "Size furnishing"),
                parts.length(
                        "Height",
                        "piece-height",
                        piece.height(),
                        v -> Outcome.done(
                                FurnishingEdits.resize(parts.plan(), parts.at(), id, piece.width(), piece.depth(), v)),
                        "Size furnishing"),
                parts.distance(
                        "Above floor",
                        "piece-bottom",
                        piece.bottom(),
                        v -> FurnishingEdits.raise(parts.plan(), parts.at(), List.of(id), v),
                        "Raise furnishing"),
                sizes(piece),
                parts.angle("piece-turn", piece.turnDeg(), deg -> Outcome.done(turned.apply(deg)), "Turn furnishing"),
                Widgets.toggle(
                        "Mirrored",
                        "piece-mirrored",
                        "Left and right exchanged",
                        piece.sense() == Sense.MIRRORED,
                        () -> model.edit(FurnishingEdits.mirror(parts.plan(), parts.at(), id), "Mirror furnishing")),
                Widgets.row(
                        Widgets.button(
                                "Turn 90\u00b0",
                                "piece-turn-90",
                                "R does it too",
                                () -> model.edit(turned.apply(piece.turnDeg() + 90), "Turn furnishing")),
                        Widgets.button(
                                "Duplicate",
                                "piece-another",
                                "A second one beside it (" + Keys.DUPLICATE.text() + ")",
                                model.picked()::duplicate)),
                swap(piece)));
        Runs.of(piece).ifPresent(run -> out.add(3, new RunFields(parts, piece, run).of()));
        piece.own().ifPresent(own -> out.add(5, new OwnFields(parts, piece, own, kept).kind()));
        Leaning.gaps(model.geometry().network(), piece).ifPresent(gaps -> out.add(stays(piece, gaps)));
        out.addAll(new PlacingFields(parts, piece).of());
        out.add(distances(piece));
        out.add(delivery(piece));
        if (Counters.has(piece)) {
            var isFinished = model.now().stage() == WorkStage.FINISHES; // there it is what one came for
            out.add(isFinished ? 2 : out.size(), counter(id));
        }
        out.add(new PieceToneFields(parts).of(piece));
        out.add(new BuyingFields(parts, window).works(piece));
        out.add(new BuyingFields(parts, window).of(piece));
        out.add(parts.delete());
        return out;
    }

    private Node counter(FurnishingId id) {
        return parts.folding(
                "Counter",
                parts.covering(List.of(new Surface.Counter(id)), "counter", Place.COUNTER, "Finish counter")
                        .toArray(Node[]::new));
    }

    /** At what it stands, so that one knows what it follows. */
    private String standing(Furnishing piece) {
        var base = Leaning.base(model.now().currentStorey(), piece);
        if (base.isPresent()) {
            var name = Furnishings.of(base.get())
                    .map(FurnishingKind::label)
                    .orElse(base.get().kind());
            return "Stands on: " + name + ". It goes where that goes.";
        }
        return Leaning.gaps(model.geometry().network(), piece).isPresent()
                ? "Stands at a wall, and follows it."
                : Hanging.hangs(model.geometry(), piece) ? "Hangs from the ceiling, and follows it." : "Stands loose.";
    }

    /** What is left of its wall on both sides, typed, and what it keeps to. */
    private Node stays(Furnishing piece, Leaning.Gaps gaps) {
        var rules = OneSurface.row();
        for (var rule : List.of(
                new Rule("As put", "as-put", Keeping.AS_PUT),
                new Rule("From left", "from-left", Keeping.fromFirst(gaps.left())),
                new Rule("Centred", "centred", Keeping.centred(Keeping.Between.WALLS)),
                new Rule("From right", "from-right", Keeping.fromSecond(gaps.right())))) {
            rules.getChildren()
                    .add(Widgets.toggle(
                            rule.label,
                            "piece-" + rule.id,
                            "What it keeps to when its wall changes",
                            piece.keeping().rule() == rule.keeping.rule(),
                            () -> model.edit(kept(piece, rule.keeping), "Keep furnishing")));
        }
        return parts.folding(
                "Along its wall",
                parts.distance(
                        "Left of it",
                        "piece-left",
                        gaps.left(),
                        v -> gaps.keepLeft(v, parts.plan().units()).map(k -> kept(piece, k)),
                        "Move furnishing"),
                parts.distance(
                        "Right of it",
                        "piece-right",
                        gaps.right(),
                        v -> gaps.keepRight(v, parts.plan().units()).map(k -> kept(piece, k)),
                        "Move furnishing"),
                rules);
    }

    /** Whether its distances from the walls are drawn in the view worked on, or in all. */
    private Node distances(Furnishing piece) {
        var now = model.now();
        return Widgets.toggle(
                "Distances from walls drawn",
                "piece-distances",
                "How far it stands from the nearer of the walls on either side, on the plan",
                now.view().annotation().distances().contains(piece.id()),
                () -> model.annotate("Draw distances", a -> a.measuring(piece.id())));
    }

    /** Whether it can be carried to where it stands, worked out when it is asked for. */
    private Node delivery(Furnishing piece) {
        var shown = model.shown();
        var asked = shown.delivered(piece);
        var answer = Widgets.quiet("");
        answer.setId("piece-delivery");
        answer.textProperty()
                .bind(shown.deliveries()
                        .known()
                        .map(_ -> shown.deliveries()
                                .to(asked)
                                .map(found -> DeliveryWords.of(asked.storey().plan(), found))
                                .orElse(shown.deliveries().isAsked(asked) ? "Carrying it in\u2026" : "")));
        return parts.folding(
                "Getting in",
                Widgets.button(
                        "How one gets to it",
                        "piece-way",
                        "The widest way from where one comes in to its front, and how wide it is",
                        () -> model.act(
                                new Intent.TakeUp(Tool.WALK_WAY),
                                new Intent.Begin(WalkWay.leadingTo(BesidePiece.before(piece))))),
                Widgets.button(
                        "Does it get in?",
                        "piece-gets-in",
                        "Carries it from outside through doors and up stairs, turned on any side; a second press ends that",
                        () -> {
                            if (shown.deliveries().isAsked(asked)) {
                                shown.deliveries().drop();
                                model.say("Ended; nobody knows whether it gets in.");
                                return;
                            }
                            shown.deliveries().ask(asked);
                            model.say(
                                    "Carrying it in\u2026 the card says whether it goes, the plan where it does not.");
                        }),
                answer);
    }

    private record Rule(String label, String id, Keeping keeping) {}

    private Plan kept(Furnishing piece, Keeping keeping) {
        return FurnishingEdits.keep(parts.plan(), parts.at(), List.of(piece.id()), keeping);
    }

    /** The sizes its kind is made in. */
    private Node sizes(Furnishing piece) {
        var units = parts.plan().units();
        var sizes = Furnishings.of(piece).map(k -> k.sizes(units)).orElse(List.of());
        return Widgets.menu(
                "Standard sizes",
                "piece-sizes",
                "Makes it in a size such pieces usually come in",
                sizes.stream()
                        .map(m -> LengthText.rounded(m.width(), units) + " \u00d7 "
                                + LengthText.rounded(m.depth(), units) + " \u00d7 "
                                + LengthText.rounded(m.height(), units))
                        .toList(),
                i -> model.edit(
                        FurnishingEdits.swap(
                                parts.plan(),
                                parts.at(),
                                List.of(piece.id()),
                                piece.kind(),
                                piece.own(),
                                sizes.get(i).width(),
                                sizes.get(i).depth(),
                                sizes.get(i).height(),
                                piece.bottom()),
                        "Size furnishing"));
    }

    /** Another kind in its place, by a word and perhaps a size. */
    private Node swap(Furnishing piece) {
        var field = new TextField();
        field.setId("piece-swap");
        field.setPromptText("Swap for: armchair");
        field.setAccessibleText("Swap it for another kind");
        Tips.on(field, "A kind by a word, and perhaps a size: armchair under 800");
        field.setOnAction(_ -> PieceFinder.find(field.getText(), parts.plan().units(), myThings()).stream()
                .findFirst()
                .filter(_ -> !field.getText().isBlank())
                .ifPresentOrElse(
                        found -> swap(piece, found),
                        () -> model.complain("No piece is called \""
                                + field.getText().strip() + "\", or none is made in that size. Try another word.")));
        return field;
    }

    private List<FurnishingKind> myThings() {
        return OwnPieces.known(parts.plan(), kept.all()).stream()
                .map(Furnishings::of)
                .toList();
    }

    private void swap(Furnishing piece, PieceFinder.Found found) {
        var hung = found.kind()
                .under(
                        model.geometry().clearHeightAt(piece.at().point()),
                        found.made().height(),
                        Optional.empty());
        var bottom = found.kind().stand() == Stand.ON_TOP ? piece.bottom() : hung.bottom();
        model.edit(
                FurnishingEdits.swap(
                        parts.plan(),
                        parts.at(),
                        List.of(piece.id()),
                        found.kind().key(),
                        found.kind().own(),
                        found.made().width(),
                        found.made().depth(),
                        hung.height(),
                        bottom),
                "Swap furnishing");
        model.say("It is " + found.kind().label() + " now, in the same place.");
    }
}
