package bemble.diagnosis;

import bemble.practice.Item;
import java.time.LocalDate;

/**
 * A sum that a pupil worked.
 *
 * @param day when
 * @param space what came of it
 */
public record Work(LocalDate day, Item item, AnswerSpace space) {}
