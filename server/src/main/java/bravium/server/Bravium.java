package bravium.server;

import java.nio.file.Path;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Bravium {

  /**
   * Starts the server; or, called with the name of one, does a thing for whoever keeps it: see
   * {@link Keeping}.
   */
  public static void main(String[] args) {
    if (args.length > 1 && Keeping.isOne(args[0])) {
      System.exit(
          Keeping.run(args[0], Path.of(args[1]), Arrays.asList(args).subList(2, args.length)));
    }
    SpringApplication.run(Bravium.class, args);
  }
}
