import type { ReactNode } from "react";
import type { StageProps } from "../../games/stage";
import type { Asked } from "../../generated/types";
import { GapsField } from "./GapsField";
import { Options } from "./Options";
import { OrderField } from "./OrderField";
import { GroupsField, PairsField } from "./PlaceFields";
import { PointField } from "./PointField";
import { TypedField } from "./TypedField";

/** What a kind of question needs to show itself and to be answered. */
export type AnswerProps = StageProps & { question: Asked };

/** The place where the open question is answered, after its kind. */
export function AnswerField(props: AnswerProps): ReactNode {
  switch (props.question.kind) {
    case "pick-one":
    case "pick-all":
    case "true-false":
      return <Options {...props} />;
    case "typed-text":
    case "number":
    case "free-answer":
    case "discussion":
      return <TypedField {...props} />;
    case "gaps-dragged":
    case "gaps-chosen":
    case "gaps-typed":
      return <GapsField {...props} />;
    case "order":
      return <OrderField {...props} />;
    case "pairs":
      return <PairsField {...props} />;
    case "groups":
      return <GroupsField {...props} />;
    case "point":
      return <PointField {...props} />;
    case "information":
    case "unfinished":
      return null;
  }
}

/** Whether the answer can't be changed now. */
export const isClosed = ({ busy, showing }: StageProps) => busy || showing.stage !== "question";
