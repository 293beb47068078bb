package amberrail.app.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayDeque;
import java.util.Deque;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionDefinition;

/** Every transaction that may write goes through the {@link WritersGate}; those that only read do not wait for anybody. */
class GatedTransactions extends JpaTransactionManager {
    private final transient WritersGate gate;
    /** Whether each transaction of this thread went through it, the innermost first. */
    private final transient ThreadLocal<Deque<Boolean>> entered = ThreadLocal.withInitial(ArrayDeque::new);

    GatedTransactions(EntityManagerFactory entities, WritersGate gate) {
        super(entities);
        this.gate = gate;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        boolean writes = !definition.isReadOnly();
        if (writes) {
            gate.enter();
        }
        try {
            super.doBegin(transaction, definition);
        } catch (RuntimeException | Error notBegun) {
            if (writes) {
                gate.leave();
            }
            throw notBegun;
        }
        entered.get().push(writes);
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        try {
            super.doCleanupAfterCompletion(transaction);
        } finally {
            if (entered.get().pop()) {
                gate.leave();
            }
            if (entered.get().isEmpty()) {
                entered.remove();
            }
        }
    }
}
