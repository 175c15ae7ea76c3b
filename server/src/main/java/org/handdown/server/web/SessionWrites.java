package org.handdown.server.web;

import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Every request notes in its session that it came. That note may be lost when the database's machine dies, as no work may; so no request
 * waits until it has reached the disk.
 */
@Configuration(proxyBeanMethods = false)
class SessionWrites {
    /** What all other writes go by: a connection, a transaction, on the disk when it is over. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager transactions) {
        return new TransactionTemplate(transactions);
    }

    @Bean
    @Qualifier("springSessionTransactionOperations")
    TransactionOperations springSessionTransactionOperations(
            PlatformTransactionManager transactions, JdbcTemplate jdbc) {
        TransactionTemplate own = new TransactionTemplate(transactions);
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return new TransactionOperations() {
            @Override
            public <T> T execute(TransactionCallback<T> action) {
                return own.execute(status -> {
                    jdbc.execute("set local synchronous_commit = off");
                    return action.doInTransaction(status);
                });
            }
        };
    }
}
