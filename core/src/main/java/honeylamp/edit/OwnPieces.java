package honeylamp.edit;

import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnPlace;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import honeylamp.plan.Stand;
import honeylamp.plan.Stretch;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Drawing own pieces. All pieces of a kind in a plan share one drawing: what is changed on one is changed on all, and each
 * keeps the size and the place it has but for what the drawing grew or shrank by.
 */
public final class OwnPieces {
    private static final Length LEAST = Length.ofMm(1);
    private static final Length MOST = Length.ofMm(50_000);
    private static final Length LEAST_REPEATED = Length.ofMm(10);
    private static final int MOST_CORNERS = 20_000;

    private OwnPieces() {}

    /**
     * How a part is drawn.
     *
     * @param fill empty for a line alone
     */
    public record Style(Optional<Role> fill, OwnPart.Pen pen, Length bottom, Length top) {
        OwnPart part(OwnLine line) {
            return new OwnPart("", List.of(line), line.isClosed() ? fill : Optional.empty(), pen, bottom, top);
        }
    }

    /** Begins a piece with a line in plan mm as its first part, its front to the south. */
    public static Outcome<Added<FurnishingId>> begin(Plan plan, StoreyId storey, OwnLine line, Style style) {
        return begin(plan, storey, freeName(plan), List.of(style.part(line)), Stand.FREE);
    }

    /** Begins a piece whose parts lie in plan mm. */
    public static Outcome<Added<FurnishingId>> begin(
            Plan plan, StoreyId storey, String name, List<OwnPart> parts, Stand stand) {
        var box = OwnLines.bounds(parts);
        return normal(piece(name, stand, parts)).map(own -> {
            var at = Position.of(box.centre());
            return FurnishingEdits.add(plan, storey, placed(own, at));
        });
    }

    /** A drawing whose parts lie anywhere, moved to begin at its left front corner. */
    public static Outcome<OwnPiece> drawn(String name, Stand stand, List<OwnPart> parts) {
        return normal(piece(name, stand, parts));
    }

    private static OwnPiece piece(String name, Stand stand, List<OwnPart> parts) {
        return new OwnPiece(
                name,
                stand,
                LEAST,
                LEAST,
                LEAST,
                Length.ZERO,
                parts,
                Stretch.all(LEAST),
                Stretch.all(LEAST),
                Stretch.all(LEAST),
                "",
                Buying.UNKNOWN);
    }

    /** A piece as it was drawn, its middle at a place, its front to the south. */
    public static Furnishing placed(OwnPiece own, Position at) {
        return new Furnishing(new FurnishingId(0), own.key(), own.width(), own.depth(), own.height(), at, 0)
                .with(copy -> copy.bottom(own.bottom()).buying(own.buying()).own(Optional.of(own)));
    }

    /** A name no own piece of the plan has. */
    static String freeName(Plan plan) {
        var taken = new HashSet<String>();
        all(plan).forEach(own -> taken.add(own.name()));
        var number = 1;
        while (taken.contains("Own piece " + number)) {
            number++;
        }
        return "Own piece " + number;
    }

    /** All drawings in a plan, each once. */
    public static List<OwnPiece> all(Plan plan) {
        return plan.storeys().stream()
                .flatMap(s -> s.furnishings().stream())
                .flatMap(f -> f.own().stream())
                .distinct()
                .toList();
    }

    /** What can be placed in a plan: its own drawings, then those that are kept under other names. */
    public static List<OwnPiece> known(Plan plan, List<OwnPiece> kept) {
        var out = new LinkedHashMap<String, OwnPiece>();
        Stream.concat(all(plan).stream(), kept.stream()).forEach(own -> out.putIfAbsent(own.name(), own));
        return List.copyOf(out.values());
    }

    /** Draws a line in plan mm onto a piece. */
    public static Outcome<Plan> draw(Plan plan, OwnPlace on, OwnLine line, Style style) {
        return changed(plan, on.own(), Lists.plus(on.own().parts(), style.part(on.drawn(line))));
    }

    /** Cuts what a closed line in plan mm goes round out of all parts it lies on, whatever their height. */
    public static Outcome<Plan> cutOut(Plan plan, OwnPlace on, OwnLine line) {
        var away = new OwnPart(
                "",
                List.of(on.drawn(line)),
                Optional.empty(),
                OwnPart.Pen.NONE,
                Length.ZERO,
                on.own().height());
        return line.isClosed()
                ? changed(plan, on.own(), OwnParts.without(on.own().parts(), away))
                : Outcome.refused("an open line cuts nothing out", "Close it with C or at its first corner.");
    }

    /** Cuts a part out of those it lies on; it is gone then. */
    public static Outcome<Plan> cutOut(Plan plan, OwnPiece own, int part) {
        var away = own.parts().get(part);
        var others = new ArrayList<>(own.parts());
        others.remove(part);
        return away.outer().isClosed()
                ? changed(plan, own, OwnParts.without(others, away))
                : Outcome.refused("an open line cuts nothing out");
    }

