/** Second workings that prove the first. */
package bemble.check;
