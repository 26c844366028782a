package honeylamp.tracing;

import honeylamp.tracing.Scan.Style;
import honeylamp.underlay.TracedPicture;
import java.util.ArrayList;

/** Prints the figures of {@code docs/tracing.md}: how well scans of each way of drawing are read. */
final class Figures {
    private Figures() {}

    /** Takes the first and the last seed; a minute for about fifty scans. */
    public static void main(String[] args) {
        for (var style : Style.values()) {
            var all = new ArrayList<Scored>();
            for (var seed = Long.parseLong(args[0]); seed <= Long.parseLong(args[1]); seed++) {
                var scan = Scan.of(style, seed);
                all.add(new Scored(scan, WallReader.read(TracedPicture.of(scan.image))));
            }
            System.out.println(style + "\n" + Scored.table(all));
        }
    }
}
