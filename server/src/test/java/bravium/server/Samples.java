package bravium.server;

/** Activities as the front end would send them. */
public final class Samples {

  private Samples() {}

  /** Three questions asked as written; "r" is right everywhere, "w" is wrong; two of three win. */
  public static String threeQuestions(String title) {
    return """
        {"bravium": 1,
         "titlePage": {"title": "%s", "tags": []},
         "game": {"kind": "quiz-show", "board": {"kind": "line"}, "questions": [%s, %s, %s]},
         "rules": {"questionOrder": "as-written", "optionOrder": "as-written",
                   "worth": 10, "passMark": 60},
         "endings": {"win": {"text": "Sweet."}, "lose": {}}}
        """
        .formatted(title, question("q1"), question("q2"), question("q3"));
  }

  private static String question(String id) {
    return """
        {"kind": "pick-one", "id": "%s", "text": "Which one, %s?",
         "options": [{"id": "w", "text": "that", "right": false},
                     {"id": "r", "text": "this", "right": true}],
         "feedback": {"right": "Secret praise", "wrong": "Secret comfort"}}
        """
        .formatted(id, id);
  }

  public static String start(String key) {
    return move(key, "{\"kind\": \"start\"}");
  }

  public static String pick(String key, String question, String option) {
    return move(
        key,
        """
        {"kind": "answer", "question": "%s", "attempt": 1,
         "response": {"kind": "picked", "option": "%s"}}
        """
            .formatted(question, option));
  }

  public static String goOn(String key, String question) {
    return move(key, "{\"kind\": \"continue\", \"question\": \"%s\"}".formatted(question));
  }

  public static String move(String key, String action) {
    return "{\"key\": \"%s\", \"by\": \"player\", \"action\": %s}".formatted(key, action);
  }
}
