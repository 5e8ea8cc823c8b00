/** The rules of Bravium's games and all computation, for the JVM and for the browser. */
module bravium.core {
  requires transitive minimal.json;
  requires static com.fasterxml.jackson.annotation;
  requires static org.jspecify;

  exports bravium.core.activity;
  exports bravium.core.answer;
  exports bravium.core.assignment;
  exports bravium.core.calculations;
  exports bravium.core.codec;
  exports bravium.core.games;
  exports bravium.core.games.escaperoom;
  exports bravium.core.games.picturereveal;
  exports bravium.core.games.questionvideo;
  exports bravium.core.games.quizshow;
  exports bravium.core.games.whiteboard;
  exports bravium.core.games.wordhunt;
  exports bravium.core.json;
  exports bravium.core.measure;
  exports bravium.core.play;
  exports bravium.core.play.course;
  exports bravium.core.play.front;
  exports bravium.core.play.showing;
  exports bravium.core.question;
  exports bravium.core.readiness;
  exports bravium.core.rehearsal;
  exports bravium.core.revision;
  exports bravium.core.rich;
}
