/** Ways of multiplying on paper. */
package bemble.method.multiplication;
