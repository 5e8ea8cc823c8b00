import { useQueryClient } from "@tanstack/react-query";
import { CircleHelp } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { readFrontContributions } from "../api/teacher";
import { useLook } from "../app/useLook";
import { games } from "../games";
import { isPicked, LETTERS, letter, onwards } from "../games/stage";
import type { Asked, FrontSitting, ResponseUnion } from "../generated/types";
import { Others } from "../play/Others";
import { picking } from "../questions/answers/Options";
import { fetchAhead } from "../rich/media";
import { Dialog, KeyList } from "../ui/Dialog";
import { Failed, Loading, Notice } from "../ui/Notice";
import { words } from "../words/en";
import { useFrontGame, useFrontSitting } from "./useFrontGame";

const LETTER_KEYS = LETTERS.slice(0, 6);

/** The activity on the projector: nothing but the game, large, and keys for everything. */
export default function PresentPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const asked = params.get("sitting");
  const sitting = useFrontSitting(id, asked);
  const queries = useQueryClient();
  const opened = sitting.data;
  useEffect(() => {
    if (!opened || asked) return;
    queries.setQueryData(["front", id, opened.sitting], opened);
    setParams({ sitting: opened.sitting }, { replace: true });
  }, [opened, asked, id, queries, setParams]);

  if (sitting.isPending) return <Loading />;
  if (sitting.isError) return <Failed error={sitting.error} again={sitting.refetch} />;
  return (
    <Front
      key={sitting.data.sitting}
      id={id}
      sitting={sitting.data}
      again={() => {
        queries.removeQueries({ queryKey: ["front", id] });
        setParams({}, { replace: true });
      }}
    />
  );
}

function Front(props: { id: string; sitting: FrontSitting; again: () => void }) {
  const { id, sitting, again } = props;
  const game = useFrontGame(sitting);
  const { showing } = game;
  const [given, give] = useState<ResponseUnion>();
  const [showsKeys, setShowsKeys] = useState(false);
  const [nudge, setNudge] = useState(false);
  const navigate = useNavigate();
  const turnLook = useLook((look) => look.turn);
  useEffect(() => fetchAhead(sitting.activity), [sitting.activity]);

  const act: typeof game.act = (action) => {
    give(undefined);
    setNudge(false);
    game.act(action);
  };
  const next = () => {
    const move = onwards(showing, given, true);
    if (move) act(move);
    else setNudge(showing.stage === "question");
  };
  const back = () => {
    if (given !== undefined) give(undefined);
    else game.back();
  };
  const choose = (key: string) => {
    const { question } = showing;
    const option = question?.choices[LETTER_KEYS.indexOf(key.toUpperCase())];
    const picks = question && isPicked(question);
    if (showing.stage !== "question" || !option || !picks) return;
    setNudge(false);
    give(picking(question, option.id, given));
  };
  const hint = () => {
    const { question } = showing;
    if (question && question.help.more > 0) game.act({ kind: "hint", question: question.id });
  };
  const keys = new Map<string, () => void>([
    [" ", next],
    ["ArrowRight", next],
    ["ArrowLeft", back],
    ["h", hint],
    ["l", () => document.querySelector<HTMLButtonElement>("[data-read-aloud]")?.click()],
    ["0", turnLook],
    ["?", () => setShowsKeys(true)],
    ["Escape", () => navigate(`/activities/${id}`)],
  ]);
  useKeys((event) => {
    if (showsKeys) return;
    // Space means what has the focus: a button, or an option that the keyboard has gone to.
    const onButton =
      event.target instanceof Element && event.target.closest("button, a, input:focus-visible");
    const typing =
      event.target instanceof Element &&
      event.target.closest("input[type=text], input:not([type]), textarea, select");
    if (typing || (event.key === " " && onButton)) return;
    const does =
      keys.get(event.key) ?? (/^[a-f]$/i.test(event.key) ? () => choose(event.key) : undefined);
    if (!does) return;
    event.preventDefault();
    does();
  });

  if (showing.markers.length === 0) {
    return (
      <Notice
        title={words.present.nothing.title}
        action={
          <Link className="btn btn-primary" to={`/activities/${id}`}>
            {words.present.nothing.back}
          </Link>
        }
      >
        <p>{words.present.nothing.text}</p>
      </Notice>
    );
  }
  const kind = sitting.activity.game.kind;
  const Stage = games[kind].Stage;
  return (
    <main className="relative h-full bg-base-100">
      <h1 className="sr-only">{showing.cover.title}</h1>
      <div className="stage-frame overflow-y-auto">
        <Stage
          showing={showing}
          given={given}
          give={give}
          act={act}
          timeUp={game.refresh}
          again={again}
          takesFocus
          aloud
          others={
            showing.question?.kind === "discussion" && (
              <Others
                about={`${sitting.sitting} ${showing.question.id}`}
                read={() => readFrontContributions(sitting.sitting, showing.question?.id ?? "")}
              />
            )
          }
          note={noteOf(game.cutOff, game.waiting, nudge, showing.question)}
        />
      </div>
      <button
        type="button"
        aria-label={words.present.keysButton}
        title={words.present.keysButton}
        className="btn btn-ghost btn-square absolute top-1 right-1 text-soft"
        onClick={() => setShowsKeys(true)}
      >
        <CircleHelp aria-hidden="true" />
      </button>
      {showsKeys && (
        <Dialog title={words.present.keysTitle} onClose={() => setShowsKeys(false)}>
          <KeyList keys={words.present.keys} />
        </Dialog>
      )}
    </main>
  );
}

function noteOf(cutOff: boolean, waiting: number, nudge: boolean, question?: Asked) {
  if (cutOff) return words.present.cutOff;
  if (nudge && question) {
    const picks = isPicked(question);
    const last = Math.min(question.choices.length, LETTER_KEYS.length) - 1;
    return picks ? words.present.choose(letter(last)) : words.present.answerFirst;
  }
  return waiting > 1 ? words.present.keeping(waiting) : undefined;
}

function useKeys(onKey: (event: KeyboardEvent) => void) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      onKey(event);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
}
