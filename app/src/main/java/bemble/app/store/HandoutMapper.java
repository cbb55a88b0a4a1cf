package bemble.app.store;

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

  /** Those of a class made before the one of that id, the newest first. */
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
      order by lower(name)
      """)
  List<PupilRow> pupils(long handout);

  @Select(
      """
      select pupil_id, number, given, mark, slip, overruled from answer
      where handout_id = #{handout} order by pupil_id, number
      """)
  List<AnswerRow> answers(long handout);

  /** The answer of a pupil to a sum, for nobody else to change until the transaction ends. */
  @Select(
      """
      select pupil_id, number, given, mark, slip, overruled from answer
      where handout_id = #{handout} and pupil_id = #{pupil} and number = #{number} for update
      """)
  Optional<AnswerRow> answer(
      @Param("handout") long handout, @Param("pupil") long pupil, @Param("number") int number);

  @Update(
      """
      merge into answer (handout_id, pupil_id, number, given, mark, slip, overruled, judged_by,
                         changed_at)
      key (handout_id, pupil_id, number)
      values (#{handout}, #{answer.pupilId}, #{answer.number}, #{answer.given}, #{answer.mark},
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
