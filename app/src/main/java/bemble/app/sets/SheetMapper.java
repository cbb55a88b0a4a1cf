package bemble.app.sets;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The exercise sheets that were made: where everything lies on them. */
@Mapper
public interface SheetMapper {
  @Select("select id, check_word from sheet where digest = #{digest}")
  Optional<SheetRow> find(String digest);

  /** Keeps a sheet unless it is kept. */
  @Insert(
      """
      insert into sheet (set_id, handout_id, digest, check_word, lies, made_at)
      select (select id from practice_set where id = #{set}),
             (select id from handout where id = #{handout}),
             #{digest}, #{check}, #{lies}, #{madeAt}
      where not exists (select 1 from sheet where digest = #{digest})
      """)
  int add(NewSheet sheet);

  /** How the squares and marks of a sheet lie on its paper. */
  @Select("select lies from sheet where id = #{id}")
  Optional<JsonNode> lies(long id);

  /** The same where its code repeats the word that is kept; the first form had none. */
  @Select("select lies from sheet where id = #{id} and coalesce(check_word, '') = #{check}")
  Optional<JsonNode> named(@Param("id") long id, @Param("check") String check);

  @Select("select handout_id from sheet where id = #{id} and handout_id is not null")
  Optional<Long> handout(long id);
}
