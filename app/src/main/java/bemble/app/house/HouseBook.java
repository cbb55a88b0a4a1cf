package bemble.app.house;

import bemble.app.json.JsonName;
import bemble.app.json.StyleJson;
import bemble.app.words.Language;
import bemble.method.division.RoundCues;
import bemble.remark.Length;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import bemble.style.RoundMove;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import bemble.words.OwnSentence;
import bemble.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The settings and their choices in words, each with a sum that shows its effect. */
final class HouseBook {
  private final Wording wording;
  private final String language;

  /** The book in the language of a request. */
  HouseBook() {
    language = Language.current(Style.ENGLISH);
    wording = Language.wording(Style.STANDARD);
  }

  /**
   * Everything that the House style screen offers.
   *
   * @param languages those that a class can have
   */
  record SettingsView(
      List<GroupView> groups, List<SentenceView> sentences, List<Language> languages) {}

  /** Settings that are shown together. */
  record GroupView(String name, List<SettingView> settings) {}

  /**
   * One setting.
   *
   * @param key its name in a style
   * @param choices its values, of which one is chosen
   * @param moves the moves that can be called in an order of the class's own, if that is the chosen
   *     value
   * @param example a sum on which it shows
   * @param method the method of the example
   * @param step the step of the example, the steps of its check among them, at which it shows
   */
  record SettingView(
      String key,
      String name,
      String about,
      List<ChoiceView> choices,
      List<MoveView> moves,
      String example,
      String method,
      int step) {}

  /** One value of a setting. */
  record ChoiceView(String value, String name) {}

  /**
   * A move of a round.
   *
   * @param key the key of the class's own word for it
   * @param word Bemble's word
   * @param standard whether it is called where nothing was chosen
   */
  record MoveView(RoundMove move, String key, String word, boolean standard) {}

  /**
   * A kind of remark for which a class may have a sentence of its own.
   *
   * @param kind its key
   * @param name the name of the sentence
   * @param group the group that it belongs to
   * @param lengths its sentences, one for each length
   * @param fillIns the names that may stand in braces
   * @param trials sums to hear it in; the first that has the remark in the class's style will do
   */
  record SentenceView(
      String kind,
      String name,
      String group,
      List<LengthView> lengths,
      List<String> fillIns,
      List<SampleSum> trials) {}

  /**
   * One sentence of a remark.
   *
   * @param key the key of a class's own sentence
   * @param standard Bemble's own sentence
   * @param plain whether the standard sentence can be typed as it is
   */
  record LengthView(String key, Length length, String name, String standard, boolean plain) {}

  SettingsView view() {
    List<GroupView> groups = new ArrayList<>();
    for (Setting.Group group : Setting.Group.values()) {
      Stream<SettingView> settings =
          Stream.of(Setting.values()).filter(each -> each.group() == group).map(this::setting);
      Stream<SettingView> first =
          group == Setting.Group.DIVIDING ? Stream.of(roundMoves()) : Stream.empty();
      List<SettingView> shown = Stream.concat(first, settings).toList();
      groups.add(new GroupView(label("group." + Wording.key(group)), shown));
    }
    List<SentenceView> sentences =
        Stream.of(RemarkKind.values()).filter(kind -> !kind.isHelp()).map(this::sentence).toList();
    return new SettingsView(groups, sentences, Language.all());
  }

  private SettingView setting(Setting setting) {
    String key = "setting." + Wording.key(setting);
    Example example = Example.of(setting);
    List<ChoiceView> choices =
        setting.choices().stream().map(choice -> choice(key, choice)).toList();
    return view(JsonName.of(setting), key, choices, List.of(), example);
  }

  private SettingView view(
      String name, String key, List<ChoiceView> choices, List<MoveView> moves, Example example) {
    return new SettingView(
        name,
        label(key + ".name"),
        label(key + ".about"),
        choices,
        moves,
        example.problem(),
        example.method(),
        example.step());
  }

  private SettingView roundMoves() {
    List<MoveView> moves = Stream.of(RoundMove.values()).map(this::move).toList();
    return view(StyleJson.ROUND_MOVES, "setting.round-moves", List.of(), moves, Example.OF_A_ROUND);
  }

  private MoveView move(RoundMove move) {
    OwnSentence word = new OwnSentence(RoundCues.word(move), Length.SAY);
    boolean standard = RoundMoves.STANDARD.has(move);
    return new MoveView(move, word.key(), word.standard(language), standard);
  }

  private ChoiceView choice(String key, Choice choice) {
    return new ChoiceView(choice.name(), label(key + "." + Wording.key(choice)));
  }

  private SentenceView sentence(RemarkKind kind) {
    OwnSentence said = new OwnSentence(kind, Length.SAY);
    return new SentenceView(
        kind.key(),
        label("remark." + kind.key()),
        label("sentences." + said.book()),
        OwnSentence.of(kind).map(this::length).toList(),
        List.copyOf(said.fillIns()),
        SampleSum.of(said.book()));
  }

  private LengthView length(OwnSentence place) {
    String standard = place.standard(language);
    return new LengthView(
        place.key(),
        place.length(),
        label("length." + place.length().key()),
        standard,
        !standard.contains(", plural,"));
  }

  private String label(String key) {
    return wording.label(key, Map.of());
  }
}
