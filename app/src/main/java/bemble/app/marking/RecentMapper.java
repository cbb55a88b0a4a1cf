package bemble.app.marking;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The recent work of pupils, and what the diagnosis says of it. */
@Mapper
public interface RecentMapper {
  String WORK =
      """
      select w.id, w.pupil_id, h.id as handout_id, coalesce(s.number, 0) as number,
             coalesce(h.given_on, cast(w.handed_in_at as date)) as worked_on,
             coalesce(s.plain, w.plain) as plain, coalesce(s.method, w.method) as method,
             coalesce(s.rung, w.rung) as rung,
             case when h.id is null then '' else w.given end as given,
             h.id is null or w.all_right is not null as judged,
             case when h.id is not null and w.overruled then w.slip else w.page_slip end as slip,
             h.id is not null and w.overruled as overruled, w.said
      from work w
      left join handout h on h.id = w.handout_id and h.deleted_at is null
      left join handout_sum s on s.handout_id = h.id and s.number = w.number
      where w.pupil_id is not null
        and (h.id is not null
             or w.all_right is not null and w.handed_in_at is not null and w.deleted_at is null
                and w.check_of is null and not w.from_paper)
        and\s\
      """;

  String BETWEEN =
      "coalesce(h.given_on, cast(w.handed_in_at as date)) between #{from} and #{to}"
          + " order by w.pupil_id, worked_on, handout_id, number, w.id";

  /** The work of a pupil between two days, earliest first. */
  @Select(WORK + "w.pupil_id = #{pupil} and " + BETWEEN)
  List<RecentRow> of(
      @Param("pupil") long pupil, @Param("from") LocalDate from, @Param("to") LocalDate to);

  /** The same of all pupils who were given a handout. */
  @Select(
      WORK
          + "w.pupil_id in (select pupil_id from handout_pupil where handout_id = #{handout}) and "
          + BETWEEN)
  List<RecentRow> ofAll(
      @Param("handout") long handout, @Param("from") LocalDate from, @Param("to") LocalDate to);

  /** A page, with the answer that it gives; empty for a page of nobody. */
  @Select(WORK + "w.id = #{attempt}")
  Optional<RecentRow> ofPage(long attempt);

  /** Work that the diagnosis did not look at yet. */
  @Select(WORK + "w.said is null")
  List<RecentRow> open();

  /**
   * Has later work of the pupils of a handout diagnosed again: its evidence may be gone, or back.
   */
  @Update(
      """
      update work set said = null
      where pupil_id in (select pupil_id from handout_pupil where handout_id = #{handout})
        and handout_id in (select id from handout
                           where given_on >= (select given_on from handout where id = #{handout}))
      """)
  int lookAgain(long handout);

  /** Has a pupil's later work looked at again where a page was deleted, or came back. */
  @Update(
      """
      update work set said = null
      where pupil_id = (select pupil_id from work where id = #{attempt})
        and (handed_in_at >= (select handed_in_at from work where id = #{attempt})
             or handout_id in (select id from handout
                               where given_on >= (select cast(handed_in_at as date) from work
                                                  where id = #{attempt})))
      """)
  int lookAgainAfter(long attempt);

  /** Has all work of a class looked at again. */
  @Update(
      """
      update work set said = null
      where pupil_id in (select id from pupil where class_id = #{classId})
      """)
  int lookAgainOf(long classId);

  /** Notes the slip that is said of some work. */
  @Update("update work set said = #{said} where id = #{work}")
  int say(@Param("work") long work, @Param("said") String said);
}
