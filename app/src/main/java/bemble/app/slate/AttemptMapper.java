package bemble.app.slate;

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

/** The pages of work, and their strokes. */
@Mapper
public interface AttemptMapper extends Deletable {
  String COLUMNS =
      """
      select id, plain, method, style,
             coalesce((select name from pupil where id = pupil_id), who) as who, pupil_id,
             setting_out, telling, begun_at, handed_in_at, explanation, check_of, came_back, mends,
             layout, run_id, silent, from_paper
      from work
      """;

  @Select(
      """
      select id from final table (
        insert into work
          (plain, method, style, who, setting_out, telling, begun_at, explanation, check_of,
           mends, layout, run_id, silent, rung, for_handout_id, for_number, pupil_id)
        values (#{sum.plain}, #{sum.method}, #{sum.style}, #{writer.who}, #{settingOut},
                #{telling}, #{begunAt}, '', #{links.checkOf}, #{links.mends}, #{sum.layout},
                #{links.runId}, #{silent}, #{sum.rung},
                (select id from handout where id = #{links.handoutId} and deleted_at is null),
                #{links.handoutNumber}, #{writer.pupil}))
      """)
  long insert(NewAttempt attempt);

  /** Begins the page of work that waits for it; 0 where it is begun. */
  @Update(
      """
      update work
      set plain = #{page.sum.plain}, method = #{page.sum.method}, style = #{page.sum.style},
          setting_out = #{page.settingOut}, telling = #{page.telling}, begun_at = #{page.begunAt},
          explanation = '', layout = #{page.sum.layout}, silent = #{page.silent},
          rung = case when rung = '' then #{page.sum.rung} else rung end
      where id = #{id} and begun_at is null
      """)
  int begin(@Param("id") long id, @Param("page") NewAttempt page);

  /**
   * The attempts begun before {@code before}, newest first. Checks are found with the pages that
   * they prove, the pages of a run with the run, and those from paper with their handout.
   */
  @Select(
      """
      select id, plain, method, style,
             coalesce((select name from pupil where id = pupil_id), who) as who, begun_at,
             handed_in_at, judged_by, finding, findings,
             (select max(millis) from stroke where work_id = work.id) as last_millis
      from work
      where begun_at is not null and deleted_at is null and check_of is null and run_id is null
        and not from_paper and id < #{before}
      order by id desc fetch first #{most} rows only
      """)
  List<ListedAttemptRow> list(@Param("before") long before, @Param("most") int most);

  @Select(
      """
      select count(*) from work
      where begun_at is not null and deleted_at is null and check_of is null and run_id is null
        and not from_paper
      """)
  long count();

  /** Keeps the judgement of a version of the judge. */
  @Update(
      """
      update work
      set judged_by = #{by}, finding = #{found.finding}, findings = #{found.findings},
          all_right = #{found.allRight}, page_slip = #{found.slip}
      where id = #{id}
      """)
  int judged(@Param("id") long id, @Param("by") int by, @Param("found") PageJudgement found);

  /** Notes that its writer had a hint. */
  @Update("update work set helped = true where id = #{id}")
  int help(long id);

  /** Lets the judge speak of the pages of a run. */
  @Update("update work set silent = false where run_id = #{run}")
  int speak(long run);

  @Select("select id from work where run_id = #{run}")
  List<Long> ofRun(long run);

  @Select(COLUMNS + "where id = #{id} and begun_at is not null and deleted_at is null")
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
      update work
      set handed_in_at = #{at}, explanation = #{explanation}, came_back = #{cameBack}
      where id = #{id} and handed_in_at is null and deleted_at is null
      """)
  int handIn(
      @Param("id") long id,
      @Param("at") OffsetDateTime at,
      @Param("explanation") String explanation,
      @Param("cameBack") @Nullable Boolean cameBack);

  /** Ends an attempt that was read off paper. */
  @Update("update work set from_paper = true, handed_in_at = #{at} where id = #{id}")
  int fromPaper(@Param("id") long id, @Param("at") OffsetDateTime at);

  /** Adds some strokes, all or none; a number that is there already is refused. */
  @Insert(
      """
      <script>
      insert into stroke (work_id, number, millis, kind, row_at, column_at, text) values
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
      insert into stroke (work_id, number, millis, kind, row_at, column_at, text)
      select #{to}, number, 0, kind, row_at, column_at, text from stroke where work_id = #{from}
      """)
  int copyStrokes(@Param("from") long from, @Param("to") long to);

  @Select(
      """
      select number, millis, kind, row_at, column_at, text from stroke
      where work_id = #{attempt} order by number
      """)
  List<StrokeRow> strokes(long attempt);

  /** The latest sums that pupils of a class have handed in, and how long each took. */
  @Select(
      """
      select a.plain, a.method,
             (select max(millis) from stroke where work_id = a.id) as millis
      from work a join pupil p on p.id = a.pupil_id
      where p.class_id = #{classId} and a.handed_in_at is not null and a.check_of is null
        and a.deleted_at is null and not a.from_paper
        and exists (select 1 from stroke where work_id = a.id)
      order by a.id desc fetch first #{most} rows only
      """)
  List<TimedRow> times(@Param("classId") long classId, @Param("most") int most);

  @Update("update work set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update work set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  /** Leaves the answer of a page in its handout without the page, which is deleted. */
  default void leaveAnswer(long id) {
    copyAnswer(id)
        .ifPresent(
            answer -> {
              leaveGrid(id);
              placeInGrid(answer, id);
            });
  }

  @Select(
      """
      select id from final table (
        insert into work (pupil_id, worked_on, given, outcome, slip, overruled, marked_by,
                          changed_at, said)
        select pupil_id, worked_on, given, outcome, slip, overruled, marked_by, changed_at, said
        from work where id = #{id} and handout_id is not null)
      """)
  Optional<Long> copyAnswer(long id);

  @Update("update work set handout_id = null, number = null where id = #{id}")
  int leaveGrid(long id);

  /** Puts an answer in the place that a page is for. */
  @Update(
      """
      update work
      set (handout_id, number) = (select for_handout_id, for_number from work where id = #{page})
      where id = #{answer}
      """)
  int placeInGrid(@Param("answer") long answer, @Param("page") long page);

  /** Puts a page behind its answer again, if nobody has typed another one meanwhile. */
  default void takeAnswerBack(long id) {
    leftAnswer(id)
        .ifPresent(
            answer -> {
              takeAnswer(id, answer);
              leaveGrid(answer);
              placeInGrid(id, id);
              remove(answer);
            });
  }

  /** The answer in the place of a page that has none, if it is the same and has no page. */
  @Select(
      """
      select a.id from work w
      join work a on a.handout_id = w.for_handout_id and a.pupil_id = w.pupil_id
                     and a.number = w.for_number and a.given = w.given
      where w.id = #{id} and w.handout_id is null and a.begun_at is null
      """)
  Optional<Long> leftAnswer(long id);

  @Update(
      """
      update work
      set (worked_on, given, outcome, slip, overruled, marked_by, changed_at, said) = (
        select worked_on, given, outcome, slip, overruled, marked_by, changed_at, said
        from work where id = #{answer})
      where id = #{id}
      """)
  int takeAnswer(@Param("id") long id, @Param("answer") long answer);

  @Delete("delete from work where id = #{id}")
  int remove(long id);

  /** Deletes pages with their checks, and whatever was of a handout that is gone. */
  @Delete(
      """
      delete from work
      where deleted_at < #{before} or from_paper and for_handout_id is null
         or begun_at is null and handout_id is null and run_id is null
      """)
  @Override
  int purge(OffsetDateTime before);
}
