package strophos.server.ground;

import java.util.List;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;

/**
 * What stands in a lesson, and what it measures for its horse.
 *
 * @param measured without tapes: these are read where it is set out
 */
public record LessonGroundView(
        int version, Pace pace, Variant variant, List<WantedThing> things, GroundView measured) {}
