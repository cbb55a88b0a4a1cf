/**
 * Pages on paper and in files: the core's marks as PDF, SVG and JSON. Millimetres and points live
 * here.
 */
package bemble.app.export;
