/**
 * The register: where each pupil stands on each rung, told from handouts, runs and attempts; what a
 * teacher has decided; a pupil's page and letter.
 */
@NullMarked
package bemble.app.register;

import org.jspecify.annotations.NullMarked;
