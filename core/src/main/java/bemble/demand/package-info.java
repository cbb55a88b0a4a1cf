/** What makes a sum easy or hard, read off its working. */
package bemble.demand;
