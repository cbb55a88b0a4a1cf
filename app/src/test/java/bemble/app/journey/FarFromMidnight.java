package bemble.app.journey;

import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.TimeZone;
import org.junit.platform.launcher.LauncherSession;
import org.junit.platform.launcher.LauncherSessionListener;

/**
 * Has the tests begin at about ten in the morning, whenever they are started: no day ends while
 * they run. App and browser take the time zone that is chosen for that.
 */
public final class FarFromMidnight implements LauncherSessionListener {
  private static final int TEN = 10;
  private static final int MOST_BEHIND = -12;

  @Override
  public void launcherSessionOpened(LauncherSession session) {
    int ahead = TEN - ZonedDateTime.now(ZoneOffset.UTC).getHour();
    int hours = Math.max(MOST_BEHIND, ahead);
    // The sign of these names says how far Greenwich is ahead.
    TimeZone.setDefault(
        TimeZone.getTimeZone("Etc/GMT" + (hours > 0 ? "-" : "+") + Math.abs(hours)));
  }
}