    /** Puts another part in the place of one. */
    public static Outcome<Plan> put(Plan plan, OwnPiece own, int part, OwnPart other) {
        var parts = new ArrayList<>(own.parts());
        parts.set(part, other);
        return changed(plan, own, parts);
    }

    /** Adds parts behind all others. */
    public static Outcome<Plan> add(Plan plan, OwnPiece own, List<OwnPart> more) {
        return changed(plan, own, Lists.plusAll(own.parts(), more));
    }

    /** A part as it would be on the other side of its piece. */
    public static OwnPart otherSide(OwnPiece own, OwnPart part) {
        return OwnParts.mirrored(part, own.width().half());
    }

    /** Takes a part away. */
    public static Outcome<Plan> remove(Plan plan, OwnPiece own, int part) {
        if (own.parts().size() == 1) {
            return Outcome.refused("it is the only part", "Delete the piece instead.");
        }
        var parts = new ArrayList<>(own.parts());
        parts.remove(part);
        return changed(plan, own, parts);
    }

    /** Draws a part later by so many places, or earlier if less than 0; the last lies uppermost. */
    public static Outcome<Plan> reorder(Plan plan, OwnPiece own, int part, int later) {
        var parts = new ArrayList<>(own.parts());
        var one = parts.remove(part);
        parts.add(Math.clamp(part + (long) later, 0, parts.size()), one);
        return changed(plan, own, parts);
    }

    private static Outcome<Plan> changed(Plan plan, OwnPiece own, Outcome<List<OwnPart>> change) {
        return change.then(parts -> {
            if (parts.isEmpty()) {
                return Outcome.refused("nothing of the piece would be left", "Delete the piece instead.");
            }
            if (parts.size() > OwnPiece.MOST_PARTS || corners(parts) > MOST_CORNERS) {
                return Outcome.refused(
                        "a piece has at most " + OwnPiece.MOST_PARTS + " parts and " + MOST_CORNERS + " corners");
            }
            var box = OwnLines.bounds(parts);
            return normal(own.withParts(parts)).map(drawn -> redrawn(plan, own, drawn, box));
        });
    }

    private static Outcome<Plan> changed(Plan plan, OwnPiece own, List<OwnPart> parts) {
        return changed(plan, own, Outcome.done(parts));
    }

    private static int corners(List<OwnPart> parts) {
        return parts.stream()
                .flatMap(p -> p.lines().stream())
                .mapToInt(l -> l.corners().size())
                .sum();
    }

    /** The drawing moved to begin at its left front corner, its sizes those of the box around its parts. */
    private static Outcome<OwnPiece> normal(OwnPiece own) {
        var box = OwnLines.bounds(own.parts());
        var left = Length.ofMm(box.minX());
        var front = Length.ofMm(box.minY());
        var width = Length.max(LEAST, Length.ofMm(box.maxX()).minus(left));
        var depth = Length.max(LEAST, Length.ofMm(box.maxY()).minus(front));
        var height = own.parts().stream().map(OwnPart::top).reduce(LEAST, Length::max);
        if (Length.max(width, Length.max(depth, height)).compareTo(MOST) > 0) {
            return Outcome.refused("a piece is at most 50 m long");
        }
        return Outcome.done(own.with(copy -> copy.parts(own.parts().stream()
                        .map(p -> OwnParts.moved(p, left.negated(), front.negated()))
                        .toList())
                .width(width)
                .depth(depth)
                .height(height)
                .across(kept(own.across(), own.width(), left, width))
                .deep(kept(own.deep(), own.depth(), front, depth))
                .up(kept(own.up(), own.height(), Length.ZERO, height))));
    }

    /** A zone that was all of a size stays that; another stays where it was on the piece. */
    private static Stretch kept(Stretch zone, Length before, Length begins, Length after) {
        if (zone.equals(Stretch.all(before))) {
            return Stretch.all(after);
        }
        var from = Length.max(Length.ZERO, Length.min(zone.from().minus(begins), after));
        var to = Length.min(after, zone.to().minus(begins));
        return to.compareTo(from) > 0 ? new Stretch(from, to, zone.zone()) : Stretch.all(after);
    }

    /** All pieces of a drawing drawn anew. */
    private static Plan redrawn(Plan plan, OwnPiece before, OwnPiece after, Box box) {
        return each(plan, before, f -> {
            var wider = after.width().minus(before.width());
            var deeper = after.depth().minus(before.depth());
            var shift = new Point(box.minX() + wider.mm() / 2, box.minY() + deeper.mm() / 2);
            var at = f.placing().apply(shift);
            return f.with(copy -> copy.own(Optional.of(after))
                    .kind(after.key())
                    .width(Length.max(LEAST, f.width().plus(wider)))
                    .depth(Length.max(LEAST, f.depth().plus(deeper)))
                    .height(Length.max(LEAST, f.height().plus(after.height().minus(before.height()))))
                    .at(shift.length() == 0 ? f.at() : Position.of(at)));
        });
    }

