package bemble.app.ladder;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The changes of classes to their ladders. */
@Mapper
public interface LadderMapper {
  @Select(
      """
      select rung, hidden, name, news, recipe, method from ladder_rung
      where class_id = #{classId} order by place
      """)
  List<LadderRow> of(long classId);

  /** Keeps a class for this transaction: one change of its ladder after the other. */
  @Select("select id from school_class where id = #{classId} for update")
  Long lock(long classId);

  @Delete("delete from ladder_rung where class_id = #{classId}")
  int clear(long classId);

  @Insert(
      """
      <script>
      insert into ladder_rung (class_id, place, rung, hidden, name, news, recipe, method) values
      <foreach item="row" index="place" collection="rows" separator=",">
        (#{classId}, #{place}, #{row.rung}, #{row.hidden}, #{row.name}, #{row.news},
         #{row.recipe}, #{row.method})
      </foreach>
      </script>
      """)
  int put(@Param("classId") long classId, @Param("rows") List<LadderRow> rows);

  /**
   * How many sums of a rung the pupils of a class have worked, and how many standings were decided
   * on it.
   */
  @Select(
      """
      select (select count(*) from evidence e join pupil p on p.id = e.pupil_id
              where p.class_id = #{classId} and e.rung = #{rung})
           + (select count(*) from decided_standing d join pupil p on p.id = d.pupil_id
              where p.class_id = #{classId} and d.rung = #{rung})
      """)
  int worked(@Param("classId") long classId, @Param("rung") String rung);
}
