package bemble.app.room;

/** Says that the room was closed. */
record RoomClosed() {}
