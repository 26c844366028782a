package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A placed piece at its made size. Its own frame has x to the right and y to the back, seen by
 * someone in front of it; the centre of its footprint stands at {@code at}.
 *
 * @param kind the key of the symbol in the catalogue
 * @param bottom how high above the floor it begins
 * @param turnDeg counter-clockwise, after mirroring; at 0 the front faces south
 * @param keeping where it stays along the face its back touches, seen from someone who looks at that face: the first
 *     end is the left one
 * @param tones the colours of roles that are other here than in the look, in the order of roles
 * @param works what becomes of it in the building works
 * @param buying what is known of it as it is bought
 * @param run what it is made up of, if it is a run of units
 * @param own how it is drawn, if somebody drew it
 * @param order drawn over those of its level with a lower one, whatever their heights; 0 by nature
 */
@RecordBuilder
public record Furnishing(
        FurnishingId id,
        String kind,
        Length width,
        Length depth,
        Length height,
        Length bottom,
        Position at,
        double turnDeg,
        Sense sense,
        Keeping keeping,
        List<Tinted> tones,
        Wall.Works works,
        Buying buying,
        Optional<Run> run,
        Optional<OwnPiece> own,
        int order)
        implements Element, FurnishingBuilder.With {
    /** The colour a role has here. */
    public record Tinted(Role role, Oklch tone) {}

    /** It is drawn so many times over or below others at most. */
    public static final int MOST_ORDER = 99;

    /** Refuses sizes of zero or less, a turn that is no number, and a drawing of another kind. */
    public Furnishing {
        Checks.positive("furnishing width", width);
        Checks.positive("furnishing depth", depth);
        Checks.positive("furnishing height", height);
        Checks.notNegative("height of a furnishing above the floor", bottom);
        Checks.finite("furnishing turn", turnDeg);
        Checks.within("order of a furnishing", order, -MOST_ORDER, MOST_ORDER);
        own.ifPresent(drawn -> {
            if (!kind.equals(drawn.key())) {
                throw new IllegalArgumentException("kind \"" + kind + "\" is drawn as \"" + drawn.key() + "\"");
            }
        });
        tones = tones.stream().sorted(Comparator.comparing(Tinted::role)).toList();
    }

    /** A piece as it is made, on the floor. */
    public Furnishing(
            FurnishingId id, String kind, Length width, Length depth, Length height, Position at, double turnDeg) {
        this(
                id,
                kind,
                width,
                depth,
                height,
                Length.ZERO,
                at,
                turnDeg,
                Sense.AS_DRAWN,
                Keeping.AS_PUT,
                List.of(),
                Wall.Works.EXISTING,
                Buying.UNKNOWN,
                Optional.empty(),
                Optional.empty(),
                0);
    }

    /** The colour a role has on this piece alone; empty if it is that of the look. */
    public Optional<Oklch> tone(Role role) {
        return tones.stream().filter(t -> t.role() == role).map(Tinted::tone).findFirst();
    }

    /** The piece with a role in another colour; nothing gives it that of the look back. */
    public Furnishing toned(Role role, Optional<Oklch> tone) {
        var others = tones.stream().filter(t -> t.role() != role);
        return withTones(Stream.concat(others, tone.map(t -> new Tinted(role, t)).stream())
                .toList());
    }

    /** How high above the floor its top is. */
    public Length top() {
        return bottom.plus(height);
    }

    /** From the piece's own frame, in mm about its centre, to plan mm. */
    public Affine placing() {
        return (sense == Sense.MIRRORED ? Affine.scale(-1, 1) : Affine.IDENTITY)
                .then(Affine.turn(turnDeg))
                .then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The piece turned to another angle, kept from 0 up to 360. */
    public Furnishing turnedTo(double deg) {
        return withTurnDeg(((deg % 360) + 360) % 360);
    }

    /** The piece made at another size. */
    public Furnishing sized(Length newWidth, Length newDepth, Length newHeight) {
        return with(copy -> copy.width(newWidth).depth(newDepth).height(newHeight));
    }

    @Override
    public Furnishing moved(Motion motion) {
        var there = withAt(motion.of(at)).turnedTo(motion.turned(turnDeg));
        return motion.mirrors() ? there.with(copy -> copy.sense(sense.other()).keeping(keeping.reversed())) : there;
    }

    @Override
    public Furnishing under(ElementId.Key key) {
        return withId(new FurnishingId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(at);
    }
}
