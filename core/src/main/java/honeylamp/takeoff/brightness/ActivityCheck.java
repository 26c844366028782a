package honeylamp.takeoff.brightness;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.Lit;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.ActivityPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Wall.Works;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is probably wrong with the light where things are done, once a room has lamps: too little of it, a hand that works in
 * its own shadow, a lamp that dazzles beside a screen or in it, one light for two activities on one seat. Each says why.
 */
public final class ActivityCheck {
    /** Less than this share of what is wanted is too little. */
    private static final double TOO_LITTLE = 0.5;

    /** So much of the light from behind puts the hand into its shadow. */
    private static final double FROM_BEHIND = 0.6;

    /** A lamp so far behind one is behind one. */
    private static final double BEHIND_MM = 200;

    /** Nearer than this two activities are on one seat. */
    private static final double ONE_SEAT_MM = 700;

    /** Light wanted so many times as strong is other light. */
    private static final double OTHER_LIGHT = 2;

    /** Eyes of one who sits. */
    private static final double EYES_MM = 1_150;

    /** A lamp seen so near to the way one looks dazzles, to the side and upwards. */
    private static final double IN_VIEW_DEG = 25;

    /** A beam narrower than this hides its lamp from the side. */
    private static final double OPEN_BEAM_DEG = 100;

    private static final double SCREEN_FAR_MM = 7_000;

    /** The picture of a screen reaches from here to there above the floor. */
    private static final double SCREEN_FROM_MM = 550;

    private static final double SCREEN_TO_MM = 1_350;

    private final StoreyGeometry geometry;
    private final LightingRules rules;
    private final Lit lit;
    private final Function<Placed, Optional<RoomLight>> rooms;

    /**
     * Checks by what shines.
     *
     * @param rooms the light in the room of a mark, if it is in one that has lamps
     */
    ActivityCheck(StoreyGeometry geometry, LightingRules rules, Lit lit, Function<Placed, Optional<RoomLight>> rooms) {
        this.geometry = geometry;
        this.rules = rules;
        this.lit = lit;
        this.rooms = rooms;
    }

    /** What is wrong on a storey; nothing in rooms without lamps, and where no activity is marked. */
    public static List<Snag> of(LaidStorey storey) {
        return CheckedActivities.of(storey, Optional.empty()).snags();
    }

    /** What is wrong with the light at a mark. */
    List<Snag> light(Placed mark) {
        var out = new ArrayList<Snag>();
        rooms.apply(mark).ifPresent(room -> {
            var spot = SpotLight.of(mark, lit, room.backLux(), rules);
            enough(mark, room.room(), spot).ifPresent(out::add);
            behind(mark, spot).ifPresent(out::add);
            if (mark.activity().doing() == Doing.WATCHING || mark.activity().doing() == Doing.DESK_WORK) {
                dazzled(mark, room.room()).ifPresent(out::add);
            }
        });
        return out;
    }

    private Optional<Snag> enough(Placed mark, Room room, SpotLight spot) {
        var doing = mark.activity().doing();
        var wanted = rules.lux(doing);
        return spot.lux() < TOO_LITTLE * wanted
                ? snag(
                        Snag.Kind.ACTIVITY_UNLIT,
                        mark,
                        List.of(),
                        doing.label() + " in " + name(room) + " has about " + LightLayers.rounded(spot.lux())
                                + " lx and wants " + wanted + ". Put a light nearer to it.")
                : Optional.empty();
    }

    private static String name(Room room) {
        return room.name().isBlank() ? "a room without a name" : room.name();
    }

    /** Where the hand works and most of the light comes over one's back. */
    private Optional<Snag> behind(Placed mark, SpotLight spot) {
        if (!mark.activity().doing().isByHand() || spot.shares().isEmpty()) {
            return Optional.empty();
        }
        var straight = spot.shares().stream().mapToDouble(SpotLight.Share::lux).sum();
        var behind = spot.shares().stream()
                .filter(s -> s.lamp().at().minus(mark.at()).dot(mark.ahead()) < -BEHIND_MM)
                .toList();
        var from = behind.stream().mapToDouble(SpotLight.Share::lux).sum();
        return from > FROM_BEHIND * straight && from > TOO_LITTLE * spot.lux()
                ? snag(
                        Snag.Kind.HAND_IN_LIGHT,
                        mark,
                        List.of(behind.getFirst().fitting().id()),
                        mark.activity().doing().label()
                                + " is lit from behind: the hand lies in its own shadow. Put a light before it, or over it.")
                : Optional.empty();
    }

