package bemble.app.house;

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

/** The classes. Removed ones stay until {@link #purge}, so that they can be brought back. */
@Mapper
public interface ClassMapper extends Deletable {
  String COLUMNS = "select id, name, style, version, current_class from school_class ";

  @Select(COLUMNS + "where deleted_at is null order by id")
  List<ClassRow> all();

  /** All classes, locked until the transaction ends. */
  @Select(COLUMNS + "where deleted_at is null order by id for update")
  List<ClassRow> allLocked();

  @Select(COLUMNS + "where id = #{id} and deleted_at is null")
  Optional<ClassRow> find(long id);

  @Insert(
      """
      insert into school_class (name, style, version, current_class)
      values (#{name}, #{style}, 1, false)
      """)
  int insert(@Param("name") String name, @Param("style") String style);

  /** Changes a class that nobody changed since {@code version}; 0 if somebody did. */
  @Update(
      """
      update school_class set name = #{name}, style = #{style}, version = version + 1
      where id = #{id} and version = #{version} and deleted_at is null
      """)
  int change(
      @Param("id") long id,
      @Param("version") int version,
      @Param("name") String name,
      @Param("style") String style);

  @Select("select opener_share, half_share, third_share from school_class where id = #{id}")
  Optional<SharesRow> shares(long id);

  @Update(
      """
      update school_class
      set opener_share = #{shares.openerShare}, half_share = #{shares.halfShare},
          third_share = #{shares.thirdShare}
      where id = #{id} and deleted_at is null
      """)
  int putShares(@Param("id") long id, @Param("shares") SharesRow shares);

  /** Makes one class the current one and no other. */
  @Update("update school_class set current_class = (id = #{id})")
  int choose(long id);

  @Update("update school_class set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update school_class set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from school_class where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
