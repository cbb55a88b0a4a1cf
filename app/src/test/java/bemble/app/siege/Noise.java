package bemble.app.siege;

import static java.util.Map.entry;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/**
 * Things that a careless hand, a broken program or a stranger might send: lines and bodies with
 * damages.
 */
public final class Noise {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String SUM = "{\"plain\":\"57 × 38\",\"method\":\"column\",\"style\":{}}";

  private static final String RECIPE =
      "{\"operation\":\"SUBTRACTION\",\"numbers\":[{\"figures\":{\"from\":3,\"to\":3}},"
          + "{\"figures\":{\"from\":2,\"to\":2},\"of\":\"123\"}],"
          + "\"wishes\":{\"exchanges\":{\"from\":1,\"to\":2}},\"places\":0}";

  private static final String SUMS =
      "[{\"plain\":\"402 − 87\",\"method\":\"exchange\",\"rung\":\"\",\"part\":\"PRACTISE\"}]";

  /**
   * A body that is taken, for everything that takes one, by method and path. It speaks of the first
   * attempt, run, handout, class, page, set, lesson and pupil.
   */
  public static final Map<String, String> TAKEN =
      new TreeMap<>(
          Map.ofEntries(
              entry("POST /api/workings", SUM),
              entry("POST /api/workings/words", SUM),
              entry("POST /api/calculations", SUM),
              entry("POST /api/working-lines", SUM),
              entry("POST /api/slips", SUM),
              entry("POST /api/exports/svg?step=3", SUM),
              entry("POST /api/exports/page", SUM),
              entry(
                  "POST /api/working-checks",
                  "{\"sum\":" + SUM + ",\"lines\":{\"ANSWER 0\":\"21\"}}"),
              entry("POST /api/pupils", "{\"sum\":" + SUM + ",\"slips\":[\"no-placeholder\"]}"),
              entry(
                  "POST /api/ladder",
                  "{\"name\":\"Tens from tens\",\"method\":\"exchange\",\"recipe\":"
                      + "{\"operation\":\"SUBTRACTION\",\"wishes\":{\"exchanges\":{\"from\":1}},"
                      + "\"numbers\":[{\"figures\":{\"from\":2,\"to\":2}},"
                      + "{\"figures\":{\"from\":2,\"to\":2}}]}}"),
              entry("POST /api/pages", "{\"sum\":" + SUM + ",\"title\":\"Bulbs\",\"note\":\"\"}"),
              entry(
                  "POST /api/classes", "{\"name\":\"Seed Barn\",\"style\":{\"onTop\":\"LONGER\"}}"),
              entry(
                  "POST /api/attempts",
                  "{\"sum\":"
                      + SUM
                      + ",\"who\":\"Bram\",\"settingOut\":\"OWN\",\"telling\":\"AT_END\"}"),
              entry(
                  "POST /api/attempts/1/strokes",
                  "{\"strokes\":[{\"number\":0,\"millis\":5,\"kind\":\"FIGURE\",\"row\":4,\"column\":2,"
                      + "\"text\":\"6\"}]}"),
              entry("POST /api/attempts/1/hint?depth=2", "{}"),
              entry("POST /api/attempts/1/hand-in", "{\"explanation\":\"Added up.\"}"),
              entry("POST /api/recipes/count", RECIPE),
              entry("POST /api/recipes/draw", "{\"recipe\":" + RECIPE + ",\"count\":5,\"seed\":7}"),
              entry(
                  "POST /api/sets/draft",
                  "{\"lines\":[{\"recipe\":"
                      + RECIPE
                      + ",\"count\":3}],\"held\":{\"1\":\"402 − 87\"},\"order\":\"MIXED\"}"),
              entry("POST /api/sets/typed", "{\"text\":\"46 + 38\"}"),
              entry(
                  "POST /api/sets/telling-apart",
                  "{\"line\":{\"rung\":\"addition-ones-carry\",\"count\":3},\"seed\":4}"),
              entry("POST /api/sets", "{\"title\":\"Beds\",\"lines\":[],\"sums\":" + SUMS + "}"),
              entry(
                  "POST /api/sets/even",
                  "{\"lines\":[{\"rung\":\"addition-ones-carry\",\"count\":2}],\"sums\":"
                      + SUMS
                      + ",\"held\":[0],\"seed\":2}"),
              entry("POST /api/sets/workload", SUMS),
              entry("POST /api/sets/slip-key", SUMS),
              entry(
                  "POST /api/sets/sheets",
                  "{\"title\":\"Beds\",\"sums\":"
                      + SUMS
                      + ",\"kind\":\"EXERCISES\",\"format\":{\"square\":7}}"),
              entry(
                  "POST /api/sets/sheets/preview",
                  "{\"title\":\"Beds\",\"sums\":" + SUMS + ",\"kind\":\"ANSWERS\"}"),
              entry(
                  "POST /api/runs",
                  "{\"title\":\"Beds\",\"sums\":"
                      + SUMS
                      + ",\"goal\":{\"right\":1},\"terms\":{\"telling\":\"AT_END\"}}"),
              entry("POST /api/runs/1/next", "{}"),
              entry("POST /api/groups", "{\"name\":\"Seeds\",\"pupils\":[1,2],\"set\":1}"),
              entry("POST /api/register/letters", "{\"pupils\":[1]}"),
              entry("POST /api/register/pupils/1/letter", "{\"lines\":[\"Neve\"]}"),
              entry("POST /api/roll", "{\"names\":\"Neve\\nBram\"}"),
              entry(
                  "POST /api/handouts",
                  "{\"title\":\"Beds\",\"sums\":"
                      + SUMS
                      + ",\"terms\":{\"kind\":\"QUIZ\",\"passMark\":1}}"),
              entry("POST /api/handouts/1/simulated", "{\"seed\":4,\"most\":2}"),
              entry(
                  "POST /api/handouts/1/sheets", "{\"format\":{\"square\":10},\"withNames\":true}"),
              entry("POST /api/handouts/1/stand-in", "{\"most\":1}"),
              entry("PUT /api/scans/1/settled", "[{\"page\":1,\"sum\":0,\"text\":\"12\"}]"),
              entry(
                  "PUT /api/scans/1/pages/1/workings/1", "[{\"row\":4,\"column\":2,\"figure\":7}]"),
              entry("PUT /api/scans/1/pages/1/writer", "{\"pupil\":1}"),
              entry("POST /api/handouts/1/reteach", "{\"slip\":\"smaller-from-larger\"}"),
              entry(
                  "POST /api/mistakes",
                  "{\"slip\":\"no-placeholder\",\"sums\":[" + SUM + "],\"seed\":3}"),
              entry("POST /api/mistakes/lined-up", "{\"plain\":\"57 + 38\",\"style\":{}}"),
              entry("POST /api/mistakes/pdf", "{\"sums\":[" + SUM + "],\"seed\":3}"),
              entry(
                  "POST /api/mistakes/votes",
                  "{\"slip\":\"smaller-from-larger\",\"sum\":" + SUM + ",\"votes\":9,\"right\":4}"),
              entry("POST /api/handouts/1/csv", "{\"table\":\"Neve,21,x\"}"),
              entry(
                  "POST /api/diagnoses",
                  "{\"items\":[{\"problem\":\"52 − 27\",\"method\":\"exchange\"}],"
                      + "\"answers\":[\"35\"]}"),
              entry("POST /api/register/evidence", "{}"),
              entry(
                  "POST /api/plan/lessons",
                  "{\"day\":\"2031-03-04\",\"kind\":\"RETEACH\",\"rung\":\"addition-ones-carry\","
                      + "\"slip\":\"carry-not-added\"}"),
              entry("POST /api/plan/lessons/1/parts/0", "{}"),
              entry("POST /api/plan/lessons/1/repeat", "{\"weeks\":2}"),
              entry("POST /api/fact-help", "{\"kind\":\"ADD\",\"operands\":[\"8\",\"7\"]}"),
              entry(
                  "POST /api/exports/pdf",
                  "{\"sum\":" + SUM + ",\"kind\":\"STRIP\",\"per\":\"COLUMN\",\"frames\":6}"),
              entry(
                  "POST /api/exports/read",
                  "{\"format\":\"bemble-page\",\"version\":1,\"problem\":\"1 +"
                      + " 2\",\"method\":\"column\",\"style\":{}}"),
              entry(
                  "PUT /api/classes/1",
                  "{\"name\":\"Cold Frame\",\"style\":{\"onTop\":\"LONGER\"},\"version\":1}"),
              entry(
                  "PUT /api/handouts/1/answers",
                  "{\"cells\":[{\"pupil\":1,\"number\":0,\"given\":\"315\",\"seen\":null,\"overruled\":{\"outcome\":\"WRONG\",\"slip\":\"smaller-from-larger\"}}]}"),
              entry(
                  "PUT /api/ladder/addition-ones-carry",
                  "{\"name\":\"A ten from the ones\",\"hidden\":false}"),
              entry("PUT /api/pages/1", "{\"title\":\"Bulbs again\",\"note\":\"\"}"),
              entry("PUT /api/plan/holidays", "{\"day\":\"2031-03-05\",\"name\":\"Plant fair\"}"),
              entry(
                  "PUT /api/plan/lessons/1",
                  "{\"version\":1,\"day\":\"2031-03-04\",\"title\":\"Beds\",\"parts\":[{\"kind\":\"OPENER\",\"lines\":[{\"rung\":\"addition-ones-carry\",\"method\":\"column\",\"count\":2}]}]}"),
              entry(
                  "POST /api/plan/lessons/1/log",
                  "{\"version\":2,\"state\":\"HALF\",\"note\":\"Bulbs\"}"),
              entry("PUT /api/plan/timetable", "{\"minutes\":[45,45,45,45,45,0,0]}"),
              entry("PUT /api/plan/shares", "{\"opener\":20,\"half\":50,\"third\":33}"),
              entry(
                  "PUT /api/register/standings",
                  "{\"decisions\":[{\"pupil\":1,\"rung\":\"addition-ones-carry\","
                      + "\"standing\":\"SURE\",\"note\":\"\"}]}"),
              entry("PUT /api/groups/1", "{\"name\":\"Beans\",\"pupils\":[1]}"),
              entry("PUT /api/roll/order", "{\"pupils\":[]}"),
              entry("PUT /api/roll/unclaimed", "{\"who\":\"Neve\",\"pupil\":1}"),
              entry("PUT /api/roll/1", "{\"name\":\"Neve\",\"left\":false}"),
              entry(
                  "POST /api/sets/read",
                  "{\"format\":\"bemble-set\",\"version\":1,\"title\":\"Beds\",\"lines\":[],\"sums\":"
                      + SUMS
                      + "}"),
              entry(
                  "POST /api/rooms",
                  "{\"address\":\"127.0.0.1\",\"minutes\":45,\"telling\":\"AT_END\","
                      + "\"hints\":false,\"showsTime\":true}"),
              entry("POST /api/rooms/open/seats", "{\"devices\":[{\"knock\":1,\"pupil\":1}]}"),
              entry("POST /api/rooms/open/work", "{\"sum\":" + SUM + ",\"pupils\":[1]}"),
              entry("POST /room/knocks", "{\"code\":\"402871\",\"who\":\"Neve\"}"),
              entry("POST /room/seat/stuck", "{\"stuck\":true}"),
              entry(
                  "POST /room/pages/1/strokes",
                  "{\"strokes\":[{\"number\":0,\"millis\":5,\"kind\":\"FIGURE\",\"row\":4,\"column\":2,"
                      + "\"text\":\"6\"}]}"),
              entry("PUT /api/sets/1", "{\"title\":\"Beds\",\"lines\":[],\"sums\":" + SUMS + "}"),
              entry("POST /api/workings/checks", SUM)));

