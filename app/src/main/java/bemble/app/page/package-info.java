/** The Workbook: pages kept, found, opened and deleted. */
package bemble.app.page;
