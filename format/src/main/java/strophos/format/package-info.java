/**
 * The record's format as data, and what is written from it.
 *
 * <p>{@code format/} holds a JSON Schema (2020-12) for each kind and version of entry, for the vocabularies ({@code words.json})
 * and for what payloads share ({@code parts.json}). {@link strophos.format.SchemaReader} reads them into {@link
 * strophos.format.Format}; {@link strophos.format.WriteFormat} writes the readers, types and vocabularies of both languages
 * and the tables of {@code docs/formats.md} from it. What is written is committed; a test fails when it is not what the
 * schemas say. {@link strophos.format.Draws} draws payloads that keep the format, and such as break it.
 */
package strophos.format;
