package honeylamp.desktop.panel.card;

import honeylamp.derive.own.OwnLines;
import honeylamp.desktop.gesture.NewOwn;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.OwnMenus;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnParts;
import honeylamp.edit.OwnPieces;
import honeylamp.edit.OwnPieces.Direction;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Plan;
import honeylamp.plan.Stand;
import honeylamp.plan.Stretch;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.scene.Node;

/** An own piece: what it is, its parts one by one, and what it does at other sizes. */
record OwnFields(CardFields parts, Furnishing piece, OwnPiece own, Library<OwnPiece> kept) {
    /** All of it, for someone who draws on it. */
    List<Node> drawing() {
        return List.of(Widgets.heading(own.name()), part(), kind(), sizes(), parts.delete());
    }

    private WorkspaceModel model() {
        return parts.model();
    }

    private Plan plan() {
        return parts.plan();
    }

    // the kind

    /** What it is. */
    Node kind() {
        var stands = OneSurface.row();
        for (var stand : Stand.values()) {
            stands.getChildren()
                    .add(Widgets.toggle(
                            stand.label(),
                            "own-stand-" + stand.name().toLowerCase(Locale.ROOT),
                            "Where it stands by nature; all of this kind do",
                            own.stand() == stand,
                            () -> told(own.withStand(stand), "Say where own piece stands")));
        }
        var name = new WordField(
                "What the piece is called",
                "own-name",
                own.name(),
                typed -> model().edit(OwnPieces.rename(plan(), own, typed), "Rename own piece"));
        var measured = new WordField("Where it was measured", "own-measured", own.measured(), typed -> {
                    if (typed.length() > OwnPiece.MOST_WORDS) {
                        model().complain("That is too long: " + OwnPiece.MOST_WORDS + " letters are kept at most.");
                    } else {
                        told(own.withMeasured(typed), "Say where own piece was measured");
                    }
                })
                .hinted();
        var isDrawn = model().now().tool() == Tool.DRAW_OWN;
        return parts.folding(
                "My piece",
                name,
                measured,
                stands,
                OneSurface.row(
                        Widgets.button(
                                isDrawn ? "Done drawing" : "Draw on it",
                                "own-draw",
                                isDrawn ? "Back to picking pieces" : "Adds parts to it, and changes those it has",
                                () -> model().use(isDrawn ? Tool.PICK_PIECES : Tool.DRAW_OWN)),
                        Widgets.button(
                                "Keep it",
                                "own-keep",
                                "Among my things, for all plans; one of the same name is replaced",
                                this::keep),
                        Widgets.button(
                                "Right side is front",
                                "own-front",
                                "What lies to its right is its front from now on; nothing of it moves",
                                () -> model().edit(OwnPieces.frontToRight(plan(), own), "Turn front"))),
                parts.length(
                        "All of it, wide",
                        "own-scale",
                        own.width(),
                        v -> OwnPieces.scaled(plan(), own, v),
                        "Scale own piece"));
    }

    private void told(OwnPiece other, String action) {
        model().edit(OwnPieces.told(plan(), own, other), action);
    }

    /** What is kept is what the plan has from then on, so that there is one drawing under its name. */
    private void keep() {
        var now = own.with(copy -> copy.buying(piece.buying()).bottom(piece.bottom()));
        var wrong = kept.keep(now);
        if (!wrong.isEmpty()) {
            model().complain(wrong);
            return;
        }
        if (!now.equals(own)) {
            told(now, "Keep own piece");
        }
        model().say("\"" + own.name() + "\" is among your things now, in all plans.");
    }

    // one part

    private NewOwn chosen() {
        return model().now().choices().own();
    }

    private void choose(int index) {
        model().act(new Intent.ChooseWithin(model().now().choices().withOwn(chosen().withPart(index))));
    }

    private static String named(OwnPiece own, int index) {
        var label = own.parts().get(index).label();
        return (index + 1) + (label.isEmpty() ? "" : "  " + label);
    }

    private Node part() {
        var index = chosen().part(own);
        var part = own.parts().get(index);
        var box = OwnLines.bounds(List.of(part));
        var nodes = new ArrayList<Node>();
        nodes.add(Widgets.menu(
                "Part " + (index + 1) + " of " + own.parts().size()
                        + (part.label().isEmpty() ? "" : ": " + part.label()),
                "own-part",
                "The part that is changed",
                IntStream.range(0, own.parts().size())
                        .mapToObj(i -> named(own, i))
                        .toList(),
                this::choose));
        nodes.add(new WordField("What it says on it", "own-label", part.label(), typed -> {
                    if (typed.length() > OwnPart.LONGEST) {
                        model().complain("That is too long: " + OwnPart.LONGEST + " letters are kept at most.");
                    } else {
                        put(index, Outcome.done(part.withLabel(typed)), "Label part");
                    }
                })
                .hinted());
        nodes.add(place("From left", "own-left", box.minX(), v -> OwnParts.fromLeft(part, v), index));
        nodes.add(place("From front", "own-ahead", box.minY(), v -> OwnParts.fromFront(part, v), index));
        nodes.add(size("Wide", "own-wide", box.width(), index, v -> OwnParts.wide(part, v)));
        nodes.add(size("Deep", "own-deep", box.height(), index, v -> OwnParts.deep(part, v)));
        nodes.add(parts.distance(
                "Bottom",
                "own-bottom",
                part.bottom(),
                v -> put(index, OwnParts.between(part, v, part.top())),
                "Size part"));
        nodes.add(parts.distance(
                "Top", "own-top", part.top(), v -> put(index, OwnParts.between(part, part.bottom(), v)), "Size part"));
        nodes.add(parts.distance(
                "Corners rounded",
                "own-rounded",
                part.outer().corners().getFirst().rounded(),
                v -> put(index, Outcome.done(OwnParts.rounded(part, v))),
                "Round corners"));
        nodes.add(OwnMenus.fill(
                "own-fill", part.fill(), fill -> put(index, Outcome.done(part.withFill(fill)), "Fill part")));
        nodes.add(OwnMenus.pen("own-pen", part.pen(), pen -> put(index, Outcome.done(part.withPen(pen)), "Draw part")));
        nodes.addAll(actions(part, index));
        return parts.folding("Its parts", nodes.toArray(Node[]::new));
    }

