package bemble.app.marking;

import bemble.app.house.PupilRow;
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

/** The handouts with their answers. Deleted ones stay until {@link #purge}. */
@Mapper
public interface HandoutMapper extends Deletable {
  String COLUMNS =
      """
      select id, class_id, set_id, set_version, title, kind, given_on, due_on, pass_mark,
             (select count(*) from handout_pupil where handout_id = handout.id) as pupils,
             (select count(*) from handout_sum where handout_id = handout.id) as sums,
             (select count(*) from work where handout_id = handout.id) as answers
      from handout
      """;

  @Select(
      """
      select id from final table (
        insert into handout (class_id, set_id, set_version, title, kind, given_on, due_on,
                             pass_mark)
        values (#{classId}, (select id from practice_set where id = #{setId}), #{setVersion},
                #{title}, #{kind}, #{givenOn}, #{dueOn}, #{passMark}))
      """)
  long insert(NewHandout handout);

  @Insert(
      """
      <script>
      insert into handout_sum (handout_id, number, plain, method, rung) values
      <foreach item="sum" collection="sums" separator=",">
        (#{handout}, #{sum.number}, #{sum.plain}, #{sum.method}, #{sum.rung})
      </foreach>
      </script>
      """)
  int addSums(@Param("handout") long handout, @Param("sums") List<HandoutSumRow> sums);

  @Insert(
      """
      <script>
      insert into handout_pupil (handout_id, pupil_id) values
      <foreach item="pupil" collection="pupils" separator=",">(#{handout}, #{pupil})</foreach>
      </script>
      """)
  int addPupils(@Param("handout") long handout, @Param("pupils") List<Long> pupils);

  /** The handouts of a class made before the one of that id, newest first. */
  @Select(
      COLUMNS
          + """
          where deleted_at is null and class_id = #{classId} and id < #{before}
          order by id desc fetch first #{most} rows only
          """)
  List<HandoutRow> list(
      @Param("classId") long classId, @Param("before") long before, @Param("most") int most);

  @Select("select count(*) from handout where deleted_at is null and class_id = #{classId}")
  long count(long classId);

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<HandoutRow> find(long id);

  @Select(
      """
      select number, plain, method, rung from handout_sum
      where handout_id = #{handout} order by number
      """)
  List<HandoutSumRow> sums(long handout);

  @Select(
      """
      select id, class_id, name, left_at from pupil
      where id in (select pupil_id from handout_pupil where handout_id = #{handout})
      order by place nulls last, lower(name)
      """)
  List<PupilRow> pupils(long handout);

  @Select(
      """
      select pupil_id, number, given, outcome, slip, overruled from work
      where handout_id = #{handout} order by pupil_id, number
      """)
  List<AnswerRow> answers(long handout);

  /** The handouts with answers that were marked, and not decided, by another judge. */
  @Select(
      """
      select distinct w.handout_id from work w
      join handout h on h.id = w.handout_id and h.deleted_at is null
      where w.marked_by <> #{by} and not w.overruled
      """)
  List<Long> markedByOthers(int by);

