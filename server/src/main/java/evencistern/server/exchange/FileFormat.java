package evencistern.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A kind of JSON file.
 *
 * @param name that the file calls itself, and its {@code version}
 * @param resource with its schema, beside this class
 */
record FileFormat(String name, int version, String resource) {

    /** The JSON schema of the file, as shipped. */
    String schema() {
        try (InputStream in = FileFormat.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException(resource + " is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The two lines that such a file begins with. */
    String head() {
        return "\"format\": \"" + name + "\",\n\"version\": " + version;
    }

    /** The file, if it is one of this kind and whole; refused with the first thing that is wrong. */
    JsonNode check(JsonMapper json, String text) {
        JsonNode file;
        try {
            file = json.readTree(text);
        } catch (JacksonException e) {
            throw invalid(String.valueOf(e.getOriginalMessage()));
        }
        if (!file.at("/format").asString("").equals(name)) {
            throw invalid("/format");
        }
        if (file.at("/version").asInt(0) != version) {
            throw new FaultException(Fault.of(
                    FaultCode.FILE_OF_OTHER_VERSION, "file", file.at("/version").asString("")));
        }
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema(), InputFormat.JSON);
        List<Error> errors = schema.validate(
                text,
                InputFormat.JSON,
                context -> context.executionConfig(config -> config.formatAssertionsEnabled(true)));
        if (!errors.isEmpty()) {
            throw invalid(errors.get(0).toString());
        }
        return file;
    }

    static FaultException invalid(String reason) {
        return new FaultException(Fault.of(FaultCode.FILE_INVALID, "file", reason));
    }
}
