package bemble.app.json;

import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.style.Choice;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import bemble.words.OwnSentence;
import bemble.words.Wording;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A style in JSON: each setting by its name with its value, {@code "carryPosition": "ABOVE"}, and
 * the class's own sentences by their {@link OwnSentence#key} under {@code sentences}, the {@code
 * roundMoves} in their order, and its {@code language}.
 */
public final class StyleJson {
  private static final String SENTENCES = "sentences";
  private static final String VERSION = "version";
  private static final String LANGUAGE = "language";

  /** The field of {@link RoundMoves}. */
  public static final String ROUND_MOVES = "roundMoves";

  private static final Map<Setting, String> NAMES =
      Stream.of(Setting.values()).collect(Collectors.toMap(setting -> setting, JsonName::of));
  private static final Map<String, Setting> SETTINGS =
      Stream.of(Setting.values()).collect(Collectors.toMap(JsonName::of, setting -> setting));

  private StyleJson() {}

  /**
   * A stored style, maybe of another version: a setting that this one does not know gets its
   * standard value, and is reported to {@code unknown}.
   */
  public static Style stored(JsonNode given, Consumer<String> unknown) {
    Map<Setting, Choice> choices = new EnumMap<>(Setting.class);
    Map<String, String> sentences = new TreeMap<>();
    String language = Style.ENGLISH;
    RoundMoves moves = RoundMoves.STANDARD;
    for (Map.Entry<String, JsonNode> field : given.properties()) {
      Setting setting = SETTINGS.get(field.getKey());
      Optional<Choice> choice =
          setting == null ? Optional.empty() : find(setting, field.getValue());
      if (field.getKey().equals(VERSION)) {
        if (field.getValue().asInt() != Style.VERSION) {
          unknown.accept(said(field));
        }
      } else if (field.getKey().equals(LANGUAGE) && Language.exists(field.getValue().asText())) {
        language = field.getValue().asText();
      } else if (field.getKey().equals(SENTENCES)) {
        for (Map.Entry<String, JsonNode> own : field.getValue().properties()) {
          if (isKnown(own.getKey(), own.getValue().asText())) {
            sentences.put(own.getKey(), own.getValue().asText());
          } else {
            unknown.accept(said(own));
          }
        }
      } else if (choice.isPresent()) {
        choices.put(setting, choice.get());
      } else if (field.getKey().equals(ROUND_MOVES)) {
        Optional<RoundMoves> stored = RoundMovesJson.stored(field.getValue());
        moves = stored.orElse(RoundMoves.STANDARD);
        if (stored.isEmpty()) {
          unknown.accept(ROUND_MOVES);
        }
      } else {
        unknown.accept(said(field));
      }
    }
    Map<Setting, Choice> known = new EnumMap<>(Style.STANDARD.choices());
    choices.forEach(
        (setting, choice) -> {
          Choice standard = known.put(setting, choice);
          if (Style.clash(known).isPresent()) {
            known.put(setting, standard);
            unknown.accept(NAMES.get(setting) + ": " + choice.name());
          }
        });
    return new Style(known, sentences, moves, language);
  }

  /** Notes the version of the settings in a style that is to be stored. */
  public static void note(ObjectNode written) {
    written.put(VERSION, Style.VERSION);
  }

  private static String said(Map.Entry<String, JsonNode> field) {
    return field.getKey() + ": " + field.getValue().asText();
  }

  private static boolean isKnown(String key, String text) {
    return OwnSentence.find(key).filter(place -> place.fault(text).isEmpty()).isPresent();
  }

  private static Optional<Choice> find(Setting setting, JsonNode value) {
    return setting.choices().stream()
        .filter(choice -> choice.name().equalsIgnoreCase(value.asText()))
        .findFirst();
  }

  /** Writes a style with all its settings. */
  static final class Writer extends StdSerializer<Style> {
    Writer() {
      super(Style.class);
    }

    @Override
    public void serialize(Style style, JsonGenerator out, SerializerProvider provider)
        throws IOException {
      out.writeStartObject();
      for (Setting setting : Setting.values()) {
        out.writeStringField(NAMES.get(setting), style.choice(setting).name());
      }
      out.writePOJOField(ROUND_MOVES, style.roundMoves().list());
      out.writeStringField(LANGUAGE, style.language());
      out.writePOJOField(SENTENCES, new TreeMap<>(style.sentences()));
      out.writeEndObject();
    }
  }

  /** Reads a style of which only some settings are given; the others are the standard ones. */
  static final class Reader extends StdDeserializer<Style> {
    Reader() {
      super(Style.class);
    }

    @Override
    public Style deserialize(JsonParser parser, DeserializationContext context) throws IOException {
      JsonNode given = context.readTree(parser);
      Map<Setting, Choice> choices = new EnumMap<>(Style.STANDARD.choices());
      Map<String, String> sentences = new TreeMap<>();
      String language = Style.ENGLISH;
      RoundMoves moves = RoundMoves.STANDARD;
      for (Map.Entry<String, JsonNode> field : given.properties()) {
        if (field.getKey().equals(LANGUAGE)) {
          language = language(field.getValue().asText());
        } else if (field.getKey().equals(SENTENCES)) {
          field.getValue().properties().forEach(own -> sentence(own, sentences));
        } else if (field.getKey().equals(ROUND_MOVES)) {
          moves = RoundMovesJson.read(field.getValue(), context);
        } else {
          Setting setting = SETTINGS.get(field.getKey());
          if (setting == null) {
            throw noSuch(field, context);
          }
          choices.put(setting, choice(setting, field, context));
        }
      }
      Style.clash(choices)
          .ifPresent(
              clash -> {
                throw clash("clash." + Wording.key(clash));
              });
      return new Style(choices, sentences, moves, language);
    }

    static RefusedException clash(String key) {
      return RefusedException.saying("settings-clash", label(key, Map.of()));
    }

    private static String label(String key, Map<String, Object> fills) {
      return Language.wording(Style.STANDARD).label(key, fills);
    }

    private static String language(String tag) {
      if (!Language.exists(tag)) {
        throw RefusedException.of("no-language", "tag", tag);
      }
      return tag;
    }

    private static Choice choice(
        Setting setting, Map.Entry<String, JsonNode> field, DeserializationContext context)
        throws IOException {
      Optional<Choice> found = find(setting, field.getValue());
      if (found.isPresent()) {
        return found.get();
      }
      throw noSuch(field, context);
    }

    private static JsonMappingException noSuch(
        Map.Entry<String, JsonNode> field, DeserializationContext context) {
      return context.weirdStringException(
          field.getValue().asText(), Style.class, "no such setting: " + field.getKey());
    }

    private void sentence(Map.Entry<String, JsonNode> own, Map<String, String> sentences) {
      OwnSentence place =
          OwnSentence.find(own.getKey())
              .orElseThrow(
                  () ->
                      RefusedException.saying(
                          "own-sentence",
                          label("own-sentence.unknown-kind", Map.of("name", own.getKey()))));
      String text = own.getValue().asText();
      place
          .fault(text)
          .ifPresent(
              fault -> {
                String key = "own-sentence." + Wording.key(fault.code());
                Map<String, Object> fills =
                    Map.of(
                        "name",
                        fault.name(),
                        "most",
                        OwnSentence.LONGEST,
                        "known",
                        String.join(", ", place.fillIns()));
                throw RefusedException.saying("own-sentence", label(key, fills));
              });
      sentences.put(own.getKey(), text);
    }
  }
}
