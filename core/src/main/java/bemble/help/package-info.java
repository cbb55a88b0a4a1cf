/** Help with number facts: how they can be got, with hops and dots. */
package bemble.help;
