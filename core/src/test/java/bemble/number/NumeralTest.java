package bemble.number;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumeralTest {
  @Test
  void figuresAddUpToTheValueAtTheirPlaces() {
    Random random = new Random(11);
    for (int i = 0; i < 500; i++) {
      Numeral numeral = Numeral.of(new BigInteger(random.nextInt(80), random), random.nextInt(13));
      BigDecimal sum = BigDecimal.ZERO;
      for (int place = numeral.highestPlace(); place >= numeral.lowestPlace(); place--) {
        sum = sum.add(BigDecimal.valueOf(numeral.digitAt(place)).scaleByPowerOfTen(place));
      }
      assertEquals(0, sum.compareTo(numeral.value()));
      assertEquals(numeral, Numeral.parse(numeral.toString()));
    }
  }

  @ParameterizedTest
  @CsvSource({"007,7", "0.50,0.50", "00.5,0.5", ".25,0.25", "0,0", "000,0", "10.00,10.00"})
  void isBroughtToOneForm(String written, String kept) {
    assertEquals(kept, Numeral.parse(written).toString());
  }

  @Test
  void refusesWhatIsNoNumeral() {
    assertThrows(IllegalArgumentException.class, () -> new Numeral("", 0));
    assertThrows(IllegalArgumentException.class, () -> new Numeral("1x", 0));
    assertThrows(IllegalArgumentException.class, () -> new Numeral("1", -1));
  }
}
