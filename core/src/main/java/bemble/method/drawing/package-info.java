/** Methods that draw numbers as things to be counted. */
package bemble.method.drawing;
