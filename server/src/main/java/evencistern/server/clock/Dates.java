package evencistern.server.clock;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.ext.javatime.deser.InstantDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Dates and times as they are sent, of years that calendars and the database can hold; any other is refused. */
@Configuration
class Dates {
    private static final int FIRST = 1900;
    private static final int LAST = 2199;

    @Bean
    JacksonModule datesOfNow() {
        return new SimpleModule()
                .addDeserializer(LocalDate.class, new Bounded<>(LocalDate.class, LocalDateDeserializer.INSTANCE))
                .addDeserializer(Instant.class, new Bounded<>(Instant.class, InstantDeserializer.INSTANT));
    }

    private static final class Bounded<T> extends StdScalarDeserializer<T> {
        private final ValueDeserializer<T> any;

        Bounded(Class<T> type, ValueDeserializer<T> any) {
            super(type);
            this.any = any;
        }

        @Override
        public T deserialize(JsonParser in, DeserializationContext context) {
            T read = any.deserialize(in, context);
            int year = read instanceof LocalDate day
                    ? day.getYear()
                    : ((Instant) read).atOffset(ZoneOffset.UTC).getYear();
            if (year < FIRST || year > LAST) {
                throw new FaultException(Fault.of(FaultCode.DATE_OUT_OF_RANGE, "date", read.toString()));
            }
            return read;
        }
    }
}
