package strophos.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import strophos.core.judgement.Rule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A rule without a sentence cannot be shown; its words stand in the web's language file, under its id. */
class EveryRuleHasWordsTest {

    private static final Map<String, String> IDS = Map.ofEntries(
            Map.entry("AsksLightlyFirst", "aids.asks-lightly-first"),
            Map.entry("CorrectedConsistently", "aids.corrected-consistently"),
            Map.entry("CorrectedWhenClear", "aids.corrected-when-clear"),
            Map.entry("DrivesIntoTheHand", "aids.drives-into-the-hand"),
            Map.entry("ReleasedPromptly", "aids.released-promptly"),
            Map.entry("WaitedThenReinforced", "aids.waited-then-reinforced"),
            Map.entry("HelpedToday", "probe.helped-today"),
            Map.entry("HelpsMoreThanWaiting", "probe.helps-more-than-waiting"),
            Map.entry("HelpsOverDays", "probe.helps-over-days"),
            Map.entry("Plateau", "change.plateau"),
            Map.entry("Thirds", "change.thirds"),
            Map.entry("AcuteOverChronic", "load.acute-over-chronic"),
            Map.entry("SameWork", "load.same-work"),
            Map.entry("WeekRises", "load.week-rises"),
            Map.entry("Tired", "stop.tired"),
            Map.entry("TooHot", "stop.too-hot"),
            Map.entry("WorkedLongEnough", "stop.worked-long-enough"),
            Map.entry("StuckAfterStepBack", "stop.stuck-after-step-back"),
            Map.entry("GoodPlace", "stop.good-place"),
            Map.entry("DoesNotBecomeGood", "stop.does-not-become-good"),
            Map.entry("StreakCriterion", "criterion.streak"),
            Map.entry("RateCriterion", "criterion.rate"),
            Map.entry("HoldCriterion", "criterion.hold"),
            Map.entry("AbsenceCriterion", "criterion.absence"),
            Map.entry("BeatsCriterion", "criterion.beats"),
            Map.entry("BandCriterion", "criterion.band"),
            Map.entry("RecoveryCriterion", "criterion.recovery"),
            Map.entry("AlwaysCriterion", "criterion.always"),
            Map.entry("PainSigns", "get-help.pain-signs"),
            Map.entry("ThreeStepBacks", "get-help.three-step-backs"),
            Map.entry("Forcing", "step-back.forcing"),
            Map.entry("TooFewTries", "step-back.too-few-tries"),
            Map.entry("OneSideFails", "step-back.one-rein-fails"),
            Map.entry("FrightRepeats", "step-back.fright-repeats"),
            Map.entry("FailsTwoDays", "reopen.fails-two-days"),
            Map.entry("RoomForWidth", "stay-harder.room-for-width"));

    @Test
    void noRuleIsForgotten() {
        Set<String> all = new TreeSet<>();
        new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("strophos.core").stream()
                        .filter(c -> c.isAssignableTo(Rule.class) && !c.isInterface())
                        .map(JavaClass::getSimpleName)
                        .forEach(all::add);
        assertThat(IDS.keySet()).containsExactlyInAnyOrderElementsOf(all);
        assertThat(IDS.values()).doesNotHaveDuplicates();
    }

    @Test
    void everyRuleHasASentence() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "web", "src", "text", "en.json");
        JsonNode words = JsonMapper.shared().readTree(Files.readString(file));
        Set<String> known = new TreeSet<>(words.path("rule").propertyNames());
        known.addAll(words.path("debrief").path("why").path("rule").propertyNames());
        assertThat(known)
                .containsExactlyInAnyOrderElementsOf(
                        IDS.values().stream().map(id -> id.replace('.', '-')).toList());
    }
}
