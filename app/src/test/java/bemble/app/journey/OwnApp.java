package bemble.app.journey;

import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;

/** Marks tests that change what is stored, or look at all of it, and so need a Bemble alone. */
@Retention(RetentionPolicy.RUNTIME)
@interface OwnApp {}
