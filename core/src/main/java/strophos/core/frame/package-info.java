/**
 * What a frozen frame of a clip can tell: lengths, slopes and angles between points that were set on it by hand, each with its error.
 *
 * <p>The frame is taken as a plane at right angles to the camera. What lies nearer or further, or is turned to the camera, is drawn
 * shorter: no number here knows of it, and the error told is that of setting the points alone.
 *
 * <p>Source: [1] JCGM 100:2008, Evaluation of measurement data: guide to the expression of uncertainty in measurement (GUM), 5.1.2 (law of
 * propagation for independent inputs) and 5.1.3, note 2 (sensitivities reckoned numerically).
 */
package strophos.core.frame;
