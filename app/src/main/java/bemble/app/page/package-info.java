/** The Workbook: pages kept, found, opened and deleted. */
@NullMarked
package bemble.app.page;

import org.jspecify.annotations.NullMarked;
