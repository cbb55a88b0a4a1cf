package bemble.app.export;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** The squares of a code that a camera reads. */
public final class CodeMatrix {
  private CodeMatrix() {}

  /** The code of a text, without paper around it. */
  public static BitMatrix of(String text, ErrorCorrectionLevel level) {
    Map<EncodeHintType, Object> hints =
        Map.of(EncodeHintType.ERROR_CORRECTION, level, EncodeHintType.MARGIN, 0);
    try {
      return new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, hints);
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
  }
}
