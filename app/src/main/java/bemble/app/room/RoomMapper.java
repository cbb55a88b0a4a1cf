package bemble.app.room;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Rooms, their seats and the pages that were written there. */
@Mapper
public interface RoomMapper {
  String COLUMNS =
      """
      select id, class_id, address, port, code, opened_at, ends_at, closed_at, telling, hints,
             shows_time
      from room
      """;

  @Select(
      """
      select id from final table (
        insert into room (class_id, address, port, code, opened_at, ends_at, telling, hints,
                          shows_time)
        values (#{classId}, #{address}, #{port}, #{code}, #{openedAt}, #{endsAt}, #{telling},
                #{hints}, #{showsTime}))
      """)
  long insert(RoomRow room);

  @Select(COLUMNS + "where id = #{id}")
  Optional<RoomRow> find(long id);

  /** The one that is not closed, if any. */
  @Select(COLUMNS + "where closed_at is null order by id desc fetch first row only")
  Optional<RoomRow> open();

  /** The rooms of a class, latest first. */
  @Select(COLUMNS + "where class_id = #{classId} order by id desc fetch first #{most} rows only")
  List<RoomRow> of(@Param("classId") long classId, @Param("most") int most);

  @Update("update room set code = #{code} where id = #{id}")
  int recode(@Param("id") long id, @Param("code") String code);

  @Update("update room set ends_at = #{at} where id = #{id}")
  int end(@Param("id") long id, @Param("at") OffsetDateTime at);

  /** Closes all open rooms. */
  @Update("update room set closed_at = #{at} where closed_at is null")
  int close(OffsetDateTime at);

  @Select(
      """
      select id from final table (
        insert into room_seat (room_id, pupil_id, number, token)
        values (#{roomId}, #{pupilId}, #{number}, #{token}))
      """)
  long addSeat(SeatRow seat);

  @Update("update room_seat set token = #{token} where id = #{seat}")
  int give(@Param("seat") long seat, @Param("token") String token);

  @Select(
      "select id, room_id, pupil_id, number, token from room_seat"
          + " where room_id = #{room} order by number")
  List<SeatRow> seats(long room);

  /** Keeps work that is given out, until the room is closed. */
  @Insert("insert into room_work (room_id, work) values (#{room}, #{work})")
  int giveOut(@Param("room") long room, @Param("work") JsonNode work);

  /** The work that was given out, in its order. */
  @Select("select work from room_work where room_id = #{room} order by id")
  List<JsonNode> givenOut(long room);

  @Delete("delete from room_work where room_id = #{room}")
  int forgetWork(long room);

  @Update("update work set seat_id = #{seat} where id = #{attempt}")
  int addPage(@Param("seat") long seat, @Param("attempt") long attempt);

  /** The pages of a room that are not deleted, in the order in which they were begun. */
  @Select(
      """
      select w.id as attempt_id, w.seat_id, w.run_id, w.shown
      from work w join room_seat s on s.id = w.seat_id
      where s.room_id = #{room} and w.deleted_at is null order by w.id
      """)
  List<SeatPageRow> pages(long room);

  /** The results of the pages of a room, by pupil. */
  @Select(
      """
      select s.pupil_id, s.number, p.name, w.handed_in_at is not null as handed_in,
             coalesce(w.all_right, false) as all_right, w.page_slip as slip_id, w.shown, w.plain,
             w.method
      from work w
      join room_seat s on s.id = w.seat_id
      join pupil p on p.id = s.pupil_id
      where s.room_id = #{room} and w.deleted_at is null order by s.number, w.id
      """)
  List<WrittenPageRow> written(long room);

  @Update("update work set shown = true where id = #{attempt}")
  int show(long attempt);

  /** Deletes single pages of a room on which nothing was written, and all of made-up pupils. */
  @Delete(
      """
      delete from work
      where run_id is null and handout_id is null
        and (seat_id in (select id from room_seat where room_id = #{room} and pupil_id is null)
             or seat_id in (select id from room_seat where room_id = #{room})
                and not exists (select 1 from stroke where work_id = work.id))
      """)
  int clear(long room);

  /** Deletes the made-up pupils of a room. */
  @Delete("delete from room_seat where room_id = #{room} and pupil_id is null")
  int removeMadeUp(long room);
}
