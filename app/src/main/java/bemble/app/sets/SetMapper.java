package bemble.app.sets;

import bemble.app.table.Deletable;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The kept sets. Deleted ones stay until {@link #purge}, so that they can be brought back. */
@Mapper
public interface SetMapper extends Deletable {
  String COLUMNS =
      """
      select id, title, lines, kept_at,
             (select count(*) from set_sum where set_id = id and version = 'A') as sums,
             (select count(distinct version) from set_sum where set_id = id) as versions
      from practice_set
      """;

  @Select(
      """
      select id from final table (
        insert into practice_set (title, class_id, lines, kept_at)
        values (#{title}, #{classId}, #{lines}, #{keptAt}))
      """)
  long insert(NewSet set);

  @Insert(
      """
      <script>
      insert into set_sum (set_id, version, number, plain, method, rung, part) values
      <foreach item="sum" collection="sums" separator=",">
        (#{set}, #{sum.version}, #{sum.number}, #{sum.plain}, #{sum.method}, #{sum.rung},
         #{sum.part})
      </foreach>
      </script>
      """)
  int addSums(@Param("set") long set, @Param("sums") List<SetSumRow> sums);

  @Delete("delete from set_sum where set_id = #{set}")
  int removeSums(long set);

  /** Keeps others from changing a set until the end of the transaction. */
  @Select("select id from practice_set where id = #{id} for update")
  Optional<Long> hold(long id);

  @Update(
      """
      update practice_set set title = #{title}, lines = #{lines}
      where id = #{id} and deleted_at is null
      """)
  int change(@Param("id") long id, @Param("title") String title, @Param("lines") JsonNode lines);

  /** The sets kept before {@code before} whose title, in small letters, is like that. */
  @Select(
      COLUMNS
          + """
          where deleted_at is null and id < #{before} and lower(title) like #{like} escape '!'
          order by id desc fetch first #{most} rows only
          """)
  List<SetRow> search(
      @Param("like") String like, @Param("before") long before, @Param("most") int most);

  @Select(
      """
      select count(*) from practice_set
      where deleted_at is null and lower(title) like #{like} escape '!'
      """)
  long count(@Param("like") String like);

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<SetRow> find(long id);

  @Select(
      """
      select version, number, plain, method, rung, part from set_sum
      where set_id = #{set} order by version, number
      """)
  List<SetSumRow> sums(long set);

  /** The sums of the latest sets of a class. */
  @Select(
      """
      select version, number, plain, method, rung, part from set_sum
      where set_id in (
        select id from practice_set where deleted_at is null and class_id = #{classId}
        order by id desc fetch first #{sets} rows only)
      """)
  List<SetSumRow> latestSums(@Param("classId") long classId, @Param("sets") int sets);

  @Update("update practice_set set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update practice_set set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from practice_set where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
