package strophos.server.rules;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.book.Books;
import strophos.core.judgement.Overruling;
import strophos.core.judgement.Threshold;
import strophos.core.judgement.ThresholdSet;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;

/** The rule books, a yard's changes to them, and how often their advice was overruled. */
@RestController
@RequestMapping("/api/v1/rules")
@Transactional
class RulesController {

    private final YardRules rules;
    private final Clock clock;

    RulesController(YardRules rules, Clock clock) {
        this.rules = rules;
        this.clock = clock;
    }

    /** All books, and the report by rule of late. */
    record Rules(List<Book> books, List<OverruledRule> overruled) {}

    /** A book and its version. */
    record Book(String book, int version, List<ThresholdItem> thresholds) {}

    /**
     * One threshold.
     *
     * @param value what holds in this yard
     * @param least smallest value the yard may choose, {@code most} the largest
     * @param isCap a safety cap: it can be tightened only
     */
    record ThresholdItem(
            String name, double value, double standard, double least, double most, double step, boolean isCap) {}

    /** How often a rule was overruled in the last year, in at most the latest 2 000 decisions, with the 95 % Wilson interval of the share. */
    record OverruledRule(String book, String ruleId, int overruled, int total, double low, double high) {}

    /** All changes of a book; what is not named holds by its standard. */
    record NewThresholds(@NotNull @Size(max = 100) Map<String, @NotNull Double> changes) {}

    @GetMapping
    @Needs(Action.SEE_RULES)
    Rules rules() {
        return new Rules(
                Books.ALL.stream().map(this::book).toList(),
                rules.overrulings(clock.instant()).stream()
                        .map(RulesController::line)
                        .toList());
    }

    @PutMapping("/{book}")
    @Needs(Action.CHANGE_RULES)
    Book change(@PathVariable String book, @Valid @RequestBody NewThresholds wanted) {
        ThresholdSet sheet = Books.find(book).orElseThrow(Problem::notFound);
        rules.change(sheet, wanted.changes(), clock.instant());
        return book(sheet);
    }

    private Book book(ThresholdSet sheet) {
        Map<String, Double> changes = rules.changes(sheet);
        return new Book(
                sheet.book(),
                sheet.version(),
                sheet.thresholds().stream()
                        .map(t -> new ThresholdItem(
                                t.name(),
                                changes.getOrDefault(t.name(), t.standard()),
                                t.standard(),
                                t.lowest(),
                                t.highest(),
                                t.step(),
                                t.cap() != Threshold.Cap.FREE))
                        .toList());
    }

    private static OverruledRule line(Overruling l) {
        return new OverruledRule(
                l.book(),
                l.ruleId(),
                l.overruled().successes(),
                l.overruled().total(),
                l.interval().low(),
                l.interval().high());
    }
}
