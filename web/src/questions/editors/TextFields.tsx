import { switchExamplesOf } from "../../engine/LocalGame";
import type { Comparing, SwitchExample, TypedText } from "../../generated/types";
import { words } from "../../words/en";
import type { FieldsProps } from "./KindFields";
import { Mistakes } from "./Mistakes";
import { Checks, Part, Rows } from "./rows";
import { TryAnswer } from "./TryAnswer";

/** The texts that are right, those that are wrong, and how they are compared. */
export function TextFields({ question, change, next }: FieldsProps<TypedText>) {
  return (
    <>
      <Part title={words.sheet.accepted}>
        <Rows
          texts={question.accepted}
          most={20}
          label={words.sheet.acceptedOne}
          placeholder={(i) => (i === 0 ? words.sheet.acceptedAdd : words.sheet.acceptedMore)}
          change={(accepted, place) => change({ accepted }, `accepted ${place}`)}
          remove={(place) => change({ accepted: question.accepted.toSpliced(place, 1) })}
          next={next}
        />
      </Part>
      <ComparingChecks
        comparing={question.comparing}
        change={(comparing) => change({ comparing })}
        examples={switchExamplesOf({ ...question, kind: "typed-text" })}
      />
      <Mistakes
        mistakes={question.mistakes}
        change={(mistakes, key) => change({ mistakes }, key)}
        next={next}
      />
      <TryAnswer question={question} />
    </>
  );
}

/** How typed texts are compared. */
export function ComparingChecks(props: {
  comparing: Comparing;
  change: (comparing: Comparing) => void;
  /** What each switch does to the teacher's own answer. */
  examples?: SwitchExample[];
}) {
  const { comparing, change, examples } = props;
  return (
    <Part title={words.sheet.comparing}>
      <Checks
        names={words.sheet.comparings}
        values={comparing}
        notes={Object.fromEntries(
          (examples ?? []).map((example) => [example.name, words.sheet.switchExample(example)]),
        )}
        turn={(key) => change({ ...comparing, [key]: !comparing[key] })}
      />
    </Part>
  );
}