    private static Plan each(Plan plan, OwnPiece own, UnaryOperator<Furnishing> change) {
        var out = plan;
        for (var storey : plan.storeys()) {
            out = out.withStorey(
                    storey.id(),
                    s -> s.with(
                            Furnishing.class,
                            Lists.changed(
                                    s.furnishings(),
                                    f -> f.own().filter(own::equals).isPresent(),
                                    change)));
        }
        return out;
    }

    /** Calls the kind something else. */
    public static Outcome<Plan> rename(Plan plan, OwnPiece own, String name) {
        var plain = name.strip();
        if (plain.isEmpty() || plain.length() > OwnPiece.LONGEST) {
            return Outcome.refused("a piece has a name of at most " + OwnPiece.LONGEST + " letters");
        }
        if (!plain.equals(own.name())
                && all(plan).stream().anyMatch(o -> o.name().equals(plain))) {
            return Outcome.refused("another own piece of this plan is called \"" + plain + "\"");
        }
        return Outcome.done(told(plan, own, own.withName(plain)));
    }

    /** What is known of the kind, and its zones, changed; its parts stay. */
    public static Plan told(Plan plan, OwnPiece own, OwnPiece other) {
        return each(plan, own, f -> f.with(copy -> copy.own(Optional.of(other)).kind(other.key())));
    }

    /** All of it in proportion, so wide; its height stays. */
    public static Outcome<Plan> scaled(Plan plan, OwnPiece own, Length width) {
        var times = width.mm() / own.width().mm();
        return normal(own.with(copy -> copy.parts(own.parts().stream()
                                .map(p -> OwnParts.scaled(p, times))
                                .toList())
                        .across(times(own.across(), times))
                        .deep(times(own.deep(), times))))
                .map(after -> each(
                        plan,
                        own,
                        f -> f.with(copy -> copy.own(Optional.of(after))
                                .width(Length.max(LEAST, f.width().times(times)))
                                .depth(Length.max(LEAST, f.depth().times(times))))));
    }

    private static Stretch times(Stretch zone, double times) {
        return new Stretch(zone.from().times(times), zone.to().times(times), zone.zone());
    }

    /** What becomes of it in one direction at other sizes; refused where the zone is none. */
    public static Outcome<Plan> stretch(
            Plan plan, OwnPiece own, Direction direction, Length from, Length to, Stretch.Zone zone) {
        if (from.isNegative() || to.compareTo(from) <= 0 || to.compareTo(direction.size(own)) > 0) {
            return Outcome.refused("what grows lies within the piece, and ends behind its beginning");
        }
        if (zone == Stretch.Zone.REPEATS && to.minus(from).compareTo(LEAST_REPEATED) < 0) {
            return Outcome.refused("what repeats is at least 10 mm wide", "Let it grow, or make the zone wider.");
        }
        var stretch = new Stretch(from, to, zone);
        return Outcome.done(told(
                plan,
                own,
                switch (direction) {
                    case ACROSS -> own.withAcross(stretch);
                    case DEEP -> own.withDeep(stretch);
                    case UP -> own.withUp(stretch);
                }));
    }

    /** A direction of a drawing. */
    public enum Direction {
        ACROSS("Across"),
        DEEP("Front to back"),
        UP("Upwards");

        private final String label;

        Direction(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** How a drawing takes on another size. */
        public Stretch of(OwnPiece own) {
            return switch (this) {
                case ACROSS -> own.across();
                case DEEP -> own.deep();
                case UP -> own.up();
            };
        }

        /** The size it was drawn in. */
        public Length size(OwnPiece own) {
            return switch (this) {
                case ACROSS -> own.width();
                case DEEP -> own.depth();
                case UP -> own.height();
            };
        }
    }

    /** The right side of the kind is its front from now on; nothing of it moves. */
    public static Plan frontToRight(Plan plan, OwnPiece own) {
        var wide = own.width();
        var turned = own.with(copy -> copy.parts(own.parts().stream()
                        .map(p -> OwnParts.quarterTurned(p, wide))
                        .toList())
                .width(own.depth())
                .depth(wide)
                .across(own.deep())
                .deep(new Stretch(
                        wide.minus(own.across().to()),
                        wide.minus(own.across().from()),
                        own.across().zone())));
        return each(
                plan,
                own,
                f -> f.with(copy ->
                                copy.own(Optional.of(turned)).width(f.depth()).depth(f.width()))
                        .turnedTo(f.turnDeg() + (f.sense() == Sense.MIRRORED ? -90 : 90)));
    }
}
