/** The file in which everything is kept: checked before it is opened, copied, and brought back. */
@NullMarked
package bemble.app.file;

import org.jspecify.annotations.NullMarked;
