/**
 * The shipped exercises and progressions, read from the data beside this code: one YAML file a strand, checked against
 * {@code strand.schema.json} in the build. Lengths are metres. Texts are data, in the language the file names.
 */
package strophos.catalogue;
