/**
 * The record as files: entries out and in again, exactly, as JSON and CSV; asks as a table for people, and tables of
 * asks that were kept elsewhere. The forms are in {@code docs/formats.md}. Whatever is taken in can be tried first: a
 * trial is the real thing, rolled back.
 */
package strophos.server.files;
