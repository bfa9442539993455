package strophos.server.setup;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import strophos.server.access.AccountRepository;
import strophos.server.access.PasswordWork;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.settings.Settings;

/** Makes the first yard. The token works once: it is asked for only while nobody can sign in. */
@Service
class SetUp {

    private final Settings settings;
    private final AccountRepository accounts;
    private final YardRepository yards;
    private final PairRepository pairs;
    private final PasswordWork passwords;
    private final TransactionOperations transactions;
    private final Supplier<UUID> ids;
    private final Clock clock;

    SetUp(
            Settings settings,
            AccountRepository accounts,
            YardRepository yards,
            PairRepository pairs,
            PasswordWork passwords,
            TransactionOperations transactions,
            Supplier<UUID> ids,
            Clock clock) {
        this.settings = settings;
        this.accounts = accounts;
        this.yards = yards;
        this.pairs = pairs;
        this.passwords = passwords;
        this.transactions = transactions;
        this.ids = ids;
        this.clock = clock;
    }

    Viewer run(SetupController.SetupRequest typed) {
        refuseWrongToken(typed.token());
        refuseUnknownZone(typed.timeZone());
        Viewer coach = new Viewer(ids.get(), ids.get(), Role.COACH);
        String hash = passwords.hash(typed.password());
        YardScope.as(
                coach,
                () -> transactions.execute(status -> {
                    yards.lockInstallation();
                    if (!accounts.isEmpty()) {
                        throw new Problem(
                                HttpStatus.CONFLICT,
                                "already_set_up",
                                "This installation has been set up already; sign in.");
                    }
                    UUID account = ids.get();
                    accounts.add(account, typed.signInName(), hash, false, clock.instant());
                    yards.addYard(coach.yard(), typed.yardName(), typed.timeZone(), clock.instant());
                    yards.addPerson(coach.person(), typed.coachName(), Role.COACH, account, clock.instant());
                    return pairs.add(typed.pair());
                }));
        return coach;
    }

    private void refuseWrongToken(String given) {
        boolean fits = settings.setupToken().isPresent()
                && MessageDigest.isEqual(
                        settings.setupToken().get().getBytes(StandardCharsets.UTF_8),
                        given.strip().getBytes(StandardCharsets.UTF_8));
        if (!fits) {
            throw Problem.refused(
                    List.of(new Issue("wrong_token", "token", "the set-up token printed by the start command")));
        }
    }

    private static void refuseUnknownZone(String zone) {
        try {
            ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw Problem.refused(
                    List.of(new Issue("unknown_zone", "timeZone", "an IANA time zone such as Europe/Lisbon")));
        }
    }
}
