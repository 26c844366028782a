package honeylamp.store;

import honeylamp.survey.Adjustment;
import honeylamp.survey.Adjustment.Method;
import honeylamp.survey.reading.Survey;
import java.util.Locale;

/** What a survey's closing error was and where it went, in words. */
public final class SurveyReport {
    /** Smaller errors, in mm, are what rounding leaves. */
    private static final double EXACT_MM = 0.05;

    private SurveyReport() {}

    /** The report, a line per ring, leg and diagonal; lengths in mm. */
    public static String words(Survey survey, Adjustment adjusted) {
        var out = new StringBuilder(survey.name()).append('\n');
        for (var closing : adjusted.closings()) {
            if (closing.errorMm() < EXACT_MM) {
                line(out, "ring back to %s: closes exactly in %.0f mm", closing.station(), closing.lengthMm());
                continue;
            }
            line(
                    out,
                    "ring back to %s: closing error %.1f mm (%.1f east, %.1f north) in %.0f mm, 1:%.0f",
                    closing.station(),
                    closing.errorMm(),
                    closing.error().x(),
                    closing.error().y(),
                    closing.lengthMm(),
                    closing.ratio());
        }
        if (adjusted.closings().isEmpty()) {
            out.append("no ring closes, so nothing tells how good the survey is\n");
        } else {
            out.append(
                    adjusted.method() == Method.COMPASS_RULE
                            ? "spread by the compass rule, in proportion to the length of each leg:\n"
                            : "spread by least squares over legs, turns and diagonals:\n");
        }
        for (var c : adjusted.corrections()) {
            line(
                    out,
                    "  %-12s %8.0f mm  corrected by %+7.1f east %+7.1f north, %+6.1f in length",
                    c.leg().name(),
                    c.leg().length().mm(),
                    c.way().x(),
                    c.way().y(),
                    c.lengthMm());
        }
        for (var m : adjusted.misfits()) {
            line(
                    out,
                    "  diagonal %s-%s read %.0f mm, now measures %+.1f mm",
                    m.diagonal().from(),
                    m.diagonal().to(),
                    m.diagonal().length().mm(),
                    m.mm());
        }
        return out.toString();
    }

    private static void line(StringBuilder out, String format, Object... values) {
        out.append(String.format(Locale.ROOT, format, values)).append('\n');
    }
}
