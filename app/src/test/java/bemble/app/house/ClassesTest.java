package bemble.app.house;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import bemble.app.table.Bin;
import bemble.app.table.Changes;
import bemble.app.table.Stored;
import bemble.style.Choice;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.ApplicationEventPublisher;

/** The consequences of a change of a class. */
class ClassesTest {
  private static final ClassRow ROW = new ClassRow(7, "Wrens", "before", 1, true);

  private final ClassMapper mapper = mock(ClassMapper.class);
  private final Stored stored = mock(Stored.class);
  private final ApplicationEventPublisher events = mock(ApplicationEventPublisher.class);
  private final Classes classes =
      new Classes(mapper, stored, mock(Bin.class), events, mock(Changes.class));

  @BeforeEach
  void keepOneClass() {
    when(mapper.find(7)).thenReturn(Optional.of(ROW));
    when(mapper.all()).thenReturn(List.of(ROW));
    when(mapper.change(anyLong(), anyInt(), anyString(), anyString())).thenReturn(1);
    when(stored.write(any())).thenReturn("now");
    when(stored.style("before")).thenReturn(Style.STANDARD);
  }

  private void change(Style style) {
    when(stored.style("now")).thenReturn(style);
    classes.change(7, new ClassRequest("Wrens", style, 1));
  }

  @Test
  void otherConventionsHaveAllWorkOfTheClassDiagnosedAgain() {
    Choice none = Choice.ThousandsMark.NONE;
    change(
        new Style(
            Map.of(Setting.THOUSANDS_MARK, none), Map.of(), RoundMoves.STANDARD, Style.ENGLISH));
    verify(events).publishEvent(new ConventionsChanged(7));
  }

  @Test
  void anotherSentenceOrLanguageLeavesWhatIsSaidOfItsWork() {
    change(new Style(Map.of(), Map.of("carry.say", "Carry it."), RoundMoves.STANDARD, "xx"));
    verifyNoInteractions(events);
  }
}
