package strophos.server.ground;

/** A thing cannot be laid as it was asked for. */
final class NotLaid extends RuntimeException {

    private final GroundView.Refusal refusal;

    NotLaid(GroundView.Refusal refusal, String why) {
        super(why);
        this.refusal = refusal;
    }

    GroundView.Refusal refusal() {
        return refusal;
    }
}
