package bravium.core.games.quizshow;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** A board that this version doesn't know: kept as it came, never played. */
public record UnknownBoard(@JsonIgnore Extra content) implements Board {}
