/** Remarks and the words for them. Sentences stand in the bundles, never in the code. */
package bemble.wording;