  private static final String[] PIECES = {
    "0",
    "7",
    "38",
    "9999999999999999999999999",
    "1,234",
    "1,2",
    "0.5",
    ".",
    ",",
    "+",
    "−",
    "-",
    "×",
    "x",
    "*",
    "÷",
    "/",
    ":",
    "√",
    "sqrt",
    "root of",
    "to 3 places",
    "to 1.9 places",
    "→",
    "=",
    "?",
    " ",
    "  ",
    "\t",
    "\u2009",
    "\u00a0",
    "(",
    ")",
    "{",
    "}",
    "'",
    "\"",
    "\\",
    "plus",
    "times",
    "O",
    "l",
    "é",
    "ß",
    "\uD83C\uDF31",
    "\uD83C",
    "\u0000",
    "\u202e",
    "٣",
    "½",
    "²",
    "e9",
    "-1",
    "NaN",
    "%00",
    "<b>",
    "null"
  };

  private Noise() {}

  /** A line of pieces of sums, signs and oddities. */
  public static String line(Random random) {
    StringBuilder line = new StringBuilder();
    for (int n = random.nextInt(1 + random.nextInt(24)); n >= 0; n--) {
      String piece = PIECES[random.nextInt(PIECES.length)];
      line.append(piece.repeat(random.nextInt(12) == 0 ? 1 + random.nextInt(80) : 1));
    }
    return line.toString();
  }

