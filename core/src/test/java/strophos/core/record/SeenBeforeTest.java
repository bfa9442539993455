package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The order is common practice, no source: what was marked most stands first, of equals what was marked last. */
class SeenBeforeTest {

    private static final String SEGMENT = id(0);

    @Test
    void whatWasMarkedMostStandsFirstEachSideApart() {
        Ride before = ride("fault heel-up LEFT", "fault leg-back LEFT", "sign jaw-soft NONE");
        Ride last = ride("fault leg-back LEFT", "fault leg-back RIGHT", "fault heel-up LEFT", "fault leg-back LEFT");
        assertThat(said(EarlierMark.inAll(List.of(EarlierMark.in(before), EarlierMark.in(last)))))
                .containsExactly(
                        "fault leg-back LEFT 3",
                        "fault heel-up LEFT 2",
                        "fault leg-back RIGHT 1",
                        "sign jaw-soft NONE 1");
    }

    @Test
    void ofEqualsWhatWasMarkedLastStandsFirst() {
        assertThat(said(EarlierMark.inAll(List.of(
                        EarlierMark.in(ride("sign tail-swings NONE")), EarlierMark.in(ride("fault heel-up LEFT"))))))
                .containsExactly("fault heel-up LEFT 1", "sign tail-swings NONE 1");
    }

    @Test
    void nothingSeenIsNothing() {
        assertThat(EarlierMark.in(ride())).isEmpty();
        assertThat(EarlierMark.inAll(List.of())).isEmpty();
    }

    private static List<String> said(List<EarlierMark> all) {
        return all.stream()
                .map(s -> (s.isSign() ? "sign" : "fault") + " " + s.name() + " " + s.side() + " " + s.times())
                .toList();
    }

    /** A ride in which these were marked, in order. */
    private static Ride ride(String... marks) {
        List<Entry> log = new ArrayList<>();
        log.add(entry(
                0,
                "segment",
                Map.of(
                        "exercise", "counter-bend",
                        "gait", "WALK",
                        "place", "RAIL",
                        "rein", "LEFT",
                        "mounted", "RIDER")));
        for (String mark : marks) {
            String[] said = mark.split(" ");
            log.add(entry(log.size(), said[0], Map.of("segment", SEGMENT, "name", said[1], "side", said[2])));
        }
        return Fold.of(log);
    }

    private static Entry entry(int at, String kind, Map<String, Object> payload) {
        return new Entry(id(at), id(900), id(901), id(902), at, at, kind, 1, payload);
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }
}
