package strophos.server.access;

import static strophos.server.db.Tables.PERSON;
import static strophos.server.db.Tables.YARD;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.contract.CanBeNull;

/** Sign in, sign out, who am I. */
@RestController
@RequestMapping("/api/v1/session")
public class SessionController {

    private final SignIn signIn;
    private final People people;
    private final AccountRepository accounts;
    private final SecurityContextRepository contexts;
    private final CsrfTokenRepository tokens;
    private final TransactionOperations transactions;

    SessionController(
            SignIn signIn,
            People people,
            AccountRepository accounts,
            SecurityContextRepository contexts,
            CsrfTokenRepository tokens,
            TransactionOperations transactions) {
        this.signIn = signIn;
        this.people = people;
        this.accounts = accounts;
        this.contexts = contexts;
        this.tokens = tokens;
        this.transactions = transactions;
    }

    /** What is typed at the door. */
    public record SignInRequest(
            @NotBlank @Size(max = 40) String name,
            @NotBlank @Size(max = 200) String password) {}

    /** The person signed in. */
    public record Me(UUID person, String name, Role role, String yard, String timeZone, List<Action> actions) {}

    /** Who is here; nobody when {@code me} is null. */
    public record SessionView(@CanBeNull Me me, boolean setUpNeeded) {}

    @GetMapping
    @Anyone
    public SessionView session() {
        return transactions.execute(status -> YardScope.find()
                .flatMap(people::me)
                .map(me -> new SessionView(me, false))
                .orElseGet(() -> new SessionView(null, accounts.isEmpty())));
    }

    @PostMapping
    @Anyone
    public SessionView signIn(
            @Valid @RequestBody SignInRequest typed, HttpServletRequest request, HttpServletResponse response) {
        SignIn.Origin where = new SignIn.Origin(request.getRemoteAddr(), KnownBrowser.of(request));
        Viewer viewer = signIn.enter(typed.name(), typed.password(), where);
        open(viewer, request, response);
        KnownBrowser.keep(signIn.know(typed.name(), where), request, response);
        return session();
    }

    @DeleteMapping
    @Anyone
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void signOut(HttpServletRequest request) {
        end(request);
        SecurityContextHolder.clearContext();
    }

    private static void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    /**
     * Opens a session for this viewer, and a new request token. The old session ends: carried over under a new id it would come back to
     * life with whatever request of it is still on its way.
     */
    public void open(Viewer viewer, HttpServletRequest request, HttpServletResponse response) {
        end(request);
        request.getSession(true);
        tokens.saveToken(tokens.generateToken(request), request, response);
        SecurityContext context =
                new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(viewer, null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        YardScope.enter(viewer);
    }

    @Repository
    @Transactional(propagation = Propagation.MANDATORY)
    static class People {

        private final DSLContext db;

        People(DSLContext db) {
            this.db = db;
        }

        Optional<Me> me(Viewer viewer) {
            List<Action> actions = Arrays.stream(Action.values())
                    .filter(a -> a.isFor(viewer.role()))
                    .toList();
            return db.select(PERSON.NAME, YARD.NAME, YARD.TIME_ZONE)
                    .from(PERSON)
                    .join(YARD)
                    .on(YARD.YARD_ID.eq(PERSON.YARD_ID))
                    .where(PERSON.ID.eq(viewer.person()))
                    .fetchOptional(
                            r -> new Me(viewer.person(), r.value1(), viewer.role(), r.value2(), r.value3(), actions));
        }
    }
}
