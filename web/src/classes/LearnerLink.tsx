import { Link } from "react-router";
import { words } from "../words/en";

/** A learner's name, which leads to all that she did. */
export function LearnerLink(props: { classId: string; learner: string; name: string }) {
  const { classId, learner, name } = props;
  return (
    <Link
      to={`/classes/${classId}/learners/${learner}`}
      title={words.classes.term.record(name)}
      className="font-display font-semibold underline decoration-edge decoration-dotted underline-offset-4"
    >
      <bdi>{name}</bdi>
    </Link>
  );
}
