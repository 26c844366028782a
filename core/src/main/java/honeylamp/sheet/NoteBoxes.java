package honeylamp.sheet;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.NoteArt;
import honeylamp.illustrate.words.NoteSetting;
import honeylamp.plan.Page;
import honeylamp.plan.Page.LaidNote;
import honeylamp.takeoff.PlanFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The notes laid on a page, written in the look of its first view; what they read is of the whole plan and of that view. */
public final class NoteBoxes {
    /** Pens as for plans at this scale: what they draw are edges, however the plan is scaled. */
    private static final double PENS_AT = 50;

    private final LaidView first;
    private final Page page;
    private final String scale;
    private final NoteSetting setting;

    /** Those of a page whose first view is drawn at a scale, in words. */
    public NoteBoxes(LaidView first, Page page, String scale) {
        this.first = first;
        this.page = page;
        this.scale = scale;
        this.setting = new NoteSetting(Pens.of(first.look(), PENS_AT));
    }

    /** What a note says. */
    public String words(LaidNote note) {
        return PlanFields.filled(
                note.text(),
                new PlanFields.Source(
                        Optional.of(first.storey()),
                        Optional.empty(),
                        NoteArt.total(first.plan().all()),
                        scale,
                        page.sheet().title().date()));
    }

    /** What a note covers, its edge included, in paper mm; what is written begins where the note lies. */
    public Box box(LaidNote note) {
        return box(note, setting.block(words(note), note.form()));
    }

    private static Box box(LaidNote note, NoteSetting.Block block) {
        var middle = new Point(note.leftMm() + block.wide() / 2, note.downMm() + block.high() / 2);
        return NoteSetting.around(block, middle, note.form());
    }

    /** All of them, the last on top. */
    List<Mark> marks() {
        var out = new ArrayList<Mark>();
        for (var note : page.boxes()) {
            var block = setting.block(words(note), note.form());
            setting.draw(out, block, box(note, block), note.form());
        }
        return out;
    }
}
