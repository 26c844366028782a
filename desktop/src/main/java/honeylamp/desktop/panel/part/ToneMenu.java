package honeylamp.desktop.panel.part;

import honeylamp.plan.Oklch;
import honeylamp.plan.Palette;
import honeylamp.plan.Role;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** The colours a look has for pieces, to press. */
public final class ToneMenu {
    private static final double SWATCH_PX = 16;

    private ToneMenu() {}

    /** A menu of all colours of a palette that pieces are drawn in, each shown. */
    public static MenuButton of(String id, String tip, Palette palette, Consumer<Oklch> take) {
        var menu = Widgets.menu("", id, tip, List.of(), _ -> {});
        for (var role : Role.ofPieces()) {
            var tone = palette.of(role);
            var item = new MenuItem(role.label(), swatch(colour(tone)));
            item.setOnAction(_ -> take.accept(tone));
            menu.getItems().add(item);
        }
        return menu;
    }

    /** A colour, shown. */
    public static Rectangle swatch(Color colour) {
        var out = new Rectangle(SWATCH_PX, SWATCH_PX, colour);
        out.setStroke(Color.gray(0.5));
        return out;
    }

    private static Color colour(Oklch tone) {
        var argb = tone.argb();
        return Color.rgb(argb >> 16 & 0xff, argb >> 8 & 0xff, argb & 0xff);
    }
}
