import { type KeyboardEvent, type MouseEvent, useRef, useState } from "react";
import { useMediaAddress } from "../../rich/media";
import { arrowOf } from "../../ui/arrows";
import { words } from "../../words/learner";
import { type AnswerProps, isClosed } from "./answerProps";
import { AreaLayer, AreaShape, placeIn, WHOLE, within } from "./areas";

const STEP = 20;

/** A picture with a place to point at: by a press, or with a mark that the arrow keys move. */
export function PointField(props: AnswerProps) {
  const { question, showing, given, give } = props;
  const address = useMediaAddress();
  const picture = useRef<HTMLImageElement>(null);
  const [missing, setMissing] = useState(false);
  const said = showing.feedback?.response ?? given;
  const at = said?.kind === "pointed" ? said : undefined;
  const closed = isClosed(props);
  const press = (event: MouseEvent) => {
    if (closed || !picture.current || event.detail === 0) return;
    give({ kind: "pointed", ...placeIn(picture.current, event) });
  };
  const onKey = (event: KeyboardEvent) => {
    const by = arrowOf(event.key);
    if (!by || closed) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? STEP * 5 : STEP;
    const from = at ?? { x: WHOLE / 2, y: WHOLE / 2 };
    give({ kind: "pointed", ...within(from.x + by[0] * step, from.y + by[1] * step) });
  };
  if (!question.picture) return null;
  const { medium, alt } = question.picture;
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center gap-[0.3em]">
      <p className="text-soft">{words.game.pointHow}</p>
      {missing && <p role="alert">{words.medium.pictureMissing(alt)}</p>}
      <button
        type="button"
        aria-label={words.game.pointLabel(alt, at?.x, at?.y)}
        aria-disabled={closed}
        onClick={press}
        onKeyDown={onKey}
        hidden={missing}
        className="relative w-fit max-w-full cursor-crosshair rounded-[4px] border-2 border-line aria-disabled:cursor-default"
      >
        <img
          ref={picture}
          src={address(medium)}
          alt=""
          onError={() => setMissing(true)}
          className="stage-picture block"
        />
        <AreaLayer>
          {showing.feedback?.areas.map((area) => (
            <AreaShape key={area.id} area={area} className="fill-success/25 stroke-success" />
          ))}
        </AreaLayer>
        {at && (
          <span
            aria-hidden="true"
            style={{ left: `${at.x / 10}%`, top: `${at.y / 10}%` }}
            className="pointer-events-none absolute size-10 -translate-1/2 rounded-full border-4 border-base-content bg-accent/60 outline-3 outline-base-100"
          />
        )}
      </button>
      <p className="sr-only" role="status">
        {at && words.game.pointedAt(at.x, at.y)}
      </p>
    </div>
  );
}
