/** The list of all methods, which alone knows them by their classes. */
@NullMarked
package bemble.methods;

import org.jspecify.annotations.NullMarked;
