import type { Asked } from "../../generated/types";
import type { StageProps } from "../../stage/stage";

/** What a kind of question needs to show itself and to be answered. */
export type AnswerProps = StageProps & { question: Asked };

/** Whether the answer can't be changed now. */
export const isClosed = ({ busy, showing }: StageProps) => busy || showing.stage !== "question";
