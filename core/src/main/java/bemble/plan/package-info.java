/**
 * Plans and the hands that carry them out. A plan is unfolded move by move along the values that
 * the hand writes; every entry names its slot, its rule and what it read.
 */
package bemble.plan;
