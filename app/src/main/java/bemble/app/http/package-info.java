/** What every request meets: the guard, the screen, the error answers, the shape of the JSON. */
package bemble.app.http;
