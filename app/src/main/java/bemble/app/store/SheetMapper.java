package bemble.app.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The exercise sheets that were made: where everything lies on them. */
@Mapper
public interface SheetMapper {
  @Select("select id from sheet where digest = #{digest}")
  Optional<Long> find(String digest);

  @Insert(
      """
      insert into sheet (set_id, digest, lies, made_at)
      select (select id from practice_set where id = #{set}), #{digest}, #{lies}, #{at}
      where not exists (select 1 from sheet where digest = #{digest})
      """)
  int add(
      @Param("set") Long set,
      @Param("digest") String digest,
      @Param("lies") JsonNode lies,
      @Param("at") OffsetDateTime at);

  /** What was said of a sheet. */
  @Select("select lies from sheet where id = #{id}")
  Optional<JsonNode> lies(long id);
}
