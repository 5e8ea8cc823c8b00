package bravium.server.data;

import java.sql.SQLException;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Says in plain words why the server can't start on its data folder. */
final class DataFolderFailure implements FailureAnalyzer {

  @Override
  public FailureAnalysis analyze(Throwable failure) {
    for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
      if (cause instanceof DataFolderProblem problem) {
        return new FailureAnalysis(problem.getMessage(), problem.whatToDo(), cause);
      }
      if (cause instanceof SQLException sql && isFull(sql)) {
        return new FailureAnalysis(
            "The disk of the data folder is full.",
            "Make room, then start Bravium again. What was saved before is safe.",
            cause);
      }
    }
    return null;
  }

  private static boolean isFull(SQLException e) {
    return e instanceof SQLiteException sqlite
            && sqlite.getResultCode() == SQLiteErrorCode.SQLITE_FULL
        || String.valueOf(e.getMessage()).contains("SQLITE_FULL");
  }
}
