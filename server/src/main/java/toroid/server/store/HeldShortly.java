package toroid.server.store;

import org.springframework.boot.autoconfigure.transaction.TransactionManagerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;

/**
 * Whoever works something out between two questions to the database holds none of its few connections meanwhile: only a real
 * transaction keeps one, and a place that merely may be called within one does not.
 */
@Configuration
class HeldShortly {
    @Bean
    TransactionManagerCustomizer<AbstractPlatformTransactionManager> holdOnlyInATransaction() {
        return manager -> manager.setTransactionSynchronization(
                AbstractPlatformTransactionManager.SYNCHRONIZATION_ON_ACTUAL_TRANSACTION);
    }
}
