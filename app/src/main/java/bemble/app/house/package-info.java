/** House style over HTTP: the classes, their settings, and what a setting looks like. */
@NullMarked
package bemble.app.house;

import org.jspecify.annotations.NullMarked;
