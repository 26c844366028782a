package honeylamp.desktop.workspace;

import honeylamp.output.Progress;
import honeylamp.plan.Underlay.Picture;
import honeylamp.store.PictureImport;
import honeylamp.underlay.Pyramid;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.Words;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The pixels of pictures to trace, unpacked once, off every other thread. */
public final class PictureStore implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(PictureStore.class);

    private static final String BRING_IN_AGAIN = " Bring the picture in again and delete this one.";

    private final Map<String, TracedPicture> ready = new ConcurrentHashMap<>();
    private final Set<String> wanted = ConcurrentHashMap.newKeySet();
    private final Set<String> failed = ConcurrentHashMap.newKeySet();
    private final ExecutorService loader = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("underlay").factory());

    /** A picture whose pixels are there and are as many as the plan says. */
    public Optional<TracedPicture> get(Picture picture) {
        return Optional.ofNullable(ready.get(picture.asset()))
                .filter(p ->
                        p.pyramid().width() == picture.widthPx() && p.pyramid().height() == picture.heightPx());
    }

    /** Whether a picture is unpacked, or cannot be. */
    public boolean done(String asset) {
        return ready.containsKey(asset) || failed.contains(asset);
    }

    /** Keeps pixels that were read while a picture was brought in. */
    public void put(String asset, TracedPicture picture) {
        ready.put(asset, picture);
    }

    /**
     * Unpacks a picture unless that was asked before.
     *
     * @param then is told when its pixels are there, or why they cannot be shown; on the unpacking thread
     */
    public void want(Picture picture, byte[] bytes, Consumer<Optional<String>> then) {
        var asset = picture.asset();
        if (ready.containsKey(asset) || !wanted.add(asset)) {
            return;
        }
        loader.execute(() -> {
            try {
                var pixels = PictureImport.pixels(bytes, Progress.NONE);
                ready.put(asset, pixels);
                if (get(picture).isPresent()) {
                    then.accept(Optional.empty());
                    return;
                }
                failed.add(asset);
                then.accept(Optional.of(Words.of(
                                "The underlay %s holds %d \u00d7 %d pixels, but the plan says %d \u00d7 %d.",
                                picture.name(),
                                pixels.pyramid().width(),
                                pixels.pyramid().height(),
                                picture.widthPx(),
                                picture.heightPx())
                        + BRING_IN_AGAIN));
            } catch (Pyramid.NoRoomException e) {
                LOG.warn("the underlay {} finds no room", asset, e);
                failed.add(asset);
                then.accept(Optional.of("The underlay " + picture.name() + " cannot be shown: "
                        + PictureImport.noRoom(e) + ". Free space there and open the plan again."));
            } catch (IOException | Progress.Cancelled e) {
                LOG.warn("the underlay {} cannot be shown", asset, e);
                failed.add(asset);
                then.accept(Optional.of("The underlay " + picture.name() + " cannot be read." + BRING_IN_AGAIN));
            }
        });
    }

    /** Forgets all pictures but these. */
    public void keepOnly(Set<String> assets) {
        ready.keySet().retainAll(assets);
        wanted.retainAll(assets);
    }

    @Override
    public void close() {
        loader.shutdownNow();
    }
}
