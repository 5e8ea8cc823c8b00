package bravium.core.games;

import bravium.core.activity.Game;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.questionvideo.QuestionVideo;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.whiteboard.Whiteboard;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.json.StandsFor;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Every game, as it is written down. */
@StandsFor(Game.class)
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = QuizShow.class, name = QuizShow.KIND),
  @JsonSubTypes.Type(value = WordHunt.class, name = WordHunt.KIND),
  @JsonSubTypes.Type(value = PictureReveal.class, name = PictureReveal.KIND),
  @JsonSubTypes.Type(value = EscapeRoom.class, name = EscapeRoom.KIND),
  @JsonSubTypes.Type(value = QuestionVideo.class, name = QuestionVideo.KIND),
  @JsonSubTypes.Type(value = Whiteboard.class, name = Whiteboard.KIND)
})
public sealed interface GameData extends Game
    permits QuizShow, WordHunt, PictureReveal, EscapeRoom, QuestionVideo, Whiteboard, UnknownGame {}
