package evencistern.server.lock;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A service whose acts are tried again, at most thrice, when the database ended one because it met another. Each try is a
 * transaction of its own: a call from inside one is not tried again, its caller is.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Documented
@Retryable(predicate = RetriedOnLocks.Outermost.class, maxRetries = 3, delay = 20, jitter = 15, multiplier = 2)
public @interface RetriedOnLocks {
    /** Whether it was a lock that failed, and nothing is under way any more. */
    final class Outermost implements MethodRetryPredicate {
        @Override
        public boolean shouldRetry(Method method, Throwable failure) {
            return failure instanceof PessimisticLockingFailureException
                    && !TransactionSynchronizationManager.isActualTransactionActive();
        }
    }
}
