package honeylamp.pack;

import honeylamp.edit.Outcome;
import honeylamp.plan.TypeFamily;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A brand as it is typed: empty words stand for the look's own.
 *
 * @param logo a picture file in Base64
 */
@RecordBuilder
public record BrandForm(
        String name, String paper, String ink, String accent, Optional<TypeFamily> titles, String footer, String logo)
        implements BrandFormBuilder.With {
    /** Nothing typed yet. */
    public static final BrandForm EMPTY = new BrandForm("", "", "", "", Optional.empty(), "", "");

    /** As a brand was typed. */
    public static BrandForm of(Brand brand) {
        return new BrandForm(
                brand.name(),
                brand.paper().orElse(""),
                brand.ink().orElse(""),
                brand.accent().orElse(""),
                brand.titles(),
                brand.footer(),
                brand.logo().orElse(""));
    }

    /** The brand; refused without a name, with codes that are no colours, and with colours that cannot be read. */
    public Outcome<Brand> brand() {
        if (name.isBlank()) {
            return Outcome.refused("a brand is known by its name", "Type one.");
        }
        try {
            return Outcome.done(
                    new Brand(name.strip(), said(paper), said(ink), said(accent), titles, footer.strip(), said(logo)));
        } catch (IllegalArgumentException e) { // what is wrong with it is said by the brand itself
            return Outcome.refused(String.valueOf(e.getMessage()));
        }
    }

    private static Optional<String> said(String words) {
        return Optional.of(words.strip()).filter(w -> !w.isEmpty());
    }
}
