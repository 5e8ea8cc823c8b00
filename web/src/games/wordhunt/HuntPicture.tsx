import { useState } from "react";
import type { HuntScene, Outline, Sought } from "../../generated/types";
import { AreaLayer, AreaShape } from "../../questions/answers/areas";
import { useMediaAddress } from "../../rich/media";
import { words } from "../../words/learner";
import { huntWords } from "./words";

/** The picture, with the names of what was found, and of what was missed, in their places. */
export function HuntPicture({ scene }: { scene: HuntScene }) {
  const address = useMediaAddress();
  const [missing, setMissing] = useState(false);
  const { picture } = scene;
  if (!picture) return null;
  const named = scene.lines.filter((line) => line.name !== undefined && line.place !== undefined);
  if (missing) return <p role="alert">{words.medium.pictureMissing(picture.alt)}</p>;
  return (
    <div className="hunt-picture">
      <img
        src={address(picture.medium)}
        alt={picture.alt}
        draggable={false}
        onError={() => setMissing(true)}
      />
      <AreaLayer>
        {named.map((line) => (
          <AreaShape
            key={line.item}
            area={line.place as Outline}
            className={
              line.found
                ? "fill-none stroke-success"
                : "fill-none stroke-error [stroke-dasharray:8_6]"
            }
          />
        ))}
      </AreaLayer>
      {named.map((line) => (
        <Name key={line.item} line={line} place={line.place as Outline} />
      ))}
    </div>
  );
}

/** A name written into its place; the list says it to who can't see it. */
function Name({ line, place }: { line: Sought; place: Outline }) {
  const xs = place.corners.map((corner) => corner.x);
  const middle = (Math.min(...xs) + Math.max(...xs)) / 20;
  // On the lower edge, so that the thing itself stays in sight.
  const below = Math.max(...place.corners.map((corner) => corner.y)) / 10;
  return (
    <span
      aria-hidden="true"
      className="hunt-name"
      data-found={line.found}
      title={line.found ? undefined : huntWords.notFound}
      style={{ left: `${middle}%`, top: `${below}%` }}
    >
      {line.found ? "✓ " : "– "}
      {line.name}
    </span>
  );
}
