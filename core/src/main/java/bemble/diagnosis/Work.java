package bemble.diagnosis;

import bemble.practice.Item;
import java.time.LocalDate;

/**
 * A sum that a pupil worked.
 *
 * @param day when
 * @param space the content of the space for the answer
 */
public record Work(LocalDate day, Item item, AnswerSpace space) {}
