/**
 * When a rung may be learnt, roughly: a state in [0, 1] for each rung and rein that rises with each good practice and fades
 * between practices ({@link strophos.core.forecast.Learner}). Always a range of dates, always with the days a week it
 * assumes. Common practice, no source; spaced practice may need fewer sessions in all.
 */
package strophos.core.forecast;
