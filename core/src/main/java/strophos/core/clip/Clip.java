package strophos.core.clip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import strophos.core.exchange.ClipFile;
import strophos.core.footfall.AfterLanding;
import strophos.core.footfall.Footfalls;
import strophos.core.frame.FrameReading;
import strophos.core.frame.FrameValue;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/**
 * A video beside a lesson.
 *
 * @param id of the entry that named it first; copies of it belong to it
 * @param copies that were confirmed: whoever has one of them has the clip
 * @param comments in the order of the clip
 * @param measured in the order they were marked in
 * @param frames that were measured, in the order of the clip
 * @param timing of the asks and corrections that were read from it
 */
public record Clip(
        String id,
        ClipFile file,
        List<ClipFile> copies,
        List<Comment> comments,
        List<Measured> measured,
        List<Frame> frames,
        Timing timing) {

    public Clip {
        copies = List.copyOf(copies);
        comments = List.copyOf(comments);
        measured = List.copyOf(measured);
        frames = List.copyOf(frames);
    }

    /** What was said about a moment of it. */
    public record Comment(String id, long atMs, Payload.Comment said) {}

    /** The feet's landings of some strides, and what they say; empty where no foot landed twice. */
    public record Measured(String id, long atMs, Payload.Footfalls marked, Optional<Footfalls> says) {}

    /** What was measured on one of its frames, and what that tells; nothing where the points were too near each other. */
    public record Frame(String id, Payload.FrameMeasure said, List<FrameValue> tells) {

        public Frame {
            tells = List.copyOf(tells);
        }
    }

    /** Where in the stride the aids began, of those asks whose strides were marked; in the order of the clip. */
    public List<AfterLanding> aids() {
        return timing.asks().stream()
                .flatMapToInt(a -> a.askedMs().stream())
                .mapToObj(ms -> measured.stream()
                        .flatMap(m -> AfterLanding.of(
                                m.marked().landings(), m.marked().frameMs(), ms)
                                .stream())
                        .findFirst())
                .flatMap(Optional::stream)
                .toList();
    }

    /** How long a stride takes, by the landings that were marked last; empty where none were. */
    public OptionalDouble strideS() {
        return measured.stream()
                .flatMap(m -> m.says().stream())
                .mapToDouble(Footfalls::strideS)
                .reduce((a, b) -> b);
    }

    /** Those of a lesson, the first named first. What names no clip of it is left out. */
    public static List<Clip> of(Ride ride) {
        Map<String, List<ClipFile>> files = new LinkedHashMap<>();
        Map<String, String> first = new HashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.TimeBase base && base.clip().isPresent()) {
                String id = base.copyOf().map(first::get).orElse(mark.id());
                first.put(mark.id(), id);
                files.computeIfAbsent(id, i -> new ArrayList<>())
                        .add(base.clip().get());
            }
        }
        return files.entrySet().stream()
                .map(e -> new Clip(
                        e.getKey(),
                        e.getValue().get(0),
                        e.getValue().subList(1, e.getValue().size()),
                        comments(ride, first, e.getKey()),
                        measured(ride, first, e.getKey()),
                        frames(ride, first, e.getKey()),
                        Timing.of(ride, clip(first, e.getKey()))))
                .toList();
    }

    private static OneClip clip(Map<String, String> first, String id) {
        return new OneClip(first.entrySet().stream()
                .filter(base -> base.getValue().equals(id))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet()));
    }

    private static List<Comment> comments(Ride ride, Map<String, String> first, String clip) {
        List<Comment> comments = new ArrayList<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Comment said
                    && clip.equals(first.get(said.at().base()))) {
                comments.add(new Comment(mark.id(), mark.atMs(), said));
            }
        }
        comments.sort(Comparator.comparingInt(c -> c.said().at().ms()));
        return comments;
    }

    private static List<Measured> measured(Ride ride, Map<String, String> first, String clip) {
        List<Measured> measured = new ArrayList<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Footfalls marked && clip.equals(first.get(marked.base()))) {
                measured.add(new Measured(
                        mark.id(), mark.atMs(), marked, Footfalls.of(marked.landings(), marked.frameMs())));
            }
        }
        return measured;
    }

    private static List<Frame> frames(Ride ride, Map<String, String> first, String clip) {
        List<Frame> frames = new ArrayList<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.FrameMeasure said
                    && clip.equals(first.get(said.at().base()))) {
                frames.add(new Frame(mark.id(), said, FrameReading.of(said)));
            }
        }
        frames.sort(Comparator.comparingInt(f -> f.said().at().ms()));
        return frames;
    }
}
