package evencistern.server.security;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Bounds what one request may bring, and how many large ones are read at once, so that none fills the memory. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class RequestSizes extends OncePerRequestFilter {
    /** The most that a form, or many lots at once, come to is a tenth of this. */
    private static final DataSize USUAL = DataSize.ofMegabytes(4);

    /** Addresses that take files. A garden's own is never in memory whole; a sheet is, at 100 000 lines with 8 MB. */
    private static final Map<String, DataSize> FILES = Map.of(
            "/garden-files", DataSize.ofMegabytes(1024),
            "/readings/files", DataSize.ofMegabytes(32),
            "/mixes/files", DataSize.ofMegabytes(16));

    private static final int LARGE_AT_ONCE = 2;
    private static final int PATIENCE_SECONDS = 10;

    private final ObjectProvider<HandlerExceptionResolver> refusals;
    private final Semaphore large = new Semaphore(LARGE_AT_ONCE, true);

    RequestSizes(@Qualifier("handlerExceptionResolver") ObjectProvider<HandlerExceptionResolver> refusals) {
        this.refusals = refusals;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        DataSize most = FILES.entrySet().stream()
                .filter(f -> request.getRequestURI().endsWith(f.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(USUAL);
        long told = request.getContentLengthLong();
        if (told > most.toBytes()) {
            refuse(request, response, tooLarge(told, most));
        } else if (told > DataSize.ofMegabytes(1).toBytes() || request.getHeader("Transfer-Encoding") != null) {
            oneOfFew(request, response, chain, most);
        } else {
            chain.doFilter(request, response);
        }
    }

    private void oneOfFew(HttpServletRequest request, HttpServletResponse response, FilterChain chain, DataSize most)
            throws ServletException, IOException {
        if (!comesIn()) {
            refuse(request, response, new FaultException(Fault.of(FaultCode.FILES_AT_WORK, "file", "")));
            return;
        }
        try {
            chain.doFilter(new Counted(request, most), response);
        } finally {
            large.release();
        }
    }

    private boolean comesIn() {
        try {
            return large.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, FaultException why) {
        refusals.getObject().resolveException(request, response, null, why);
    }

    private static FaultException tooLarge(long bytes, DataSize most) {
        return new FaultException(new Fault(
                FaultCode.FILE_TOO_LARGE,
                "file",
                DataSize.ofBytes(bytes).toMegabytes() + " MB",
                most.toMegabytes() + " MB",
                ""));
    }

    /** A request that is broken off where it brings more than it may, as its length need not be told before. */
    private static final class Counted extends HttpServletRequestWrapper {
        private final DataSize most;

        Counted(HttpServletRequest request, DataSize most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long read;

                private int count(int bytes) {
                    read += Math.max(0, bytes);
                    if (read > most.toBytes()) {
                        throw tooLarge(read, most);
                    }
                    return bytes;
                }

                @Override
                public int read() throws IOException {
                    int next = in.read();
                    count(next < 0 ? 0 : 1);
                    return next;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    return count(in.read(into, from, length));
                }

                @Override
                public boolean isFinished() {
                    return in.isFinished();
                }

                @Override
                public boolean isReady() {
                    return in.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    in.setReadListener(listener);
                }
            };
        }
    }
}
