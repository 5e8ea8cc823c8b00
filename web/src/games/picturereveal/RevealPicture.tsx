import { type CSSProperties, useState } from "react";
import type { RevealScene, Sheet } from "../../generated/types";
import { useMediaAddress } from "../../rich/media";
import { PICKED } from "../../stage/boardKeys";
import { torn } from "./torn";
import { revealWords } from "./words";

/** The picture under its sheets of paper; whoever doesn't have it sees what is bare of it. */
export function RevealPicture(props: {
  scene: RevealScene;
  /** Called with the question of a piece that is picked; nothing can be picked without it. */
  pick?: (question: string) => void;
  busy?: boolean;
  /** Whether all is over: then the sheets that are left fall together. */
  falls?: boolean;
}) {
  const { scene, pick, busy, falls } = props;
  const { pieces, picture } = scene;
  const address = useMediaAddress();
  return (
    <div className="reveal-picture" style={{ aspectRatio: `${scene.ratio} / 1000` }}>
      {picture && (
        <img
          src={address(picture.medium)}
          alt={picture.alt}
          draggable={false}
          className="reveal-whole"
        />
      )}
      {pieces.map((sheet, i) => (
        <Piece
          key={`${sheet.patch.x} ${sheet.patch.y}`}
          sheet={sheet}
          number={i + 1}
          of={pieces.length}
          whole={picture !== undefined}
          pick={pick}
          busy={busy}
          falls={falls}
        />
      ))}
    </div>
  );
}

function Piece(props: {
  sheet: Sheet;
  number: number;
  of: number;
  whole: boolean;
  pick?: (question: string) => void;
  busy?: boolean;
  falls?: boolean;
}) {
  const { sheet, number, of, whole, pick, busy, falls } = props;
  const { patch, lying, open, question, part, said } = sheet;
  const address = useMediaAddress();
  const bare = lying === "lifted";
  /** What was bare when it was first seen has no paper that falls. */
  const [begun] = useState(lying);
  const place: CSSProperties = {
    left: `${patch.x / 10}%`,
    top: `${patch.y / 10}%`,
    width: `${patch.width / 10}%`,
    height: `${patch.height / 10}%`,
    ["--turn" as string]: number,
  };
  const name = revealWords.piece(number, of, patch, lying, said);
  const goes = bare || falls;
  return (
    <div className="reveal-place" style={place} data-lying={lying}>
      {part && !whole && <img src={address(part)} alt="" draggable={false} />}
      {bare && <span className="sr-only">{name}</span>}
      {!(bare && begun === "lifted") && (
        <button
          type="button"
          aria-label={name}
          aria-hidden={goes || undefined}
          tabIndex={goes ? -1 : undefined}
          aria-disabled={!open || busy || !pick}
          data-falls={goes}
          data-about={question ? `marker ${question}` : "details"}
          {...(open && pick && PICKED)}
          onClick={() => open && !busy && question && pick?.(question)}
          className="reveal-sheet"
        >
          <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
            <path d={torn(number)} vectorEffect="non-scaling-stroke" />
            {lying === "stays" && <path className="reveal-fold" d="M74 0L100 26L76 25Z" />}
          </svg>
          {lying === "stays" && <span className="reveal-sign">✕ {revealWords.stays}</span>}
          {lying === "again" && <span className="reveal-sign">↻ {revealWords.again}</span>}
          {lying === "now" && <span className="reveal-sign">?</span>}
        </button>
      )}
    </div>
  );
}
