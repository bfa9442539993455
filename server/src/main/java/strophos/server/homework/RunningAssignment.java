package strophos.server.homework;

import java.util.List;

/** An assignment with the reports and look-ins known at a moment, each in order. */
record RunningAssignment(StoredAssignment stored, List<ReceivedPractice> reports, List<LookIn> lookIns) {}
