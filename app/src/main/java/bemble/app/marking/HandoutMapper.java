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
             (select count(*) from answer where handout_id = handout.id) as answers
      from handout
      """;

  @Select(
      """
      select id from final table (
        insert into handout (class_id, set_id, set_version, title, kind, given_on, due_on,
                             pass_mark)
        values (#{classId}, (select id from practice_set where id = #{setId}), #{setVersion}, #{title}, #{kind}, #{givenOn}, #{dueOn},
                #{passMark}))
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
      select pupil_id, number, given, outcome, slip, overruled from answer
      where handout_id = #{handout} order by pupil_id, number
      """)
  List<AnswerRow> answers(long handout);

  /** The handouts with answers that were marked, and not decided, by another judge. */
  @Select(
      """
      select distinct a.handout_id from answer a
      join handout h on h.id = a.handout_id and h.deleted_at is null
      where a.judged_by <> #{by} and not a.overruled
      """)
  List<Long> markedByOthers(int by);

  /** The answer of a pupil to a sum, locked until the transaction ends. */
  @Select(
      """
      select pupil_id, number, given, outcome, slip, overruled from answer
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number} for update
      """)
  Optional<AnswerRow> answer(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  /** The place that a page was typed in for. */
  @Select(
      """
      select a.handout_id, a.handout_number as number, a.pupil_id, a.slip_id as slip
      from attempt a
      join handout_pupil p on p.handout_id = a.handout_id and p.pupil_id = a.pupil_id
      join handout_sum s on s.handout_id = a.handout_id and s.number = a.handout_number
      where a.id = #{attempt} and a.check_of is null
      """)
  Optional<FillingRow> typedInFor(long attempt);

  /** The newest handout in which the writer of a page has its sum without an answer, and where. */
  @Select(
      """
      select h.id as handout_id, s.number, a.pupil_id, a.slip_id as slip
      from attempt a
      join handout_pupil p on p.pupil_id = a.pupil_id
      join handout h on h.id = p.handout_id and h.deleted_at is null
      join handout_sum s on s.handout_id = h.id and s.plain = a.plain and s.method = a.method
      where a.id = #{attempt} and a.check_of is null and a.handout_id is null
        and not exists (select 1 from answer
                        where handout_id = h.id and pupil_id = a.pupil_id and number = s.number)
      order by h.id desc, s.number fetch first row only
      """)
  Optional<FillingRow> openFor(long attempt);

  /** The page behind an answer, if it was read off paper. */
  @Select(
      """
      select t.id from answer a
      join attempt t on t.id = a.attempt_id and t.from_paper and t.deleted_at is null
      where a.handout_id = #{handout} and a.pupil_id = #{pupil} and a.number = #{number}
      """)
  Optional<Long> pageFromPaper(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  /** The pages that stand behind answers. */
  @Select(
      """
      select a.pupil_id, a.number, t.id as attempt_id from answer a
      join attempt t on t.id = a.attempt_id and t.deleted_at is null
      where a.handout_id = #{handout} order by a.pupil_id, a.number
      """)
  List<AnswerPageRow> pages(long handout);

  /** The pages that an earlier Bemble was killed over, before they could fill an answer in. */
  @Select("select id from attempt where grid_due and deleted_at is null order by id")
  List<Long> due();

  /** Notes that a page has filled in what it can. */
  @Update("update attempt set grid_due = false where id = #{attempt}")
  int done(long attempt);

  /** Notes the page that filled an answer in. */
  @Update(
      """
      update answer set attempt_id = #{attempt}
      where handout_id = #{at.handoutId} and pupil_id = #{at.pupilId} and number = #{at.number}
      """)
  int filledBy(@Param("at") FillingRow at, @Param("attempt") long attempt);

  /** Marks an answer anew without changing it; the judgement of its page stays. */
  @Update(
      """
      update answer
      set outcome = #{answer.outcome}, judged_by = #{by},
          slip = case when attempt_id is null then #{answer.slip} else slip end
      where handout_id = #{handout} and pupil_id = #{answer.pupilId}
        and number = #{answer.number}
      """)
  int mark(@Param("handout") long handout, @Param("answer") AnswerRow answer, @Param("by") int by);

  @Update(
      """
      merge into answer (handout_id, pupil_id, number, given, outcome, slip, overruled, judged_by,
                         changed_at)
      key (handout_id, pupil_id, number)
      values (#{handout}, #{answer.pupilId}, #{answer.number}, #{answer.given}, #{answer.outcome},
              #{answer.slip}, #{answer.overruled}, #{by}, #{at})
      """)
  int put(
      @Param("handout") long handout,
      @Param("answer") AnswerRow answer,
      @Param("by") int by,
      @Param("at") OffsetDateTime at);

  @Delete(
      """
      delete from answer
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number}
      """)
  int remove(
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
