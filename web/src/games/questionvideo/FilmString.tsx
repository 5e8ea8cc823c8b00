import type { FilmScene, Showing, State, Stretch } from "../../generated/types";
import { Pennant } from "../../stage/Pennant";
import { words } from "../../words/learner";
import { JUMP } from "./useFilm";
import { videoWords } from "./words";

type Stopped = FilmScene["pennants"][number];

interface StringProps {
  scene: FilmScene;
  showing: Showing;
  time: number;
  /** Where the film can't be moved now. */
  still: boolean;
  seek: (to: number) => void;
}

/** How a stop came out; a card to read, which counts for nothing, is to come until it was read. */
function stateOf(showing: Showing, { question, passed }: Stopped): State {
  if (showing.question?.id === question && showing.stage === "question") return "now";
  const marked = showing.markers.find((marker) => marker.question === question)?.state;
  return marked ?? (passed ? "given" : "to-do");
}

/** A card that was only read was not handed in. */
const stateWords = (showing: Showing, pennant: Stopped) =>
  pennant.passed && showing.markers.every(({ question }) => question !== pennant.question)
    ? videoWords.read
    : words.game.markers[stateOf(showing, pennant)];

/** The string below the film: how far it is, what was watched, and the stops that may be seen. */
export function FilmString({ scene, showing, time, still, seek }: StringProps) {
  const { shown, pennants, watched } = scene;
  const length = shown.to - shown.from;
  const across = (moment: number) => `${(100 * (moment - shown.from)) / Math.max(1, length)}%`;
  const width = ({ from, to }: Stretch) => `${(100 * (to - from)) / Math.max(1, length)}%`;
  return (
    <div className="film-string">
      <div className="film-line" aria-hidden="true">
        {watched.map((stretch) => (
          <span
            key={stretch.from}
            className="film-watched"
            style={{ left: across(stretch.from), width: width(stretch) }}
          />
        ))}
        <span className="film-place" style={{ left: across(time) }} />
      </div>
      <input
        type="range"
        className="film-range"
        aria-label={videoWords.position}
        aria-valuetext={videoWords.at(time, shown.to)}
        min={shown.from}
        max={shown.to}
        // Any moment is one: a browser would round the others, and take that for a change.
        step={1}
        value={time}
        disabled={still && scene.back >= scene.place}
        onChange={(event) => seek(Number(event.target.value))}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -JUMP, ArrowRight: JUMP, ArrowDown: -JUMP, ArrowUp: JUMP }[
            event.key
          ];
          if (by === undefined) return;
          event.preventDefault();
          event.stopPropagation();
          seek(time + by);
        }}
      />
      <div className="film-pennants" aria-hidden="true">
        {pennants.map((pennant) => (
          <span
            key={pennant.question}
            className="film-pennant"
            style={{ left: across(pennant.at) }}
          >
            <Pennant state={stateOf(showing, pennant)} width={28} />
          </span>
        ))}
      </div>
      <ol className="sr-only" aria-label={videoWords.stops}>
        {pennants.map((pennant, i) => (
          <li key={pennant.question}>
            {videoWords.stop(i + 1, pennant.at, stateWords(showing, pennant))}
          </li>
        ))}
      </ol>
    </div>
  );
}
