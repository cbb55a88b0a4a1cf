/** Demo data: the made-up garden of Ashlatch. */
@NullMarked
package bemble.app.demo;

import org.jspecify.annotations.NullMarked;
