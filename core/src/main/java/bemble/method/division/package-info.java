/** Ways of dividing on paper. */
package bemble.method.division;
