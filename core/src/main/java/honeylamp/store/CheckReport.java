package honeylamp.store;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Legibility;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import honeylamp.sheet.SheetSnags;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** What is probably wrong with a plan and on its pages, for those who look from outside the window. */
public final class CheckReport {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static final int DECIMALS = 3;

    private CheckReport() {}

    /** All snags of a plan, storey by storey. */
    public static List<Snag> snags(Plan drawn) {
        return LaidPlan.of(drawn).all().stream()
                .flatMap(s -> SheetSnags.all(s, Snags.USUAL_GAP_REACH).stream())
                .toList();
    }

    /**
     * A line of text that is hard to read where it stands.
     *
     * @param page by its name
     * @param contrast with what lies under it, from 1 to 21
     */
    public record HardToRead(String page, String text, double contrast) {
        /** In a sentence. */
        public String sentence() {
            return String.format(
                    Locale.ROOT,
                    "\"%s\" on %s has a contrast of %.1f to 1 with what lies under it, where %.1f is needed. "
                            + "Move it, put it on paper of its own, or lighten what lies there.",
                    text,
                    page,
                    contrast,
                    Legibility.LEAST_CONTRAST);
        }
    }

    /** All words on all pages of a plan, lit as they print, that are hard to read. */
    public static List<HardToRead> hardToRead(Plan drawn) {
        return LaidPlan.of(drawn).pages().stream()
                .flatMap(page ->
                        Legibility.unreadable(SheetComposer.compose(page, Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM))
                                .stream()
                                .map(w -> new HardToRead(page.name(), w.text(), w.contrast())))
                .toList();
    }

    /** Snags, and words that are hard to read, as JSON. */
    public static String json(List<Snag> snags, List<HardToRead> words) {
        return MAPPER.writerWithDefaultPrettyPrinter()
                .writeValueAsString(Map.of(
                        "hard_to_read",
                        words.stream()
                                .map(w -> Map.of(
                                        "page", w.page, "text", w.text, "contrast", Math.rint(w.contrast * 10) / 10))
                                .toList(),
                        "snags",
                        snags.stream()
                                .map(s -> Map.of(
                                        "kind",
                                        s.kind().label(),
                                        "about",
                                        s.about().stream().map(ElementId::text).toList(),
                                        "at_mm",
                                        List.of(mm(s.where().x()), mm(s.where().y())),
                                        "sentence",
                                        s.sentence()))
                                .toList()));
    }

    private static BigDecimal mm(double value) {
        return BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP);
    }
}
