/**
 * Asks that were written down elsewhere: a table with a line an ask, as an instructor keeps it in a spreadsheet. Each
 * column that is known is read by the words the field uses; what cannot be read is an issue with its line, never a
 * guess. An empty cell of exercise, gait, place, rein or rider is as in the line above, since that is how such tables
 * are kept (common practice, no source). Lines are counted from 1, the heading being line 1.
 */
package strophos.core.sheet;
