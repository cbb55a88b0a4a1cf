/** From the answers of a pupil alone: what is right, which slips explain the rest, what to ask. */
@NullMarked
package bemble.diagnosis;

import org.jspecify.annotations.NullMarked;
