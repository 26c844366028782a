package honeylamp.desktop.gesture;

import honeylamp.catalogue.KeptFitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Mount;
import honeylamp.plan.Wall.Works;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * The fitting put in next.
 *
 * @param product which one of that kind, if it is one that is kept
 * @param spread how many at once, and where
 * @param works what becomes of it in the building works
 */
@RecordBuilder
public record NewFitting(FittingKind kind, Optional<KeptFitting> product, Spread spread, Works works)
        implements NewFittingBuilder.With {
    /** How fittings are spread. */
    public enum Spread {
        ONE("One by one", "Each where you click"),
        ROOM("Rows in a room", "Evenly over the room you click in, and kept even when the room changes"),
        ALONG("Along", "Evenly along the counter, table, sofa or wall you click at"),
        RING("In a ring", "Evenly around the place you click at");

        private final String label;
        private final String hint;

        Spread(String label, String hint) {
            this.label = label;
            this.hint = hint;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** What it does, in a few words. */
        public String hint() {
            return hint;
        }
    }

    /** The choices of a fresh start. */
    public static final NewFitting FIRST =
            new NewFitting(FittingKind.DOWNLIGHT, Optional.empty(), Spread.ONE, Works.NEW);

    /** Any of a kind. */
    public NewFitting any(FittingKind other) {
        return with(copy -> copy.kind(other).product(Optional.empty()));
    }

    /** A product that is kept. */
    public NewFitting one(KeptFitting kept) {
        return with(copy -> copy.kind(kept.kind()).product(Optional.of(kept)));
    }

    /** The way it is spread: lamps that stand, and what is no light, go one by one. */
    public Spread spreadOfKind() {
        return canBeSpread() ? spread : Spread.ONE;
    }

    /** Whether its kind goes in rows. */
    public boolean canBeSpread() {
        return kind.isLight() && (kind.mount() == Mount.CEILING || kind.mount() == Mount.WALL);
    }
}
