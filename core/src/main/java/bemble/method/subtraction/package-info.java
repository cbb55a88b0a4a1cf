/** Ways of subtracting on paper. */
package bemble.method.subtraction;