    /** Lamps one sees while one looks at a screen, or that are mirrored in it. */
    private Optional<Snag> dazzled(Placed mark, Room room) {
        var screen = geometry.furnishingsIn(room).stream()
                .filter(f -> f.works() != Works.REMOVED && Furnishings.isScreen(f.kind()))
                .filter(f -> f.at().point().distance(mark.at()) < SCREEN_FAR_MM)
                .filter(f -> f.at().point().minus(mark.at()).unit().dot(mark.ahead()) > 0.7)
                .findFirst();
        for (var seen : lit.lamps()) {
            var lamp = seen.lamp();
            if (room.outline().contains(lamp.at()) && isOpen(lamp)) {
                if (isInView(mark, lamp)) {
                    return snag(
                            Snag.Kind.GLARE,
                            mark,
                            List.of(lamp.placed().fitting().id()),
                            "A lamp is in view while one is " + word(mark) + " in " + name(room)
                                    + ". Put it higher, aside, or behind a shade.");
                }
                if (screen.filter(s -> isMirrored(mark, s, lamp)).isPresent()) {
                    return snag(
                            Snag.Kind.GLARE,
                            mark,
                            List.of(lamp.placed().fitting().id()),
                            "A lamp is mirrored in the screen one looks at in " + name(room)
                                    + ". Put it elsewhere, or turn the screen.");
                }
            }
        }
        return Optional.empty();
    }

    private static String word(Placed mark) {
        return mark.activity().doing() == Doing.WATCHING ? "watching" : "at work";
    }

    /** Whether a lamp is seen from the side. */
    private static boolean isOpen(LampPoint lamp) {
        return lamp.placed().fitting().emission().orElseThrow().beamDeg() >= OPEN_BEAM_DEG
                && lamp.aim().up() <= 0;
    }

    private static boolean isInView(Placed mark, LampPoint lamp) {
        var way = lamp.at().minus(mark.at());
        var far = way.length();
        if (far < 1) {
            return false;
        }
        var up = Math.toDegrees(Math.atan2(lamp.heightMm() - EYES_MM, far));
        var aside = Math.toDegrees(Math.acos(Math.clamp(way.dot(mark.ahead()) / far, -1, 1)));
        return aside < IN_VIEW_DEG && Math.abs(up) < IN_VIEW_DEG;
    }

    /** Whether one sees a lamp in a screen: the way from the eye's own image behind the screen to it passes the picture. */
    private static boolean isMirrored(Placed mark, Furnishing screen, LampPoint lamp) {
        var inverse = screen.placing().inverse();
        var eye = inverse.apply(mark.at());
        var light = inverse.apply(lamp.at());
        var face = -screen.depth().mm() / 2; // the front looks to lower y
        var eyeFar = face - eye.y();
        var lightFar = face - light.y();
        if (eyeFar <= 0 || lightFar <= 0) {
            return false;
        }
        var part = eyeFar / (eyeFar + lightFar);
        var x = eye.x() + (light.x() - eye.x()) * part;
        var z = EYES_MM + (lamp.heightMm() - EYES_MM) * part;
        return Math.abs(x) < screen.width().mm() / 2 && z > SCREEN_FROM_MM && z < SCREEN_TO_MM;
    }

    /**
     * Two activities on one seat that want other light.
     *
     * @param more the one that wants more
     */
    record Seat(Placed more, Placed less) {}

    /** The seats of a storey on which two activities want other light. */
    static List<Seat> seats(List<Placed> marks, LightingRules rules) {
        var out = new ArrayList<Seat>();
        for (var i = 0; i < marks.size(); i++) {
            for (var k = i + 1; k < marks.size(); k++) {
                var a = marks.get(i);
                var b = marks.get(k);
                if (a.at().distance(b.at()) < ONE_SEAT_MM && wantOther(a, b, rules)) {
                    var isFirst = rules.lux(a.activity().doing())
                            >= rules.lux(b.activity().doing());
                    out.add(isFirst ? new Seat(a, b) : new Seat(b, a));
                }
            }
        }
        return out;
    }

    /** Whether only one group of lamps reaches a seat. */
    Optional<Snag> onSeat(Seat seat) {
        return rooms.apply(seat.more).flatMap(room -> oneForTwo(room, seat.more, seat.less));
    }

    private static boolean wantOther(Placed a, Placed b, LightingRules rules) {
        var x = rules.lux(a.activity().doing());
        var y = rules.lux(b.activity().doing());
        return Math.max(x, y) >= OTHER_LIGHT * Math.min(x, y);
    }

    private Optional<Snag> oneForTwo(RoomLight room, Placed more, Placed less) {
        var shares = SpotLight.of(more, lit, room.backLux(), rules).shares();
        var reaching = shares.stream()
                .filter(s -> s.lux() > 0.1 * rules.lux(less.activity().doing()))
                .map(SpotLight.Share::fitting)
                .collect(Collectors.groupingBy(
                        f -> f.group().map(Object.class::cast).orElse(f.id())));
        if (reaching.size() == 1) {
            return snag(
                    Snag.Kind.ONE_LIGHT_FOR_TWO,
                    more,
                    List.of(less.activity().id()),
                    more.activity().doing().label() + " and "
                            + less.activity().doing().label().toLowerCase(Locale.ROOT) + " share a seat in "
                            + name(room.room()) + " and one light. They want "
                            + rules.lux(more.activity().doing())
                            + " and " + rules.lux(less.activity().doing())
                            + " lx: put a second light there that is switched by itself.");
        }
        return Optional.empty();
    }

    private static Optional<Snag> snag(Snag.Kind kind, Placed mark, List<ElementId> others, String sentence) {
        var about = new ArrayList<ElementId>(List.of(mark.activity().id()));
        about.addAll(others);
        return Optional.of(new Snag(kind, mark.at(), about, sentence));
    }
}
