package amberrail.app.storage;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.transaction.TransactionManagerCustomizers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

/** As Spring Boot's own, but through the {@link WritersGate}; and there until everything that writes at the end has written. */
@Configuration(proxyBeanMethods = false)
class TransactionConfig {
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
