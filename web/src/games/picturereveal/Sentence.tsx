import { ChoiceChip, NumberChip } from "../../build/chips";
import { limits } from "../../generated/limits";
import type { GuessRule } from "../../generated/types";
import type { SentenceProps } from "..";
import { changeReveal, revealOf } from "./reveal";
import { sheetWords } from "./sheetWords";

const USUAL_GUESSES = 3;

/** What a guess brings and how a game without one ends, as sentences. */
export default function RevealSentence({ useEditor }: SentenceProps) {
  const reveal = useEditor((editor) => revealOf(editor.activity));
  const teams = useEditor((editor) => editor.activity.rules.teams);
  const { edit } = useEditor.getState();
  if (!reveal) return null;
  const { guessing, byPieces } = reveal;
  const says = sheetWords.rules;
  const set = (part: Partial<GuessRule>, key?: string) =>
    edit(
      changeReveal((now) => ({ guessing: { ...now.guessing, ...part } })),
      key,
    );
  return (
    <>
      {says.guess}{" "}
      <NumberChip
        label={says.firstLabel}
        value={guessing.first}
        most={limits.GuessRule.first.most}
        change={(first) => set({ first }, "guess first")}
      />{" "}
      {says.less}{" "}
      <NumberChip
        label={says.lessLabel}
        value={guessing.less}
        most={limits.GuessRule.less.most}
        change={(less) => set({ less }, "guess less")}
      />{" "}
      {says.lessFor} {says.may}{" "}
      <ChoiceChip
        label={says.mostLabel}
        names={says.often}
        value={guessing.most === undefined ? "any" : "some"}
        change={(often) => set({ most: often === "some" ? USUAL_GUESSES : undefined })}
      />{" "}
      {guessing.most !== undefined && (
        <>
          <NumberChip
            label={says.mostNumber}
            value={guessing.most}
            {...limits.GuessRule.most}
            change={(most) => set({ most }, "guess most")}
          />{" "}
          {says.times(guessing.most)}{" "}
        </>
      )}
      {teams && (
        <>
          {says.teams}{" "}
          <ChoiceChip
            label={says.teamsLabel}
            names={says.guessers}
            value={guessing.anyTeam ? "any" : "turn"}
            change={(who) => set({ anyTeam: who === "any" })}
          />{" "}
        </>
      )}
      {says.without}{" "}
      <ChoiceChip
        label={says.withoutLabel}
        names={says.withouts}
        value={byPieces ? "pieces" : "lost"}
        change={(what) => edit(changeReveal(() => ({ byPieces: what === "pieces" })))}
      />
    </>
  );
}
