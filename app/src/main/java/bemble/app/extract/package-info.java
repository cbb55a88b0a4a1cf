/** A class or a pupil as a file, and back; it stands above everything that a class has. */
@NullMarked
package bemble.app.extract;

import org.jspecify.annotations.NullMarked;
