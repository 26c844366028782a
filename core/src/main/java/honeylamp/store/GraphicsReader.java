package honeylamp.store;

import honeylamp.output.Progress;
import java.io.IOException;

/** Answers requests about one file that holds a drawing or pages. */
interface GraphicsReader {
    /**
     * The answer, as {@link GraphicsRequest.Kind} says.
     *
     * @throws PictureImport.RefusedException if it is not taken, or takes too long
     * @throws IOException if the file is damaged
     * @throws Progress.Cancelled if it is no longer wanted; the work has ended then
     */
    byte[] read(GraphicsRequest request, Progress progress) throws IOException, Progress.Cancelled;

    /** Nothing will be asked any more. */
    void close();

    /** How readers are had. */
    interface Source {
        /** A process of its own for each file, so that what never ends can be ended. */
        Source ASIDE = GraphicsProcess::of;

        /** All on the thread that asks, however long it takes. */
        Source HERE = file -> new GraphicsReader() {
            @Override
            public byte[] read(GraphicsRequest request, Progress progress) throws IOException {
                return request.answer(file);
            }

            @Override
            public void close() {}
        };

        /** A reader of a file. */
        GraphicsReader of(byte[] file);
    }
}
