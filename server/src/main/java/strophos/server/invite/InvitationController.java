package strophos.server.invite;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Anyone;
import strophos.server.access.HardToGuess;
import strophos.server.access.Needs;
import strophos.server.access.Password;
import strophos.server.access.SessionController;

/** Invitations out, people in. */
@RestController
@RequestMapping("/api/v1")
class InvitationController {

    private final Invitations invitations;
    private final SessionController sessions;

    InvitationController(Invitations invitations, SessionController sessions) {
        this.invitations = invitations;
        this.sessions = sessions;
    }

    /** Who has to do with a pair. */
    record People(List<Person> people) {}

    record NewGuardian(@NotBlank @Size(max = 80) String name) {}

    record NewInvitation(@NotNull UUID person) {}

    /** What the person invited types. */
    record Joining(
            @NotBlank @Size(max = 100) String token,

            @NotBlank @Pattern(regexp = "[a-z0-9][a-z0-9._-]{1,39}")
            String signInName,

            @NotBlank @Size(min = 10, max = 72) @Password @HardToGuess
            String password) {}

    record TokenRequest(@NotBlank @Size(max = 100) String token) {}

    /** Whom an invitation is for. */
    record InvitationView(String name, String yard) {}

    @GetMapping("/pairs/{id}/people")
    @Needs(Action.INVITE)
    People people(@PathVariable UUID id) {
        return new People(invitations.people(id));
    }

    @PostMapping("/pairs/{id}/guardians")
    @Needs(Action.INVITE)
    @ResponseStatus(HttpStatus.CREATED)
    People addGuardian(@PathVariable UUID id, @Valid @RequestBody NewGuardian guardian) {
        invitations.addGuardian(id, guardian.name());
        return new People(invitations.people(id));
    }

    @PostMapping("/pairs/{id}/invitations")
    @Needs(Action.INVITE)
    @ResponseStatus(HttpStatus.CREATED)
    Invitations.Invitation invite(@PathVariable UUID id, @Valid @RequestBody NewInvitation wanted) {
        return invitations.invite(id, wanted.person());
    }

    /** A token is sent in the body, so that no log keeps it. */
    @PostMapping("/invited")
    @Anyone
    InvitationView invited(@Valid @RequestBody TokenRequest shown) {
        OpenInvitation invited = invitations.find(shown.token());
        return new InvitationView(invited.name(), invited.yardName());
    }

    @PostMapping("/join")
    @Anyone
    SessionController.SessionView join(
            @Valid @RequestBody Joining typed, HttpServletRequest request, HttpServletResponse response) {
        sessions.open(invitations.join(typed.token(), typed.signInName(), typed.password()), request, response);
        return sessions.session();
    }
}
