package bemble.app.scan;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Piles of filled sheets, until their answers are taken into the grid. */
@Mapper
public interface ScanMapper {
  @Select(
      """
      select id from final table (
        insert into scan (handout_id, begun_at) values (#{handout}, #{at}))
      """)
  long insert(@Param("handout") long handout, @Param("at") OffsetDateTime at);

  @Select("select id, handout_id, expected, looked_through from scan where id = #{id}")
  Optional<ScanRow> find(long id);

  @Select(
      "select id, handout_id, expected, looked_through from scan where handout_id = #{handout}"
          + " order by id")
  List<ScanRow> of(long handout);

  @Update("update scan set expected = expected + #{pages} where id = #{id}")
  int expect(@Param("id") long id, @Param("pages") int pages);

  @Select(
      """
      select id from final table (
        insert into scan_page (scan_id, file, number, problem, sheet_id, pupil_id)
        values (#{scanId}, #{file}, #{number}, #{problem}, #{sheetId}, #{pupilId}))
      """)
  long addPage(ScanPageRow page);

  @Select(
      """
      select id, scan_id, file, number, problem, sheet_id, pupil_id from scan_page
      where scan_id = #{scan} order by id
      """)
  List<ScanPageRow> pages(long scan);

  /** The figures of a pupil that look alike, as the last sheet has shown that asked for them. */
  @Select("select alike from pupil_hand where pupil_id = #{pupil}")
  Optional<String> hand(long pupil);

  @Insert("merge into pupil_hand (pupil_id, alike) key (pupil_id) values (#{pupil}, #{alike})")
  int keepHand(@Param("pupil") long pupil, @Param("alike") String alike);

  @Select("select id from scan_page")
  Set<Long> allPages();

  @Update("update scan_page set pupil_id = #{pupil} where id = #{page}")
  int give(@Param("page") long page, @Param("pupil") long pupil);

  @Delete("delete from scan_page where id = #{page} and scan_id = #{scan}")
  int removePage(@Param("scan") long scan, @Param("page") long page);

  @Insert(
      """
      insert into scan_answer (page_id, number, given, state, read_as, doubt, across, down)
      values (#{pageId}, #{number}, #{given}, #{state}, #{readAs}, #{doubt}, #{across}, #{down})
      """)
  int addAnswer(ScanAnswerRow answer);

  @Insert(
      """
      <script>
      insert into scan_figure (page_id, number, figure, at_column, at_row) values
      <foreach item="each" collection="figures" separator=",">
        (#{each.pageId}, #{each.number}, #{each.figure}, #{each.atColumn}, #{each.atRow})
      </foreach>
      </script>
      """)
  int addFigures(@Param("figures") List<ScanFigureRow> figures);

  @Select(
      """
      select page_id, number, given, state, read_as, doubt, across, down from scan_answer
      where page_id in (select id from scan_page where scan_id = #{scan})
      order by page_id, number
      """)
  List<ScanAnswerRow> answers(long scan);

  /** One answer of a page; empty if the pile has no such page, or the page no such sum. */
  @Select(
      """
      select page_id, number, given, state, read_as, doubt, across, down from scan_answer
      where page_id = #{page} and number = #{number}
        and page_id in (select id from scan_page where scan_id = #{scan})
      """)
  Optional<ScanAnswerRow> answer(
      @Param("scan") long scan, @Param("page") long page, @Param("number") int number);

  /** All of one figure, page by page. */
  @Select(
      """
      select page_id, number, figure, at_column, at_row from scan_figure
      where figure = #{figure} and page_id in (select id from scan_page where scan_id = #{scan})
      order by page_id, number, at_row, at_column
      """)
  List<ScanFigureRow> figures(@Param("scan") long scan, @Param("figure") int figure);

  @Insert(
      """
      <script>
      insert into scan_square (page_id, number, row_at, column_at, figure) values
      <foreach item="each" collection="squares" separator=",">
        (#{each.pageId}, #{each.number}, #{each.rowAt}, #{each.columnAt}, #{each.figure})
      </foreach>
      </script>
      """)
  int addSquares(@Param("squares") List<ScanSquareRow> squares);

  /** All squares of a pile, from the top and the left of each working. */
  @Select(
      """
      select page_id, number, row_at, column_at, figure from scan_square
      where page_id in (select id from scan_page where scan_id = #{scan})
      order by page_id, number, row_at, column_at
      """)
  List<ScanSquareRow> squares(long scan);

  /** The squares of one working, from its top and left. */
  @Select(
      """
      select page_id, number, row_at, column_at, figure from scan_square
      where page_id = #{page} and number = #{number}
      order by row_at, column_at
      """)
  List<ScanSquareRow> workingSquares(@Param("page") long page, @Param("number") int number);

  /** How many squares of each working could not be read. */
  @Select(
      """
      select page_id, number, count(*) - count(figure) as unread from scan_square
      where page_id in (select id from scan_page where scan_id = #{scan})
      group by page_id, number
      """)
  List<UnreadRow> unread(long scan);

  @Delete(
      """
      delete from scan_square
      where page_id = #{at.pageId} and number = #{at.number} and row_at = #{at.rowAt}
        and column_at = #{at.columnAt}
      """)
  int clearSquare(@Param("at") ScanSquareRow at);

  @Update("update scan set looked_through = #{figures} where id = #{scan}")
  int lookThrough(@Param("scan") long scan, @Param("figures") String figures);

  @Update(
      """
      update scan_answer set given = #{given} where page_id = #{page} and number = #{number}
      """)
  int settle(
      @Param("page") long page,
      @Param("number") int number,
      @Param("given") @Nullable String given);

  @Delete("delete from scan_answer where page_id = #{page} and number = #{number}")
  int removeAnswer(@Param("page") long page, @Param("number") int number);

  /** The piles with no answers left to take. */
  @Delete(
      """
      delete from scan_page
      where scan_id = #{scan} and id not in (select page_id from scan_answer)
      """)
  int removeEmptyPages(long scan);

  @Delete("delete from scan where id = #{id}")
  int delete(long id);
}
