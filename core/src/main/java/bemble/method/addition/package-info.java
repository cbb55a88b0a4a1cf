/** Ways of adding on paper. */
package bemble.method.addition;
