package amberrail.app.storage;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.transaction.TransactionManagerCustomizers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

/** Transactions as Spring Boot has them, but through the {@link WritersGate}; and the database as it makes it, but written by one after the other. */
@Configuration(proxyBeanMethods = false)
class TransactionConfig {
    @Bean
    static InTurnDatabase inTurn() {
        return new InTurnDatabase();
    }

    @Bean
    PlatformTransactionManager transactionManager(
            EntityManagerFactory entities,
            WritersGate gate,
            ObjectProvider<TransactionManagerCustomizers> customizers) {
        GatedTransactions transactions = new GatedTransactions(entities, gate);
        customizers.ifAvailable(one -> one.customize((PlatformTransactionManager) transactions));
        return transactions;
    }
}
