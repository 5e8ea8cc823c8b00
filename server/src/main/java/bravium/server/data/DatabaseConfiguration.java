package bravium.server.data;

import bravium.server.BraviumSettings;
import com.zaxxer.hikari.HikariDataSource;
import java.time.Clock;
import javax.sql.DataSource;
import org.flywaydb.core.api.MigrationInfoService;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConfig.JournalMode;
import org.sqlite.SQLiteConfig.SynchronousMode;
import org.sqlite.SQLiteConfig.TransactionMode;
import org.sqlite.SQLiteDataSource;

/** One connection that writes, in full safety, and a few that only read. */
@Configuration(proxyBeanMethods = false)
class DatabaseConfiguration {

  private static final int READERS = 4;
  private static final int BUSY_MILLIS = 5_000;

  @Bean
  DataFolder dataFolder(BraviumSettings settings) {
    return DataFolder.open(settings.data());
  }

  @Bean
  @Primary
  DataSource writing(DataFolder folder) {
    SQLiteConfig config = common();
    config.setJournalMode(JournalMode.WAL);
    config.setSynchronous(SynchronousMode.FULL);
    config.setTransactionMode(TransactionMode.IMMEDIATE);
    // What is erased is gone: its bytes are written over.
    config.setPragma(SQLiteConfig.Pragma.SECURE_DELETE, "true");
    return pool(folder, config, 1);
  }

  @Bean
  @Qualifier("reading")
  DataSource reading(DataFolder folder) {
    HikariDataSource pool = pool(folder, common(), READERS);
    pool.setConnectionInitSql("PRAGMA query_only=ON");
    return pool;
  }

  @Bean
  @Primary
  DSLContext database(@Qualifier("reading") DataSource reading) {
    return DSL.using(reading, SQLDialect.SQLITE);
  }

  @Bean
  Writer writer(DataSource writing, BraviumSettings settings) {
    return new Writer(DSL.using(writing, SQLDialect.SQLITE), settings.commitTogether());
  }

  /** What was there before an update is kept as a copy: no update takes anything away. */
  @Bean
  FlywayMigrationStrategy copyBeforeUpdate(DataFolder folder, Clock clock) {
    return flyway -> {
      MigrationInfoService info = flyway.info();
      if (info.applied().length > 0 && info.pending().length > 0) {
        Copies.beforeUpdate(folder.database(), clock.instant());
      }
      flyway.migrate();
    };
  }

  private static SQLiteConfig common() {
    SQLiteConfig config = new SQLiteConfig();
    config.enforceForeignKeys(true);
    config.setBusyTimeout(BUSY_MILLIS);
    return config;
  }

  private static HikariDataSource pool(DataFolder folder, SQLiteConfig config, int size) {
    SQLiteDataSource file = new SQLiteDataSource(config);
    file.setUrl("jdbc:sqlite:" + folder.database());
    HikariDataSource pool = new HikariDataSource();
    pool.setDataSource(file);
    pool.setMaximumPoolSize(size);
    return pool;
  }
}
