package bravium.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Bravium {

  /** Starts the server. */
  public static void main(String[] args) {
    SpringApplication.run(Bravium.class, args);
  }
}
