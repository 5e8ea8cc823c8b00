package bravium.server.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.problems.Problem;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WriterTest {

  @TempDir Path folder;
  private Connection connection;
  private Writer writer;

  @BeforeEach
  void aTableOfNumbers() throws Exception {
    connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("w.db"));
    DSLContext database = DSL.using(connection);
    database.execute("create table number (n integer not null unique)");
    writer = new Writer(database, 256);
  }

  @AfterEach
  void end() throws Exception {
    writer.close();
    connection.close();
  }

  @Test
  void whatManyWriteAtOnceIsAllThere() throws Exception {
    try (ExecutorService many = Executors.newVirtualThreadPerTaskExecutor()) {
      var all = IntStream.range(0, 2_000).mapToObj(n -> many.submit(() -> insert(n))).toList();
      for (Future<Integer> one : all) {
        assertThat(one.get()).isEqualTo(1);
      }
    }

    assertThat(count()).isEqualTo(2_000);
  }

  @Test
  void oneThatGoesWrongDoesNotTakeTheOthersWithIt() throws Exception {
    insert(5);
    try (ExecutorService many = Executors.newVirtualThreadPerTaskExecutor()) {
      var all =
          IntStream.range(0, 100)
              .mapToObj(
                  n ->
                      many.submit(
                          () -> {
                            try {
                              return insert(n);
                            } catch (DataAccessException e) {
                              return 0;
                            }
                          }))
              .toList();
      int written = 0;
      for (Future<Integer> one : all) {
        written += one.get();
      }
      assertThat(written).isEqualTo(99);
    }

    assertThat(count()).isEqualTo(100);
  }

  /** Also a move, which has no savepoint of its own. */
  @Test
  void aMoveThatGoesWrongTakesNoOtherWithIt() throws Exception {
    insert(5);
    AtomicInteger refused = new AtomicInteger();
    try (ExecutorService many = Executors.newVirtualThreadPerTaskExecutor()) {
      for (int i = 0; i < 200; i++) {
        int n = i / 2;
        boolean shown = i % 2 == 0;
        many.submit(
            () -> {
              try {
                writer.writeMove(dsl -> dsl.execute("insert into number values (?)", n), shown);
              } catch (DataAccessException e) {
                refused.incrementAndGet();
              }
            });
      }
    }

    assertThat(refused.get()).isEqualTo(101);
    assertThat(count()).isEqualTo(100);
  }

  @Test
  void whatIsKeptAtHandIsTrueForAsLongAsTheNumberStays() {
    long changes = writer.changes();
    long shown = writer.shown();
    writer.writeMove(dsl -> dsl.execute("insert into number values (1)"), false);
    assertThat(writer.changes()).isEqualTo(changes);
    assertThat(writer.shown()).isEqualTo(shown);
    writer.writeMove(dsl -> dsl.execute("insert into number values (2)"), true);
    assertThat(writer.changes()).isEqualTo(changes);
    assertThat(writer.shown()).isGreaterThan(shown);
    insert(3);
    assertThat(writer.changes()).isGreaterThan(changes);
    assertThat(writer.shown()).isGreaterThan(shown + 1);
  }

  @Test
  void whatAPieceOfWorkDidBeforeItWentWrongIsUndone() {
    assertThatThrownBy(
            () ->
                writer.write(
                    dsl -> {
                      dsl.execute("insert into number values (1)");
                      throw new IllegalStateException("half way");
                    }))
        .hasMessage("half way");

    assertThat(count()).isZero();
  }

  @Test
  void anErrorInOnePieceOfWorkIsThatPiecesAloneAndTheNextIsDone() {
    assertThatThrownBy(
            () ->
                writer.write(
                    dsl -> {
                      throw new StackOverflowError("too deep");
                    }))
        .hasRootCauseInstanceOf(StackOverflowError.class);

    assertThat(writer.isAlive()).isTrue();
    assertThat(insert(1)).isEqualTo(1);
  }

  @Test
  void whatComesAfterTheEndIsRefusedAndWhatCameBeforeIsDone() throws Exception {
    try (ExecutorService many = Executors.newVirtualThreadPerTaskExecutor()) {
      var before = IntStream.range(0, 200).mapToObj(n -> many.submit(() -> insert(n))).toList();
      writer.close();
      int done = 0;
      for (Future<Integer> one : before) {
        try {
          done += one.get(20, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
          assertThat(e).hasRootCauseInstanceOf(Problem.class);
        }
      }
      assertThatThrownBy(() -> insert(7_000)).hasMessageContaining("is being stopped");
      assertThat(DSL.using(connection).fetchCount(DSL.table("number"))).isEqualTo(done);
    }
  }

  private int insert(int n) {
    return writer.write(dsl -> dsl.execute("insert into number values (?)", n));
  }

  private int count() {
    return writer.write(dsl -> dsl.fetchSingle("select count(*) from number").get(0, int.class));
  }
}
