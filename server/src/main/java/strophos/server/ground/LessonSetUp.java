package strophos.server.ground;

import java.util.List;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;

/** What is to stand in a lesson. */
record LessonSetUp(Pace pace, Variant variant, List<WantedThing> things) {}
