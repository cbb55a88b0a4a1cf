package bemble.app.journey;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;

/** Marks tests that begin with an empty Bemble, since they look at all its data. */
@Retention(RetentionPolicy.RUNTIME)
@interface BeginsEmpty {}
