package strophos.server.files;

import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** A trial is the real thing, rolled back: what was counted is what would have been. */
final class Trial {

    private Trial() {}

    /** Undoes what this transaction did, when it ends; for one that is no trial, nothing. */
    static void endsHereIf(boolean isTrial) {
        if (isTrial) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
    }
}
