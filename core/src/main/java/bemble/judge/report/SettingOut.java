package bemble.judge.report;

/** Who set the sum out. */
public enum SettingOut {
  GIVEN,
  OWN
}
