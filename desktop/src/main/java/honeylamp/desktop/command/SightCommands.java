package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;
import static honeylamp.desktop.workspace.Keys.controlSign;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.TierSets;
import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/** Commands about what is seen. */
final class SightCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    SightCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        into.plain(
                "lamp",
                "Lamp",
                "Draft, Colour or Lit",
                Place.SEEN,
                () -> model.light(model.now().lamp().next()),
                KeyCode.L);
        into.add(new Command(
                "glance",
                "Raised glance",
                "A raised picture in the corner while you draw",
                Place.SEEN,
                List.of(Keys.unshifted(KeyCode.G)),
                Where.OUTSIDE_TEXT,
                _ -> true,
                window::toggleGlance));
        into.plain(
                "show-sheet", "Whole sheet", "The sheet fills the drawing", Place.SEEN, window::showSheet, KeyCode.END);
        into.plain(
                "show-storey",
                "Plan large",
                "The storey fills the drawing",
                Place.SEEN,
                window::showStorey,
                KeyCode.HOME);
        into.add(
                "fit-sheet",
                "Centre plan on its sheet",
                "In the middle of the paper, at the largest scale that fits",
                Place.SEEN,
                model::fitSheet);
        into.add(new Command(
                "show-picked",
                "What is picked",
                "What is picked fills the drawing",
                Place.SEEN,
                List.of(alone(KeyCode.Z)),
                Where.OUTSIDE_TEXT,
                CommandList::isPicked,
                window::showPicked));
        into.plain(
                "show-room",
                "The room worked in",
                "The room that is picked or pointed at fills the drawing",
                Place.SEEN,
                window::showRoom,
                KeyCode.E);
        into.plain(
                "shelf",
                "Open or fold the tray",
                "It stays as it is put until it is put otherwise",
                Place.SEEN,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withShelf(model.now().choices().round().shelf().other())),
                KeyCode.S);
        into.plain(
                "contents",
                "Contents",
                "Everything on the storey, in a list to search",
                Place.SEEN,
                () -> {
                    var choices = model.now().choices();
                    model.chooseWithin(choices.withDocked(
                            choices.round().docked() == Docked.CONTENTS ? Docked.NOTHING : Docked.CONTENTS));
                },
                KeyCode.X);
        into.plain(
                "only-drawing",
                "Only the drawing",
                "Puts all else away, or brings it back",
                Place.SEEN,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withRest(model.now().choices().round().rest().other())),
                KeyCode.O);
        into.add(
                "flip-look",
                "The look before",
                "Flips between the look and the one before it, at the same place and size",
                Place.SEEN,
                model::flipLook,
                alone(KeyCode.F8));
        into.add(
                "compare-looks",
                "Compare looks",
                "The look before to the left of an edge that is dragged; ends it if it is there",
                Place.SEEN,
                () -> {
                    if (model.now().choices().presenting().comparing().isPresent()) {
                        model.compareNoMore();
                    } else {
                        model.compareLook();
                    }
                },
                Keys.control(KeyCode.F8));
        into.add(
                "room",
                "Light or dark room",
                "Dark or light round the paper, which stays as it prints",
                Place.SEEN,
                () -> window.style(window.style().withRoom(window.style().room().other())));
        into.add(
                "text-larger",
                "Larger words",
                "All words of the window, up to twice the size",
                Place.SEEN,
                () -> window.style(window.style().larger(1)));
        into.add(
                "words",
                "All words and figures",
                "Labels, dimensions, notes and tags of this view, or of all: none, or again as they were",
                Place.SEEN,
                () -> model.annotate(
                        "Leave words out, or write them",
                        a -> a.withWords(a.words().other())),
                alone(KeyCode.A));
        for (var set : LabelSets.all()) {
            into.add(
                    "labels-" + set.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                    "Rooms say: " + set.name().toLowerCase(Locale.ROOT),
                    "In every room of this view, or of all views",
                    Place.SEEN,
                    () -> model.annotate("Choose what labels say", a -> a.withRooms(set.onto(a.rooms()))));
        }
        for (var set : TierSets.all()) {
            into.add(
                    "tiers-" + set.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                    "Dimensions around the plan: " + set.name().toLowerCase(Locale.ROOT),
                    "On all four sides of this view, or of all views",
                    Place.SEEN,
                    () -> model.edit(
                            TierSets.chosen(
                                    model.now().plan(),
                                    model.now().worked().view(),
                                    model.now().choices().presenting().reach(),
                                    set),
                            "Choose dimensions"));
        }
        into.add(
                "text-smaller",
                "Smaller words",
                "All words of the window, down to the usual size",
                Place.SEEN,
                () -> window.style(window.style().larger(-1)));
        into.add(
                "zoom-in",
                "Larger",
                "As the wheel does",
                Place.SEEN,
                () -> window.zoom(1.25),
                controlSign(KeyCode.PLUS),
                controlSign(KeyCode.EQUALS),
                controlSign(KeyCode.ADD));
        into.add(
                "zoom-out",
                "Smaller",
                "As the wheel does",
                Place.SEEN,
                () -> window.zoom(0.8),
                controlSign(KeyCode.MINUS),
                controlSign(KeyCode.SUBTRACT));
        schemes(into);
        into.plain(
                "storey-up",
                "Storey above",
                "Works on the storey above",
                Place.SEEN,
                () -> model.climb(1),
                Keys.STOREY_UP.code());
        into.plain(
                "storey-down",
                "Storey below",
                "Works on the storey below",
                Place.SEEN,
                () -> model.climb(-1),
                Keys.STOREY_DOWN.code());
    }

    private void schemes(CommandList into) {
        into.plain(
                "scheme-next",
                "Next scheme",
                "Lays the next arrangement of the plan open, round and round",
                Place.SEEN,
                model.schemes()::next,
                Keys.NEXT_SCHEME.code());
        into.add(
                "new-scheme",
                "New scheme",
                "Another arrangement, an alternative, a variant of the plan: only what differs is kept",
                Place.SEEN,
                () -> model.schemes().add(Optional.empty()));
        into.add(
                "compare-schemes",
                "Compare schemes",
                "Another arrangement to the left of an edge that is dragged; ends it if it is there",
                Place.SEEN,
                model.schemes()::compare);
        into.add(
                "schemes-side-by-side",
                "Schemes side by side",
                "A page with two arrangements, what differs marked",
                Place.SEEN,
                model.schemes()::sideBySide);
        into.add(
                "scheme-page-each",
                "A page of each scheme",
                "Pages like this one for the plan as drawn and for every scheme",
                Place.SEEN,
                model.schemes()::pages);
        into.add(
                "works-pages",
                "Existing, demolition, proposed",
                "Three pages from this view: what is there, what goes and comes, what will be",
                Place.SEEN,
                model.schemes()::worksPages);
    }
}
