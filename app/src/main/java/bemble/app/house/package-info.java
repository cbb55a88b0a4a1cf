/** House style over HTTP: the classes, their settings, and what a setting looks like. */
package bemble.app.house;
