package strophos.core.load;

import java.time.LocalDate;

/**
 * What a day is for, because the horse goes away, has gone or has come back.
 *
 * @param what it goes for, in the coach's words
 * @param counts the day it is for
 */
public record DayOfOuting(String what, LocalDate counts, Outing.Day day) {}
