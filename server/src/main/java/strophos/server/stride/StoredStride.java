package strophos.server.stride;

import java.util.UUID;
import strophos.core.stride.StrideMeasure;

/** A stride as it was measured and by whom. */
record StoredStride(UUID id, StrideMeasure measure, boolean isPutAway, String by) {}
