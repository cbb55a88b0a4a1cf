/** The methods that schools teach, each described once as a plan. */
package bemble.method;
