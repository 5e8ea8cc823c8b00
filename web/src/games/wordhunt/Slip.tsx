import { CaseSensitive } from "lucide-react";
import type { ActionUnion, HuntScene, Side, Sought } from "../../generated/types";
import { TeamSign } from "../../stage/teamSigns";
import { huntWords } from "./words";

/** With more lines it comes in columns. */
const LONG = 8;
/** So many lines fit in wherever the slip stands; with more it may scroll. */
const FITS = 5;

/** The list: a line for each thing, with what is known of its name. */
export function Slip(props: {
  scene: HuntScene;
  teams: Side[];
  act?: (action: ActionUnion) => void;
}) {
  const { scene, teams, act } = props;
  const finder = (line: Sought) => (line.team === undefined ? undefined : teams[line.team]);
  return (
    <ol
      className="hunt-slip"
      aria-label={huntWords.list}
      data-long={scene.lines.length > LONG}
      tabIndex={scene.lines.length > FITS ? 0 : undefined}
    >
      {scene.lines.map((line, i) => (
        <li
          key={line.item}
          data-found={line.found}
          data-missed={!line.found && line.name !== undefined}
        >
          <span className="sr-only">
            {huntWords.blank(line, i + 1)}
            {finder(line) && huntWords.foundBy(finder(line)?.name ?? "")}
          </span>
          <span aria-hidden="true" className="hunt-sign">
            {line.found ? "✓" : line.name === undefined ? "" : "–"}
          </span>
          <Shown line={line} />
          {finder(line) && <TeamSign sign={finder(line)?.sign ?? "leaf"} />}
          {act && line.hint && (
            <button
              type="button"
              className="hunt-letter-button"
              aria-label={huntWords.letterFor(i + 1, scene.price)}
              title={huntWords.letter(scene.price)}
              onClick={() => act({ kind: "hint", question: line.item })}
            >
              <CaseSensitive aria-hidden="true" />
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

/** A name, or its letters one by one with a blank for each that is not known. */
function Shown({ line }: { line: Sought }) {
  if (line.name !== undefined) {
    return (
      <span aria-hidden="true" className="hunt-known">
        {line.name}
      </span>
    );
  }
  return (
    <span aria-hidden="true" className="hunt-letters" data-more={line.more}>
      {line.letters.map((letter, i) =>
        letter === " " ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: a letter is its place
          <span key={i} className="hunt-space" />
        ) : (
          // biome-ignore lint/suspicious/noArrayIndexKey: a letter is its place
          <span key={i} className="hunt-letter" data-blank={letter === ""}>
            {letter || "\u00a0"}
          </span>
        ),
      )}
      {!line.more && <span className="hunt-lengths">{lengthsOf(line)}</span>}
    </span>
  );
}

/** How many letters each of its words has. */
const lengthsOf = ({ letters }: Sought) =>
  letters
    .join("\u0000")
    .split("\u0000 \u0000")
    .map((word) => word.split("\u0000").filter((letter) => !SIGNS.test(letter)).length)
    .join(", ");

const SIGNS = /^[-'.,!?()/&‐‑–’]$/;
