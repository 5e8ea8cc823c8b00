/** The look of a field in a form. */
export const FIELD = "w-full rounded-[14px] border border-edge bg-card px-3 py-2";
