package bemble.app.extract;

/**
 * The class or pupil that was read in.
 *
 * @param name the class or the pupil
 */
public record ExtractView(Extract.Kind kind, String name, int pupils, int handouts, int answers) {}
