/**
 * Values as JSON has them: texts, numbers, true and false, nothing, lists, and objects as maps from text. What a browser and a
 * server must read alike is narrower than what a parser of JSON takes; {@link strophos.core.plain.Plain} says what it is.
 */
package strophos.core.plain;
