import { useQuery } from "@tanstack/react-query";
import { ChevronLeft } from "lucide-react";
import { useState } from "react";
import { useActivitySearch } from "../activities/useActivitySearch";
import { keys, readActivity } from "../api/teacher";
import type { ActivityCard, QuestionUnion } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { rightWords } from "../questions/rightWords";
import { titleOf } from "../questions/titleOf";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";

/** Questions of another activity: first which activity, then which of its questions. */
export function CopyFromDialog(props: {
  /** The activity that they are copied to. */
  id: string;
  take: (questions: QuestionUnion[]) => void;
  onClose: () => void;
}) {
  const { id, take, onClose } = props;
  const [from, setFrom] = useState<ActivityCard>();
  return (
    <Dialog title={words.copyFrom.title} onClose={onClose} wide>
      {from ? (
        <Questions
          from={from}
          back={() => setFrom(undefined)}
          take={(questions) => {
            take(questions);
            onClose();
          }}
        />
      ) : (
        <Activities except={id} choose={setFrom} />
      )}
    </Dialog>
  );
}

function Activities(props: { except: string; choose: (card: ActivityCard) => void }) {
  const { search, setSearch, activities, cards: all } = useActivitySearch();
  const cards = all.filter((card) => card.id !== props.except && card.questions > 0);
  return (
    <>
      <input
        data-first
        type="search"
        aria-label={words.activities.search}
        placeholder={words.activities.searchPlaceholder}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
        className="mb-3 h-12 w-full rounded-[14px] border border-edge bg-card px-3 text-lg placeholder:text-soft"
      />
      {activities.isPending && <p role="status">{words.loading}</p>}
      {activities.isError && <p role="alert">{problemWords(activities.error)}</p>}
      {activities.isSuccess && cards.length === 0 && (
        <p role="status">{search ? words.activities.none : words.copyFrom.noOther}</p>
      )}
      <ul className="max-h-[24rem] overflow-y-auto">
        {cards.map((card) => (
          <li key={card.id} className="border-b border-line last:border-0">
            <button
              type="button"
              className="flex min-h-12 w-full cursor-pointer items-baseline gap-3 rounded-[4px] px-2 py-2 text-start hover:bg-base-200"
              onClick={() => props.choose(card)}
            >
              <span className="flex-1 font-display font-medium [overflow-wrap:anywhere]">
                {card.title || words.activities.untitled}
              </span>
              <span className="text-soft">{words.copyFrom.count(card.questions)}</span>
            </button>
          </li>
        ))}
      </ul>
      {activities.hasNextPage && (
        <button
          type="button"
          className="btn btn-ghost w-full"
          disabled={activities.isFetchingNextPage}
          onClick={() => activities.fetchNextPage()}
        >
          {words.activities.more}
        </button>
      )}
    </>
  );
}

function Questions(props: {
  from: ActivityCard;
  back: () => void;
  take: (questions: QuestionUnion[]) => void;
}) {
  const { from, back, take } = props;
  const [chosen, setChosen] = useState<string[]>([]);
  const read = useQuery({
    queryKey: [...keys.activity(from.id), "to copy from"],
    queryFn: () => readActivity(from.id),
    gcTime: 0,
  });
  const questions = read.data ? questionsOf(read.data.activity) : [];
  const all = questions.length > 0 && chosen.length === questions.length;
  const turn = (id: string) =>
    setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-ghost px-2" onClick={back}>
          <ChevronLeft size={18} aria-hidden="true" />
          {words.copyFrom.other}
        </button>
        <h3 className="flex-1 font-display text-lg font-semibold">
          {from.title || words.activities.untitled}
        </h3>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox border-edge"
            checked={all}
            onChange={() => setChosen(all ? [] : questions.map((question) => question.id))}
          />
          {words.copyFrom.all}
        </label>
      </div>
      {read.isPending && <p role="status">{words.loading}</p>}
      {read.isError && <p role="alert">{problemWords(read.error)}</p>}
      <ul className="max-h-[24rem] overflow-y-auto">
        {questions.map((question) => (
          <li key={question.id} className="border-b border-line last:border-0">
            <label className="flex min-h-11 cursor-pointer items-baseline gap-3 rounded-[4px] px-2 py-2 hover:bg-base-200">
              <input
                type="checkbox"
                className="checkbox checkbox-sm translate-y-0.5 border-edge"
                checked={chosen.includes(question.id)}
                onChange={() => turn(question.id)}
              />
              <span className="flex-1 [overflow-wrap:anywhere]">
                <span className="mr-2 text-sm text-soft">{words.sheet.kinds[question.kind]}</span>
                {titleOf(question) || <em className="text-soft">{words.sheet.emptyLine}</em>}
              </span>
              <span className="max-w-56 truncate text-sm font-medium text-success">
                {rightWords(question)}
              </span>
            </label>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-primary mt-4 ml-auto flex"
        disabled={chosen.length === 0}
        onClick={() => take(questions.filter((question) => chosen.includes(question.id)))}
      >
        {words.takeIn.take(chosen.length)}
      </button>
    </>
  );
}
