import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { words } from "../words/learner";
import { IsItYou } from "./IsItYou";
import { leave, sendLeft } from "./leftMoves";
import { Playing } from "./Playing";
import { remembered } from "./remembered";
import { useRemoteGame } from "./useRemoteGame";

/** The learner's side, from a phone to a desktop: whoever has a link's code. */
export default function PlayPage() {
  const { code = "" } = useParams();
  return <ByLink key={code} code={code} />;
}

/** Whether the page is the same as before, only loaded anew: then it is the same child. */
const isReload = () =>
  (performance.getEntriesByType("navigation")[0] as PerformanceNavigationTiming | undefined)
    ?.type === "reload";

let reloaded = isReload();

/** Tablets go from hand to hand: who comes to a game that somebody began here is asked. */
function ByLink({ code }: { code: string }) {
  const [known, setKnown] = useState(() => {
    const same = reloaded;
    reloaded = false;
    return same ? undefined : remembered(code);
  });
  useEffect(() => {
    sendLeft();
  }, []);
  /** Another play for each child. */
  const [child, setChild] = useState(0);
  const somebodyElse = () => {
    const known = remembered(code);
    if (known) leave(known.token);
    setKnown(undefined);
    setChild(child + 1);
  };
  if (known) {
    return (
      <IsItYou
        asks={known.number ? words.play.isYou(known.number) : words.play.isYouAtAll}
        how={words.play.isYouHow}
        yes={() => setKnown(undefined)}
        no={somebodyElse}
      />
    );
  }
  return <Game key={child} code={code} somebodyElse={somebodyElse} />;
}

function Game({ code, somebodyElse }: { code: string; somebodyElse: () => void }) {
  const game = useRemoteGame(code);
  return (
    <Playing
      game={game}
      leave={
        <Link to="/play" className="btn btn-primary">
          {words.play.otherCode}
        </Link>
      }
      atEnd={
        <button type="button" className="btn btn-outline" onClick={somebodyElse}>
          {words.play.somebodyElse}
        </button>
      }
    />
  );
}
