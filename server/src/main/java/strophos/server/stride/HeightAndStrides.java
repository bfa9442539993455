package strophos.server.stride;

import java.util.List;
import strophos.core.stride.StrideMeasure;
import strophos.server.horse.HeightAndBorn;

/**
 * What is known of how a horse moves.
 *
 * @param measured the one that counts of each gait
 */
public record HeightAndStrides(HeightAndBorn of, List<StrideMeasure> measured) {}
