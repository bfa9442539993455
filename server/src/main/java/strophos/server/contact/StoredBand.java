package strophos.server.contact;

/** What a pair aims at in each rein, in kilograms. */
record StoredBand(double lowKg, double highKg, int version) {}
