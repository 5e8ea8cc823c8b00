package bravium.core.games;

import bravium.core.games.escaperoom.EscapeAction;
import bravium.core.games.picturereveal.RevealAction;
import bravium.core.games.questionvideo.VideoAction;
import bravium.core.games.wordhunt.HuntAction;
import bravium.core.json.StandsFor;
import bravium.core.play.OwnAction;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Everything that is done in one game alone. */
@StandsFor(OwnAction.class)
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = HuntAction.Enter.class, name = "enter"),
  @JsonSubTypes.Type(value = HuntAction.ShowNames.class, name = "show-names"),
  @JsonSubTypes.Type(value = HuntAction.GiveUp.class, name = "give-up"),
  @JsonSubTypes.Type(value = RevealAction.Guess.class, name = "guess"),
  @JsonSubTypes.Type(value = RevealAction.StopGuessing.class, name = "stop-guessing"),
  @JsonSubTypes.Type(value = EscapeAction.UsePieces.class, name = "use-pieces"),
  @JsonSubTypes.Type(value = EscapeAction.OpenLock.class, name = "open-lock"),
  @JsonSubTypes.Type(value = EscapeAction.StopEscaping.class, name = "stop-escaping"),
  @JsonSubTypes.Type(value = VideoAction.Watch.class, name = "watch"),
  @JsonSubTypes.Type(value = VideoAction.FinishFilm.class, name = "finish-film")
})
public sealed interface GameAction extends OwnAction
    permits HuntAction.Enter,
        HuntAction.ShowNames,
        HuntAction.GiveUp,
        RevealAction.Guess,
        RevealAction.StopGuessing,
        EscapeAction.UsePieces,
        EscapeAction.OpenLock,
        EscapeAction.StopEscaping,
        VideoAction.Watch,
        VideoAction.FinishFilm {}
