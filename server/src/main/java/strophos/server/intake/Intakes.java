package strophos.server.intake;

/** What is known of horse, rider and pair, and how often each was changed. */
record Intakes(
        HorseIntake horse, int horseVersion, RiderIntake rider, int riderVersion, PairIntake pair, int pairVersion) {}
