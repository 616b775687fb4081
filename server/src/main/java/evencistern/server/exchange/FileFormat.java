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
import tools.jackson.databind.node.ObjectNode;

/**
 * A kind of JSON file.
 *
 * @param name that the file calls itself, and its {@code version}
 * @param resource with its schema, beside this class
 */
record FileFormat(String name, int version, String resource) {
    private static final SchemaRegistry REGISTRY =
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);

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
        checkHead(file.path("format"), file.path("version"));
        check(REGISTRY.getSchema(schema(), InputFormat.JSON), file);
        return file;
    }

    /** Refuses a file that begins as one of another kind, or of another version. */
    void checkHead(JsonNode format, JsonNode written) {
        if (!format.asString("").equals(name)) {
            throw invalid("/format");
        }
        if (written.asInt(0) != version) {
            throw new FaultException(Fault.of(FaultCode.FILE_OF_OTHER_VERSION, "file", written.asString("")));
        }
    }

    /** What one part of the file has to be, for a file that is too long to be looked at whole. */
    Schema part(JsonMapper json, String definition) {
        ObjectNode part = (ObjectNode) json.readTree(schema());
        part.retain("$schema", "$defs");
        return REGISTRY.getSchema(part.put("$ref", "#/$defs/" + definition));
    }

    /** Refuses what is not as it has to be, with the first thing that is wrong. */
    static void check(Schema schema, JsonNode part) {
        List<Error> errors = schema.validate(
                part, context -> context.executionConfig(config -> config.formatAssertionsEnabled(true)));
        if (!errors.isEmpty()) {
            throw invalid(errors.get(0).toString());
        }
    }

    static FaultException invalid(String reason) {
        return new FaultException(Fault.of(FaultCode.FILE_INVALID, "file", reason));
    }
}
