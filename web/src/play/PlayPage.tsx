import { Link, useParams } from "react-router";
import { words } from "../words/learner";
import { Playing } from "./Playing";
import { useRemoteGame } from "./useRemoteGame";

/** The learner's side, from a phone to a desktop: whoever has a link's code. */
export default function PlayPage() {
  const { code = "" } = useParams();
  return <ByLink key={code} code={code} />;
}

function ByLink({ code }: { code: string }) {
  const game = useRemoteGame(code);
  return (
    <Playing
      game={game}
      leave={
        <Link to="/play" className="btn btn-primary">
          {words.play.otherCode}
        </Link>
      }
    />
  );
}
