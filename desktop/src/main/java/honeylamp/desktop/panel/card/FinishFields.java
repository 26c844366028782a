package honeylamp.desktop.panel.card;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.JointTones;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Finishing;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Outline;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Laying.Turning;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.takeoff.StartProposals;
import honeylamp.takeoff.TileCount;
import honeylamp.takeoff.TileWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * The finish of one surface: what it is of, how its pieces lie, where they begin, what they come to.
 *
 * @param id leads the ids of its fields
 * @param action what laying another finish is called
 * @param surface its straight stretches, each in a frame of its own in which the finish is laid
 * @param seed of what chance lays
 * @param put the plan with another finish there
 */
record FinishFields(
        WorkspaceModel model,
        CardFields parts,
        String id,
        Place place,
        String action,
        List<List<Outline>> surface,
        long seed,
        Function<Optional<Finish>, Plan> put) {
    private static final double MOST_CHROMA = 0.16;

    /** All that can be said of it. */
    List<Node> of(Optional<Finish> finish) {
        var out = new ArrayList<Node>();
        out.add(material(finish));
        finish.ifPresent(f -> Materials.of(f).ifPresent(m -> {
            out.add(pattern(f, m));
            if (!m.laying().isSeamless()) {
                out.addAll(pieces(f, m));
            }
            out.add(tone(f, m));
            if (!m.laying().isSeamless()) {
                out.add(blend(f, m));
            }
            out.add(reason(f));
            if (place == Place.WALL) {
                out.add(courses(f));
            }
            out.add(everywhere(f, m));
        }));
        return out;
    }

    /** The finish alone; of what is laid in pieces all that can be said, once that is asked for. */
    List<Node> briefly(Optional<Finish> finish) {
        if (model.now().choices().finishing().piecesOf().equals(id)) {
            return of(finish);
        }
        var out = new ArrayList<>(List.of(material(finish)));
        if (finish.isPresent()) {
            out.add(row(Widgets.button(
                    "Set out",
                    id + "-set-out",
                    "How it lies, what it takes, its colour here",
                    () -> model.chooseWithin(model.now().choices().withFinishing(f -> f.withPiecesOf(id))))));
        }
        return out;
    }

    private Node material(Optional<Finish> finish) {
        var all = Materials.covering(place);
        var labels = new ArrayList<>(List.of("No finish"));
        all.forEach(m -> labels.add(m.label()));
        return Widgets.menu(
                finish.flatMap(Materials::of).map(Material::label).orElse("No finish"),
                "finish-" + id,
                "Finish",
                labels,
                index -> model.edit(
                        put.apply(
                                index == 0
                                        ? Optional.empty()
                                        : Optional.of(finish.orElse(Finish.of(""))
                                                .with(copy -> copy.material(all.get(index - 1)
                                                                .key())
                                                        .laying(Optional.empty())
                                                        .tone(Optional.empty())))),
                        action));
    }

    private void lay(Finish finish, String action) {
        model.edit(put.apply(Optional.of(finish)), action);
    }

    private void lay(Outcome<Laying> laying, Finish finish, String action) {
        model.edit(laying.map(l -> put.apply(Optional.of(finish.withLaying(Optional.of(l))))), action);
    }

    private Node pattern(Finish finish, Material material) {
        var suiting = Patterns.all().stream()
                .filter(p -> material.family().suits(p.pattern()))
                .toList();
        return Widgets.menu(
                Patterns.label(material.laying().pattern()),
                id + "-pattern",
                "How it lies",
                suiting.stream().map(Patterns.Named::label).toList(),
                index -> lay(
                        finish.withLaying(Optional.of(Finishing.inPattern(
                                material.laying(), suiting.get(index).pattern()))),
                        "Lay in another pattern"));
    }

    private List<Node> pieces(Finish finish, Material material) {
        var laying = material.laying();
        var out = new ArrayList<Node>();
        out.add(parts.length(
                "Width",
                id + "-piece-width",
                laying.width(),
                v -> sized(finish, Finishing.sized(laying, v, laying.length(), laying.joint())),
                "Size pieces"));
        if (Patterns.hasLength(laying.pattern())) {
            out.add(parts.length(
                    "Length",
                    id + "-piece-length",
                    laying.length(),
                    v -> sized(finish, Finishing.sized(laying, laying.width(), v, laying.joint())),
                    "Size pieces"));
        }
        out.add(parts.distance(
                "Joint",
                id + "-joint",
                laying.joint(),
                v -> sized(finish, Finishing.sized(laying, laying.width(), laying.length(), v)),
                "Change joint"));
        Patterns.measure(laying.pattern()).ifPresent(m -> out.add(measure(finish, laying, m)));
        out.add(joints(finish, laying));
        out.addAll(direction(finish));
        out.addAll(start(finish));
        out.addAll(figures(finish, laying));
        out.add(boxes(finish, laying));
        return out;
    }

    private Outcome<Plan> sized(Finish finish, Outcome<Laying> laying) {
        return laying.map(l -> put.apply(Optional.of(finish.withLaying(Optional.of(l)))));
    }

    /** The one measure a pattern has of its own, such as how far courses are shifted. */
    private Node measure(Finish finish, Laying laying, Patterns.Measure measure) {
        return Widgets.slider(
                measure.label(),
                id + "-measure",
                measure.least(),
                measure.most(),
                measure.value(),
                (v, going) -> model.slide(
                        put.apply(Optional.of(finish.withLaying(
                                Optional.of(laying.withPattern(measure.with().apply(v)))))),
                        "Change pattern",
                        going));
    }

    private Node joints(Finish finish, Laying laying) {
        var tones = JointTones.all();
        return Widgets.menu(
                "Joints: " + JointTones.label(laying.jointTone()).toLowerCase(Locale.ROOT),
                id + "-joint-tone",
                "The colour of the joints",
                tones.stream().map(JointTones.Named::label).toList(),
                index -> lay(Outcome.done(laying.withJointTone(tones.get(index).tone())), finish, "Colour joints"));
    }

    private List<Node> direction(Finish finish) {
        return List.of(
                Widgets.slider(
                        "Direction, degrees",
                        id + "-direction",
                        0,
                        180,
                        finish.directionDeg(),
                        (v, going) -> model.slide(
                                put.apply(Optional.of(finish.turnedTo(5 * Math.rint(v / 5)))), "Turn finish", going)),
                parts.angle(
                        id + "-deg",
                        finish.directionDeg(),
                        deg -> Outcome.done(put.apply(Optional.of(finish.turnedTo(((deg % 180) + 180) % 180)))),
                        "Turn finish"),
                row(Widgets.button(
                        "Along the longest side",
                        id + "-along",
                        "The courses run along the longest straight side of the surface",
                        () -> lay(finish.turnedTo(Finishing.alongLongestEdge(largest())), "Turn finish"))));
    }

    /** The starting point of the pattern, from the origin of the surface. */
    private List<Node> start(Finish finish) {
        var at = finish.start();
        return List.of(
                parts.place(
                        place == Place.FLOOR ? "Start across" : "Start along",
                        id + "-start-across",
                        at.x(),
                        x -> Outcome.done(put.apply(Optional.of(finish.startingAt(new Position(x, at.y()))))),
                        "Move starting point"),
                parts.place(
                        "Start up",
                        id + "-start-up",
                        at.y(),
                        y -> Outcome.done(put.apply(Optional.of(finish.startingAt(new Position(at.x(), y))))),
                        "Move starting point"));
    }

    private List<Node> figures(Finish finish, Laying laying) {
        if (!finish.courses().isEmpty()) {
            return List.of(Widgets.quiet("The takeoff counts it course by course."));
        }
        var count = count(finish, laying);
        if (count.isEmpty()) {
            return List.of(Widgets.quiet("There are too many pieces to count one by one."));
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.fact("Pieces", TileWords.count(count.get())));
        out.add(Widgets.fact("To order", TileWords.order(count.get(), laying)));
        out.add(Widgets.fact("With offcuts used", TileWords.nested(count.get())));
        out.add(Widgets.fact(
                "Smallest cut", TileWords.leastCut(count.get(), parts.plan().units())));
        if (count.get().leastShare() < TileCount.LEAST_SHARE) {
            var warning = Widgets.quiet("Less than half a piece. A better start may be found below.");
            warning.getStyleClass().add("complaint");
            out.add(warning);
        }
        if (Patterns.repeats(laying.pattern())) {
            out.add(row(
                    Widgets.button(
                            "Centre it",
                            id + "-centre",
                            "Both ends alike, with a piece or a joint in the middle, whichever leaves the larger end pieces",
                            () -> centre(finish, laying)),
                    Widgets.button(
                            "Find a start",
                            id + "-find-start",
                            "Looks for the start with the fewest and largest cut pieces; nothing changes until you take one",
                            () -> model.chooseWithin(model.now().choices().withFinishing(f -> f.withStartsOf(id))))));
            if (model.now().choices().finishing().startsOf().equals(id)) {
                out.add(proposals(finish, laying));
            }
        }
        return out;
    }

    /** Of all stretches together; empty if one cannot be counted. */
    private Optional<TileCount> count(Finish finish, Laying laying) {
        var counts =
                surface.stream().map(s -> TileCount.of(s, laying, finish, seed)).toList();
        return counts.stream().allMatch(Optional::isPresent)
                ? counts.stream().flatMap(Optional::stream).reduce(TileCount::plus)
                : Optional.empty();
    }

    private List<Outline> largest() {
        return surface.stream()
                .max(Comparator.comparingDouble(
                        s -> s.stream().mapToDouble(Outline::area).sum()))
                .orElse(List.of());
    }

    private void centre(Finish finish, Laying laying) {
        var centred = StartProposals.centred(largest(), laying, finish);
        lay(finish.startingAt(centred.start()), "Move starting point");
        model.say(TileWords.centred(centred, parts.plan().units()));
    }

    private Node proposals(Finish finish, Laying laying) {
        var box = new VBox(4);
        var all = StartProposals.of(largest(), laying, finish, TileCount.LEAST_SHARE, seed);
        for (var i = 0; i < all.size(); i++) {
            var proposal = all.get(i);
            box.getChildren()
                    .add(Widgets.button(
                            TileWords.proposal(proposal, parts.plan().units()),
                            id + "-start-" + (i + 1),
                            "Begins there",
                            () -> lay(finish.startingAt(proposal.start()), "Move starting point")));
        }
        return box;
    }

    private Node boxes(Finish finish, Laying laying) {
        var goods = laying.goods();
        return Widgets.section(
                "As bought",
                whole(
                        "Pieces in a box",
                        id + "-per-box",
                        goods.perBox(),
                        n -> lay(Outcome.done(laying.withGoods(goods.withPerBox(n))), finish, "Say what a box holds")),
                whole(
                        "Price, in cents",
                        id + "-price",
                        goods.price(),
                        n -> lay(Outcome.done(laying.withGoods(goods.withPrice(n))), finish, "Price pieces")),
                parts.distance(
                        "Lost along a cut",
                        id + "-blade",
                        goods.blade(),
                        v -> sized(finish, Outcome.done(laying.withGoods(goods.withBlade(v)))),
                        "Change blade"),
                whole(
                        "Weight of a piece, g",
                        id + "-grams",
                        goods.grams(),
                        n -> lay(Outcome.done(laying.withGoods(goods.withGrams(n))), finish, "Weigh pieces")));
    }

    private interface Whole {
        void take(int number);
    }

    /** A whole number; 0 means that nobody said. */
    private Node whole(String name, String fieldId, int value, Whole take) {
        var field = new TextField(value == 0 ? "" : String.valueOf(value));
        field.setId(fieldId);
        field.setPromptText("not said");
        field.setAccessibleText(name);
        field.setOnAction(_ -> {
            var typed = field.getText().strip();
            if (typed.matches("[0-9]{0,8}")) {
                take.take(typed.isEmpty() ? 0 : Integer.parseInt(typed));
            } else {
                model.complain(name + ": \"" + typed + "\" is no whole number. Type digits only, such as 12.");
            }
        });
        var row = Widgets.row(Widgets.quiet(name), Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return row;
    }

    private Node tone(Finish finish, Material material) {
        var tone = material.in(model.shown().view().look()).tone();
        return Widgets.section(
                "Colour, here only",
                toned(
                        "Lightness",
                        "lightness",
                        0.3,
                        1,
                        tone.lightness(),
                        finish,
                        v -> new Oklch(v, tone.chroma(), tone.hueDeg())),
                toned(
                        "Strength",
                        "chroma",
                        0,
                        MOST_CHROMA,
                        tone.chroma(),
                        finish,
                        v -> new Oklch(tone.lightness(), v, tone.hueDeg())),
                toned("Hue", "hue", 0, 360, tone.hueDeg(), finish, v -> new Oklch(tone.lightness(), tone.chroma(), v)),
                code(id + "-tone-code", tone, typed -> lay(finish.withTone(Optional.of(typed)), "Colour finish")),
                Widgets.button(
                        "Usual colour",
                        id + "-tone-back",
                        "The finish has the colour of its material again",
                        () -> lay(finish.withTone(Optional.empty()), "Take colour back")));
    }

    /** A colour by its code. */
    private Node code(String fieldId, Oklch colour, Consumer<Oklch> take) {
        var field = new TextField(ColourCode.of(colour));
        field.setId(fieldId);
        field.setAccessibleText("Colour code");
        field.setOnAction(_ -> ColourCode.read(field.getText())
                .ifPresentOrElse(
                        take,
                        () -> model.complain("\"" + field.getText()
                                + "\" is no colour code. Type six digits from 0 to F, such as #7C9A82.")));
        var row = Widgets.row(Widgets.quiet("Code"), Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return row;
    }

    /** Tones that are mixed, with their shares; and whether pieces are turned. */
    private Node blend(Finish finish, Material material) {
        var laying = material.laying();
        var blend = laying.blend();
        var box = new VBox(4);
        for (var i = 0; i < blend.shares().size(); i++) {
            var at = i;
            var share = blend.shares().get(i);
            box.getChildren()
                    .add(code(
                            id + "-blend-code-" + (i + 1),
                            share.tone(),
                            typed -> blended(finish, laying, at, new Share(typed, share.share()))));
            box.getChildren()
                    .add(Widgets.slider(
                            "Share",
                            id + "-blend-share-" + (i + 1),
                            1,
                            10,
                            share.share(),
                            (v, going) -> model.slide(
                                    put.apply(Optional.of(finish.withLaying(Optional.of(
                                            Finishing.mixed(laying, at, new Share(share.tone(), Math.rint(v))))))),
                                    "Mix tones",
                                    going)));
        }
        var buttons = row();
        if (blend.shares().size() < Finishing.MOST_TONES) {
            buttons.getChildren()
                    .add(Widgets.button(
                            blend.shares().isEmpty() ? "Mix two tones" : "One tone more",
                            id + "-blend-more",
                            "Pieces of several tones, in shares",
                            () -> lay(
                                    Outcome.done(Finishing.oneToneMore(
                                            laying,
                                            material.in(model.shown().view().look())
                                                    .tone())),
                                    finish,
                                    "Mix tones")));
        }
        if (!blend.shares().isEmpty()) {
            buttons.getChildren()
                    .addAll(
                            Widgets.button(
                                    "One tone",
                                    id + "-blend-none",
                                    "The tone of the material alone again",
                                    () -> lay(Outcome.done(laying.withBlend(Blend.NONE)), finish, "Mix tones")),
                            Widgets.toggle(
                                    "In turn",
                                    id + "-blend-turn",
                                    "One after the other, or else by chance",
                                    blend.mixing() == Mixing.IN_TURN,
                                    () -> lay(Outcome.done(Finishing.mixedOtherwise(laying)), finish, "Mix tones")));
        }
        buttons.getChildren()
                .add(Widgets.toggle(
                        "Turned by chance",
                        id + "-turning",
                        "Pieces are turned by quarters of a turn, so that neighbours differ",
                        laying.turning() == Turning.BY_CHANCE,
                        () -> lay(Outcome.done(Finishing.turnedOtherwise(laying)), finish, "Turn pieces")));
        box.getChildren().add(buttons);
        return Widgets.section("Tones", box);
    }

    private void blended(Finish finish, Laying laying, int at, Share share) {
        lay(Outcome.done(Finishing.mixed(laying, at, share)), finish, "Mix tones");
    }

    private interface Toned {
        Oklch tone(double value);
    }

    private Node toned(String label, String what, double least, double most, double value, Finish finish, Toned toned) {
        return Widgets.slider(
                label,
                id + "-tone-" + what,
                least,
                most,
                value,
                (v, going) -> model.slide(
                        put.apply(Optional.of(finish.withTone(Optional.of(toned.tone(v))))), "Colour finish", going));
    }

    /** Strips of the wall below the finish, from the floor up, each of its own; the finish reaches to the top. */
    private Node courses(Finish finish) {
        var box = new VBox(4);
        var tiles = Materials.covering(Place.WALL).stream()
                .filter(m -> !m.laying().isSeamless())
                .toList();
        for (var i = 0; i < finish.courses().size(); i++) {
            box.getChildren().addAll(course(finish, i, tiles));
        }
        if (finish.courses().size() < Finish.MOST_COURSES) {
            box.getChildren()
                    .add(Widgets.button(
                            "One course more",
                            id + "-course-more",
                            "A strip of the wall laid by itself, above those there are; the finish goes on from it to the top",
                            () -> lay(
                                    Finishing.oneCourseMore(
                                            finish,
                                            tiles.getFirst().key(),
                                            tiles.getFirst().laying()),
                                    "Add a course")));
        }
        return Widgets.section("Courses, from the floor up", box);
    }

    private List<Node> course(Finish finish, int at, List<Material> tiles) {
        var course = finish.courses().get(at);
        var lead = id + "-course-" + (at + 1);
        var begins = List.of(Finish.Begins.values());
        return List.of(
                Widgets.menu(
                        (at + 1) + "  "
                                + Materials.of(course.material())
                                        .map(Material::label)
                                        .orElse(course.material()),
                        lead,
                        "What the course is of",
                        tiles.stream().map(Material::label).toList(),
                        n -> changed(
                                finish,
                                at,
                                course.withMaterial(tiles.get(n).key())
                                        .withLaying(tiles.get(n).laying()))),
                parts.length(
                        "Height",
                        lead + "-height",
                        course.height(),
                        v -> Outcome.done(put.apply(
                                Optional.of(Finishing.course(finish, at, Optional.of(course.withHeight(v)))))),
                        "Change height of course"),
                row(
                        Widgets.menu(
                                course.begins().label(),
                                lead + "-begins",
                                "Where its pieces begin",
                                begins.stream().map(Finish.Begins::label).toList(),
                                n -> changed(finish, at, course.withBegins(begins.get(n)))),
                        Widgets.button(
                                "Take away",
                                lead + "-away",
                                "Those above it come down",
                                () -> lay(Finishing.course(finish, at, Optional.empty()), "Take course away"))));
    }

    private void changed(Finish finish, int at, Finish.Course course) {
        lay(Finishing.course(finish, at, Optional.of(course)), "Change course");
    }

    private Node everywhere(Finish finish, Material material) {
        var chosen = Materials.of(model.now().choices().material());
        var buttons = new ArrayList<Node>();
        buttons.add(Widgets.button(
                "All of it like this",
                id + "-like-this",
                "Wherever this material lies it is laid, coloured and bought as here; directions and starts stay",
                () -> model.edit(
                        Finishing.everywhere(
                                parts.plan(),
                                finish.material(),
                                f -> f.with(copy -> copy.laying(finish.laying()).tone(finish.tone()))),
                        "Lay all alike")));
        chosen.filter(c -> !c.key().equals(material.key()) && c.family().covers(place))
                .ifPresent(c -> buttons.add(Widgets.button(
                        "Swap everywhere for " + c.label(),
                        id + "-swap",
                        "Wherever this material lies the one chosen in the tray is laid instead",
                        () -> model.edit(
                                Finishing.everywhere(
                                        parts.plan(),
                                        finish.material(),
                                        f -> f.with(copy -> copy.material(c.key())
                                                .laying(Optional.empty())
                                                .tone(Optional.empty()))),
                                "Swap finish everywhere"))));
        return new VBox(4, buttons.toArray(Node[]::new));
    }

    private Node reason(Finish finish) {
        var field = new TextField(finish.reason());
        field.setId(id + "-reason");
        field.setPromptText("Why this one, in a few words");
        field.setAccessibleText("Why this finish");
        field.setOnAction(_ -> lay(finish.withReason(field.getText().strip()), "Say why"));
        return field;
    }

    private static FlowPane row(Node... nodes) {
        return new FlowPane(6, 6, nodes);
    }
}
