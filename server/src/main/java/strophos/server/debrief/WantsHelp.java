package strophos.server.debrief;

import java.time.Instant;

/** A pair for which help was decided on, and on which rung. */
record WantsHelp(AttentionView.PairLine of, String rung, Instant since) {}
