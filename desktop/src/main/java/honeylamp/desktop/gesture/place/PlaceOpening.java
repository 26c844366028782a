package honeylamp.desktop.gesture.place;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.OpeningPlacing;
import honeylamp.derive.pointing.OpeningPlacing.Spot;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.SwingJudgement;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Ends;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.pick.PickedOpenings;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Puts openings into walls: the ghost slides in the wall under the pointer, both distances live.
 *
 * @param centring what it is centred between wherever the pointer is, if that was asked for
 * @param count how many are put in with equal gaps
 */
@RecordBuilder
public record PlaceOpening(Optional<Ghost> ghost, Hand hand, Turned turned, Optional<Between> centring, int count)
        implements Gesture, PlaceOpeningBuilder.With {
    private static final Ask<Length> BEFORE = Ask.distance("Before");
    private static final Ask<Length> AFTER = Ask.distance("After");
    private static final Ask<Length> WIDTH = Ask.distance("Width");
    private static final Ask<Integer> COUNT =
            Ask.count("Count", 1, 99, "\"%s\" is no number of openings. Type a whole number up to 99.");

    private static final String USE = "Click, or type a distance. R hand, F side, C centre, W width.";

    /** Whether the swing follows the pointer's side or the other. */
    public enum Turned {
        TO_POINTER,
        AWAY
    }

    /** Whether what lies near catches the ghost. */
    public enum Catching {
        ON,
        OFF
    }

    /** A place pointed at in a wall; what would go in there follows from what is chosen. */
    public record Ghost(Wall wall, Point pointer, Catching catching) {}

    /** Nothing under the pointer yet. */
    public static PlaceOpening begin() {
        return new PlaceOpening(Optional.empty(), Hand.FIRST, Turned.TO_POINTER, Optional.empty(), 1);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer.at(), pointer.keys().control()));
    }

    private PlaceOpening aimed(Surroundings scene, Point p, boolean free) {
        var catching = free ? Catching.OFF : Catching.ON;
        return withGhost(
                Picking.wall(scene.geometry(), p, 2.5 * scene.reachMm()).map(w -> new Ghost(w, p, catching)));
    }

    private Spot spot(Surroundings scene, Ghost ghost) {
        var wall = ghost.wall;
        var along = Math.clamp(wall.line().along(ghost.pointer), 0, wall.line().length());
        var placing = placing(scene, ghost);
        if (placing.like().kind() == OpeningKind.CORNER_WINDOW) {
            return placing.atCorner(along);
        }
        return centring.map(between -> placing.centred(along, between))
                .orElseGet(() -> placing.at(along, ghost.catching == Catching.OFF ? 0 : scene.reachMm()));
    }

    private OpeningPlacing placing(Surroundings scene, Ghost ghost) {
        return new OpeningPlacing(scene.geometry(), ghost.wall, like(scene, ghost.wall, ghost.pointer));
    }

    /** The opening of the tray in a wall, hung as it now is. */
    private Opening like(Surroundings scene, Wall wall, Point p) {
        var chosen = scene.choices().opening();
        var size = chosen.size();
        return new Opening(
                new OpeningId(scene.plan().nextNumber()),
                chosen.kind(),
                wall.id(),
                Length.ZERO,
                size.width(),
                size.sill(),
                size.head(),
                hand,
                swing(wall, p),
                Keeping.AS_PUT,
                Opening.Build.USUAL.withProduct(chosen.product()),
                wall.works() == Wall.Works.EXISTING ? scene.choices().works() : Wall.Works.EXISTING);
    }

    private Swing swing(Wall wall, Point p) {
        var side = wall.line().offset(p) >= 0 ? Swing.LEFT : Swing.RIGHT;
        return turned == Turned.TO_POINTER ? side : side.flipped();
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var aimed = aimed(scene, pointer.at(), pointer.keys().control());
        return aimed.ghost.map(g -> aimed.place(scene, aimed.spot(scene, g))).orElse(Reply.to(aimed));
    }

    private Reply place(Surroundings scene, Spot spot) {
        if (spot.fit() == OpeningPlacing.Fit.NONE) {
            return Reply.complain(this, noRoom(scene, spot));
        }
        if (count > 1) {
            return placeRow(scene, spot);
        }
        return put(
                scene.choices().opening().kind() == OpeningKind.CORNER_WINDOW
                        ? OpeningEdits.addCorner(scene.plan(), scene.storey(), scene.geometry(), spot.opening())
                        : Outcome.done(one(OpeningEdits.add(scene.plan(), scene.storey(), spot.opening()))),
                withGhost(Optional.empty()),
                "Put in " + words(scene));
    }

    private static OpeningEdits.Put one(Added<OpeningId> added) {
        return new OpeningEdits.Put(added.plan(), Set.of(added.id()));
    }

    private static String words(Surroundings scene) {
        return scene.choices().opening().kind().label().toLowerCase(Locale.ROOT);
    }

    private Reply placeRow(Surroundings scene, Spot spot) {
        return put(
                OpeningEdits.addRow(scene.plan(), scene.storey(), scene.geometry(), spot.opening(), count),
                begin(),
                "Put in " + count + " openings");
    }

    private Reply put(Outcome<OpeningEdits.Put> outcome, Gesture next, String action) {
        return switch (outcome) {
            case Outcome.Done<OpeningEdits.Put>(var put) ->
                Reply.commit(next, put.plan(), action).picking(Set.copyOf(put.ids()));
            case Outcome.Refused<OpeningEdits.Put> no ->
                Reply.complain(
                        this, no.sentence(count > 1 ? "They cannot be put in there" : "It cannot be put in there"));
        };
    }

    private static String noRoom(Surroundings scene, Spot spot) {
        return "There is no room for it in this wall: the longest free stretch is "
                + LengthText.roundedWithUnit(Length.ofMm(spot.longestMm()), scene.units())
                + ". Type a smaller width, or choose another wall.";
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return ghost.map(g -> typed(scene, g, typed))
                .orElseGet(() -> Reply.complain(this, "Move the pointer onto a wall first."));
    }

    private Reply typed(Surroundings scene, Ghost g, Typed typed) {
        var many = typed.of(COUNT).orElse(count);
        return switch (placing(scene, g).typed(spot(scene, g), typed.of(BEFORE), typed.of(AFTER), typed.of(WIDTH))) {
            case OpeningPlacing.Typed.Placed(var spot) -> withCount(many).place(scene, spot);
            case OpeningPlacing.Typed.Refused(var why) -> Reply.complain(this, "That cannot be: " + why + ".");
        };
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        if (ghost.isEmpty()) { // what was put in last is still picked: the key is for it
            var picked = PickedOpenings.key(this, scene, key);
            if (picked.isPresent()) {
                return picked.get();
            }
        }
        return Reply.to(
                switch (key) {
                    case TURN -> withHand(hand.flipped());
                    case FLIP -> withTurned(otherWay());
                    case CLOSE -> withCentring(nextCentring());
                    case NEXT -> better(scene);
                    case AWAY -> this;
                });
    }

    /** Hung so that nothing speaks against it, if there is such a way; N asks for it. */
    private PlaceOpening better(Surroundings scene) {
        return ghost.flatMap(g -> judgement(scene).better(cut(scene, g, spot(scene, g))))
                .map(o -> {
                    var toPointer = swing(ghost.orElseThrow().wall, ghost.orElseThrow().pointer) == o.swing();
                    return with(copy -> copy.hand(o.hand()).turned(toPointer ? turned : otherWay()));
                })
                .orElse(this);
    }

    private Turned otherWay() {
        return turned == Turned.TO_POINTER ? Turned.AWAY : Turned.TO_POINTER;
    }

    private static SwingJudgement judgement(Surroundings scene) {
        return new SwingJudgement(scene.geometry(), scene.plan());
    }

    private static OpeningCut cut(Surroundings scene, Ghost g, Spot spot) {
        return OpeningCut.in(scene.plan(), scene.geometry().storey(), g.wall, spot.opening());
    }

    /** From free to centred between walls, between neighbours, between the room's faces, and free again. */
    private Optional<Between> nextCentring() {
        var at = centring.map(Between::ordinal).orElse(-1) + 1;
        return at < Between.values().length ? Optional.of(Between.values()[at]) : Optional.empty();
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return ghost.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (ghost.isEmpty()) {
            return Readout.hint("Point at a wall. R changes the hand, F the side, C centres, W changes the width.");
        }
        var spot = spot(scene, ghost.get());
        var sides = scene.geometry()
                .storey()
                .wall(spot.opening().host())
                .map(host -> Ends.of(host.chord()))
                .orElse(new Ends("Before", "After"));
        return new Readout(
                List.of(
                        new Readout.Field(BEFORE, shown(scene, spot.bounds().beforeMm(spot.opening())), sides.from()),
                        new Readout.Field(AFTER, shown(scene, spot.bounds().afterMm(spot.opening())), sides.to()),
                        new Readout.Field(
                                WIDTH, LengthText.rounded(spot.opening().width(), scene.units())),
                        new Readout.Field(COUNT, Integer.toString(count))),
                spot.caught(),
                hint(scene, ghost.get(), spot),
                scene.choices().opening().kind().label() + " "
                        + LengthText.rounded(spot.opening().width(), scene.units())
                        + inTheWorks(spot.opening()));
    }

    private static String inTheWorks(Opening opening) {
        return opening.works() == Wall.Works.EXISTING
                ? ""
                : ", " + opening.works().ofOpening().toLowerCase(Locale.ROOT);
    }

    private static String hint(Surroundings scene, Ghost g, Spot spot) {
        if (spot.fit() == OpeningPlacing.Fit.NONE) {
            return noRoom(scene, spot);
        }
        var against = judgement(scene).of(cut(scene, g, spot));
        return against.isEmpty() ? USE : upper(against.getFirst().kind().label()) + ". N hangs it clear of that.";
    }

    private static String upper(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return ghost.map(g -> marks(scene, g)).orElse(List.of());
    }

    private List<Mark> marks(Surroundings scene, Ghost g) {
        var spot = spot(scene, g);
        var cut = cut(scene, g, spot);
        if (spot.fit() == OpeningPlacing.Fit.NONE) {
            return Sketches.noRoom(scene.frame(), cut, scene.penMm());
        }
        var out = new ArrayList<>(Sketches.opening(scene.view().look(), scene.frame(), cut, scene.penMm()));
        judgement(scene).of(cut).forEach(c -> out.addAll(Sketches.conflict(scene.frame(), c.parts(), scene.penMm())));
        return out;
    }
}
