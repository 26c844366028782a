package honeylamp.catalogue;

import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;
import java.util.Optional;

/**
 * A material and how it lies.
 *
 * @param key the name kept in plans
 * @param label the name shown to people
 * @param tone its mean colour
 * @param toneSpread the most one piece differs from the mean in lightness
 * @param jointDarker how much darker its joints are
 * @param laying how it lies if nobody says otherwise
 * @param own the tone it has here only, whatever a look says
 */
@RecordBuilder
public record Material(
        String key,
        String label,
        Family family,
        Oklch tone,
        double toneSpread,
        double jointDarker,
        Grain grain,
        Laying laying,
        Optional<Oklch> own)
        implements MaterialBuilder.With {
    /** The material as it is in a look, which may give it another tone. */
    public Material in(Look look) {
        return toned(look.tones());
    }

    /** The material in the tone that is given for it, or in its own. */
    public Material toned(Map<String, Oklch> tones) {
        return withTone(own.orElseGet(() -> tones.getOrDefault(key, tone)));
    }

    /** The colour of its joints: that of its laying, or somewhat darker than its own. */
    public Oklch jointTone() {
        return laying.jointTone().orElseGet(() -> tone.lighter(-jointDarker));
    }

    /** The material as a finish lays it: in the finish's pattern and tone, with its picture, if it has its own. */
    public Material as(Finish finish) {
        var laid = finish.laying().orElse(laying);
        var toned = finish.tone().or(() -> laid.face().map(FacePicture::mean));
        return with(copy -> copy.label(laid.face().map(FacePicture::name).orElse(label))
                .laying(laid)
                .own(toned)
                .tone(toned.orElse(tone)));
    }
}
