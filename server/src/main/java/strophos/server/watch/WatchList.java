package strophos.server.watch;

import java.util.List;

/**
 * What a pair has on watch.
 *
 * @param items the oldest first
 * @param ended what somebody ended before its weeks were over, and could be watched again
 */
record WatchList(List<WatchItem> items, List<WatchItem> ended) {}
