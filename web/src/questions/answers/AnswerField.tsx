import { lazy, type ReactNode, Suspense } from "react";
import type { AnswerProps } from "./answerProps";
import { Options } from "./Options";
import { PointField } from "./PointField";
import { TypedField } from "./TypedField";

/** Fetches what dragging takes: a learner's page does so once it stands, and never waits for it. */
export const fetchDragging = () => import("./dragging");

const GapsField = lazy(() => fetchDragging().then((m) => ({ default: m.GapsField })));
const OrderField = lazy(() => fetchDragging().then((m) => ({ default: m.OrderField })));
const PairsField = lazy(() => fetchDragging().then((m) => ({ default: m.PairsField })));
const FractionField = lazy(() => fetchDragging().then((m) => ({ default: m.FractionField })));
const GroupsField = lazy(() => fetchDragging().then((m) => ({ default: m.GroupsField })));

/** The place where the open question is answered, after its kind. */
export function AnswerField(props: AnswerProps): ReactNode {
  return <Suspense fallback={null}>{fieldOf(props)}</Suspense>;
}

function fieldOf(props: AnswerProps): ReactNode {
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
    case "fraction-named":
    case "fraction-shaded":
    case "fractions-compared":
      return <FractionField {...props} />;
    case "information":
    case "unfinished":
    case "item":
      return null;
  }
}
