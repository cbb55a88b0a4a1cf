/** Filled sheets: read from pictures, settled, and taken into the grid of their handout. */
@NullMarked
package bemble.app.scan;

import org.jspecify.annotations.NullMarked;
