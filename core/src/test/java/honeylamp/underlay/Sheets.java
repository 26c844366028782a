package honeylamp.underlay;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.demo.place.SurveySheet;
import honeylamp.demo.place.SurveySheet.Style;
import honeylamp.demo.place.SurveySheet.Written;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/** Sheets of the demo plan whose true lines are known. */
final class Sheets {
    static final Point CENTRE = new Point(6500, 3900);
    private static final List<Written> WRITTEN = List.of(
            new Written(new Segment(new Point(0, -1500), new Point(13000, -1500)), "13000"),
            new Written(new Segment(new Point(13900, 0), new Point(13900, 8800)), "8800"));

    private Sheets() {}

    /** A sheet, its pixels, and its lines in pixels. */
    record Sheet(TracedPicture picture, List<Segment> lines) {
        double distance(Point px) {
            return lines.stream().mapToDouble(l -> l.distance(px)).min().orElseThrow();
        }
    }

    static Sheet of(SurveySheet sheet) {
        var geometry = TestPlans.geometry(SailclothYard.plan());
        var image = sheet.draw(geometry, CENTRE, WRITTEN);
        var toPixels = sheet.toPixels(CENTRE);
        var lines = new ArrayList<Segment>();
        for (var line : trueLines(geometry)) {
            lines.add(new Segment(toPixels.apply(line.a()), toPixels.apply(line.b())));
        }
        return new Sheet(TracedPicture.of(image), lines);
    }

    static SurveySheet survey(Style style) {
        return new SurveySheet(1750, 1300, 9.2, 1.4, 77L, 1, style == Style.PHOTO ? 0.04 : 0, style);
    }

    private static List<Segment> trueLines(StoreyGeometry geometry) {
        var out = new ArrayList<Segment>();
        for (var part : geometry.poche()) {
            part.rings().forEach(r -> out.addAll(r.edges()));
        }
        geometry.cuts().forEach(c -> out.add(c.middle()));
        WRITTEN.forEach(w -> out.add(w.line()));
        return out;
    }
}
