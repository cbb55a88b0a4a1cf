package bemble.app.page;

import bemble.app.table.Deletable;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The kept pages. Deleted ones stay until {@link #purge}, so that they can be brought back. */
@Mapper
public interface PageMapper extends Deletable {
  String COLUMNS = "id, plain, method, style, title, note, kept_at";

  @Select(
      """
      select id from final table (
        insert into page (plain, method, style, title, note, kept_at)
        values (#{plain}, #{method}, #{style}, #{title}, #{note}, #{keptAt}))
      """)
  long insert(NewPage page);

  /**
   * Those kept before {@code before}, the newest first; {@code like} is matched with the title in
   * small letters, {@code sumLike} with the sum without its spaces.
   */
  @Select(
      "select "
          + COLUMNS
          + """
           from page
          where deleted_at is null and id < #{before}
            and (lower(title) like #{like} escape '!'
              or replace(plain, ' ', '') like #{sumLike} escape '!')
          order by id desc fetch first #{most} rows only
          """)
  List<PageRow> search(
      @Param("like") String like,
      @Param("sumLike") String sumLike,
      @Param("before") long before,
      @Param("most") int most);

  /** How many a search finds in all. */
  @Select(
      """
      select count(*) from page
      where deleted_at is null
        and (lower(title) like #{like} escape '!'
          or replace(plain, ' ', '') like #{sumLike} escape '!')
      """)
  long count(@Param("like") String like, @Param("sumLike") String sumLike);

  @Select("select " + COLUMNS + " from page where id = #{id} and deleted_at is null")
  Optional<PageRow> find(long id);

  @Update(
      """
      update page set title = #{title}, note = #{note}
      where id = #{id} and deleted_at is null
      """)
  int rename(@Param("id") long id, @Param("title") String title, @Param("note") String note);

  @Update("update page set deleted_at = #{at} where id = #{id} and deleted_at is null")
  @Override
  int delete(@Param("id") long id, @Param("at") OffsetDateTime at);

  @Update("update page set deleted_at = null where id = #{id} and deleted_at is not null")
  @Override
  int restore(long id);

  @Delete("delete from page where deleted_at < #{before}")
  @Override
  int purge(OffsetDateTime before);
}