  /**
   * The body with one thing otherwise: a value, an element, a field, its end, or all of it twice.
   */
  public static String damaged(String body, Random random) {
    int way = random.nextInt(20);
    if (way < 2) {
      return body.substring(0, random.nextInt(body.length()));
    }
    if (way == 2) {
      return body + body;
    }
    return damagedValue(body, random);
  }

  /** The same where it stays JSON. */
  public static String damagedValue(String body, Random random) {
    try {
      JsonNode tree = JSON.readTree(body);
      List<JsonNode> places = new ArrayList<>();
      collect(tree, places);
      JsonNode place = places.get(random.nextInt(places.size()));
      if (place instanceof ArrayNode list) {
        damage(list, random);
      } else {
        damage((ObjectNode) place, random);
      }
      return JSON.writeValueAsString(tree);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void damage(ObjectNode object, Random random) {
    List<String> names = new ArrayList<>();
    object.fieldNames().forEachRemaining(names::add);
    if (names.isEmpty() || random.nextInt(10) == 0) {
      object.put("unheardOf", 1);
    } else if (random.nextInt(10) == 0) {
      object.removeAll();
    } else {
      String name = names.get(random.nextInt(names.size()));
      if (random.nextInt(9) == 0) {
        object.remove(name);
      } else {
        object.set(name, odd(random));
      }
    }
  }

  private static void damage(ArrayNode list, Random random) {
    switch (random.nextInt(4)) {
      case 0 -> list.removeAll();
      case 1 -> list.addAll(list.deepCopy());
      case 2 -> list.add(odd(random));
      default -> {
        if (list.isEmpty()) {
          list.addNull();
        } else {
          list.set(random.nextInt(list.size()), odd(random));
        }
      }
    }
  }

  private static JsonNode odd(Random random) {
    return switch (random.nextInt(11)) {
      case 0 -> JSON.getNodeFactory().nullNode();
      case 1 -> JSON.getNodeFactory().numberNode(-7);
      case 2 -> JSON.getNodeFactory().numberNode(1.9);
      case 3 -> JSON.getNodeFactory().numberNode(Long.MAX_VALUE);
      case 4 -> JSON.getNodeFactory().numberNode(random.nextInt(3));
      case 5 -> JSON.getNodeFactory().textNode(line(random));
      case 6 -> JSON.getNodeFactory().textNode("a".repeat(3000));
      case 7 -> JSON.createArrayNode().add(random.nextBoolean());
      case 8 -> JSON.createArrayNode().addNull();
      case 9 -> JSON.createObjectNode();
      default -> JSON.createObjectNode().put(line(random), true);
    };
  }

  private static void collect(JsonNode node, List<JsonNode> places) {
    if (node.isContainerNode()) {
      places.add(node);
      node.forEach(child -> collect(child, places));
    }
  }
}
