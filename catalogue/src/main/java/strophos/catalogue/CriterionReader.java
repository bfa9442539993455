package strophos.catalogue;

import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Strength;
import strophos.core.progress.AbsenceCriterion;
import strophos.core.progress.AlwaysCriterion;
import strophos.core.progress.BandCriterion;
import strophos.core.progress.Criterion;
import strophos.core.progress.HoldCriterion;
import strophos.core.progress.RateCriterion;
import strophos.core.progress.RecoveryCriterion;
import strophos.core.progress.StreakCriterion;
import tools.jackson.databind.JsonNode;

/** Reads a rung's own criterion: one key, its kind, and the numbers of that kind. The schema names them all. */
final class CriterionReader {

    private CriterionReader() {}

    static Criterion read(JsonNode criterion) {
        String kind = criterion.propertyNames().iterator().next();
        JsonNode c = criterion.path(kind);
        return switch (kind) {
            case "streak" -> new StreakCriterion(c.path("length").asInt(), atMost(c));
            case "rate" ->
                new RateCriterion(
                        c.path("share").asDouble(),
                        c.path("window").asInt(),
                        atMost(c),
                        c.path("lessons").asInt(),
                        c.path("lowerEnd").asDouble());
            case "hold" ->
                new HoldCriterion(
                        c.path("amount").asDouble(),
                        HoldUnit.valueOf(CatalogueReader.upper(c.path("unit"))),
                        c.path("times").asInt());
            case "absence" ->
                new AbsenceCriterion(
                        c.path("fault").asString(),
                        c.path("lessons").asInt(),
                        c.path("chances").asInt());
            case "band" ->
                new BandCriterion(c.path("share").asDouble(), c.path("seconds").asInt());
            case "recovery" ->
                new RecoveryCriterion(c.path("within").asInt(), c.path("times").asInt());
            case "always" ->
                new AlwaysCriterion(
                        c.path("window").asInt(), atMost(c), c.path("days").asInt());
            default ->
                throw new IllegalArgumentException(
                        "There is no criterion %s; the schema names the seven kinds.".formatted(kind));
        };
    }

    private static Strength atMost(JsonNode c) {
        return Strength.ofLevel(c.path("atMost").asInt()).orElseThrow();
    }
}
