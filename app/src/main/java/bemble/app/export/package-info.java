/**
 * Pages on paper and in files: the core's marks as PDF, SVG and JSON. Millimetres and points live
 * here.
 */
@NullMarked
package bemble.app.export;

import org.jspecify.annotations.NullMarked;
