/**
 * Voice notes and pictures beside the record: their contents under their digest, and whether they may be kept of a minor. An entry of
 * the record names the digest; who may read it is who may read the lesson.
 */
package strophos.server.attachment;
