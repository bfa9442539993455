package strophos.core.record;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import strophos.core.exchange.Aid;
import strophos.core.look.FirstLook;
import strophos.core.look.SideLook;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Entries and rides as the shared example files write them. */
final class FoldJson {

    static final JsonMapper JSON = JsonMapper.shared();

    private FoldJson() {}

    static List<Entry> entries(JsonNode array) {
        return JSON.convertValue(array, new TypeReference<List<Entry>>() {});
    }

    /** The ride as plain JSON; absent times are null. */
    static JsonNode ride(Ride ride) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("startedAtMs", orNull(ride.startedAtMs()));
        written.put("endedAtMs", orNull(ride.endedAtMs()));
        written.put("segments", ride.segments().stream().map(FoldJson::segment).toList());
        written.put(
                "exchanges", ride.exchanges().stream().map(FoldJson::exchange).toList());
        written.put("notes", ride.notes());
        written.put("looks", ride.looks().stream().map(FoldJson::look).toList());
        written.put("rests", ride.rests().stream().map(FoldJson::rest).toList());
        written.put("marks", ride.marks().stream().map(FoldJson::mark).toList());
        written.put("stopSigns", ride.stopSigns());
        written.put("reinMs", ride.reinMs());
        written.put("tallies", ride.tallies().stream().map(FoldJson::tally).toList());
        written.put("loose", ride.loose());
        written.put("voided", ride.voided());
        written.put("odd", ride.odd());
        // through text, so that whole numbers read back as they will from a file
        return JSON.readTree(JSON.writeValueAsString(written));
    }

    private static Map<String, Object> segment(Ride.Segment s) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", s.id());
        written.put("atMs", s.atMs());
        written.put("endMs", orNull(s.endMs()));
        written.put("exercise", s.exercise());
        written.put("gait", s.gait());
        written.put("place", s.place());
        written.put("rein", s.rein());
        written.put("mounted", s.mounted());
        s.circleM().ifPresent(m -> written.put("circleM", m));
        s.bend().ifPresent(b -> written.put("bend", b));
        aids(written, s.aids());
        return written;
    }

    private static Map<String, Object> exchange(Ride.Exchange x) {
        Map<String, Object> written = new LinkedHashMap<>(Map.of(
                "id", x.id(),
                "atMs", x.atMs(),
                "segment", x.segment(),
                "author", x.author(),
                "strength", x.strength().level(),
                "response", x.response()));
        x.first().ifPresent(f -> written.put("first", f.level()));
        aids(written, x.aids());
        x.order().ifPresent(o -> written.put("order", o));
        return written;
    }

    private static void aids(Map<String, Object> written, List<Aid> aids) {
        if (!aids.isEmpty()) {
            written.put("aids", aids.stream().map(FoldJson::aid).toList());
        }
    }

    private static Map<String, Object> aid(Aid aid) {
        Map<String, Object> written = new LinkedHashMap<>(Map.of("means", aid.means(), "side", aid.side()));
        aid.manner().ifPresent(m -> written.put("manner", m));
        aid.foot().ifPresent(f -> written.put("foot", f));
        return written;
    }

    /** Checks that were not made are left out. */
    private static Map<String, Object> look(Ride.Look l) {
        FirstLook f = l.seen();
        Map<String, Object> seen = new LinkedHashMap<>();
        f.soundness().ifPresent(s -> seen.put("soundness", s));
        f.calm().ifPresent(s -> seen.put("calm", s));
        f.rider().ifPresent(s -> seen.put("rider", s));
        f.halt().ifPresent(s -> seen.put("halt", s));
        f.leg().ifPresent(s -> seen.put("leg", s));
        side(seen, f.left(), "Left");
        side(seen, f.right(), "Right");
        f.shoulders().ifPresent(s -> {
            seen.put("shoulder", s.heavy());
            seen.put("shoulderBoth", s.onBothReins());
        });
        return Map.of("id", l.id(), "atMs", l.atMs(), "author", l.author(), "seen", seen);
    }

    private static void side(Map<String, Object> seen, SideLook side, String name) {
        side.bend().ifPresent(b -> seen.put("bend" + name, b));
        side.place().ifPresent(p -> seen.put("place" + name, p));
        side.evenCircleM().ifPresent(m -> seen.put("circle" + name, m));
    }

    private static Map<String, Object> rest(Ride.Rest r) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", r.id());
        written.put("atMs", r.atMs());
        written.put("endMs", orNull(r.endMs()));
        return written;
    }

    private static Map<String, Object> mark(Ride.Mark m) {
        Map<String, Object> said = new LinkedHashMap<>();
        if (m.said() instanceof Payload.Fault f) {
            said.putAll(Map.of("kind", "fault", "segment", f.segment(), "name", f.name(), "side", f.side()));
        } else if (m.said() instanceof Payload.Sign s) {
            said.putAll(Map.of("kind", "sign", "segment", s.segment(), "name", s.name(), "side", s.side()));
        } else if (m.said() instanceof Payload.Correction c) {
            said.putAll(Map.of("kind", "correction", "segment", c.segment(), "made", c.isMade()));
        } else if (m.said() instanceof Payload.Released r) {
            said.putAll(Map.of("kind", "release", "exchange", r.exchange(), "release", r.release()));
        } else if (m.said() instanceof Payload.Contact c) {
            said.putAll(Map.of("kind", "contact", "segment", c.segment(), "side", c.side(), "felt", c.felt()));
        } else if (m.said() instanceof Payload.Held h) {
            said.putAll(Map.of("kind", "held", "segment", h.segment(), "unit", h.unit(), "amount", h.amount()));
        } else if (m.said() instanceof Payload.HeadHeight h) {
            said.putAll(Map.of("kind", "head", "segment", h.segment(), "cm", h.cm()));
        } else if (m.said() instanceof Payload.Chosen c) {
            said.putAll(Map.of("kind", "choice", "segment", c.segment(), "choice", c.choice()));
            c.returnS().ifPresent(s -> said.put("returnS", s));
        } else if (m.said() instanceof Payload.Reward r) {
            said.putAll(Map.of("kind", "reward", "segment", r.segment()));
        } else if (m.said() instanceof Payload.Line l) {
            said.putAll(Map.of("kind", "line", "segment", l.segment(), "ridden", l.ridden()));
            l.planned().ifPresent(n -> said.put("planned", n));
            l.takeOff().ifPresent(t -> said.put("takeOff", t));
            l.lead().ifPresent(side -> said.put("lead", side));
            l.isStraight().ifPresent(is -> said.put("straight", is));
            l.rail().ifPresent(r -> said.put("rail", r));
            l.change().ifPresent(c -> said.put("change", c));
            l.speed().ifPresent(speed -> said.put("speed", speed));
        } else if (m.said() instanceof Payload.Stopped s) {
            said.putAll(Map.of("kind", "stop_sign", "sign", s.sign(), "side", s.side()));
        } else if (m.said() instanceof Payload.Praise p) {
            said.putAll(Map.of("kind", "praise", "segment", p.segment()));
        } else if (m.said() instanceof Payload.Conditions c) {
            said.put("kind", "conditions");
            c.footing().ifPresent(f -> said.put("footing", f));
            c.temperatureC().ifPresent(t -> said.put("temperatureC", t));
            c.humidityPct().ifPresent(h -> said.put("humidityPct", h));
        } else if (m.said() instanceof Payload.Effort e) {
            said.putAll(Map.of("kind", "effort", "horse", e.horse()));
            e.rider().ifPresent(r -> said.put("rider", r));
        } else if (m.said() instanceof Payload.Watch w) {
            said.putAll(Map.of("kind", "watch", "of", w.isSign() ? "sign" : "fault", "name", w.name()));
            said.putAll(Map.of("side", w.side(), "weeks", w.weeks()));
        } else if (m.said() instanceof Payload.WatchTick w) {
            said.putAll(Map.of("kind", "watched", "watch", w.watch(), "seen", w.isSeen()));
        }
        return Map.of("id", m.id(), "atMs", m.atMs(), "author", m.author(), "said", said);
    }

    private static Map<String, Object> tally(Ride.Tally t) {
        return Map.of(
                "exercise", t.exercise(),
                "gait", t.gait(),
                "place", t.place(),
                "rein", t.rein(),
                "mounted", t.mounted(),
                "counts", t.counts());
    }

    private static Long orNull(OptionalLong ms) {
        return ms.isPresent() ? ms.getAsLong() : null;
    }
}
