/** Figures that are shown for the horse's sake. They never diagnose; licensed people decide. */
package strophos.core.welfare;
