/** Sheets as simulated pupils fill them in and a simulated camera or copier sees them. */
@NullMarked
package bemble.app.scan.standin;

import org.jspecify.annotations.NullMarked;
