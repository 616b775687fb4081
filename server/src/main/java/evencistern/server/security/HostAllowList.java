package evencistern.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers only to names it knows, so that a page elsewhere cannot reach it under a name of its own. */
@Component
class HostAllowList extends OncePerRequestFilter {
    private final Set<String> names = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]", "::1"));

    HostAllowList(@Value("${even-cistern.url}") String url, @Value("${server.address:127.0.0.1}") String bound) {
        if (!url.isBlank()) {
            String host = URI.create(url).getHost();
            if (host != null) {
                names.add(host);
            }
        }
        names.add(bound);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // without a name in the request the server answers under its own
        if (request.getHeader(HttpHeaders.HOST) != null && names.contains(request.getServerName())) {
            chain.doFilter(request, response);
        } else {
            response.sendError(421);
        }
    }
}
