package bemble.app.sets;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;

/**
 * A set as it lies in the table.
 *
 * @param lines the lines that it was made of, in JSON
 * @param sums how many sums a version has
 * @param versions how many versions there are
 */
record SetRow(
    long id, String title, JsonNode lines, OffsetDateTime keptAt, int sums, int versions) {}
