package bemble.app.file;

/** How many pupils who were deleted since were taken out of how many copies. */
record ForgottenView(int copies, int pupils) {}
