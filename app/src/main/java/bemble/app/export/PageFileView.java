package bemble.app.export;

import bemble.app.working.WorkingView;

/** A page that was read from a file, worked anew. */
record PageFileView(String title, String note, WorkingView working) {}