  /** The answer of a pupil to a sum, locked until the transaction ends. */
  @Select(
      """
      select pupil_id, number, given, outcome, slip, overruled from work
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number} for update
      """)
  Optional<AnswerRow> answer(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  /** The place that a page was typed in for. */
  @Select(
      """
      select w.for_handout_id as handout_id, w.for_number as number, w.pupil_id,
             w.page_slip as slip, h.given_on as worked_on
      from work w
      join handout h on h.id = w.for_handout_id
      join handout_pupil p on p.handout_id = w.for_handout_id and p.pupil_id = w.pupil_id
      join handout_sum s on s.handout_id = w.for_handout_id and s.number = w.for_number
      where w.id = #{attempt} and w.check_of is null
      """)
  Optional<FillingRow> typedInFor(long attempt);

  /** The newest handout in which the writer of a page has its sum without an answer, and where. */
  @Select(
      """
      select h.id as handout_id, s.number, w.pupil_id, w.page_slip as slip,
             cast(w.handed_in_at as date) as worked_on
      from work w
      join handout_pupil p on p.pupil_id = w.pupil_id
      join handout h on h.id = p.handout_id and h.deleted_at is null
      join handout_sum s on s.handout_id = h.id and s.plain = w.plain and s.method = w.method
      where w.id = #{attempt} and w.check_of is null and w.for_handout_id is null
        and not exists (select 1 from work
                        where handout_id = h.id and pupil_id = w.pupil_id and number = s.number)
      order by h.id desc, s.number fetch first row only
      """)
  Optional<FillingRow> openFor(long attempt);

  /** The page behind an answer, if it was read off paper. */
  @Select(
      """
      select id from work
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number} and from_paper
      """)
  Optional<Long> pageFromPaper(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  /** The pages that stand behind answers. */
  @Select(
      """
      select pupil_id, number, id as attempt_id from work
      where handout_id = #{handout} and begun_at is not null order by pupil_id, number
      """)
  List<AnswerPageRow> pages(long handout);

  /** The pages that an earlier Bemble was killed over, before they could fill an answer in. */
  @Select("select id from work where grid_due and deleted_at is null order by id")
  List<Long> due();

  /** Notes that a page has filled in what it can. */
  @Update("update work set grid_due = false where id = #{attempt}")
  int done(long attempt);

  /** Makes a page the one that answers a sum, instead of whatever answered it. */
  default void fill(long attempt, FillingRow at, AnswerRow answer, int by, OffsetDateTime now) {
    remove(at.handoutId(), at.pupilId(), at.number());
    answerBy(attempt, at, answer, by, now);
  }

  @Update(
      """
      update work
      set for_handout_id = #{at.handoutId}, for_number = #{at.number},
          handout_id = #{at.handoutId}, number = #{at.number}, worked_on = #{at.workedOn},
          given = #{answer.given}, outcome = #{answer.outcome}, slip = #{answer.slip},
          overruled = #{answer.overruled}, marked_by = #{by}, changed_at = #{now}
      where id = #{attempt}
      """)
  int answerBy(
      @Param("attempt") long attempt,
      @Param("at") FillingRow at,
      @Param("answer") AnswerRow answer,
      @Param("by") int by,
      @Param("now") OffsetDateTime now);

  /** Marks an answer anew without changing it; the judgement of its page stays. */
  @Update(
      """
      update work
      set outcome = #{answer.outcome}, marked_by = #{by},
          slip = case when begun_at is null then #{answer.slip} else slip end
      where handout_id = #{handout} and pupil_id = #{answer.pupilId}
        and number = #{answer.number}
      """)
  int mark(@Param("handout") long handout, @Param("answer") AnswerRow answer, @Param("by") int by);

  @Update(
      """
      merge into work (handout_id, pupil_id, number, worked_on, given, outcome, slip, overruled,
                       marked_by, changed_at)
      key (handout_id, pupil_id, number)
      values (#{handout}, #{answer.pupilId}, #{answer.number},
              coalesce((select worked_on from work
                        where handout_id = #{handout} and pupil_id = #{answer.pupilId}
                          and number = #{answer.number}),
                       (select given_on from handout where id = #{handout})),
              #{answer.given}, #{answer.outcome}, #{answer.slip}, #{answer.overruled}, #{by},
              #{at})
      """)
  int put(
      @Param("handout") long handout,
      @Param("answer") AnswerRow answer,
      @Param("by") int by,
      @Param("at") OffsetDateTime at);

  /** Takes an answer away; its page stays, if it has one. */
  default void remove(long handout, long pupil, int number) {
    removeTyped(handout, pupil, number);
    leaveGrid(handout, pupil, number);
  }

  @Delete(
      """
      delete from work
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number}
        and begun_at is null
      """)
  int removeTyped(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  @Update(
      """
      update work set handout_id = null, number = null
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number}
      """)
  int leaveGrid(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  @Update("update handout set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update handout set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from handout where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
