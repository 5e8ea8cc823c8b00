package bravium.bench;

import bravium.server.Bravium;
import bravium.server.sittings.NoOpMoves;
import org.springframework.boot.SpringApplication;

/** The real server with the endpoint that moves are compared with. */
public final class BenchServer {

  private BenchServer() {}

  /** Starts it with the server's own settings. */
  public static void main(String[] arguments) {
    SpringApplication.run(new Class<?>[] {Bravium.class, NoOpMoves.class}, arguments);
  }
}
