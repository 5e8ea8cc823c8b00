import { Link, Navigate, useParams, useSearchParams } from "react-router";
import { beginTask } from "../api/join";
import { readSitting } from "../api/learner";
import { Playing } from "../play/Playing";
import { useRemoteGame } from "../play/useRemoteGame";
import { words } from "../words/learner";
import { isAsked, taskKey, useMember } from "./member";

/** A learner plays what she was given. */
export default function TaskPage() {
  const { code = "", assignment = "" } = useParams();
  const [params] = useSearchParams();
  const [member] = useMember(code);
  // Whoever has the tablet now is asked who she is, and shown nobody's game but hers.
  if (!member || member.words || isAsked(code)) return <Navigate to={`/join/${code}`} replace />;
  const { token } = member;
  const look = params.get("look");
  return look ? (
    <Look key={`${look} ${token}`} code={code} sitting={look} token={token} />
  ) : (
    <Task key={`${assignment} ${token}`} code={code} assignment={assignment} token={token} />
  );
}

const Mine = ({ code }: { code: string }) => (
  <Link to={`/join/${code}`} className="btn btn-primary">
    {words.join.mine}
  </Link>
);

/** A game of hers that has ended, looked back at. */
function Look({ code, sitting, token }: { code: string; sitting: string; token: string }) {
  const game = useRemoteGame(taskKey(code, sitting), {
    token,
    open: () => readSitting(sitting, token),
  });
  return (
    <Playing game={game} leave={<Mine code={code} />} atEnd={<Mine code={code} />} looksBack />
  );
}

function Task({ code, assignment, token }: { code: string; assignment: string; token: string }) {
  const game = useRemoteGame(taskKey(code, assignment), {
    token,
    open: async (_, anew) => {
      const { sitting } = await beginTask(code, assignment, token, anew);
      return readSitting(sitting, token);
    },
  });
  return (
    <Playing
      game={game}
      leave={<Mine code={code} />}
      atEnd={<Mine code={code} />}
      anew={game.anew}
      oneByOne
    />
  );
}
