import { useQuery } from "@tanstack/react-query";
import type { Contribution } from "../generated/types";
import { words } from "../words/learner";

const LOOK_AGAIN = 4_000;

/** What the others of the class wrote to a discussion; more comes in while it is read. */
export function Others(props: { about: string; read: () => Promise<Contribution[]> }) {
  const { about, read } = props;
  const contributions = useQuery({
    queryKey: ["contributions", about],
    queryFn: read,
    refetchInterval: LOOK_AGAIN,
    gcTime: 0,
  });
  const others = contributions.data?.filter((one) => !one.own) ?? [];
  return (
    <section className="font-sans" aria-label={words.game.others(others.length)}>
      <h3 className="text-[length:var(--small)] font-semibold text-soft">
        {contributions.isError ? words.game.othersUnread : words.game.others(others.length)}
      </h3>
      <ul className="mt-[0.4em] grid gap-[0.5em]">
        {others.map((one) => (
          <li
            key={`${one.learner} ${one.text}`}
            className="rounded-[4px] bg-card p-[0.6em] whitespace-pre-line [overflow-wrap:anywhere]"
          >
            {one.text}
            <span className="ml-[0.6em] text-soft">{words.learner(one.learner)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
