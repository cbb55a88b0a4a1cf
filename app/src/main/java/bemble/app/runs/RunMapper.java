package bemble.app.runs;

import bemble.app.slate.PageWriter;
import bemble.app.table.Deletable;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The runs and their sums. Deleted ones stay until {@link #purge}. */
@Mapper
public interface RunMapper extends Deletable {
  String COLUMNS =
      """
      select id, title, who, pupil_id, set_version,
             exists (select 1 from practice_set where id = run.set_id and deleted_at is null)
               as set_stands,
             rung, method, pass_mark, in_a_row, telling, setting_out, with_check, begun_at,
             ended_at, paused_at, gone_on_at
      from run
      """;

  @Select(
      """
      select id from final table (
        insert into run (title, who, class_id, set_id, set_version, rung, method, pass_mark,
                         in_a_row, telling, setting_out, with_check, begun_at, pupil_id)
        values (#{title}, #{writer.who}, #{classId},
                (select id from practice_set where id = #{source.setId}), #{source.setVersion},
                #{source.rung}, #{source.method}, #{terms.passMark}, #{terms.inARow},
                #{terms.telling}, #{terms.settingOut}, #{terms.withCheck}, #{begunAt},
                #{writer.pupil}))
      """)
  long insert(NewRun run);

  /** Adds sums that are not begun; refuses a number that is there already. */
  @Insert(
      """
      <script>
      insert into work (run_id, who, pupil_id, run_number, plain, method, rung, again_of) values
      <foreach item="sum" collection="sums" separator=",">
        (#{run}, #{writer.who}, #{writer.pupil}, #{sum.number}, #{sum.plain}, #{sum.method},
         #{sum.rung}, #{sum.againOf})
      </foreach>
      </script>
      """)
  int addSums(
      @Param("run") long run,
      @Param("writer") PageWriter writer,
      @Param("sums") List<RunSumRow> sums);

  /** The runs begun before the one of that id, newest first. */
  @Select(
      COLUMNS
          + """
          where deleted_at is null and id < #{before}
          order by id desc fetch first #{most} rows only
          """)
  List<RunRow> list(@Param("before") long before, @Param("most") int most);

  @Select("select count(*) from run where deleted_at is null")
  long count();

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<RunRow> find(long id);

  /** The sums of some runs, each in its order. */
  @Select(
      """
      <script>
      select id, run_id, run_number as number, plain, method, rung, again_of,
             begun_at is not null as begun, settled_right, page_slip as slip, seconds, paused_millis
      from work
      where run_number is not null and run_id in
      <foreach item="run" collection="runs" open="(" separator="," close=")">#{run}</foreach>
      order by run_number
      </script>
      """)
  List<RunSumRow> sumsOf(@Param("runs") List<Long> runs);

  default List<RunSumRow> sums(long run) {
    return sumsOf(List.of(run));
  }

  @Update("update work set settled_right = #{right}, seconds = #{seconds} where id = #{sum}")
  int settle(@Param("sum") long sum, @Param("right") boolean right, @Param("seconds") long seconds);

  @Update("update run set paused_at = #{at} where id = #{id} and ended_at is null")
  int pause(@Param("id") long id, @Param("at") OffsetDateTime at);

  /** Takes the pause away. */
  @Update("update run set paused_at = null, gone_on_at = #{at} where id = #{id}")
  int goOn(@Param("id") long id, @Param("at") OffsetDateTime at);

  /** Adds to how long the writer of a sum was away. */
  @Update("update work set paused_millis = paused_millis + #{millis} where id = #{sum}")
  int away(@Param("sum") long sum, @Param("millis") long millis);

  /** Ends a run once, and lets the judge speak of its pages. */
  @Update(
      """
      update run set ended_at = #{at}, paused_at = null
      where id = #{id} and ended_at is null and deleted_at is null
      """)
  int end(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update run set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update run set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from run where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
