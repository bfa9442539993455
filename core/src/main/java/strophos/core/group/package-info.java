/**
 * A group lesson: several pairs taught together on one ground. Each pair keeps a lesson and a log of its own; the group only says that they
 * are ridden together. Common practice, no source.
 */
package strophos.core.group;
