package honeylamp.edit;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Boundary;
import honeylamp.plan.Dimension;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Position;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;

/** Moves, turns and scales what was traced from a picture as the picture itself was. */
final class AlongWithPicture {
    private AlongWithPicture() {}

    /**
     * The storey after a transform. Places follow it, openings keep their share of their wall; wall
     * thickness and made sizes stay, since they were never read off the picture.
     */
    static Storey moved(Storey storey, Affine way) {
        var turnDeg = way.apply(new Point(1, 0)).minus(way.apply(Point.ORIGIN)).angleDeg();
        return storey.withWalls(storey.walls().stream()
                        .map(w -> w.between(at(w.from(), way), at(w.to(), way)))
                        .toList())
                .withOpenings(storey.openings().stream()
                        .map(o -> opening(storey, o, way))
                        .toList())
                .withRooms(storey.rooms().stream()
                        .map(r -> r.movedTo(at(r.at(), way)))
                        .toList())
                .withStructures(storey.structures().stream()
                        .map(x -> x.movedTo(at(x.at(), way)).turnedTo(x.turnDeg() + turnDeg))
                        .toList())
                .withFurnishings(storey.furnishings().stream()
                        .map(f -> f.movedTo(at(f.at(), way)).turnedTo(f.turnDeg() + turnDeg))
                        .toList())
                .withDimensions(storey.dimensions().stream()
                        .map(d -> new Dimension(d.id(), at(d.from(), way), at(d.to(), way), d.offset()))
                        .toList())
                .withNotes(storey.notes().stream()
                        .map(n -> new Note(n.id(), at(n.at(), way), n.text()))
                        .toList())
                .withSettingOut(storey.settingOut().stream()
                        .map(l -> new SettingOutLine(l.id(), at(l.from(), way), at(l.to(), way), l.stay()))
                        .toList())
                .withBoundaries(storey.boundaries().stream()
                        .map(b -> new Boundary(b.id(), at(b.from(), way), at(b.to(), way)))
                        .toList())
                .withGrounds(storey.grounds().stream()
                        .map(g -> g.within(
                                g.corners().stream().map(c -> at(c, way)).toList()))
                        .toList());
    }

    private static Opening opening(Storey storey, Opening opening, Affine way) {
        var host = storey.wall(opening.host()).orElseThrow();
        var before = host.line().length();
        var after = way.apply(host.line().a()).distance(way.apply(host.line().b()));
        var share = Math.max(after, Wall.SHORTEST_MM) / before;
        return opening.sized(
                Length.ofMm(opening.offset().mm() * share),
                Length.ofMm(opening.width().mm() * share));
    }

    private static Position at(Position place, Affine way) {
        return Position.of(way.apply(place.point()));
    }
}
