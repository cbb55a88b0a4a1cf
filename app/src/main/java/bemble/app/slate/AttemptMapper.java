package bemble.app.slate;

import bemble.app.house.PupilMapper;
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
import org.jspecify.annotations.Nullable;

/** The attempts and their strokes. */
@Mapper
public interface AttemptMapper extends Deletable {
  String COLUMNS =
      """
      select id, plain, method, style, who, setting_out, telling, begun_at, handed_in_at,
             explanation, check_of, came_back, mends, layout, run_id, silent, from_paper
      from attempt
      """;

  @Select(
      """
      select id from final table (
        insert into attempt
          (plain, method, style, who, setting_out, telling, begun_at, explanation, check_of,
           mends, layout, run_id, silent, rung, handout_id, handout_number, pupil_id)
        values (#{sum.plain}, #{sum.method}, #{sum.style}, #{who}, #{settingOut}, #{telling},
                #{begunAt}, '', #{links.checkOf}, #{links.mends}, #{sum.layout}, #{links.runId},
                #{silent}, #{sum.rung},
                (select id from handout where id = #{links.handoutId} and deleted_at is null),
                #{links.handoutNumber},
      """
          + PupilMapper.BY_NAME
          + """
          ))
          """)
  long insert(NewAttempt attempt);

  /**
   * The attempts begun before {@code before}, newest first. Checks are found with the pages that
   * they prove, the pages of a run with the run, and those from paper with their handout.
   */
  @Select(
      """
      select id, plain, method, style, who, begun_at, handed_in_at, judged_by, slip, slips,
             (select max(millis) from stroke where attempt_id = attempt.id) as last_millis
      from attempt
      where deleted_at is null and check_of is null and run_id is null and not from_paper
        and id < #{before}
      order by id desc fetch first #{most} rows only
      """)
  List<ListedAttemptRow> list(@Param("before") long before, @Param("most") int most);

  @Select(
      """
      select count(*) from attempt
      where deleted_at is null and check_of is null and run_id is null and not from_paper
      """)
  long count();

  /** Keeps the judgement of a version of the judge. */
  @Update(
      """
      update attempt
      set judged_by = #{by}, slip = #{found.slip}, slips = #{found.slips},
          all_right = #{found.allRight}, slip_id = #{found.slipId}
      where id = #{id}
      """)
  int judged(@Param("id") long id, @Param("by") int by, @Param("found") PageJudgement found);

  /** Notes that its writer had a hint. */
  @Update("update attempt set helped = true where id = #{id}")
  int help(long id);

  /** Lets the judge speak of the pages of a run. */
  @Update("update attempt set silent = false where run_id = #{run}")
  int speak(long run);

  @Select("select id from attempt where run_id = #{run}")
  List<Long> ofRun(long run);

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<AttemptRow> find(long id);

  /** The check of a page; the latest of two, since a deleted one may be brought back. */
  @Select(
      COLUMNS
          + "where check_of = #{id} and deleted_at is null"
          + " order by id desc fetch first row only")
  Optional<AttemptRow> findCheck(long id);

  /** Ends an attempt once; 0 where it has ended before. */
  @Update(
      """
      update attempt
      set handed_in_at = #{at}, explanation = #{explanation}, came_back = #{cameBack}
      where id = #{id} and handed_in_at is null and deleted_at is null
      """)
  int handIn(
      @Param("id") long id,
      @Param("at") OffsetDateTime at,
      @Param("explanation") String explanation,
      @Param("cameBack") @Nullable Boolean cameBack);

  /** Ends an attempt that was read off paper. */
  @Update(
      """
      update attempt set from_paper = true, pupil_id = #{pupil}, handed_in_at = #{at}
      where id = #{id}
      """)
  int fromPaper(@Param("id") long id, @Param("pupil") long pupil, @Param("at") OffsetDateTime at);

  /** Adds some strokes, all or none; a number that is there already is refused. */
  @Insert(
      """
      <script>
      insert into stroke (attempt_id, number, millis, kind, row_at, column_at, text) values
      <foreach item="stroke" collection="strokes" separator=",">
        (#{attempt}, #{stroke.number}, #{stroke.millis}, #{stroke.kind}, #{stroke.rowAt},
         #{stroke.columnAt}, #{stroke.text})
      </foreach>
      </script>
      """)
  int write(@Param("attempt") long attempt, @Param("strokes") List<StrokeRow> strokes);

  /** Copies the strokes of one page to another. */
  @Insert(
      """
      insert into stroke (attempt_id, number, millis, kind, row_at, column_at, text)
      select #{to}, number, 0, kind, row_at, column_at, text from stroke where attempt_id = #{from}
      """)
  int copyStrokes(@Param("from") long from, @Param("to") long to);

  @Select(
      """
      select number, millis, kind, row_at, column_at, text from stroke
      where attempt_id = #{attempt} order by number
      """)
  List<StrokeRow> strokes(long attempt);

  /** The latest sums that pupils of a class have handed in, and how long each took. */
  @Select(
      """
      select a.plain, a.method,
             (select max(millis) from stroke where attempt_id = a.id) as millis
      from attempt a join pupil p on p.id = a.pupil_id
      where p.class_id = #{classId} and a.handed_in_at is not null and a.check_of is null
        and a.deleted_at is null and not a.from_paper
        and exists (select 1 from stroke where attempt_id = a.id)
      order by a.id desc fetch first #{most} rows only
      """)
  List<TimedRow> times(@Param("classId") long classId, @Param("most") int most);

  @Update("update attempt set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update attempt set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  /** Deletes a check with the page that it proves, and a page from paper with its handout. */
  @Override
  default int purge(OffsetDateTime before) {
    return purgeChecks(before) + purgeDeleted(before) + purgeFromPaper();
  }

  @Delete("delete from attempt where from_paper and handout_id is null")
  int purgeFromPaper();

  @Delete(
      """
      delete from attempt
      where check_of in (select id from attempt where deleted_at < #{before})
      """)
  int purgeChecks(OffsetDateTime before);

  @Delete("delete from attempt where deleted_at < #{before}")
  int purgeDeleted(OffsetDateTime before);
}
