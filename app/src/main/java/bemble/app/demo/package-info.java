/** Demo data: the made-up garden of Ashlatch. */
package bemble.app.demo;
