import { ChevronLeft, ChevronRight } from "lucide-react";
import type { EditorStore } from "../../build/editor";
import { changeQuestion, type WithOptions } from "../../build/edits";
import { letter } from "../../stage/stage";
import { words } from "../../words/en";
import { Part } from "./rows";

/** In which order the wrong options are struck out at the front of the class. */
export function StrikeOrder(props: { question: WithOptions; useEditor: EditorStore }) {
  const { question, useEditor } = props;
  const wrong = question.options.filter((option) => !option.right).map((option) => option.id);
  const order = [
    ...question.strikeOrder.filter((id) => wrong.includes(id)),
    ...wrong.filter((id) => !question.strikeOrder.includes(id)),
  ];
  if (order.length < 2) return null;
  const swap = (place: number, with_: number) => {
    const next = [...order];
    [next[place], next[with_]] = [next[with_] ?? "", next[place] ?? ""];
    useEditor
      .getState()
      .edit(changeQuestion(question.id, (q) => ({ ...q, strikeOrder: next }) as typeof q));
  };
  return (
    <Part title={words.talk.orderTitle}>
      <ol className="flex flex-wrap gap-2">
        {order.map((id, place) => {
          const name = letter(question.options.findIndex((option) => option.id === id));
          return (
            <li key={id} className="flex items-center rounded-[14px] border border-line bg-card">
              <Arrow
                label={words.talk.orderUp(name)}
                disabled={place === 0}
                act={() => swap(place, place - 1)}
              >
                <ChevronLeft size={18} aria-hidden="true" />
              </Arrow>
              <span className="px-1 font-semibold">{name}</span>
              <Arrow
                label={words.talk.orderDown(name)}
                disabled={place === order.length - 1}
                act={() => swap(place, place + 1)}
              >
                <ChevronRight size={18} aria-hidden="true" />
              </Arrow>
            </li>
          );
        })}
      </ol>
      <p className="text-sm text-soft">{words.talk.orderText}</p>
    </Part>
  );
}

function Arrow(props: {
  label: string;
  disabled: boolean;
  act: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={props.label}
      title={props.label}
      disabled={props.disabled}
      onClick={props.act}
      className="grid size-11 cursor-pointer place-items-center disabled:cursor-default disabled:opacity-40"
    >
      {props.children}
    </button>
  );
}
