/** House style over HTTP: the classes, their settings, and examples of the settings. */
@NullMarked
package bemble.app.house;

import org.jspecify.annotations.NullMarked;
