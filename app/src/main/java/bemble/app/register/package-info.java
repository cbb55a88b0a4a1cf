/**
 * The register: the standing of each pupil on each rung, told from handouts, runs and attempts; a
 * teacher's decisions; a pupil's page and letter.
 */
@NullMarked
package bemble.app.register;

import org.jspecify.annotations.NullMarked;
