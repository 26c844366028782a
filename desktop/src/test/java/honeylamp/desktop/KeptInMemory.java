package honeylamp.desktop;

import honeylamp.desktop.panel.WallLibrary;
import honeylamp.plan.WallType;
import honeylamp.store.WallTypeFile;
import java.util.List;

/** A library of wall types that lasts as long as a test. */
final class KeptInMemory implements WallLibrary {
    private List<WallType> types = List.of();

    @Override
    public List<WallType> types() {
        return types;
    }

    @Override
    public String keep(WallType type) {
        types = WallTypeFile.with(types, type);
        return "";
    }
}
