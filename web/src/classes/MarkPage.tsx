import { useQueryClient } from "@tanstack/react-query";
import { ChevronLeft } from "lucide-react";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { classKeys, useAssignedToMark } from "../api/classes";
import { listAnew } from "../api/listAnew";
import { Shell } from "../app/Shell";
import { leftToMark, ToMarkList } from "../results/ToMarkList";
import { Failed, Loading } from "../ui/Notice";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";

/** What waits for a mark of all that a class wrote. */
export default function MarkPage() {
  const { id = "", assignment = "" } = useParams();
  const waiting = useAssignedToMark(assignment);
  const queries = useQueryClient();
  usePageTitle(words.classes.marking.title);
  const [message, setMessage] = useState<string>();
  return (
    <Shell>
      <div className="mx-auto max-w-5xl px-4 py-5 sm:px-7">
        <Link to={`/classes/${id}/${assignment}`} className="btn btn-ghost -ml-3 px-3">
          <ChevronLeft size={18} aria-hidden="true" />
          {words.classes.live.back}
        </Link>
        <h1 className="mb-4 text-3xl font-semibold">{words.classes.marking.title}</h1>
        {waiting.isPending && <Loading inside />}
        {waiting.isError && <Failed error={waiting.error} again={waiting.refetch} inside />}
        {waiting.data?.length === 0 && (
          <p role="status" className="text-lg">
            {words.classes.marking.none}
          </p>
        )}
        {waiting.data && (
          <ToMarkList
            waiting={waiting.data}
            say={setMessage}
            marked={(answers) => {
              queries.setQueryData<typeof answers>(classKeys.toMark(assignment), (all) =>
                leftToMark(all, answers),
              );
              listAnew(queries, classKeys.all);
            }}
          />
        )}
      </div>
      {message && <Toast text={message} close={() => setMessage(undefined)} />}
    </Shell>
  );
}
