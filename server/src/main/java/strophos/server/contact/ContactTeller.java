package strophos.server.contact;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.arena.Arena;
import strophos.core.contact.AskMeasured;
import strophos.core.contact.Band;
import strophos.core.contact.CueAnswer;
import strophos.core.contact.LettersPassed;
import strophos.core.contact.Overview;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.RiddenStretch;
import strophos.core.contact.SignalCheck;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.record.Ride;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideOfHorse;
import strophos.server.contract.CanBeNull;
import strophos.server.cue.CueForRide;
import strophos.server.cue.CueRepository;
import strophos.server.ground.LessonGrounds;
import strophos.server.lesson.Lesson;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.rein.StoredChunk;
import strophos.server.ride.RideLog;
import strophos.server.rules.YardRules;
import strophos.server.stride.HeightAndStrides;
import strophos.server.stride.StrideRepository;

/** Reads a lesson's recordings: what was measured in each of its stretches. */
@Service
@Transactional(readOnly = true)
class ContactTeller {

    /** So many earlier days can be laid beside this one. */
    static final int EARLIER = 12;

    private final RecordingRepository recordings;
    private final ReinRepository reins;
    private final RideLog log;
    private final StrideRepository strides;
    private final CueRepository cues;
    private final LessonGrounds grounds;
    private final Catalogue catalogue;
    private final YardRules rules;

    ContactTeller(
            RecordingRepository recordings,
            ReinRepository reins,
            RideLog log,
            StrideRepository strides,
            CueRepository cues,
            LessonGrounds grounds,
            Catalogue catalogue,
            YardRules rules) {
        this.recordings = recordings;
        this.reins = reins;
        this.log = log;
        this.strides = strides;
        this.cues = cues;
        this.grounds = grounds;
        this.catalogue = catalogue;
        this.rules = rules;
    }

    ContactView view(Lesson lesson) {
        List<Recording> all = reins.ofLesson(lesson.id());
        Optional<StoredBand> band = recordings.band(lesson.pair());
        List<Recording> here = all.stream().filter(r -> !r.isAway()).toList();
        if (here.isEmpty()) {
            return new ContactView(lesson, bandView(band), List.of(), away(all), List.of());
        }
        Map<UUID, List<StoredChunk>> chunks =
                reins.chunks(here.stream().map(Recording::id).toList());
        Ride ride = log.ride(lesson);
        Optional<Band> aim = band.map(b -> new Band(b.lowKg(), b.highKg()));
        HeightAndStrides horse = strides.known(List.of(lesson.horseId())).get(lesson.horseId());
        Optional<Arena> arena =
                ride.segments().stream().anyMatch(s -> s.said().from().isPresent())
                        ? grounds.arena(lesson.id())
                        : Optional.empty();
        boolean isByCue = ride.segments().stream().anyMatch(s -> s.said().cue().isPresent());
        Map<UUID, CueForRide> book = isByCue ? cues.byId(lesson.pair()) : Map.of();
        return new ContactView(
                lesson,
                bandView(band),
                here.stream()
                        .map(r -> recording(r, chunks.getOrDefault(r.id(), List.of()), ride, aim, horse, book, arena))
                        .toList(),
                away(all),
                recordings.measuredBefore(lesson, EARLIER));
    }

    private static List<ContactView.AwayView> away(List<Recording> all) {
        return all.stream()
                .filter(Recording::isAway)
                .map(r -> new ContactView.AwayView(r.id(), r.name(), r.startedAt(), r.version()))
                .toList();
    }

    @CanBeNull
    static ContactView.BandView bandView(Optional<StoredBand> band) {
        return band.map(b -> new ContactView.BandView(b.lowKg(), b.highKg(), b.version()))
                .orElse(null);
    }

