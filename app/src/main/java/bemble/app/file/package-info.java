/** The file in which everything is kept: checked before it is opened, copied, and brought back. */
package bemble.app.file;
