package strophos.server.state;

import java.util.List;
import strophos.core.progress.WorseSide;

/** What the last lessons of a strand had on each side, the oldest first. */
public record SidesOfStrand(String strand, List<WorseSide.SidesOfLesson> lessons) {}
