/**
 * Recipes: sizes of a sum's numbers and wishes on its traits, defined by place arithmetic. Sums
 * that fit are counted exactly and drawn uniformly, by walking over the places; nothing here knows
 * a method, a style or a page.
 */
@NullMarked
package bemble.recipe;

import org.jspecify.annotations.NullMarked;
