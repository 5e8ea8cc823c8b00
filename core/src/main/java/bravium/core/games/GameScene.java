package bravium.core.games;

import bravium.core.games.escaperoom.EscapeScene;
import bravium.core.games.picturereveal.RevealScene;
import bravium.core.games.questionvideo.FilmScene;
import bravium.core.games.quizshow.BoardScene;
import bravium.core.games.whiteboard.WhiteboardScene;
import bravium.core.games.wordhunt.HuntScene;
import bravium.core.json.StandsFor;
import bravium.core.play.Scene;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Every scene of every game. */
@StandsFor(Scene.class)
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = BoardScene.OfTrail.class, name = "trail"),
  @JsonSubTypes.Type(value = BoardScene.OfClimb.class, name = "climb"),
  @JsonSubTypes.Type(value = HuntScene.class, name = "word-hunt"),
  @JsonSubTypes.Type(value = RevealScene.class, name = "picture-reveal"),
  @JsonSubTypes.Type(value = EscapeScene.class, name = "escape-room"),
  @JsonSubTypes.Type(value = FilmScene.class, name = "question-video"),
  @JsonSubTypes.Type(value = WhiteboardScene.class, name = "whiteboard")
})
public sealed interface GameScene extends Scene
    permits BoardScene.OfTrail,
        BoardScene.OfClimb,
        HuntScene,
        RevealScene,
        EscapeScene,
        FilmScene,
        WhiteboardScene {}
