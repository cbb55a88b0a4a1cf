package bemble.app.sets;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/** A set about to be kept. */
record NewSet(String title, @Nullable Long classId, JsonNode lines, OffsetDateTime keptAt) {}
