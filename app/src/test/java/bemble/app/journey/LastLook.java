package bemble.app.journey;

import java.util.function.Supplier;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Adds the content of the screen to the failure of a journey. */
record LastLook(Supplier<DeskHand> hand) implements AfterTestExecutionCallback {
  @Override
  public void afterTestExecution(ExtensionContext context) {
    context
        .getExecutionException()
        .ifPresent(failure -> failure.addSuppressed(new AssertionError(hand.get().lastLook())));
  }
}
