package bemble.app.house;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The pupils. Deleting one deletes all rows about them. */
@Mapper
public interface PupilMapper {
  String COLUMNS = "select id, class_id, name, left_at from pupil ";

  @Select(COLUMNS + "where class_id = #{classId} order by place nulls last, lower(name)")
  List<PupilRow> of(long classId);

  @Select(COLUMNS + "where id = #{id}")
  Optional<PupilRow> find(long id);

  /** The pupil of the current class who has that name. */
  @Select(
      """
      select p.id from pupil p join school_class c on c.id = p.class_id
      where c.current_class and c.deleted_at is null and p.name = #{name}
      """)
  Optional<Long> named(String name);

  @Select(
      "select id from final table (insert into pupil (class_id, name) values (#{classId},"
          + " #{name}))")
  long insert(@Param("classId") long classId, @Param("name") String name);

  /** A former name stays known for as long as the pupil. */
  @Update(
      """
      update pupil
      set former_names = case when name = #{name} then former_names
                              else left(name || chr(10) || former_names, 400) end,
          name = #{name}, left_at = #{leftAt}
      where id = #{id}
      """)
  int change(
      @Param("id") long id,
      @Param("name") String name,
      @Param("leftAt") @Nullable OffsetDateTime leftAt);

  /** Puts the pupils of a class in an order; whoever is not named comes by the name behind them. */
  @Update(
      """
      <script>
      update pupil
      set place = case when false then 0
        <foreach item="id" index="place" collection="pupils">when id = #{id} then #{place} </foreach>
        end
      where class_id = #{classId}
      </script>
      """)
  int order(@Param("classId") long classId, @Param("pupils") List<Long> pupils);

  /** The former names of a pupil, one to a line. */
  @Select("select former_names from pupil where id = #{id}")
  String formerNames(long id);

  /** Work that belongs to no pupil, by the names that it is kept under. */
  @Select(
      """
      select who, count(*) as pages from work
      where pupil_id is null and who <> '' and begun_at is not null and deleted_at is null
        and check_of is null
      group by who order by who
      """)
  List<UnclaimedRow> unclaimed();

  /** Gives a pupil the pages under a name that belong to no pupil. */
  @Update("update work set pupil_id = #{id} where pupil_id is null and who = #{who}")
  int claimAttempts(@Param("id") long id, @Param("who") String who);

  @Update("update run set pupil_id = #{id} where pupil_id is null and who = #{who}")
  int claimRuns(@Param("id") long id, @Param("who") String who);

  /** Gives pages that belong to no pupil another name. */
  @Update("update work set who = #{other} where pupil_id is null and who = #{who}")
  int renameAttempts(@Param("who") String who, @Param("other") String other);

  @Update("update run set who = #{other} where pupil_id is null and who = #{who}")
  int renameRuns(@Param("who") String who, @Param("other") String other);
}
