/**
 * Everything that each request meets: the guard, the screen, the error answers, the shape of the
 * JSON.
 */
@NullMarked
package bemble.app.http;

import org.jspecify.annotations.NullMarked;
