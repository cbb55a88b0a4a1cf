package bemble.app.sets;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;

/**
 * A sheet to be kept.
 *
 * @param set the kept set that it is of; 0 for none
 * @param handout the handout that it is printed for; 0 for none
 * @param digest the digest of everything that tells it from others
 * @param check the word that its code repeats
 * @param lies where everything lies on it
 */
record NewSheet(
    long set, long handout, String digest, String check, JsonNode lies, OffsetDateTime madeAt) {}
