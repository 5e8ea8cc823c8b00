import { ChevronDown, ChevronUp } from "lucide-react";
import { useEffect } from "react";
import { type AnswerProps, isClosed } from "../../questions/answers/answerProps";
import { escapeWords } from "./words";

/** A combination of wheels: each is turned on or back, by its buttons or with the arrow keys. */
export function WheelsField(props: AnswerProps & { wheels: string[] }) {
  const { wheels, given, give, showing } = props;
  const said = showing.feedback?.response ?? given;
  const start = wheels.map((signs) => signs[0]).join("");
  const set = said?.kind === "typed" && said.text.length === wheels.length ? said.text : start;
  const closed = isClosed(props);
  // biome-ignore lint/correctness/useExhaustiveDependencies: wheels always stand somewhere
  useEffect(() => {
    if (given === undefined && !closed) give({ kind: "typed", text: start });
  }, [given, closed]);
  const turn = (wheel: number, by: 1 | -1) => {
    const signs = wheels[wheel] ?? "";
    const at = signs.indexOf(set[wheel] ?? "");
    const sign = signs[(at + by + signs.length) % signs.length] ?? "";
    give({ kind: "typed", text: set.slice(0, wheel) + sign + set.slice(wheel + 1) });
  };
  const put = (wheel: number, key: string) => {
    const sign = key.toUpperCase();
    if (!wheels[wheel]?.includes(sign)) return false;
    give({ kind: "typed", text: set.slice(0, wheel) + sign + set.slice(wheel + 1) });
    return true;
  };
  return (
    <div className="escape-wheels">
      {wheels.map((signs, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a wheel is its place
        <div key={i} className="escape-wheel">
          <button
            type="button"
            tabIndex={-1}
            aria-label={escapeWords.turnUp(i + 1)}
            disabled={closed}
            onClick={() => turn(i, 1)}
          >
            <ChevronUp aria-hidden="true" />
          </button>
          <span
            role="spinbutton"
            tabIndex={closed ? -1 : 0}
            aria-label={escapeWords.wheel(i + 1)}
            aria-valuenow={signs.indexOf(set[i] ?? "")}
            aria-valuemin={0}
            aria-valuemax={signs.length - 1}
            aria-valuetext={set[i]}
            aria-readonly={closed}
            onKeyDown={(event) => {
              if (closed || event.ctrlKey || event.metaKey || event.altKey) return;
              const by = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : undefined;
              if (by !== undefined) turn(i, by);
              else if (!put(i, event.key)) return;
              event.preventDefault();
              event.stopPropagation();
              const next = event.currentTarget.parentElement?.nextElementSibling;
              if (by === undefined) next?.querySelector<HTMLElement>("[role=spinbutton]")?.focus();
            }}
          >
            {set[i]}
          </span>
          <button
            type="button"
            tabIndex={-1}
            aria-label={escapeWords.turnDown(i + 1)}
            disabled={closed}
            onClick={() => turn(i, -1)}
          >
            <ChevronDown aria-hidden="true" />
          </button>
        </div>
      ))}
    </div>
  );
}
