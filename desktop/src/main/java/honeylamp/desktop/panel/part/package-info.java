/**
 * Parts of panels: fields with readers of their own, thumbnails, rows of a library, icons.
 *
 * <p><b>Holds</b> one class per part. <b>Leaves out</b> calculation. <b>Depends on</b> {@code workspace}.
 * <b>Promises</b> a value typed is read once and refused in words.
 */
@NullMarked
package honeylamp.desktop.panel.part;

import org.jspecify.annotations.NullMarked;
