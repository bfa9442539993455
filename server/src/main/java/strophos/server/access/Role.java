package strophos.server.access;

/** Coach runs the yard; assistant records; rider sees own pairs; guardian sees a minor's. */
public enum Role {
    COACH,
    ASSISTANT,
    RIDER,
    GUARDIAN
}
