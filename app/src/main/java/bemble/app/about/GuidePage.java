package bemble.app.about;

/**
 * A page of the guide.
 *
 * @param id by which links lead to it
 * @param title its heading
 * @param html the text below the heading; its pictures are named by their files
 */
record GuidePage(String id, String title, String html) {}
