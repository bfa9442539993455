package strophos.localdb;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.jooq.codegen.GenerationTool;
import org.jooq.meta.jaxb.Configuration;
import org.jooq.meta.jaxb.Database;
import org.jooq.meta.jaxb.ForcedType;
import org.jooq.meta.jaxb.Generate;
import org.jooq.meta.jaxb.Generator;
import org.jooq.meta.jaxb.Jdbc;
import org.jooq.meta.jaxb.Target;

/**
 * Writes the jOOQ classes of the really migrated schema: cluster up, Flyway, code generation, cluster gone. Does
 * nothing when the migrations have not changed since. Arguments: migrations folder, output folder.
 */
public final class GenerateJooq {

    private GenerateJooq() {}

    public static void main(String[] args) throws Exception {
        Path migrations = Path.of(args[0]);
        Path output = Path.of(args[1]);
        Path stamp = output.resolve(".migrations");
        String fingerprint = fingerprint(migrations);
        if (Files.exists(stamp) && Files.readString(stamp).equals(fingerprint)) {
            return;
        }
        try (LocalPostgres cluster = LocalPostgres.start()) {
            String url = cluster.createDatabase("codegen");
            Flyway.configure()
                    .dataSource(url, LocalPostgres.OWNER, "")
                    .locations("filesystem:" + migrations)
                    .placeholders(Map.of("app_role", LocalPostgres.APP, "across_role", LocalPostgres.ACROSS))
                    .load()
                    .migrate();
            generate(url, output);
        }
        Files.writeString(stamp, fingerprint);
    }

    private static void generate(String url, Path output) throws Exception {
        Database database = new Database()
                .withName("org.jooq.meta.postgres.PostgresDatabase")
                .withInputSchema("public")
                .withExcludes("flyway_schema_history|spring_session.*")
                .withForcedTypes(List.of(new ForcedType()
                        .withName("INSTANT")
                        .withIncludeTypes("(?i:timestamp.*with time zone|timestamptz.*)")));
        GenerationTool.generate(new Configuration()
                .withJdbc(new Jdbc().withUrl(url).withUser(LocalPostgres.OWNER).withPassword(""))
                .withGenerator(new Generator()
                        .withDatabase(database)
                        .withGenerate(new Generate()
                                .withRecords(true)
                                .withPojos(false)
                                .withGlobalObjectReferences(true))
                        .withTarget(new Target()
                                .withPackageName("strophos.server.db")
                                .withDirectory(output.toString()))));
    }

    private static String fingerprint(Path migrations) throws IOException, NoSuchAlgorithmException {
        MessageDigest digest = MessageDigest.getInstance("SHA-256");
        try (var files = Files.list(migrations)) {
            for (Path file : files.sorted().toList()) {
                digest.update(file.getFileName().toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
                digest.update(Files.readAllBytes(file));
            }
        }
        return new BigInteger(1, digest.digest()).toString(16);
    }
}
