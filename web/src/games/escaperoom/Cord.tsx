import type { CSSProperties } from "react";
import type { EscapeScene, SeenPiece } from "../../generated/types";
import { useMediaAddress } from "../../rich/media";
import { escapeWords } from "./words";

/** What was gathered, hung from a cord along the upper edge. */
export function Cord({ scene }: { scene: EscapeScene }) {
  return (
    <section aria-label={escapeWords.cord} className="escape-cord">
      <ul>
        {scene.pieces.map((piece) => (
          <li key={piece.id} data-about={`marker ${piece.id}`}>
            <PieceFace piece={piece} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What is on a key piece: its text, or its strip of the picture. */
export function PieceFace({ piece }: { piece: SeenPiece }) {
  const address = useMediaAddress();
  const { strip, picture, left, width, ratio } = piece;
  if (!strip && !picture) return <span className="escape-piece">{piece.text}</span>;
  const shape = { aspectRatio: `${(ratio * width) / 1000} / 1000` };
  const whole: CSSProperties = {
    width: `${(1000 / width) * 100}%`,
    left: `${(-left / width) * 100}%`,
  };
  return (
    <span className="escape-strip" style={shape}>
      <img
        src={address(strip ?? picture ?? "")}
        alt={escapeWords.piece(piece.text)}
        style={picture ? whole : undefined}
        draggable={false}
      />
    </span>
  );
}
