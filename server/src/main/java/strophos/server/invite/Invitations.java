package strophos.server.invite;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
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
import strophos.server.digest.Digest;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.setup.YardRepository;

/** Makes invitations and lets people in by them. */
@Service
class Invitations {

    private static final Duration VALID = Duration.ofDays(14);
    private static final int TOKEN_BYTES = 24;

    private final InvitationRepository invitations;
    private final PairRepository pairs;
    private final YardRepository yards;
    private final AccountRepository accounts;
    private final PasswordWork passwords;
    private final TransactionOperations transactions;
    private final Supplier<UUID> ids;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Invitations(
            InvitationRepository invitations,
            PairRepository pairs,
            YardRepository yards,
            AccountRepository accounts,
            PasswordWork passwords,
            TransactionOperations transactions,
            Supplier<UUID> ids,
            Clock clock) {
        this.invitations = invitations;
        this.pairs = pairs;
        this.yards = yards;
        this.accounts = accounts;
        this.passwords = passwords;
        this.transactions = transactions;
        this.ids = ids;
        this.clock = clock;
    }

    /** A token shown once, and until when it holds. */
    record Invitation(String token, Instant expiresAt) {}

    List<Person> people(UUID pair) {
        return transactions.execute(status -> invitations.peopleOf(rider(pair)));
    }

    private UUID rider(UUID pair) {
        return pairs.find(pair).orElseThrow(Problem::notFound).riderId();
    }

    /** Somebody who watches over the pair's rider. */
    UUID addGuardian(UUID pair, String name) {
        return transactions.execute(status -> {
            UUID rider = rider(pair);
            UUID guardian = ids.get();
            yards.addPerson(guardian, name, Role.GUARDIAN, null, clock.instant());
            yards.addGuardianship(guardian, rider);
            return guardian;
        });
    }

    Invitation invite(UUID pair, UUID person) {
        return transactions.execute(status -> {
            Person found = invitations.peopleOf(rider(pair)).stream()
                    .filter(p -> p.id().equals(person))
                    .findFirst()
                    .orElseThrow(() -> Problem.refused(
                            List.of(new Issue("unknown_id", "person", "the rider of this pair or a guardian"))));
            if (found.canSignIn()) {
                throw new Problem(
                        HttpStatus.CONFLICT,
                        "can_sign_in",
                        "This person can sign in already; no invitation is needed.");
            }
            byte[] bytes = new byte[TOKEN_BYTES];
            random.nextBytes(bytes);
            String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
            Instant now = clock.instant();
            invitations.add(ids.get(), person, Digest.of(token), now, now.plus(VALID));
            return new Invitation(token, now.plus(VALID));
        });
    }

    /** Whom the token is for; a used, expired or unknown one is nobody's. */
    OpenInvitation find(String token) {
        return transactions
                .execute(status -> invitations.find(Digest.of(token), clock.instant()))
                .orElseThrow(() -> new Problem(
                        HttpStatus.GONE,
                        "invitation_gone",
                        "This invitation has been used already, or has expired; ask the coach for a new one."));
    }

    Viewer join(String token, String signInName, String password) {
        OpenInvitation invited = find(token);
        Viewer viewer = new Viewer(invited.yard(), invited.person(), invited.role());
        String hash = passwords.hash(password);
        return YardScope.as(
                viewer,
                () -> transactions.execute(status -> {
                    UUID account = ids.get();
                    if (accounts.isTaken(signInName)) {
                        throw Problem.refused(
                                List.of(new Issue("taken", "signInName", "a sign-in name nobody else has")));
                    }
                    accounts.add(account, signInName, hash, false, clock.instant());
                    if (!invitations.use(invited, account, clock.instant())) {
                        throw new Problem(
                                HttpStatus.GONE,
                                "invitation_gone",
                                "This invitation has been used already, or has expired; ask the coach for a new one.");
                    }
                    return viewer;
                }));
    }
}
