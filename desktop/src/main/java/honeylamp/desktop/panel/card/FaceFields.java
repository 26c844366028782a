package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.edit.Finishing;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** The picture on the face of a finish: what it is called, how large what it shows truly is. */
record FaceFields(OneSurface on) {
    Node of(Finish finish, Laying laying, FacePicture face) {
        var name = new WordField(
                "What the picture shows",
                on.id() + "-face-name",
                face.name(),
                text -> named(text, finish, laying, face));
        var units = on.parts().plan().units();
        var nodes = new ArrayList<Node>(List.of(
                name,
                on.parts()
                        .length(
                                "All it shows is wide",
                                on.id() + "-face-width",
                                face.width(),
                                w -> on.sized(finish, Finishing.faced(laying, face.asWideAs(w))),
                                "Size picture"),
                on.parts()
                        .length(
                                "and high",
                                on.id() + "-face-height",
                                face.height(),
                                h -> on.sized(finish, Finishing.faced(laying, face.withHeight(h))),
                                "Size picture")));
        if (face.stretched() != 0) {
            nodes.add(Widgets.quiet(Words.of(
                    "At this width the picture's own proportions make it %s high: the height typed is %.1f %% %s. One of the two may be wrong.",
                    LengthText.rounded(face.asTrueAsItsCells().height(), units),
                    100 * Math.abs(face.stretched()),
                    face.stretched() > 0 ? "more" : "less")));
        }
        nodes.add(Widgets.button(
                "Without the picture",
                on.id() + "-face-none",
                "Grain and veins of the material again",
                () -> on.lay(finish.withLaying(Optional.of(laying.withFace(Optional.empty()))), "Take picture off")));
        return Widgets.section("Picture", nodes.toArray(Node[]::new));
    }

    private void named(String name, Finish finish, Laying laying, FacePicture face) {
        if (name.isEmpty()) {
            on.model().complain("The legend calls the finish by this name, so it needs one.");
            return;
        }
        on.lay(finish.withLaying(Optional.of(laying.withFace(Optional.of(face.withName(name))))), "Name picture");
    }
}