    private List<Node> actions(OwnPart part, int index) {
        var behind = own.parts().size();
        return List.of(
                OneSurface.row(
                        act(
                                "Mirror",
                                "own-mirror",
                                "Left and right exchanged",
                                () -> put(index, Outcome.done(OwnParts.mirrored(part)), "Mirror part")),
                        act(
                                "Turn 90\u00b0",
                                "own-turn",
                                "About its middle",
                                () -> put(index, Outcome.done(OwnParts.turned(part, 90)), "Turn part")),
                        act(
                                "Other side",
                                "own-twin",
                                "A mirrored copy on the other side of the piece",
                                () -> add(OwnPieces.otherSide(own, part), behind, "Copy part")),
                        act("Cut out", "own-cut", "Cuts it out of the parts it lies on", () -> {
                            choose(0);
                            model().edit(OwnPieces.cutOut(plan(), own, index), "Cut out");
                        }),
                        act("Higher", "own-later", "Drawn over the next one", () -> later(index, 1)),
                        act("Lower", "own-earlier", "Drawn below the one before", () -> later(index, -1)),
                        act(
                                "Take away",
                                "own-gone",
                                "This part alone",
                                () -> model().edit(OwnPieces.remove(plan(), own, index), "Take part away"))),
                more(
                        "Copy to the right",
                        "own-copy-right",
                        "Copy part",
                        v -> Outcome.done(OwnParts.moved(part, v, Length.ZERO))),
                more(
                        "Copy to the back",
                        "own-copy-back",
                        "Copy part",
                        v -> Outcome.done(OwnParts.moved(part, Length.ZERO, v))),
                more("Parallel, inside by", "own-parallel", "Draw parallel", v -> OwnParts.parallel(part, v)));
    }

    /** A typed length that makes a part more, which is taken up. */
    private Node more(String name, String id, String action, Function<Length, Outcome<OwnPart>> make) {
        return new LengthField(
                name,
                id,
                Length.ZERO,
                plan().units(),
                LengthReader::signed,
                v -> {
                    switch (make.apply(v)) {
                        case Outcome.Refused<OwnPart> no -> model().complain(no.sentence("That cannot be"));
                        case Outcome.Done<OwnPart>(var part) ->
                            add(part, own.parts().size(), action);
                    }
                },
                model()::complain);
    }

    private static Node act(String label, String id, String tip, Runnable action) {
        return Widgets.button(label, id, tip, action);
    }

    private Outcome<Plan> copied(OwnPart more) {
        return OwnPieces.add(plan(), own, List.of(more));
    }

    private void add(OwnPart more, int index, String action) {
        model().edit(copied(more), action);
        choose(index);
    }

    private void later(int index, int by) {
        model().edit(OwnPieces.reorder(plan(), own, index, by), "Order parts");
        choose(index + by);
    }

    private Outcome<Plan> put(int index, Outcome<OwnPart> other) {
        return other.then(p -> OwnPieces.put(plan(), own, index, p));
    }

    private void put(int index, Outcome<OwnPart> other, String action) {
        model().edit(put(index, other), action);
    }

    private Node place(String name, String id, double mm, Function<Length, OwnPart> to, int index) {
        return parts.place(name, id, Length.ofMm(mm), v -> put(index, Outcome.done(to.apply(v))), "Move part");
    }

    private Node size(String name, String id, double mm, int index, Function<Length, Outcome<OwnPart>> to) {
        return parts.distance(name, id, Length.ofMm(mm), v -> put(index, to.apply(v)), "Size part");
    }

    // other sizes

    private Node sizes() {
        var nodes = new ArrayList<Node>();
        for (var direction : Direction.values()) {
            var id = "own-" + direction.name().toLowerCase(Locale.ROOT);
            var stretch = direction.of(own);
            nodes.add(Widgets.quiet(direction.label()));
            nodes.add(parts.distance(
                    "Zone from",
                    id + "-from",
                    stretch.from(),
                    v -> OwnPieces.stretch(plan(), own, direction, v, stretch.to(), stretch.zone()),
                    "Say what grows"));
            nodes.add(parts.distance(
                    "Zone to",
                    id + "-to",
                    stretch.to(),
                    v -> OwnPieces.stretch(plan(), own, direction, stretch.from(), v, stretch.zone()),
                    "Say what grows"));
            var zones = OneSurface.row();
            for (var zone : Stretch.Zone.values()) {
                zones.getChildren()
                        .add(Widgets.toggle(
                                zone.label(),
                                id + "-" + zone.name().toLowerCase(Locale.ROOT),
                                "What becomes of the zone when the piece is made larger",
                                stretch.zone() == zone,
                                () -> model().edit(
                                                OwnPieces.stretch(
                                                        plan(), own, direction, stretch.from(), stretch.to(), zone),
                                                "Say what grows")));
            }
            nodes.add(zones);
        }
        return parts.folding("At other sizes", nodes.toArray(Node[]::new));
    }
}
