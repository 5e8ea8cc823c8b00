import { type ReactNode, useState } from "react";
import { signOf } from "../games/signs";
import { useMediaAddress } from "../rich/media";
import { Rich } from "../rich/Rich";
import { type Medium, mediaOf } from "../rich/words";
import { Pattern } from "../ui/Pattern";
import { words } from "../words/learner";
import { Heading } from "./Heading";
import type { StageProps } from "./stage";
import { TeamsBar } from "./TeamsBar";

/** What stands for the game before it begins: its picture, or its sign in the colours of its look. */
function Face({ showing }: { showing: StageProps["showing"] }) {
  const address = useMediaAddress();
  const [missing, setMissing] = useState(false);
  const { cover, dress, game } = showing;
  const Sign = signOf(game);
  const inWords = cover.introduction && mediaOf(cover.introduction).some(isPicture);
  if (inWords || dress?.picture) return null;
  return cover.picture && !missing ? (
    <img
      src={address(cover.picture.medium)}
      alt={cover.picture.alt}
      className="title-picture"
      onError={() => setMissing(true)}
    />
  ) : (
    <div aria-hidden="true" className="title-face">
      <Pattern of={cover.title} />
      {Sign && <Sign strokeWidth={1.25} className="relative h-3/5 w-auto" />}
    </div>
  );
}

const isPicture = (medium: Medium) => medium.kind === "picture";

/** The title page: what it is about, how it is won, and its beginning. */
export function TitleView(props: StageProps & { facts: string; read: ReactNode }) {
  const { showing, act, busy, takesFocus, aloud, note, read, facts } = props;
  const { cover, terms, wording } = showing;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Enter on the title begins, as the button does
    <div
      className="flex flex-1 flex-col items-center justify-center gap-[calc(var(--gap)*1.4)] text-center"
      onKeyDown={(event) => {
        const own = event.target instanceof Element && event.target.closest("button, a, input");
        if (event.key !== "Enter" || own || busy || aloud || !takesFocus) return;
        event.preventDefault();
        act({ kind: "start" });
      }}
    >
      <Face showing={showing} />
      <Heading takesFocus={takesFocus} turn="title" about="title">
        {cover.title || words.untitled}
      </Heading>
      <p className="text-soft" data-about="details">
        {[cover.subject, cover.year === undefined ? "" : words.year(cover.year)]
          .filter(Boolean)
          .join(" · ")}
      </p>
      {cover.introduction && (
        <div className="flex max-w-[34em] items-start gap-[0.4em]">
          <div className="font-sans" data-about="details" data-read>
            <Rich words={cover.introduction} />
          </div>
          {read}
        </div>
      )}
      <div className="flex max-w-[40em] items-start gap-[0.4em]">
        <p data-read>{facts}</p>
        {!cover.introduction && read}
      </div>
      {showing.teams.length > 0 && <TeamsBar teams={showing.teams} />}
      <p className="text-soft">{words.game.termsOf(terms)}</p>
      <button
        type="button"
        className="btn btn-primary"
        disabled={busy}
        onClick={() => act({ kind: "start" })}
      >
        {wording?.start ?? words.game.start}
      </button>
      {note && <p role="status">{note}</p>}
    </div>
  );
}
