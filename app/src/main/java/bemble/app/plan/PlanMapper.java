package bemble.app.plan;

import bemble.app.table.Deletable;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The lessons, holidays and minutes of a class. Deleted lessons stay until {@link #purge}. */
@Mapper
public interface PlanMapper extends Deletable {
  String COLUMNS =
      """
      select id, class_id, taught_on, kind, rung, slip, title, state, note, version from lesson
      """;

  /** A set that was deleted is none. */
  String PART_COLUMNS =
      """
      select lesson_id, number, kind, lines, minutes, pupils,
             (select id from practice_set where id = set_id and deleted_at is null) as set_id
      from lesson_part
      """;

  @Select(
      """
      select id from final table (
        insert into lesson (class_id, taught_on, kind, rung, slip, title, state, note, version,
                            came_from)
        values (#{classId}, #{taughtOn}, #{kind}, #{rung}, #{slip}, #{title}, 'PLANNED', #{note},
                1, #{cameFrom}))
      """)
  long insert(NewLesson lesson);

  @Insert(
      """
      <script>
      insert into lesson_part (lesson_id, number, kind, lines, minutes, pupils, set_id) values
      <foreach item="part" collection="parts" separator=",">
        (#{lesson}, #{part.number}, #{part.kind}, #{part.lines}, #{part.minutes}, #{part.pupils},
         #{part.setId})
      </foreach>
      </script>
      """)
  int addParts(@Param("lesson") long lesson, @Param("parts") List<LessonPartRow> parts);

  /** The lessons that hold the untaught rest of a lesson. */
  @Select(COLUMNS + "where came_from = #{id} and deleted_at is null")
  List<LessonRow> leftOf(long id);

  /** The lessons of some days, both ends among them. */
  @Select(
      COLUMNS
          + """
          where class_id = #{classId} and taught_on between #{from} and #{to}
            and deleted_at is null
          order by taught_on, id
          """)
  List<LessonRow> lessons(
      @Param("classId") long classId, @Param("from") LocalDate from, @Param("to") LocalDate to);

  /** The first day from a day on that a lesson is still planned for. */
  @Select(
      """
      select min(taught_on) from lesson
      where class_id = #{classId} and taught_on >= #{from} and state = 'PLANNED'
        and deleted_at is null
      """)
  Optional<LocalDate> nextPlanned(@Param("classId") long classId, @Param("from") LocalDate from);

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<LessonRow> find(long id);

  @Select(
      PART_COLUMNS
          + """
          where lesson_id in (
            select id from lesson
            where class_id = #{classId} and taught_on between #{from} and #{to})
          order by lesson_id, number
          """)
  List<LessonPartRow> parts(
      @Param("classId") long classId, @Param("from") LocalDate from, @Param("to") LocalDate to);

  @Select(PART_COLUMNS + "where lesson_id = #{lesson} order by number")
  List<LessonPartRow> partsOf(long lesson);

  /** Changes a lesson that is as it was seen; 0 where it is not. */
  @Update(
      """
      update lesson
      set taught_on = #{lesson.taughtOn}, title = #{lesson.title}, state = #{lesson.state},
          note = #{lesson.note}, version = version + 1
      where id = #{lesson.id} and version = #{lesson.version} and deleted_at is null
      """)
  int change(@Param("lesson") LessonRow lesson);

  @Delete("delete from lesson_part where lesson_id = #{lesson}")
  int removeParts(long lesson);

  @Update(
      """
      update lesson_part set set_id = #{set} where lesson_id = #{lesson} and number = #{number}
      """)
  int give(@Param("lesson") long lesson, @Param("number") int number, @Param("set") long set);

  @Select(
      """
      select free_on, name from holiday
      where class_id = #{classId} and free_on between #{from} and #{to} order by free_on
      """)
  List<HolidayRow> holidays(
      @Param("classId") long classId, @Param("from") LocalDate from, @Param("to") LocalDate to);

  @Update(
      """
      merge into holiday (class_id, free_on, name) key (class_id, free_on)
      values (#{classId}, #{day}, #{name})
      """)
  int addHoliday(
      @Param("classId") long classId, @Param("day") LocalDate day, @Param("name") String name);

  @Delete("delete from holiday where class_id = #{classId} and free_on = #{day}")
  int removeHoliday(@Param("classId") long classId, @Param("day") LocalDate day);

  @Select("select weekday, minutes, begins from timetable where class_id = #{classId}")
  List<WeekdayRow> timetable(long classId);

  @Update(
      """
      merge into timetable (class_id, weekday, minutes, begins) key (class_id, weekday)
      values (#{classId}, #{day.weekday}, #{day.minutes}, #{day.begins})
      """)
  int setWeekday(@Param("classId") long classId, @Param("day") WeekdayRow day);

  /** The logbook, latest first: lessons, handouts, sets, runs and votes of a class. */
  @Select(
      """
      select kind, id, done_on, title, told, note from (
        select 'LESSON' as kind, id, taught_on as done_on, title, state as told, note from lesson
        where class_id = #{classId} and deleted_at is null and state <> 'PLANNED'
        union all
        select 'HANDOUT', id, given_on, title, kind, '' from handout
        where class_id = #{classId} and deleted_at is null
        union all
        select 'SET', id, cast(kept_at as date), title, '', '' from practice_set
        where class_id = #{classId} and deleted_at is null
        union all
        select 'RUN', id, cast(ended_at as date), title, who, '' from run
        where class_id = #{classId} and deleted_at is null and ended_at is not null
        union all
        select 'VOTE', id, voted_on, title, right_votes || ' ' || votes, '' from class_vote
        where class_id = #{classId})
      where lower(title) like #{like} escape '!' or lower(note) like #{like} escape '!'
        or lower(told) like #{like} escape '!'
      order by done_on desc, kind, id desc
      offset #{skipped} rows fetch first #{most} rows only
      """)
  List<LogRow> log(
      @Param("classId") long classId,
      @Param("like") String like,
      @Param("skipped") int skipped,
      @Param("most") int most);

  @Update("update lesson set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update lesson set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from lesson where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
