package bemble.problem;

import bemble.number.Numeral;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Makes a sum of the pieces of a line, or refuses them at the first trouble. */
final class Parser {
  private final List<Token> tokens;
  private final int end;
  private final Limits limits;

  Parser(List<Token> tokens, int end, Limits limits) {
    this.tokens = tokens;
    this.end = end;
    this.limits = limits;
  }

  Problem problem() throws RefusalException {
    Token first = tokens.get(0);
    return is(first, Operation.ROOT) ? root() : between();
  }

  private static boolean is(Token token, Operation operation) {
    return token instanceof Token.Sign sign && sign.operation() == operation;
  }

  private Problem root() throws RefusalException {
    if (tokens.size() > 1 && is(tokens.get(1), Operation.SUBTRACTION)) {
      throw RefusalException.at(Refusal.Code.ROOT_OF_NEGATIVE, tokens.get(1));
    }
    if (tokens.size() < 2 || !(tokens.get(1) instanceof Token.Number radicand)) {
      throw RefusalException.at(
          Refusal.Code.NUMBER_MISSING, tokens.get(0).to(), tokens.get(0).to());
    }
    if (tokens.size() == 2) {
      return Root.natural(radicand.value());
    }
    if (tokens.size() > 3 || !(tokens.get(2) instanceof Token.Places places)) {
      throw RefusalException.at(Refusal.Code.ROOT_OF_ONE_NUMBER, tokens.get(2).from(), end);
    }
    if (places.count() > limits.places()) {
      throw new RefusalException(
          Refusal.Code.TOO_MANY_PLACES,
          places.from(),
          places.to(),
          Map.of("most", limits.places()));
    }
    return new Root(radicand.value(), places.count());
  }

  /** Numbers with signs of one kind between them. */
  private Problem between() throws RefusalException {
    List<Token.Number> numbers = new ArrayList<>();
    Token.Sign sign = null;
    boolean numberExpected = true;
    for (Token token : tokens) {
      if (token instanceof Token.Places) {
        throw RefusalException.at(Refusal.Code.PLACES_WITHOUT_ROOT, token);
      } else if (token instanceof Token.Number number) {
        if (!numberExpected) {
          throw RefusalException.at(Refusal.Code.SIGN_MISSING, token);
        }
        numbers.add(number);
      } else {
        sign = accepted((Token.Sign) token, sign, numberExpected);
      }
      numberExpected = !numberExpected;
    }
    if (numberExpected) {
      throw RefusalException.at(Refusal.Code.NUMBER_MISSING, end, end);
    }
    if (sign == null) {
      throw RefusalException.at(Refusal.Code.ONE_NUMBER, 0, end);
    }
    return of(sign.operation(), numbers);
  }

  private static Token.Sign accepted(
      Token.Sign sign, Token.@Nullable Sign before, boolean numberExpected)
      throws RefusalException {
    if (sign.operation() == Operation.ROOT) {
      throw RefusalException.at(Refusal.Code.ROOT_NUMBER_FIRST, sign);
    }
    if (numberExpected) {
      boolean minus = sign.operation() == Operation.SUBTRACTION;
      throw RefusalException.at(minus ? Refusal.Code.NEGATIVE : Refusal.Code.NUMBER_MISSING, sign);
    }
    if (before != null && before.operation() != sign.operation()) {
      throw RefusalException.at(Refusal.Code.SIGNS_MIXED, sign);
    }
    return sign;
  }

  private Problem of(Operation operation, List<Token.Number> numbers) throws RefusalException {
    int most = operation == Operation.ADDITION ? limits.addends() : 2;
    if (numbers.size() > most) {
      boolean addends = operation == Operation.ADDITION;
      Token beyond = numbers.get(most);
      throw new RefusalException(
          addends ? Refusal.Code.TOO_MANY_NUMBERS : Refusal.Code.TWO_NUMBERS_ONLY,
          beyond.from(),
          beyond.to(),
          Map.of("most", most));
    }
    Token.Number first = numbers.get(0);
    Token.Number second = numbers.get(1);
    return switch (operation) {
      case ADDITION -> new Addition(numbers.stream().map(Token.Number::value).toList());
      case SUBTRACTION -> subtraction(first.value(), second);
      case MULTIPLICATION -> new Multiplication(whole(first), whole(second));
      case DIVISION -> division(first, second);
      case ROOT -> throw new IllegalStateException("a root sign stands before its number");
    };
  }

  private static Problem subtraction(Numeral minuend, Token.Number subtrahend)
      throws RefusalException {
    if (minuend.value().compareTo(subtrahend.value().value()) < 0) {
      Refusal refusal =
          new Refusal(
              Refusal.Code.BELOW_ZERO,
              subtrahend.from(),
              subtrahend.to(),
              Map.of("minuend", minuend, "subtrahend", subtrahend.value()));
      throw new RefusalException(refusal.meaning(subtrahend.value() + " − " + minuend));
    }
    return new Subtraction(minuend, subtrahend.value());
  }

  private Problem division(Token.Number dividend, Token.Number divisor) throws RefusalException {
    whole(dividend);
    if (whole(divisor).isZero()) {
      throw RefusalException.at(Refusal.Code.DIVIDED_BY_ZERO, divisor);
    }
    if (divisor.value().length() > limits.divisorDigits()) {
      throw new RefusalException(
          Refusal.Code.DIVISOR_TOO_LONG,
          divisor.from(),
          divisor.to(),
          Map.of("count", divisor.value().length(), "most", limits.divisorDigits()));
    }
    return new Division(dividend.value(), divisor.value());
  }

  private static Numeral whole(Token.Number number) throws RefusalException {
    if (!number.value().isWhole()) {
      throw RefusalException.at(Refusal.Code.WHOLE_NUMBERS_ONLY, number);
    }
    return number.value();
  }
}
