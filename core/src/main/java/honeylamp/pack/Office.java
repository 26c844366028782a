package honeylamp.pack;

import honeylamp.edit.PageEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Underlay.Picture;
import java.util.Base64;
import java.util.List;
import java.util.Optional;

/**
 * What an office writes into every title block: filled in once, and in every plan that is begun from then on.
 *
 * @param own its own fields, with what stands in them
 * @param made its own block, if it has one
 * @param logo its mark
 */
public record Office(
        String author,
        String smallPrint,
        List<OwnField> own,
        Block block,
        Optional<OwnBlock> made,
        Optional<Logo> logo) {
    /** A larger file is no mark, in bytes. */
    public static final int MOST_LOGO_BYTES = 2 << 20;

    /** A mark with its file in Base64. */
    public record Logo(Picture picture, String bytes) {
        /** The bytes of its file. */
        public byte[] read() {
            return Base64.getDecoder().decode(bytes);
        }
    }

    /** Freezes the list. */
    public Office {
        own = List.copyOf(own);
    }

    /**
     * What of a title block is the office's.
     *
     * @param logo the bytes of its mark, if it has one
     */
    public static Office of(TitleBlock title, Optional<byte[]> logo) {
        return new Office(
                title.author(),
                title.smallPrint(),
                title.own(),
                title.block(),
                title.made(),
                title.logo()
                        .flatMap(picture -> logo.filter(b -> b.length <= MOST_LOGO_BYTES)
                                .map(b -> new Logo(picture, Base64.getEncoder().encodeToString(b)))));
    }

    /** All title blocks of a plan with the office's words where they say nothing of their own. */
    public Plan in(Plan plan) {
        return PageEdits.sheet(plan, s -> s.withTitle(in(s.title())));
    }

    private TitleBlock in(TitleBlock title) {
        var isUsual = title.block() == Block.WHOLE;
        return title.with(t -> t.author(title.author().isBlank() ? author : title.author())
                .smallPrint(title.smallPrint().isBlank() ? smallPrint : title.smallPrint())
                .own(title.own().isEmpty() ? own : title.own())
                .block(isUsual ? block : title.block())
                .made(title.made().or(() -> made))
                .logo(title.logo().or(() -> logo.map(Logo::picture))));
    }
}
