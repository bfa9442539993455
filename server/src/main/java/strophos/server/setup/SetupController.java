package strophos.server.setup;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Anyone;
import strophos.server.access.HardToGuess;
import strophos.server.access.Password;
import strophos.server.access.SessionController;
import strophos.server.access.Viewer;
import strophos.server.contract.Names;
import strophos.server.roster.NewPair;

/** Sets an empty installation up and signs its coach in. */
@RestController
@RequestMapping("/api/v1/setup")
class SetupController {

    private final SetUp setUp;
    private final SessionController sessions;

    SetupController(SetUp setUp, SessionController sessions) {
        this.setUp = setUp;
        this.sessions = sessions;
    }

    /** The yard, its coach and the first pair. */
    record SetupRequest(
            @NotBlank String token,
            @NotBlank @Size(max = 80) String yardName,
            @NotBlank String timeZone,
            @NotBlank @Size(max = 80) String coachName,

            @NotBlank @Pattern(regexp = "[a-z0-9][a-z0-9._-]{1,39}")
            String signInName,

            @NotBlank @Size(min = 10, max = 72) @Password @HardToGuess
            String password,

            @NotNull @Valid NewPair pair) {

        SetupRequest {
            yardName = Names.kept(yardName);
            coachName = Names.kept(coachName);
        }
    }

    @PostMapping
    @Anyone
    SessionController.SessionView setUp(
            @Valid @RequestBody SetupRequest typed, HttpServletRequest request, HttpServletResponse response) {
        Viewer coach = setUp.run(typed);
        sessions.open(coach, request, response);
        return sessions.session();
    }
}
