package strophos.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Strophos {

    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals(Migration.ARGUMENT)) {
            Migration.run(System.getenv());
            return;
        }
        if (args.length > 0 && args[0].equals(RebuildCommand.ARGUMENT)) {
            System.exit(RebuildCommand.run(System.out));
        }
        SpringApplication.run(Strophos.class, args);
    }
}
