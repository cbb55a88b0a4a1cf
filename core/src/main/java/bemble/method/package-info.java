/** The methods that schools teach, each described once as a procedure. */
package bemble.method;
