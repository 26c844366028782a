package honeylamp.edit;

import honeylamp.derive.traced.ScaleFit;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.KnownLength;
import honeylamp.plan.Linework;
import honeylamp.plan.PictureNote;
import honeylamp.plan.Placing;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Squaring;
import honeylamp.plan.Storey;
import honeylamp.plan.Treatment;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Lock;
import honeylamp.plan.Underlay.Picture;
import honeylamp.plan.Underlay.Sight;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Bringing in pictures to trace and making them true. */
public final class UnderlayEdits {
    /** A new picture is first taken to be so wide, until a known length says better. */
    private static final double FIRST_WIDTH_MM = 15_000;

    private UnderlayEdits() {}

    /** What happens to traced work when a picture gets another scale, turn or place. */
    public enum TracedWork {
        /** It keeps its sizes and its place. */
        STAYS,
        /** It goes along with the picture, as if both were one drawing. */
        GOES_ALONG
    }

    /** Adds a picture, centred on a point, at a guessed scale. */
    public static Added<UnderlayId> add(Plan plan, StoreyId storey, Picture picture, Point centre) {
        return add(plan, storey, picture, centre, FIRST_WIDTH_MM / picture.widthPx());
    }

    /** Adds a picture of a known scale, centred on a point. */
    public static Added<UnderlayId> add(Plan plan, StoreyId storey, Picture picture, Point centre, double mmPerPixel) {
        var id = new UnderlayId(plan.nextNumber());
        var at = Position.ofMm(
                centre.x() - picture.widthPx() * mmPerPixel / 2, centre.y() + picture.heightPx() * mmPerPixel / 2);
        var underlay = Underlay.of(id, picture, Placing.of(at, mmPerPixel, 0));
        return new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Underlay.class, Lists.plus(s.underlays(), underlay))),
                id);
    }

    /** The plan with the lines that a picture was drawn with. */
    public static Plan withLines(Plan plan, StoreyId storey, UnderlayId id, Linework lines) {
        return change(plan, storey, id, u -> u.withLinework(Optional.of(lines)));
    }

    /** Chooses whether walls are read from a layer of a drawing's lines. */
    public static Plan useLayer(Plan plan, StoreyId storey, UnderlayId id, int layer, Linework.Use use) {
        return change(plan, storey, id, u -> u.withLinework(u.linework().map(l -> l.using(layer, use))));
    }

    /** Chooses whether walls are read from any of a drawing's lines. */
    public static Plan useLayers(Plan plan, StoreyId storey, UnderlayId id, Linework.Use use) {
        return change(plan, storey, id, u -> u.withLinework(u.linework().map(l -> l.using(use))));
    }

    /** Adds a known length and gives the picture the scale that all of them give together. */
    public static Plan addKnown(Plan plan, StoreyId storey, UnderlayId id, KnownLength known, TracedWork traced) {
        return refitted(plan, storey, id, traced, u -> u.withKnownLengths(Lists.plus(u.knownLengths(), known)));
    }

    /** Changes one known length and fits the scale anew. */
    public static Plan changeKnown(
            Plan plan,
            StoreyId storey,
            UnderlayId id,
            int index,
            UnaryOperator<KnownLength> change,
            TracedWork traced) {
        return refitted(plan, storey, id, traced, u -> {
            var known = new ArrayList<>(u.knownLengths());
            known.set(index, change.apply(known.get(index)));
            return u.withKnownLengths(known);
        });
    }

    /** Takes one known length away and fits the scale anew. */
    public static Plan removeKnown(Plan plan, StoreyId storey, UnderlayId id, int index, TracedWork traced) {
        return refitted(plan, storey, id, traced, u -> {
            var known = new ArrayList<>(u.knownLengths());
            known.remove(index);
            return u.withKnownLengths(known);
        });
    }

    /** Gives a picture one scale, or separate ones for its rows and columns, and fits anew. */
    public static Plan setAxes(Plan plan, StoreyId storey, UnderlayId id, Axes axes, TracedWork traced) {
        return refitted(plan, storey, id, traced, u -> {
            var mean = u.placing().mmPerPixel();
            return u.withPlacing(
                    axes == Axes.ONE
                            ? u.placing().scaled(mean, mean, axes)
                            : u.placing()
                                    .scaled(
                                            u.placing().mmPerPixelX(),
                                            u.placing().mmPerPixelY(),
                                            axes));
        });
    }

    /** Changes known lengths, then fits; the first mark of the first length keeps its place in the plan. */
    private static Plan refitted(
            Plan plan, StoreyId storey, UnderlayId id, TracedWork traced, UnaryOperator<Underlay> change) {
        return placed(plan, storey, id, traced, before -> {
            var u = change.apply(before);
            return ScaleFit.of(u)
                    .map(fit -> {
                        var pin = u.knownLengths().getFirst().firstPx();
                        var placing = u.placing()
                                .scaled(
                                        fit.mmPerPixelX(),
                                        fit.mmPerPixelY(),
                                        u.placing().axes());
                        return pinned(u.withPlacing(placing), pin, before.plan(pin));
                    })
                    .orElse(u);
        });
    }

    /** The underlay moved so that one of its pixels lies at a point of the plan. */
    private static Underlay pinned(Underlay u, Point px, Point target) {
        var off = target.minus(u.plan(px));
        var at = u.placing().at().point().plus(off);
        return u.withPlacing(u.placing().at(Position.of(at)));
    }

    /** Turns a picture so that a line between two of its pixels runs level or plumb, about the first of them. */
    public static Plan level(
            Plan plan, StoreyId storey, UnderlayId id, Point firstPx, Point secondPx, TracedWork traced) {
        return placed(plan, storey, id, traced, u -> {
            var slope = u.plan(secondPx).minus(u.plan(firstPx)).angleDeg();
            var nearest = 90 * Math.rint(slope / 90); // level or plumb, whichever is nearer
            return turned(u, nearest - slope, firstPx);
        });
    }

    /** Turns a picture by an angle, counter-clockwise, about the middle of what is shown of it. */
    public static Plan turn(Plan plan, StoreyId storey, UnderlayId id, double byDeg, TracedWork traced) {
        return placed(
                plan, storey, id, traced, u -> turned(u, byDeg, u.shownPx().centre()));
    }

    private static Underlay turned(Underlay u, double byDeg, Point aboutPx) {
        var turned = u.withPlacing(u.placing().turned(u.placing().turnDeg() + byDeg));
        return pinned(turned, aboutPx, u.plan(aboutPx));
    }

    /** Moves a picture so that one of its pixels lies at a point of the plan. */
    public static Plan putPoint(Plan plan, StoreyId storey, UnderlayId id, Point px, Point target, TracedWork traced) {
        return placed(plan, storey, id, traced, u -> pinned(u, px, target));
    }

    /** Places a picture by typed values; traced work stays. */
    public static Plan place(Plan plan, StoreyId storey, UnderlayId id, Placing placing) {
        return change(plan, storey, id, u -> u.withPlacing(placing));
    }

    /**
     * Squares a picture up by four corners of something rectangular. With a true size of that rectangle the
     * picture gets its scale too; otherwise the rectangle keeps the mean length of its sides. The first
     * corner keeps its place and the side from it to the second runs level. Traced work stays. Refused if the corners
     * do not go round one shape.
     */
    public static Outcome<Plan> squareUp(
            Plan plan,
            StoreyId storey,
            UnderlayId id,
            List<Point> cornersPx,
            Optional<Length> width,
            Optional<Length> height) {
        return Squaring.whyNot(cornersPx)
                .map(Outcome::<Plan>refused)
                .orElseGet(() -> Outcome.done(squared(plan, storey, id, cornersPx, width, height)));
    }

    private static Plan squared(
            Plan plan,
            StoreyId storey,
            UnderlayId id,
            List<Point> cornersPx,
            Optional<Length> width,
            Optional<Length> height) {
        return change(plan, storey, id, u -> {
            var plain = Squaring.of(cornersPx);
            var squaring = width.isPresent() && height.isPresent()
                    ? plain.proportioned(width.get().mm() / height.get().mm())
                    : plain;
            var target = u.plan(cornersPx.getFirst());
            var scale = width.map(w -> w.mm() / squaring.widthPx())
                    .or(() -> height.map(h -> h.mm() / squaring.heightPx()))
                    .orElse(u.placing().mmPerPixel());
            var placing = Placing.of(u.placing().at(), scale, 0);
            return pinned(u.withSquaring(Optional.of(squaring)).withPlacing(placing), cornersPx.getFirst(), target);
        });
    }

    /** Takes squaring up back; the middle of what is shown keeps its place. */
    public static Plan unsquare(Plan plan, StoreyId storey, UnderlayId id) {
        return change(plan, storey, id, u -> {
            var middle = u.shownPx().centre();
            return pinned(u.withSquaring(Optional.empty()), middle, u.plan(middle));
        });
    }

    /** Shows only a part of a picture, in picture pixels; the whole of it if empty. */
    public static Plan crop(Plan plan, StoreyId storey, UnderlayId id, Optional<Box> part) {
        return change(
                plan,
                storey,
                id,
                u -> u.withCrop(part.flatMap(p -> p.shared(u.picture().box()))));
    }

    /** Lays a part of a picture on another storey too, at the same place and scale. */
    public static Added<UnderlayId> partFor(Plan plan, StoreyId storey, UnderlayId id, Box part, StoreyId target) {
        var from = underlay(plan.storey(storey), id);
        var fresh = new UnderlayId(plan.nextNumber());
        var copy =
                from.withId(fresh).withCrop(part.shared(from.picture().box())).withNotes(List.of());
        return new Added<>(
                plan.numbersTaken(1).withStorey(target, s -> s.with(Underlay.class, Lists.plus(s.underlays(), copy))),
                fresh);
    }

    /** Moves a picture by a shift, unless it is locked. */
    public static Plan move(Plan plan, StoreyId storey, UnderlayId id, Length dx, Length dy) {
        return change(
                plan,
                storey,
                id,
                u -> u.lock() == Lock.LOCKED
                        ? u
                        : u.withPlacing(u.placing().at(u.placing().at().moved(dx, dy))));
    }

    /** Shows a picture in another way: fade, tint, tone, below or above. */
    public static Plan treat(Plan plan, StoreyId storey, UnderlayId id, UnaryOperator<Treatment> change) {
        return change(plan, storey, id, u -> u.withTreatment(change.apply(u.treatment())));
    }

    /** Locks or frees a picture. */
    public static Plan lock(Plan plan, StoreyId storey, UnderlayId id, Lock lock) {
        return change(plan, storey, id, u -> u.withLock(lock));
    }

    /** Shows or hides one picture. */
    public static Plan show(Plan plan, StoreyId storey, UnderlayId id, Sight sight) {
        return change(plan, storey, id, u -> u.withSight(sight));
    }

    /** Shows or hides all pictures of a storey. */
    public static Plan showAll(Plan plan, StoreyId storey, Sight sight) {
        return plan.withStorey(
                storey, s -> s.with(Underlay.class, Lists.changed(s.underlays(), _ -> true, u -> u.withSight(sight))));
    }

    /** Lays a picture so many places higher in the pile; at most on top, at least at the bottom. */
    public static Plan raise(Plan plan, StoreyId storey, UnderlayId id, int by) {
        return plan.withStorey(storey, s -> {
            var pile = new ArrayList<>(s.underlays());
            var picked = underlay(s, id);
            var to = Math.clamp(pile.indexOf(picked) + by, 0, pile.size() - 1);
            pile.remove(picked);
            pile.add(to, picked);
            return pile.equals(s.underlays()) ? s : s.with(Underlay.class, pile);
        });
    }

    /** Puts a note on a picture. */
    public static Plan note(Plan plan, StoreyId storey, UnderlayId id, PictureNote note) {
        return change(plan, storey, id, u -> u.withNotes(Lists.plus(u.notes(), note)));
    }

    /** Takes a note off a picture. */
    public static Plan removeNote(Plan plan, StoreyId storey, UnderlayId id, int index) {
        return change(plan, storey, id, u -> {
            var notes = new ArrayList<>(u.notes());
            notes.remove(index);
            return u.withNotes(notes);
        });
    }

    private static Underlay underlay(Storey storey, UnderlayId id) {
        return storey.elements().find(Underlay.class, id).orElseThrow();
    }

    /** Places a picture anew, with or without the work that was traced from it. */
    private static Plan placed(
            Plan plan, StoreyId storey, UnderlayId id, TracedWork traced, UnaryOperator<Underlay> change) {
        var before = underlay(plan.storey(storey), id);
        var next = change(plan, storey, id, change);
        if (traced == TracedWork.STAYS) {
            return next;
        }
        var after = underlay(next.storey(storey), id);
        Affine way = before.placing().affine().inverse().then(after.placing().affine());
        return next.withStorey(storey, s -> AlongWithPicture.moved(s, way));
    }

    private static Plan change(Plan plan, StoreyId storey, UnderlayId id, UnaryOperator<Underlay> change) {
        return plan.withStorey(storey, s -> s.change(Underlay.class, id, change));
    }
}
