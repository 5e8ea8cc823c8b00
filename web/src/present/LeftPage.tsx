import { Link, useNavigate, useParams } from "react-router";
import { useSession } from "../api/teacher";
import { Notice } from "../ui/Notice";
import { words } from "../words/en";

/** Where a game at the front is left to: nothing that the class may not see. */
export default function LeftPage() {
  const { id = "" } = useParams();
  const session = useSession();
  const navigate = useNavigate();
  const covers = session.data?.covers;
  const { left } = words.front;
  return (
    <Notice
      title={left.title}
      action={
        <div className="flex flex-wrap justify-center gap-3">
          <button
            type="button"
            className="btn btn-primary"
            // biome-ignore lint/a11y/noAutofocus: a press too many leads back into the game
            autoFocus
            onClick={() => {
              // The very game that was left; where this page was opened by itself, the newest.
              if (window.history.state?.idx > 0) navigate(-1);
              else navigate(`/present/${id}`);
            }}
          >
            {left.back}
          </button>
          {!covers && (
            <Link to={`/activities/${id}`} className="btn btn-outline">
              {left.sheet}
            </Link>
          )}
          <Link to={covers ? "/cover" : "/activities"} className="btn btn-outline">
            {covers ? words.cover.back : left.activities}
          </Link>
        </div>
      }
    >
      <p>{covers ? left.textCover : left.text}</p>
    </Notice>
  );
}
