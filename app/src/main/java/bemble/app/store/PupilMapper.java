package bemble.app.store;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The pupils. Whoever is deleted is gone with all that is kept of them. */
@Mapper
public interface PupilMapper {
  String COLUMNS = "select id, class_id, name, left_at from pupil ";

  /** The pupil of the current class who has the name {@code who}; null where there is none. */
  String BY_NAME =
      """
      (select min(p.id) from pupil p join school_class c on c.id = p.class_id
       where c.current_class and c.deleted_at is null and p.name = #{who})
      """;

  @Select(COLUMNS + "where class_id = #{classId} order by lower(name)")
  List<PupilRow> of(long classId);

  @Select(COLUMNS + "where id = #{id}")
  Optional<PupilRow> find(long id);

  @Select(
      "select id from final table (insert into pupil (class_id, name) values (#{classId},"
          + " #{name}))")
  long insert(@Param("classId") long classId, @Param("name") String name);

  @Update("update pupil set name = #{name}, left_at = #{leftAt} where id = #{id}")
  int change(
      @Param("id") long id,
      @Param("name") String name,
      @Param("leftAt") @Nullable OffsetDateTime leftAt);

  @Delete(
      """
      delete from attempt
      where check_of in (
        select id from attempt
        where pupil_id = #{id} or run_id in (select id from run where pupil_id = #{id}))
      """)
  int deleteChecks(long id);

  @Delete("delete from run where pupil_id = #{id}")
  int deleteRuns(long id);

  @Delete("delete from attempt where pupil_id = #{id}")
  int deleteAttempts(long id);

  @Delete("delete from pupil where id = #{id}")
  int delete(long id);
}
