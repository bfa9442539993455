package strophos.server.contract;

import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import io.swagger.v3.core.util.Json31;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * A type is named in the contract by its feature and its own name, {@code pair.PairItem}, those of core by their package,
 * {@code core.progress.Missing}: two features may use one word, and their types are never taken for each other.
 */
@Configuration
class SchemaNames {

    private static final Map<String, Class<?>> NAMED = new ConcurrentHashMap<>();

    /** @throws IllegalStateException when two types of one feature have one name */
    static String of(Class<?> type) {
        if (!type.getName().startsWith("strophos.")) {
            return type.getSimpleName();
        }
        String name = type.getPackageName().replaceFirst("^strophos\\.(server\\.)?", "") + "." + type.getSimpleName();
        if (type.isEnum()) {
            // its values stand where it is used
            return name;
        }
        Class<?> other = NAMED.putIfAbsent(name, type);
        if (other != null && other != type) {
            throw new IllegalStateException(
                    "%s and %s would be one schema, %s; one of them needs another name.".formatted(type, other, name));
        }
        return name;
    }

    @Bean
    ModelConverter namesByFeature() {
        return new ModelResolver(Json31.mapper(), new ByFeature()).openapi31(true);
    }

    private static final class ByFeature extends TypeNameResolver {
        @Override
        protected String getNameOfClass(Class<?> type) {
            return of(type);
        }
    }
}
