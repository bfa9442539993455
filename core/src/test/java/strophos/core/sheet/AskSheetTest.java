package strophos.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;
import strophos.core.record.Entry;
import strophos.core.record.Fold;
import strophos.core.record.Ride;

/** Tables made by hand; what each line says is read off beside it. */
class AskSheetTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final String LESSON = "018f0000-0000-7000-8000-000000000001";
    private static final String DEVICE = "018f0000-0000-7000-8000-000000000003";
    private static final String AUTHOR = "018f0000-0000-7000-8000-000000000002";

    @Test
    void readsALineAnAskAndTakesWhatIsNotWrittenFromAbove() {
        AskSheet.Reading read = read(
                "Time;Exercise;Rein;Gait;Where;Strength;Answer;First asked;Release;Remark",
                "16:05;Counter-bend;left;;;2;yes;;;",
                "16:05:30;;;;;3 clear;try;2;late;heavy in the left hand",
                ";;R;trot;circle 12 m;1;NONE;;missed;",
                ";;;;;2;w;;;",
                "2026-11-24 16:20;Turn;right;;;4;brace;;;");
        assertThat(read.issues()).isEmpty();
        assertThat(read.asks())
                .extracting(a -> a.line() + " " + a.ridden().exercise() + " "
                        + a.ridden().gait() + " "
                        + a.ridden().place() + a.ridden().circleM().orElse(0) + " "
                        + a.ridden().rein() + " "
                        + a.strength().level() + a.response()
                        + a.first().map(f -> f.level()).orElse(0))
                .containsExactly(
                        "2 counter-bend WALK RAIL0 LEFT 2YES0",
                        "3 counter-bend WALK RAIL0 LEFT 3TRY2",
                        "4 counter-bend TROT CIRCLE12 RIGHT 1NONE0",
                        "5 counter-bend TROT CIRCLE12 RIGHT 2WRONG0",
                        "6 turn HALT ACROSS0 RIGHT 4BRACE0");
        assertThat(read.asks().get(1).note()).contains("heavy in the left hand");
        assertThat(read.asks().get(4).time()).contains(LocalTime.of(16, 20));
    }

    /** Each bad cell, by the line it stands in; the line before it is good. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "16:06;Half-pass;left;2;yes;   | EXERCISE | UNKNOWN_EXERCISE | Half-pass",
                "16:06;;sideways;2;yes;        | REIN     | UNKNOWN_WORD     | sideways",
                "16:06;;;5;yes;                | STRENGTH | UNKNOWN_WORD     | 5",
                "16:06;;;;yes;                 | STRENGTH | MISSING          | ''",
                "16:06;;;2;perhaps;            | RESPONSE | UNKNOWN_WORD     | perhaps",
                "16:06;;;2;no idea;            | RESPONSE | UNKNOWN_WORD     | no idea",
                "16:06;;;2;;                   | RESPONSE | MISSING          | ''",
                "half past;;;2;yes;            | TIME     | NOT_A_TIME       | half past",
                "25:00;;;2;yes;                | TIME     | NOT_A_TIME       | 25:00",
                "16:04;;;2;yes;                | TIME     | TIME_FALLS       | 16:04",
                "2026-11-23T16:06;;;2;yes;     | TIME     | OTHER_DAY        | 2026-11-23T16:06",
                "16:06;;;2;yes;3               | FIRST    | FIRST_ABOVE      | 3"
            })
    void saysOfABadCellWhereItStandsAndWhatIsWrong(
            String line, SheetColumn column, SheetIssue.Code code, String value) {
        AskSheet.Reading read =
                read("time;exercise;rein;strength;response;first", "16:05;counter-bend;left;2;yes;", line.strip());
        assertThat(read.issues()).containsExactly(new SheetIssue(3, column, code, value));
        assertThat(read.asks()).hasSize(1);
    }

    /** The words of the screens, and those of files written before. */
    @ParameterizedTest
    @CsvSource({"whisper, no answer", "thought, nothing", "1, none"})
    void readsTheWordsOfTheScreensAndOfOlderFiles(String strength, String response) {
        AskSheet.Reading read =
                read("exercise;rein;strength;response", "counter-bend;left;%s;%s".formatted(strength, response));
        assertThat(read.issues()).isEmpty();
        assertThat(read.asks().get(0).strength()).isEqualTo(Strength.THOUGHT);
        assertThat(read.asks().get(0).response()).isEqualTo(Response.NONE);
    }

    @Test
    void missesWhatWasNeverSaid() {
        AskSheet.Reading read = read("rein;strength;response", ";2;yes");
        assertThat(read.issues())
                .extracting(SheetIssue::column, SheetIssue::code)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(SheetColumn.EXERCISE, SheetIssue.Code.MISSING),
                        org.assertj.core.groups.Tuple.tuple(SheetColumn.REIN, SheetIssue.Code.MISSING));
    }

    @Test
    void guessesColumnsByTheirFirstWordAndLeavesTheOthersAlone() {
        assertThat(SheetColumn.guess(List.of("Rein (L/R)", "When", "Weather", "Level 1-4", "What came?", "Answer")))
                .isEqualTo(Map.of(
                        SheetColumn.REIN, 0,
                        SheetColumn.TIME, 1,
                        SheetColumn.STRENGTH, 3,
                        SheetColumn.EXERCISE, 4,
                        SheetColumn.RESPONSE, 5));
    }

    /** 16:05 to 16:06 on the left, to 16:09 on the right: a minute and three, by the clock of London in winter. */
    @Test
    void makesALogThatTellsTheSameRide() {
        AskSheet.Reading read = read(
                "time;exercise;rein;strength;response;release;note",
                "16:05;counter-bend;left;2;yes;missed;",
                "16:05:20;;;3;brace;;she leans",
                "16:06;;right;2;yes;;",
                "16:09;turn;;2;try;;");
        Ride ride = Fold.of(log(read.asks()));
        assertThat(ride.reinMs().get(Rein.LEFT)).isEqualTo(60_000L);
        assertThat(ride.reinMs().get(Rein.RIGHT)).isBetween(180_000L, 182_000L);
        assertThat(ride.exchanges()).hasSize(4);
        assertThat(ride.notes()).extracting(Ride.Note::text).containsExactly("she leans");
        assertThat(ride.marks()).hasSize(1);
        assertThat(ride.odd()).isEmpty();
        assertThat(ride.loose()).isEmpty();
        assertThat(ride.startedAtMs())
                .hasValue(Instant.parse("2026-11-24T16:04:59.999Z").toEpochMilli());
        assertThat(ride.endedAtMs()).isPresent();
    }

    /** What is written out is read in again as the same asks. */
    @Test
    void readsWhatWasWrittenOut() {
        Ride ride = Fold.of(log(read(
                        "time;exercise;where;rein;rides;strength;first;response;release",
                        "16:05;counter-bend;circle 12;left;coach;3;1;yes;missed",
                        "16:05:20;;;;;2;;brace;",
                        "16:07;turn;;right;rider;4;;none;prompt")
                .asks()));
        List<List<String>> table = AskTable.of(ride, ZoneId.of("Europe/London"));
        assertThat(table.get(0))
                .containsExactly(
                        "2026-11-24T16:05",
                        "counter-bend",
                        "walk",
                        "circle 12",
                        "left",
                        "coach",
                        "3",
                        "1",
                        "yes",
                        "missed",
                        "");
        String[] lines = table.stream().map(line -> String.join(";", line)).toArray(String[]::new);
        AskSheet.Reading again = read(String.join(";", AskTable.HEADING), lines);
        assertThat(again.issues()).isEmpty();
        assertThat(AskTable.of(Fold.of(log(again.asks())), ZoneId.of("Europe/London")))
                .isEqualTo(table);
    }

    @Test
    void writesTalliesAndSlipsApart() {
        List<Entry> log = new ArrayList<>(
                log(read("time;exercise;rein;strength;response", "16:05;counter-bend;left;2;wrong", "16:06;;left;2;yes")
                        .asks()));
        String ask = Fold.of(log).exchanges().get(0).id();
        String segment = Fold.of(log).segments().get(0).id();
        add(log, "slip", Map.of("exchange", ask));
        add(log, "tally", Map.of("segment", segment, "good", 5, "others", 2, "strength", 3));
        add(log, "tally", Map.of("segment", segment, "good", 1, "others", 0));
        Ride ride = Fold.of(log);
        assertThat(AskTable.of(ride, ZoneId.of("Europe/London")))
                .extracting(line -> line.get(AskTable.HEADING.indexOf("slip")))
                .containsExactly("yes", "");
        assertThat(AskTable.tallies(ride, ZoneId.of("Europe/London")))
                .allMatch(line -> line.size() == AskTable.TALLIES_HEADING.size())
                .extracting(line -> String.join(",", line.subList(1, line.size())))
                .containsExactly("counter-bend,walk,rail,left,rider,3,5,2", "counter-bend,walk,rail,left,rider,,1,0");
    }

    @Test
    void isTheSameLogWheneverTheSameTableIsRead() {
        String[] table = {"exercise;rein;strength;response", "counter-bend;left;2;yes", ";;2;yes", ";;2;yes"};
        List<Entry> once = log(read(table).asks());
        assertThat(log(read(table).asks())).isEqualTo(once);
        assertThat(once).extracting(Entry::id).doesNotHaveDuplicates();
        assertThat(once.get(2).atMs()).isLessThan(once.get(3).atMs());
        assertThat(once).extracting(Entry::device).containsOnly(DEVICE);
    }

    private static List<Entry> log(List<SheetAsk> asks) {
        UnaryOperator<String> ids = words ->
                UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8)).toString();
        return SheetLog.of(
                asks,
                new SheetLog.Target(LESSON, DEVICE, AUTHOR, ids),
                Instant.parse("2026-11-24T16:00:00Z").toEpochMilli(),
                DAY,
                ZoneId.of("Europe/London"));
    }

    private static void add(List<Entry> log, String kind, Map<String, Object> payload) {
        Entry last = log.get(log.size() - 1);
        String id = UUID.nameUUIDFromBytes((kind + log.size()).getBytes(StandardCharsets.UTF_8))
                .toString();
        log.add(new Entry(id, LESSON, DEVICE, AUTHOR, last.seq() + 1, last.atMs() + 1, kind, 1, payload));
    }

    private static AskSheet.Reading read(String heading, String... lines) {
        List<AskSheet.SheetRow> table = new ArrayList<>();
        for (String line : lines) {
            table.add(new AskSheet.SheetRow(table.size() + 2, cells(line)));
        }
        return AskSheet.read(table, SheetColumn.guess(cells(heading)), AskSheetTest::exercise, Optional.empty(), DAY);
    }

    private static AskSheet.Reading read(String[] table) {
        return read(table[0], Arrays.copyOfRange(table, 1, table.length));
    }

    private static List<String> cells(String line) {
        return List.of(line.split(";", -1));
    }

    private static Optional<AskSheet.KnownRung> exercise(String written) {
        return switch (written.toLowerCase()) {
            case "counter-bend" -> Optional.of(new AskSheet.KnownRung("counter-bend", Gait.WALK, Place.RAIL));
            case "turn" -> Optional.of(new AskSheet.KnownRung("turn", Gait.HALT, Place.ACROSS));
            default -> Optional.empty();
        };
    }
}
