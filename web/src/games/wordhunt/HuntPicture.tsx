import { useState } from "react";
import type { HuntScene, Outline } from "../../generated/types";
import { AreaLayer, AreaShape } from "../../questions/answers/areas";
import { useMediaAddress } from "../../rich/media";
import { words } from "../../words/learner";
import { type Label, labelsOf } from "./labels";
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
        {/* Below each line a broader one, so that it stands out from any picture in both looks. */}
        {named.map((line) => (
          <AreaShape
            key={line.item}
            area={line.place as Outline}
            className="fill-none stroke-base-100 [stroke-width:8px]"
          />
        ))}
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
      {labelsOf(scene.lines).map((label) => (
        <Name key={label.line.item} label={label} />
      ))}
    </div>
  );
}

/** A name written into its place; the list says it to who can't see it. */
function Name({ label: { line, x, y } }: { label: Label }) {
  return (
    <span
      aria-hidden="true"
      className="hunt-name"
      data-found={line.found}
      title={line.found ? undefined : huntWords.notFound}
      style={{ left: `${x}%`, top: `${y}%` }}
    >
      {line.found ? "✓ " : "– "}
      {line.name}
    </span>
  );
}
