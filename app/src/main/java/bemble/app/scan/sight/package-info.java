/** Finds exercise sheets in pictures and lays them flat. It knows sheets, not sums or pupils. */
@NullMarked
package bemble.app.scan.sight;

import org.jspecify.annotations.NullMarked;
