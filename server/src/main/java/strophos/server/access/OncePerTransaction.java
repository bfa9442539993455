package strophos.server.access;

import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What does not change while a request is answered: read when first asked for in a transaction, and remembered until its end. */
public final class OncePerTransaction<T> {

    private final Supplier<T> read;

    public OncePerTransaction(Supplier<T> read) {
        this.read = read;
    }

    /** @throws IllegalStateException outside a transaction */
    @SuppressWarnings("unchecked")
    public T get() {
        Object known = TransactionSynchronizationManager.getResource(this);
        if (known == null) {
            known = read.get();
            TransactionSynchronizationManager.bindResource(this, known);
            TransactionSynchronizationManager.registerSynchronization(new Forgetting(known));
        }
        return (T) known;
    }

    /** It was changed in this transaction: it is read again when next asked for. */
    public void forget() {
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
    }

    /** Belongs to its transaction alone, also while another runs within it. */
    private final class Forgetting implements TransactionSynchronization {
        private final Object known;

        Forgetting(Object known) {
            this.known = known;
        }

        @Override
        public void suspend() {
            forget();
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(OncePerTransaction.this, known);
        }

        @Override
        public void afterCompletion(int status) {
            forget();
        }
    }
}
