package evencistern.server.problem;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Refuses a request that lacks what its record says it has, or has what nobody can keep, before anything is done with it. */
@RestControllerAdvice
class Completeness extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> reads) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> reads) {
        if (Objects.isNull(body)) {
            throw new HttpMessageNotReadableException("nothing", message);
        }
        List<String> missing = new ArrayList<>();
        look(body, "", missing);
        if (unkept(body)) {
            throw new HttpMessageNotReadableException("a text with a zero character", message);
        }
        if (!missing.isEmpty()) {
            throw new IncompleteException(missing);
        }
        return body;
    }

    private static void look(@Nullable Object thing, String at, List<String> missing) {
        if (thing == null) {
            missing.add(at);
        } else if (thing instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                look(list.get(i), at + "[" + i + "]", missing);
            }
        } else if (thing instanceof Map<?, ?> map) {
            map.forEach((name, value) -> look(value, at.isEmpty() ? String.valueOf(name) : at + "." + name, missing));
        } else if (thing instanceof Record) {
            for (RecordComponent part : thing.getClass().getRecordComponents()) {
                Object value = value(thing, part);
                if (value != null || !part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    look(value, at.isEmpty() ? part.getName() : at + "." + part.getName(), missing);
                }
            }
        }
    }

    /** Whether a text has a character that no database keeps. */
    private static boolean unkept(@Nullable Object thing) {
        if (thing instanceof String text) {
            return text.indexOf(0) >= 0;
        }
        if (thing instanceof Record) {
            return Arrays.stream(thing.getClass().getRecordComponents()).anyMatch(part -> unkept(value(thing, part)));
        }
        return thing instanceof Collection<?> list
                ? list.stream().anyMatch(Completeness::unkept)
                : thing instanceof Map<?, ?> map && (unkept(map.keySet()) || unkept(map.values()));
    }

    private static @Nullable Object value(Object thing, RecordComponent part) {
        try {
            part.getAccessor().setAccessible(true);
            return part.getAccessor().invoke(thing);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }
}
