/** Between lessons: homework set, practised, reported, and the coach looking in. */
package strophos.server.homework;
