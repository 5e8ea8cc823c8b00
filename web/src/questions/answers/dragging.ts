/** The answers that are given by dragging, together with what dragging takes: fetched as one. */
export { GapsField } from "./GapsField";
export { OrderField } from "./OrderField";
export { GroupsField, PairsField } from "./PlaceFields";
