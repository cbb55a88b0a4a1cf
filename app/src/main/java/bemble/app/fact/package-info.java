/** Help with number facts over HTTP. */
package bemble.app.fact;
