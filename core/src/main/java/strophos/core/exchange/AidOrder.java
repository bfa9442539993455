package strophos.core.exchange;

/** Whether the aids of one ask came at once or one after the other. */
public enum AidOrder {
    TOGETHER,
    IN_TURN
}
