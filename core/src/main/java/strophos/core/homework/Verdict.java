package strophos.core.homework;

/** What a coach answers when looking in. */
public enum Verdict {
    CARRY_ON,
    NEXT,
    BACK
}
