/** The answers that are given by moving and drawing, together with what that takes: fetched as one. */

export { FractionField } from "./FractionField";
export { GapsField } from "./GapsField";
export { OrderField } from "./OrderField";
export { GroupsField, PairsField } from "./PlaceFields";
