/** Photos of horses, from the same sides again and again. The pictures themselves lie among the attachments. */
package strophos.server.photo;
