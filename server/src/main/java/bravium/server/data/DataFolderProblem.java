package bravium.server.data;

/** Why the data folder can't be used, and what to do about it, in words. */
public final class DataFolderProblem extends RuntimeException {

  private static final long serialVersionUID = 1L;
  private final String whatToDo;

  public DataFolderProblem(String whatHappened, String whatToDo) {
    super(whatHappened);
    this.whatToDo = whatToDo;
  }

  /** What to do about it. */
  public String whatToDo() {
    return whatToDo;
  }
}
