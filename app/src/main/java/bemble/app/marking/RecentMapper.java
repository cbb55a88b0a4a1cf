package bemble.app.marking;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The recent work of pupils, and its diagnosis. */
@Mapper
public interface RecentMapper {
  String ANSWERS =
      """
      select a.pupil_id, a.handout_id, a.number, a.attempt_id, h.given_on as worked_on, s.plain,
             s.method, s.rung, a.given, coalesce(t.all_right is not null, false) as judged,
             case when a.overruled then a.slip else t.slip_id end as slip, a.overruled, a.said
      from answer a
      join handout h on h.id = a.handout_id and h.deleted_at is null
      join handout_sum s on s.handout_id = a.handout_id and s.number = a.number
      left join attempt t on t.id = a.attempt_id
      where\s\
      """;

  String PAGES =
      """
       union all
      select a.pupil_id, null, 0, a.id, cast(a.handed_in_at as date), a.plain, a.method, a.rung, '',
             true, a.slip_id, false, a.said
      from attempt a
      where a.all_right is not null and a.handed_in_at is not null and a.deleted_at is null
        and a.check_of is null and not a.from_paper
        and not exists (select 1 from answer w join handout h on h.id = w.handout_id
                        where w.attempt_id = a.id and h.deleted_at is null)
        and\s\
      """;

  String BY_DAY = " order by pupil_id, worked_on, handout_id, number, attempt_id";
  String OF_PUPIL = "a.pupil_id = #{pupil} and ";
  String OF_ALL =
      "a.pupil_id in (select pupil_id from handout_pupil where handout_id = #{handout}) and ";
  String GIVEN = "h.given_on between #{from} and #{to}";
  String HANDED_IN = "cast(a.handed_in_at as date) between #{from} and #{to}";

  /** The work of a pupil between two days, earliest first. */
  @Select(ANSWERS + OF_PUPIL + GIVEN + PAGES + OF_PUPIL + HANDED_IN + BY_DAY)
  List<RecentRow> of(
      @Param("pupil") long pupil, @Param("from") LocalDate from, @Param("to") LocalDate to);

  /** The same of all pupils who were given a handout. */
  @Select(ANSWERS + OF_ALL + GIVEN + PAGES + OF_ALL + HANDED_IN + BY_DAY)
  List<RecentRow> ofAll(
      @Param("handout") long handout, @Param("from") LocalDate from, @Param("to") LocalDate to);

  /** The state of a page; empty for a page of nobody. */
  @Select(
      ANSWERS
          + "a.attempt_id = #{attempt}"
          + PAGES
          + "a.id = #{attempt} and a.pupil_id is not null")
  Optional<RecentRow> ofPage(long attempt);

  /** Work that the diagnosis did not look at yet. */
  @Select(ANSWERS + "a.said is null" + PAGES + "a.said is null and a.pupil_id is not null")
  List<RecentRow> open();

  /**
   * Has later work of the pupils of a handout diagnosed again: its evidence may be gone, or back.
   */
  @Update(
      """
      update answer set said = null
      where pupil_id in (select pupil_id from handout_pupil where handout_id = #{handout})
        and handout_id in (select id from handout
                           where given_on >= (select given_on from handout where id = #{handout}))
      """)
  int lookAgain(long handout);

  /** Has a pupil's later answers looked at again where a page was deleted, or came back. */
  @Update(
      """
      update answer set said = null
      where pupil_id = (select pupil_id from attempt where id = #{attempt})
        and handout_id in (select id from handout
                           where given_on >= (select cast(handed_in_at as date) from attempt
                                              where id = #{attempt}))
      """)
  int lookAgainAfter(long attempt);

  /** The same of later pages. */
  @Update(
      """
      update attempt set said = null
      where pupil_id = (select pupil_id from attempt where id = #{attempt})
        and handed_in_at >= (select handed_in_at from attempt where id = #{attempt})
      """)
  int lookAtPagesAgainAfter(long attempt);

  /** Has all answers of a class looked at again. */
  @Update(
      """
      update answer set said = null
      where pupil_id in (select id from pupil where class_id = #{classId})
      """)
  int lookAtAnswersAgainOf(long classId);

  /** The same of its pages. */
  @Update(
      """
      update attempt set said = null
      where pupil_id in (select id from pupil where class_id = #{classId})
      """)
  int lookAtPagesAgainOf(long classId);

  /** Notes the slip that is said of an answer, or of a page that answers no handout. */
  @Update(
      """
      <script>
      <choose>
        <when test="row.handoutId != null">
          update answer set said = #{said}
          where handout_id = #{row.handoutId} and pupil_id = #{row.pupilId}
            and number = #{row.number}
        </when>
        <otherwise>update attempt set said = #{said} where id = #{row.attemptId}</otherwise>
      </choose>
      </script>
      """)
  int say(@Param("row") RecentRow row, @Param("said") String said);
}
