package evencistern.server.problem;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.history.StaleException;
import evencistern.server.words.Words;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.TransactionTimedOutException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Tells every refusal as a problem detail (RFC 9457) with one entry per fault; never a stack trace. */
@RestControllerAdvice
class ProblemAdvice {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    /** Connection, resources, an operator's stop, the system: classes of SQLSTATE (PostgreSQL, appendix A). */
    private static final Set<String> PASSING = Set.of("08", "53", "57", "58");

    private static final String DISK_FULL = "53100";

    private final Words words;

    ProblemAdvice(Words words) {
        this.words = words;
    }

    @ExceptionHandler(FaultException.class)
    ResponseEntity<ProblemDetail> faults(FaultException e) {
        List<FaultWire> faults =
                e.faults().stream().map(f -> FaultWire.of(f, words)).toList();
        String detail = faults.stream().map(FaultWire::detail).collect(Collectors.joining(" "));
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status(e.faults()), detail);
        problem.setProperty("faults", faults);
        return respond(problem);
    }

    /** An edit of an old version: refused with the thing as it is now, so that a person can choose between the two. */
    @ExceptionHandler(StaleException.class)
    ResponseEntity<ProblemDetail> stale(StaleException e) {
        FaultWire fault = FaultWire.of(e.fault(), words);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, fault.detail());
        problem.setProperty("faults", List.of(fault));
        problem.setProperty("present", e.present());
        return respond(problem);
    }

    private static HttpStatus status(List<Fault> faults) {
        FaultCode first = faults.get(0).code();
        return switch (first) {
            case NOT_FOUND -> HttpStatus.NOT_FOUND;
            case FILE_TOO_LARGE -> HttpStatus.CONTENT_TOO_LARGE;
            case FILES_AT_WORK -> HttpStatus.SERVICE_UNAVAILABLE;
            case ALREADY_DONE, ALREADY_UNDONE, NOT_DUE, LAST_ONE, RETIRED, IN_USE, ALREADY_HERE, COUNTED_ALREADY ->
                HttpStatus.CONFLICT;
            default -> HttpStatus.UNPROCESSABLE_CONTENT;
        };
    }

    @ExceptionHandler({
        HttpMessageNotReadableException.class,
        MethodArgumentTypeMismatchException.class,
        MultipartException.class,
        InvalidParameterException.class
    })
    ResponseEntity<ProblemDetail> unreadable(Exception e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof FaultException told) {
                return faults(told); // a value that can be read, and cannot be
            }
        }
        LOG.debug("unreadable request", e);
        return plain(HttpStatus.BAD_REQUEST, "unreadable");
    }

    @ExceptionHandler(IncompleteException.class)
    ResponseEntity<ProblemDetail> incomplete(IncompleteException e) {
        return plain(HttpStatus.BAD_REQUEST, "incomplete", Map.of("missing", e.missing()));
    }

    @ExceptionHandler(NoResourceFoundException.class)
    ResponseEntity<ProblemDetail> nothingThere(NoResourceFoundException e) {
        LOG.debug("nothing there", e);
        return plain(HttpStatus.NOT_FOUND, "nothing_there");
    }

    /** The database is away: nothing was recorded, and the same request with the same key may be sent again. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> database(Exception e) {
        if (passes(e)) {
            LOG.warn("database away: {}", e.getMessage());
            ResponseEntity<ProblemDetail> answer =
                    plain(HttpStatus.SERVICE_UNAVAILABLE, state(e).equals(DISK_FULL) ? "disk_full" : "database_away");
            HttpHeaders headers = new HttpHeaders(answer.getHeaders());
            headers.set(HttpHeaders.RETRY_AFTER, "5");
            return new ResponseEntity<>(answer.getBody(), headers, answer.getStatusCode());
        }
        return unexpected(e);
    }

    /** Whether the same may succeed later: the database is away, full or overloaded; not so where the program erred. */
    private static boolean passes(Exception e) {
        return e instanceof DataAccessResourceFailureException
                || e instanceof RecoverableDataAccessException
                || e instanceof QueryTimeoutException
                || e instanceof PessimisticLockingFailureException
                || e instanceof CannotCreateTransactionException
                || e instanceof TransactionTimedOutException
                || e instanceof TransactionSystemException
                || (e instanceof UncategorizedSQLException && PASSING.contains(kind(state(e))));
    }

    /** The SQLSTATE that a database gave, if one did. */
    private static String state(Exception e) {
        return NestedExceptionUtils.getMostSpecificCause(e) instanceof SQLException sql && sql.getSQLState() != null
                ? sql.getSQLState()
                : "";
    }

    private static String kind(String state) {
        return state.length() < 2 ? "" : state.substring(0, 2);
    }

    @ExceptionHandler(Exception.class)
    ResponseEntity<ProblemDetail> unexpected(Exception e) {
        if (e instanceof org.springframework.web.ErrorResponse known) {
            return respond(known.getBody());
        }
        LOG.error("unexpected", e);
        return plain(HttpStatus.INTERNAL_SERVER_ERROR, "unexpected");
    }

    ResponseEntity<ProblemDetail> plain(HttpStatus status, String id) {
        return plain(status, id, Map.of());
    }

    private ResponseEntity<ProblemDetail> plain(HttpStatus status, String id, Map<String, String> values) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words.of("problems", id, values));
        problem.setProperty("code", id);
        return respond(problem);
    }

    private static ResponseEntity<ProblemDetail> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus())
                .contentType(org.springframework.http.MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