    private ContactView.RecordingView recording(
            Recording r,
            List<StoredChunk> chunks,
            Ride ride,
            Optional<Band> band,
            HeightAndStrides horse,
            Map<UUID, CueForRide> book,
            Optional<Arena> arena) {
        if (!r.isWhole()) {
            List<Integer> here = chunks.stream().map(StoredChunk::place).toList();
            return view(
                    r,
                    chunks.stream().mapToInt(StoredChunk::samples).sum() / r.rateHz(),
                    IntStream.range(0, r.minutes())
                            .filter(m -> !here.contains(m))
                            .boxed()
                            .toList(),
                    List.of(),
                    null,
                    List.of(),
                    null,
                    null,
                    List.of(),
                    Map.of());
        }
        ReinSeries series = r.series(chunks);
        List<RiddenStretch> stretches =
                RiddenStretch.all(ride, series, r.startedAt().toEpochMilli(), band);
        return view(
                r,
                series.seconds(),
                List.of(),
                SignalCheck.of(series, r.jitterMs()).stream()
                        .map(SpanTeller::fault)
                        .toList(),
                overview(Overview.of(series)),
                spans(stretches, horse, r.startedAt(), arena),
                SpanTeller.mostly(stretches),
                SpanTeller.asks(AskMeasured.of(ride, series, r.startedAt().toEpochMilli()), rules.intoTheHand()),
                CueAnswer.all(ride, series, r.startedAt().toEpochMilli()),
                book);
    }

    private static ContactView.RecordingView view(
            Recording r,
            double seconds,
            List<Integer> missing,
            List<ContactView.FaultView> faults,
            @CanBeNull ContactView.OverviewView overview,
            List<ContactView.SpanView> spans,
            @CanBeNull ContactView.MostlyView mostly,
            @CanBeNull ContactView.AsksView asks,
            List<CueAnswer> byCue,
            Map<UUID, CueForRide> book) {
        List<CueAnswer> cues = byCue.stream()
                .filter(c -> book.containsKey(UUID.fromString(c.cue())))
                .toList();
        return new ContactView.RecordingView(
                r.id(),
                r.name(),
                r.startedAt(),
                r.rateHz(),
                seconds,
                r.minutes(),
                r.version(),
                r.isWhole(),
                missing,
                r.jitterMs(),
                faults,
                overview,
                spans,
                mostly,
                asks,
                SpanTeller.cues(cues, book),
                SpanTeller.cuesBeside(cues));
    }

    static ContactView.OverviewView overview(Overview o) {
        return new ContactView.OverviewView(o.pieceS(), o.leftHigh(), o.leftLow(), o.rightHigh(), o.rightLow());
    }

    private List<ContactView.SpanView> spans(
            List<RiddenStretch> stretches, HeightAndStrides horse, Instant at, Optional<Arena> arena) {
        return stretches.stream()
                .map(s -> SpanTeller.span(
                        s,
                        catalogue.nameOf(s.segment().exercise()),
                        new SpanTeller.Way(
                                heightM(horse),
                                speed(s.segment().gait(), horse, at),
                                arena.filter(a -> s.segment().place().equals(Place.RAIL))
                                        .map(a -> LettersPassed.alongTheTrack(
                                                a, s.segment().rein())),
                                s.begunAt(at.toEpochMilli()))))
                .toList();
    }

    /** Of the horse's measured or usual stride; of a gait that has none, unknown. */
    private static OptionalDouble speed(Gait gait, HeightAndStrides horse, Instant at) {
        return Stream.of(Pace.WALK, Pace.TROT, Pace.CANTER)
                .filter(p -> p.name().equals(gait.word()))
                .findFirst()
                .flatMap(p -> StrideOfHorse.of(
                        p,
                        horse.measured().stream().filter(m -> m.pace() == p).findFirst(),
                        heightM(horse),
                        LocalDate.ofInstant(at, ZoneOffset.UTC),
                        false))
                .map(StrideOfHorse::speedMs)
                .orElse(OptionalDouble.empty());
    }

    private static OptionalDouble heightM(HeightAndStrides horse) {
        Integer heightCm = horse.of().heightCm();
        return heightCm == null ? OptionalDouble.empty() : OptionalDouble.of(heightCm / 100.0);
    }
}
