package honeylamp.demo;

import honeylamp.demo.gallery.CordageSteps;
import honeylamp.demo.gallery.HarbourRow;
import honeylamp.demo.gallery.LanternCourt;
import honeylamp.demo.gallery.Measures;
import honeylamp.demo.gallery.SaltpanHouse;
import honeylamp.demo.gallery.SluiceHouse;
import honeylamp.demo.gallery.TarryAndWake;
import honeylamp.plan.Plan;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.util.List;
import java.util.Locale;

/** The finished plans of the gallery. */
public enum Gallery implements Shipped {
    /** One room to live in. */
    CORDAGE_STEPS("3 Cordage Steps", "One room, by hand, A4", CordageSteps::plan, CordageSteps.MEASURES),
    /** A flat to let. */
    LANTERN_COURT("Lantern Court", "A flat to let, A4", LanternCourt::plan, LanternCourt.MEASURES),
    /** Two storeys side by side. */
    HARBOUR_ROW("8 Harbour Row", "Marker, feet, inches", HarbourRow::plan, HarbourRow.GROUND, HarbourRow.UPPER),
    /** A shop with a slanted wall. */
    TARRY_AND_WAKE("Tarry & Wake", "A shop, one accent, cm", TarryAndWake::plan, TarryAndWake.MEASURES),
    /** A house splayed to the water. */
    SLUICE_HOUSE("Sluice House", "Washes, on A3", SluiceHouse::plan, SluiceHouse.MEASURES),
    /** A house with its garden. */
    SALTPAN_HOUSE("Saltpan House", "House and garden, A2, m", SaltpanHouse::plan, SaltpanHouse.MEASURES);

    private interface Script {
        Plan plan() throws IOException;
    }

    private final String label;
    private final String about;
    private final Script script;
    private final List<String> measures;

    Gallery(String label, String about, Script script, String... measures) {
        this.label = label;
        this.about = about;
        this.script = script;
        this.measures = List.of(measures);
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String about() {
        return about;
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The names of its files of measures, one for each storey. */
    public List<String> measures() {
        return measures;
    }

    /**
     * A file of measures as it was written.
     *
     * @throws IOException if it is missing from the program
     */
    public static byte[] measures(String file) throws IOException {
        return Measures.bytes(file);
    }

    @Override
    public PlanDocument document() throws IOException {
        return PlanDocument.of(script.plan());
    }
}
