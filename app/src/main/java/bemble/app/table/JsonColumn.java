package bemble.app.table;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.MissingNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Columns that hold JSON. An empty one is a missing value; a damaged one is read as a JSON text, so
 * that its reader finds the damage.
 */
@Component
@MappedTypes(JsonNode.class)
class JsonColumn extends BaseTypeHandler<JsonNode> {
  private final ObjectMapper json;

  JsonColumn(ObjectMapper json) {
    this.json = json;
  }

  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int at, JsonNode value, JdbcType type) throws SQLException {
    statement.setString(at, value.isMissingNode() ? "" : value.toString());
  }

  @Override
  public @Nullable JsonNode getNullableResult(ResultSet row, String column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable JsonNode getNullableResult(ResultSet row, int column) throws SQLException {
    return read(row.getString(column));
  }

  @Override
  public @Nullable JsonNode getNullableResult(CallableStatement row, int column)
      throws SQLException {
    return read(row.getString(column));
  }

  private @Nullable JsonNode read(@Nullable String text) {
    if (text == null) {
      return null;
    }
    try {
      return text.isEmpty() ? MissingNode.getInstance() : json.readTree(text);
    } catch (JsonProcessingException e) {
      return TextNode.valueOf(text);
    }
  }
}
