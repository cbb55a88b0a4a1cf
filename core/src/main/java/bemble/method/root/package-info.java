/** Square roots on paper. */
package bemble.method.root;
