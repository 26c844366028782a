package honeylamp.desktop.gesture.trace;

import honeylamp.catalogue.RoomUses;
import honeylamp.derive.traced.ReadWalls;
import honeylamp.derive.traced.ReadWalls.Held;
import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.derive.traced.ReadWords;
import honeylamp.derive.traced.ReadWords.Name;
import honeylamp.derive.traced.StoreysBeside;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.pick.PickAndMove;
import honeylamp.desktop.gesture.pick.PickAndMove.Reach;
import honeylamp.drawing.Mark;
import honeylamp.edit.TakingWalls;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.illustrate.sketch.ReadSketch;
import honeylamp.lettering.Written;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Proposal;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Walls read from a picture lie over it to be looked at. A press picks one, or the walls around a room; Delete refuses
 * what is picked, dragging and typing correct it, Enter takes it, or all if nothing is picked.
 *
 * @param underlay the picture as it will lie: levelled if nothing is traced yet
 * @param levelBy by how much it is turned to lie so, in degrees; 0 if it stays
 * @param walls still proposed, where they will lie
 * @param words names and areas of rooms, where they will lie
 * @param picked what Delete and typing are about
 * @param grip what is being dragged
 * @param before this gesture as it was before something was taken
 */
public record TakeWalls(
        Underlay underlay,
        double levelBy,
        ReadWalls walls,
        ReadWords words,
        Picked picked,
        Optional<Grip> grip,
        Optional<TakeWalls> before)
        implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> THICKNESS = Ask.length("Thickness");

    /** A name is pressed within so many times the reach of its middle: it is wider than a line. */
    private static final double NAME_REACH = 3;

    /**
     * What is held while it is dragged.
     *
     * @param from where it was taken hold of, in plan mm
     * @param to where the pointer is
     */
    public record Grip(Held held, Point from, Point to) {}

    /** What of the proposal is picked. */
    public sealed interface Picked {
        /** Nothing is. */
        Picked NOTHING = new Walls(Set.of());

        /** Walls by their numbers. */
        record Walls(Set<Integer> numbers) implements Picked {
            /** Freezes the set. */
            public Walls {
                numbers = Set.copyOf(numbers);
            }
        }

        /** An opening by its place in a wall. */
        record InWall(int wall, int opening) implements Picked {}

        /** A name that was read. */
        record Written(Name name) implements Picked {}
    }

    /** All that a picture shows, nothing picked. */
    public static TakeWalls begin(
            Plan plan, ElementId.StoreyId storey, Underlay underlay, Proposal proposal, List<Written> written) {
        var turn = ReadWalls.turnDeg(proposal, underlay);
        var levels = plan.storey(storey).walls().isEmpty() && Math.abs(turn) > ReadWalls.LEVEL_DEG;
        var lies = levels
                ? UnderlayEdits.turn(plan, storey, underlay.id(), -turn, TracedWork.STAYS)
                        .storey(storey)
                        .elements()
                        .find(Underlay.class, underlay.id())
                        .orElseThrow()
                : underlay;
        return new TakeWalls(
                lies,
                levels ? -turn : 0,
                ReadWalls.of(proposal, lies),
                ReadWords.of(written, lies, RoomUses.usualNames()),
                Picked.NOTHING,
                Optional.empty(),
                Optional.empty());
    }

    private TakeWalls picking(Picked other, Optional<Grip> held) {
        return new TakeWalls(underlay, levelBy, walls, words, other, held, before);
    }

    private TakeWalls with(ReadWalls other) {
        return new TakeWalls(underlay, levelBy, other, words, picked, Optional.empty(), before);
    }

    private TakeWalls left(ReadWalls other, ReadWords rest) {
        return new TakeWalls(underlay, levelBy, other, rest, Picked.NOTHING, Optional.empty(), before);
    }

    /** The numbers of the walls that are picked, or of the one whose opening is. */
    private Set<Integer> numbers() {
        return switch (picked) {
            case Picked.Walls(var numbers) -> numbers;
            case Picked.InWall in -> Set.of(in.wall());
            case Picked.Written _ -> Set.of();
        };
    }

    private boolean isNothing() {
        return picked.equals(Picked.NOTHING);
    }

    /** From where things will lie to where the picture shows them now. */
    private Projective shown(Surroundings scene) {
        return scene.geometry()
                .storey()
                .elements()
                .find(Underlay.class, underlay.id())
                .map(now -> underlay.toPlan().inverse().then(now.toPlan()))
                .orElse(Projective.IDENTITY);
    }

    private ReadWalls asDragged() {
        return grip.map(g -> walls.dragged(g.held, g.from, g.to)).orElse(walls);
    }

    private Optional<ReadWall> only() {
        return numbers().size() == 1 ? walls.wall(numbers().iterator().next()) : Optional.empty();
    }

    /** An opening that is picked, with its place. */
    private record Meant(Picked.InWall in, ReadOpening opening) {}

    private Optional<Meant> meant() {
        return picked instanceof Picked.InWall in
                ? walls.wall(in.wall())
                        .filter(w -> in.opening() < w.openings().size())
                        .map(w -> new Meant(in, w.openings().get(in.opening())))
                : Optional.empty();
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = shown(scene).inverse().apply(pointer.at());
        return Reply.to(walls.at(at, scene.reachMm())
                .map(h -> picking(picked(h), Optional.of(new Grip(h, at, at))))
                .orElseGet(() -> picking(
                        words.nameAt(at, NAME_REACH * scene.reachMm())
                                .<Picked>map(Picked.Written::new)
                                .orElseGet(() -> new Picked.Walls(walls.around(at))),
                        Optional.empty())));
    }

    private static Picked picked(Held held) {
        return held.opening() < 0
                ? new Picked.Walls(Set.of(held.number()))
                : new Picked.InWall(held.number(), held.opening());
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        return Reply.to(grip.map(g -> picking(
                        picked,
                        Optional.of(
                                new Grip(g.held, g.from, shown(scene).inverse().apply(pointer.at())))))
                .orElse(this));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return Reply.to(grip.isEmpty() ? this : with(asDragged()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var wall = only();
        var length = typed.of(LENGTH);
        var thickness = typed.of(THICKNESS);
        var width = typed.of(WIDTH);
        if (meant().isPresent() && width.isPresent()) {
            var opening = meant().get();
            var next = walls.asWide(
                    opening.in.wall(), opening.in.opening(), width.get().mm());
            return Math.abs(opening.opening.widthMm() - width.get().mm()) > 1 && next.equals(walls)
                    ? Reply.complain(this, "So wide it would not fit between what is beside it; type less.")
                    : Reply.to(with(next));
        }
        if (wall.isPresent() && (length.isPresent() || thickness.isPresent())) {
            var number = wall.get().number();
            var next = length.map(l -> walls.asLong(number, l.mm())).orElse(walls);
            if (length.isPresent()
                    && Math.abs(next.wall(number).orElseThrow().line().length()
                                    - length.get().mm())
                            > 1) {
                return Reply.complain(
                        this,
                        "So long it would eat up a wall or turn one round; refuse that wall first, or type more.");
            }
            return Reply.to(
                    with(thickness.map(t -> next.asThick(number, t.mm())).orElse(next)));
        }
        return take(scene);
    }

    /** Plans that lie beside each other become storeys. */
    private Reply takeStoreys(Surroundings scene, Plan level, StoreysBeside beside) {
        var made = TakingWalls.takeStoreys(level, scene.storey(), beside, underlay.id(), words);
        return Reply.commit(PickAndMove.of(Reach.UNDERLAYS), made.plan(), "Take storeys from picture")
                .saying("Taken: " + counted(walls.walls().size(), "wall") + " on "
                        + counted(made.storeys().size(), "storey") + ", laid over each other by the walls they share."
                        + (made.named().isEmpty()
                                ? ""
                                : " Named as written: " + String.join(", ", made.named()) + "."));
    }

    private Reply take(Surroundings scene) {
        var taken = numbers().isEmpty()
                ? walls.walls()
                : walls.walls().stream()
                        .filter(w -> numbers().contains(w.number()))
                        .toList();
        var level = levelBy == 0
                ? scene.plan()
                : UnderlayEdits.turn(scene.plan(), scene.storey(), underlay.id(), levelBy, TracedWork.STAYS);
        var beside = StoreysBeside.of(walls);
        if (numbers().isEmpty() && beside.areSeveral()) {
            return takeStoreys(scene, level, beside);
        }
        var made = TakingWalls.take(level, scene.storey(), taken);
        var named = TakingWalls.name(made.plan(), scene.storey(), words);
        var rest = walls;
        for (var w : taken) {
            rest = rest.without(w.number());
        }
        var next = rest.walls().isEmpty()
                ? PickAndMove.of(Reach.UNDERLAYS)
                : new TakeWalls(underlay, 0, rest, words, Picked.NOTHING, Optional.empty(), Optional.of(this));
        var openings = taken.stream().mapToInt(w -> w.openings().size()).sum();
        return Reply.commit(
                        next, named.plan(), taken.size() == 1 ? "Take wall from picture" : "Take walls from picture")
                .saying("Taken: " + counted(taken.size(), "wall") + " with "
                        + counted(openings, "opening") + "."
                        + (levelBy == 0 ? "" : " The picture was levelled.")
                        + told(named)
                        + (rest.walls().isEmpty() && named.named().isEmpty() ? " Rooms are there to be named." : ""));
    }

    private static String told(TakingWalls.Named named) {
        var names = named.named().isEmpty() ? "" : " Named as written: " + String.join(", ", named.named()) + ".";
        return named.differences().stream()
                .map(d -> Words.of(
                        " %s: %.1f m\u00b2 is written, %.1f m\u00b2 is drawn; look at the scale and its walls.",
                        d.room(), d.writtenM2(), d.drawnM2()))
                .collect(Collectors.joining("", names, ""));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case AWAY -> Reply.to(refused());
            case NEXT -> Reply.to(nextDoubtful());
            case TURN, FLIP, CLOSE ->
                meant().map(o -> Reply.to(changed(o, key))).orElse(Reply.to(this));
        };
    }

    private TakeWalls refused() {
        return switch (picked) {
            case Picked.Walls(var numbers) -> {
                var out = walls;
                for (var number : numbers) {
                    out = out.without(number);
                }
                yield left(out, words);
            }
            case Picked.InWall in -> left(walls.closed(in.wall(), in.opening()), words);
            case Picked.Written written -> left(walls, words.without(written.name()));
        };
    }

    private TakeWalls changed(Meant meant, Key key) {
        var in = meant.in;
        var o = meant.opening;
        return switch (key) {
            case TURN -> with(walls.hung(in.wall(), in.opening(), o.hand().flipped(), o.swing()));
            case FLIP ->
                with(walls.hung(in.wall(), in.opening(), o.hand(), o.swing().flipped()));
            case CLOSE -> left(walls.parted(in.wall(), in.opening()), words);
            case NEXT, AWAY -> this;
        };
    }

    /** The doubtful walls and openings. */
    private List<Picked> doubts() {
        var out = new ArrayList<Picked>();
        for (var wall : walls.walls()) {
            if (wall.isDoubtful()) {
                out.add(new Picked.Walls(Set.of(wall.number())));
            }
            for (var k = 0; k < wall.openings().size(); k++) {
                if (wall.openings().get(k).isDoubtful()) {
                    out.add(new Picked.InWall(wall.number(), k));
                }
            }
        }
        return out;
    }

    private TakeWalls nextDoubtful() {
        var doubts = doubts();
        return doubts.isEmpty()
                ? this
                : picking(doubts.get((doubts.indexOf(picked) + 1) % doubts.size()), Optional.empty());
    }

    @Override
    public boolean takesAway() {
        return !isNothing();
    }

    @Override
    public Optional<Gesture> stepBack(Surroundings scene) {
        return before.map(b -> b);
    }

    @Override
    public Gesture dropped() {
        return isNothing() ? PickAndMove.of(Reach.UNDERLAYS) : picking(Picked.NOTHING, Optional.empty());
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        var units = scene.units();
        var wall = only();
        if (wall.isPresent() && meant().isEmpty()) {
            return new Readout(
                    List.of(
                            new Readout.Field(
                                    LENGTH,
                                    LengthText.rounded(
                                            Length.ofMm(wall.get().line().length()), units)),
                            new Readout.Field(
                                    THICKNESS,
                                    LengthText.rounded(Length.ofMm(wall.get().thicknessMm()), units))),
                    "",
                    "Enter takes this wall, Delete refuses it, dragging shifts it. A length typed moves what it ends on.");
        }
        if (meant().isPresent()) {
            var o = meant().get().opening;
            return new Readout(
                    List.of(new Readout.Field(WIDTH, LengthText.rounded(Length.ofMm(Math.rint(o.widthMm())), units))),
                    "",
                    o.kind().label() + ": dragging moves it, Delete closes it, C parts the wall here"
                            + (o.kind().hasHinges() ? ", R and F hang the leaf otherwise" : "")
                            + ", Enter takes the wall.");
        }
        if (picked instanceof Picked.Written written) {
            return Readout.hint("Read as " + written.name().name() + ": Delete refuses it, Esc lets it go.");
        }
        return Readout.hint(
                isNothing() ? allWords(scene) : "Enter takes the walls around this room, Delete refuses them.");
    }

    private String allWords(Surroundings scene) {
        var doubts = doubts().size();
        var several = StoreysBeside.count(walls);
        var openings = walls.walls().stream().mapToInt(w -> w.openings().size()).sum();
        var scale = walls.unlikelyDoorMm()
                .map(mm -> " Doors come out " + LengthText.roundedWithUnit(Length.ofMm(Math.rint(mm)), scene.units())
                        + " wide: give the picture a known length first.")
                .orElse("");
        return "Read: " + counted(walls.walls().size(), "wall") + ", "
                + counted(openings, "opening")
                + (words.names().isEmpty() ? "" : ", " + counted(words.names().size(), "name")) + "."
                + (scale.isEmpty()
                        ? (doubts == 0 ? "" : " " + doubts + " to look at are dashed; N goes to the next.")
                                + (several > 1
                                        ? " " + several + " plans lie beside each other: Enter takes them as storeys."
                                        : " Enter takes all; press a wall or a room to pick it.")
                        : scale);
    }

    private static String counted(int count, String word) {
        return count + " " + word + (count == 1 ? "" : "s");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var opening = picked instanceof Picked.InWall in ? OptionalInt.of(in.opening()) : OptionalInt.empty();
        var name = picked instanceof Picked.Written written ? Optional.of(written.name()) : Optional.<Name>empty();
        var out = new ArrayList<>(
                ReadSketch.marks(scene.frame(), asDragged(), shown(scene), numbers(), opening, scene.penMm()));
        out.addAll(ReadSketch.names(scene.frame(), words, name, shown(scene), scene.penMm()));
        return out;
    }
}
