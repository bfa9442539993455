package strophos.server.ground;

import strophos.core.ground.Thing;

/** A thing as it is laid, with what is told of it. */
record Laid(Thing thing, Parts parts) {}
