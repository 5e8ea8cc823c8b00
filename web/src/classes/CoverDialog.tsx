import { useQueryClient } from "@tanstack/react-query";
import { Printer, Trash2 } from "lucide-react";
import { type FormEvent, useState } from "react";
import { coverKeys, makeCover, useCovers, withdrawCover } from "../api/cover";
import type { ClassView, CoverCard } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { Failed, Loading, problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { ActivityChoice, type Chosen } from "./ActivityChoice";
import { coverAddressOf } from "./address";
import { Printed } from "./Printed";

const said = words.cover;

/** Which day it is at the school: “2026-12-01”. */
const todayAt = (zone: string) => new Intl.DateTimeFormat("sv-SE", { timeZone: zone }).format();

/** Codes for those who cover for the teacher: one for a day. */
export function CoverDialog({ view, onClose }: { view: ClassView; onClose: () => void }) {
  const { id } = view.card;
  const covers = useCovers(id);
  const queries = useQueryClient();
  const [sheet, setSheet] = useState<CoverCard>();
  const [day, setDay] = useState(() => todayAt(view.zone));
  const [chosen, setChosen] = useState<Chosen[]>([]);
  const [told, setTold] = useState<string>();
  const [busy, setBusy] = useState(false);
  const change = (work: Promise<CoverCard[]>, done: string) => {
    setBusy(true);
    work
      .then((all) => {
        queries.setQueryData(coverKeys.ofClass(id), all);
        setTold(done);
      })
      .catch((error) => setTold(problemWords(error)))
      .finally(() => setBusy(false));
  };
  const make = (event: FormEvent) => {
    event.preventDefault();
    change(makeCover(id, { day, activities: chosen.map((one) => one.id) }), said.made(day));
  };
  if (sheet) return <CoverSheet view={view} cover={sheet} onClose={() => setSheet(undefined)} />;
  return (
    <Dialog title={said.title} onClose={onClose} wide>
      <p className="max-w-2xl">{said.text}</p>
      {covers.isPending && <Loading inside />}
      {covers.isError && <Failed error={covers.error} again={covers.refetch} inside />}
      <ul className="my-4 grid gap-2">
        {covers.data?.map((cover) => (
          <li
            key={cover.id}
            className="flex flex-wrap items-center gap-x-5 gap-y-1 rounded-[4px] border-l-8 border-accent bg-card px-4 py-2"
          >
            <p className="mr-auto min-w-0">
              <span className="block text-soft">{said.on(cover.day)}</span>
              <span className="font-display text-2xl font-semibold tracking-widest">
                {cover.code}
              </span>
              {cover.titles.length > 0 && (
                <span className="block text-sm [overflow-wrap:anywhere]">
                  {said.also(cover.titles)}
                </span>
              )}
            </p>
            <button type="button" className="btn btn-outline" onClick={() => setSheet(cover)}>
              <Printer size={18} aria-hidden="true" />
              {said.sheet}
              <span className="sr-only">{said.on(cover.day)}</span>
            </button>
            <button
              type="button"
              className="btn btn-ghost"
              disabled={busy}
              onClick={() => change(withdrawCover(id, cover.id), said.withdrawn(cover.day))}
            >
              <Trash2 size={18} aria-hidden="true" />
              {said.withdraw}
              <span className="sr-only">{said.on(cover.day)}</span>
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="mb-3 empty:hidden">
        {told}
      </p>
      <form onSubmit={make} className="grid gap-4">
        <label className="grid gap-1 justify-self-start">
          {said.day}
          <input
            type="date"
            required
            data-first
            min={todayAt(view.zone)}
            value={day}
            onChange={(event) => setDay(event.target.value)}
            className={`${FIELD} h-11`}
          />
        </label>
        <ActivityChoice
          legend={said.besides}
          several
          chosen={chosen}
          choose={(one, wanted) =>
            setChosen(wanted ? [...chosen, one] : chosen.filter((other) => other.id !== one.id))
          }
        />
        {chosen.length > 0 && (
          <p className="[overflow-wrap:anywhere]">
            {said.also(chosen.map(({ title }) => title || words.activities.untitled))}
          </p>
        )}
        <button type="submit" className="btn btn-primary justify-self-start" disabled={busy}>
          {covers.data?.some((cover) => cover.day === day) ? said.makeAnew : said.make}
        </button>
      </form>
    </Dialog>
  );
}

/** A sheet for whoever covers. */
function CoverSheet(props: { view: ClassView; cover: CoverCard; onClose: () => void }) {
  const { view, cover, onClose } = props;
  return (
    <Printed title={said.sheet} note={said.sheetNote} onClose={onClose}>
      <div className="grid gap-4 py-6 text-lg">
        <p className="font-display text-3xl font-semibold [overflow-wrap:anywhere]">
          {said.sheetTitle(view.card.name, cover.day)}
        </p>
        <p>{said.sheetText}</p>
        <p className="text-xl break-all">{coverAddressOf(view)}</p>
        <p className="font-display text-6xl font-semibold tracking-widest">{cover.code}</p>
        <p>{said.sheetWhat}</p>
      </div>
    </Printed>
  );
}
