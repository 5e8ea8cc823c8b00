package bravium.core.json;

import java.util.function.UnaryOperator;

/** What media and ids are called for whoever something is written for. */
public interface Names {

  /** Everything is called as it is. */
  Names AS_THEY_ARE = ofIds(UnaryOperator.identity());

  /** Media are called as they are, ids otherwise. */
  static Names ofIds(UnaryOperator<String> ids) {
    return new Names() {
      @Override
      public String medium(String name) {
        return name;
      }

      @Override
      public String id(String id) {
        return ids.apply(id);
      }

      @Override
      public String part(String question, String id) {
        return ids.apply(id);
      }
    };
  }

  /** The name of a medium, marked {@link OfOnePlay}. */
  String medium(String name);

  /** What stands for an id, marked {@link OwnId}. */
  String id(String id);

  /**
   * What stands for the id of a part of a question, marked {@link PartId}.
   *
   * @param question the question's id; empty where it isn't said
   */
  String part(String question, String id);
}
