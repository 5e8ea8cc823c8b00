import { ArrowLeft } from "lucide-react";
import type { ReactNode } from "react";
import type { SeenThing } from "../../generated/types";
import { MediaRow, Rich } from "../../rich/Rich";
import { isBlank, mediaOf, sentenceOf } from "../../rich/words";
import { Countdown } from "../../stage/Countdown";
import { Heading } from "../../stage/Heading";
import type { BoardProps } from "./boardProps";
import { useBack } from "./useBack";
import { escapeWords } from "./words";

/** The way back to the room. */
export function BackButton({ back }: { back: () => void }) {
  return (
    <button type="button" className="btn btn-outline escape-back" onClick={back}>
      <ArrowLeft aria-hidden="true" className="size-[1em]" />
      {escapeWords.back}
    </button>
  );
}

/** What stands at the foot of whatever one has gone up to: the clock goes on. */
export function NearFoot(props: BoardProps & { back: () => void; children?: ReactNode }) {
  const { showing, back, children } = props;
  return (
    <div className="escape-foot">
      <Countdown showing={showing} />
      <div className="escape-means">
        <BackButton back={back} />
        {children}
      </div>
    </div>
  );
}

/** A thing that is looked at closer. */
export function ThingView(
  props: BoardProps & { thing: SeenThing; name: string; back: () => void },
) {
  const { thing, name, back, takesFocus, read } = props;
  useBack(back);
  const { words } = thing;
  const said = words !== undefined && !isBlank(words) ? words : undefined;
  return (
    <div className="escape-near">
      <div className="flex items-start gap-[0.4em]">
        <Heading takesFocus={takesFocus} turn={thing.id} about={`marker ${thing.id}`} lesser>
          {name}
        </Heading>
        {read}
      </div>
      {said === undefined ? (
        <p className="text-soft">{escapeWords.plainThing}</p>
      ) : (
        <div className="escape-thing" data-about={`marker ${thing.id}`}>
          <MediaRow media={mediaOf(said)} />
          <div data-read className="escape-words">
            <Rich words={sentenceOf(said)} />
          </div>
        </div>
      )}
      <NearFoot {...props} back={back} />
    </div>
  );
}
