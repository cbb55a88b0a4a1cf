/** A class or a pupil as a file, and back; it stands above everything that a class has. */
package bemble.app.extract;
