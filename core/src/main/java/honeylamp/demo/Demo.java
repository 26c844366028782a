package honeylamp.demo;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.TiledBathroom;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.util.Locale;

/** The plans that ship to be looked at and tried on. */
public enum Demo implements Shipped {
    /** With the picture it was traced from. */
    SAILCLOTH_YARD("Sailcloth Yard", "A loft with its scan", DemoFiles::document),
    /** The same with its bathroom tiled, on a page of its own. */
    TILED_BATHROOM("Sailcloth Yard, tiled", "A bathroom to order for", () -> PlanDocument.of(TiledBathroom.plan())),
    /** A tea room with a flat above. */
    QUILLBACK_LANE("Quillback Lane", "Two storeys, feet, inches", () -> PlanDocument.of(QuillbackLane.plan())),
    /** Readings only, no picture. */
    BOAT_SHED("Boat shed", "Worked out of measures", () -> PlanDocument.of(BoatShed.plan()));

    private interface Maker {
        PlanDocument make() throws IOException;
    }

    private final String label;
    private final String about;
    private final Maker maker;

    Demo(String label, String about, Maker maker) {
        this.label = label;
        this.about = about;
        this.maker = maker;
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
        return "demo-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public PlanDocument document() throws IOException {
        return maker.make();
    }
}
