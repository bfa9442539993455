package strophos.server.access;

import java.util.EnumSet;
import java.util.Set;

/** What can be done, and by which roles: the one table. Which pairs a role sees is {@link VisiblePairs}. */
public enum Action {
    SEE_TODAY(Role.COACH, Role.ASSISTANT, Role.RIDER, Role.GUARDIAN),
    SEE_PAIRS(Role.COACH, Role.ASSISTANT, Role.RIDER, Role.GUARDIAN),
    ADD_PAIR(Role.COACH),
    EDIT_PAIR(Role.COACH),
    INVITE(Role.COACH),
    ADD_LESSON(Role.COACH, Role.ASSISTANT),
    RECORD(Role.COACH, Role.ASSISTANT),
    SEE_DEBRIEF(Role.COACH, Role.ASSISTANT),
    DECIDE(Role.COACH),
    SEE_LOOK(Role.COACH, Role.ASSISTANT),
    CHOOSE_FOCUS(Role.COACH),
    SEE_PLAN(Role.COACH, Role.ASSISTANT),
    PLAN(Role.COACH),
    MAKE_EXERCISES(Role.COACH),
    SEE_ASIDES(Role.COACH, Role.ASSISTANT, Role.RIDER, Role.GUARDIAN),
    SEE_HOMEWORK(Role.COACH, Role.ASSISTANT),
    SET_HOMEWORK(Role.COACH),
    LOOK_IN(Role.COACH),
    SAY_WORD(Role.COACH, Role.RIDER, Role.GUARDIAN),
    ANSWER_PAUSE(Role.COACH),
    SEE_RULES(Role.COACH, Role.ASSISTANT),
    CHANGE_RULES(Role.COACH),
    PRACTISE(Role.RIDER, Role.GUARDIAN),
    EXPORT(Role.COACH, Role.ASSISTANT),
    IMPORT(Role.COACH);

    private final Set<Role> roles;

    Action(Role first, Role... more) {
        roles = EnumSet.of(first, more);
    }

    public boolean isFor(Role role) {
        return roles.contains(role);
    }
}
