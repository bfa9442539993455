package strophos.server.library;

import java.util.List;
import strophos.core.stair.Rung;

/**
 * A progression of the yard's own as homework.
 *
 * @param stages its rungs, the first to be practised first
 */
public record Programme(String id, String name, List<Rung> stages) {}
