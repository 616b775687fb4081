package evencistern.server.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Words what was refused before any page or answer of ours was reached, such as a request that cannot be read at all. */
@RestController
class OutsideController implements ErrorController {
    private final ProblemAdvice advice;

    OutsideController(ProblemAdvice advice) {
        this.advice = advice;
    }

    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemDetail> refused(HttpServletRequest request) {
        HttpStatus status = status(request);
        return advice.plain(
                status,
                status.is5xxServerError()
                        ? "unexpected"
                        : status == HttpStatus.NOT_FOUND ? "nothing_there" : "unreadable");
    }

    private static HttpStatus status(HttpServletRequest request) {
        if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof InvalidParameterException) {
            return HttpStatus.BAD_REQUEST;
        }
        // absent where somebody asks for this address itself
        return request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.valueOf(code)
                : HttpStatus.NOT_FOUND;
    }
}
