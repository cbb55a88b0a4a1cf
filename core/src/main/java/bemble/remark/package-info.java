/** What there is to say of a step, not yet in words. */
package bemble.remark;
