import { Link, Navigate, useParams } from "react-router";
import { beginTask } from "../api/join";
import { readSitting } from "../api/learner";
import { Playing } from "../play/Playing";
import { useRemoteGame } from "../play/useRemoteGame";
import { words } from "../words/learner";
import { memberOf, taskKey } from "./member";

/** A learner plays what she was given. */
export default function TaskPage() {
  const { code = "", assignment = "" } = useParams();
  const member = memberOf(code);
  if (!member) return <Navigate to={`/join/${code}`} replace />;
  return <Task key={assignment} code={code} assignment={assignment} token={member.token} />;
}

function Task({ code, assignment, token }: { code: string; assignment: string; token: string }) {
  const game = useRemoteGame(taskKey(code, assignment), {
    token,
    open: async () => {
      const { sitting } = await beginTask(code, assignment, token);
      return readSitting(sitting, token);
    },
  });
  const mine = (
    <Link to={`/join/${code}`} className="btn btn-primary">
      {words.join.mine}
    </Link>
  );
  return <Playing game={game} leave={mine} atEnd={mine} />;
}
