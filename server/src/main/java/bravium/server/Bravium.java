package bravium.server;

import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Bravium {

  /** Starts the server; or, called with {@code restore DATA-FOLDER FILE}, brings a copy back. */
  public static void main(String[] args) {
    if (args.length == 3 && args[0].equals("restore")) {
      System.exit(Restore.run(Path.of(args[1]), Path.of(args[2])));
    }
    SpringApplication.run(Bravium.class, args);
  }
}
