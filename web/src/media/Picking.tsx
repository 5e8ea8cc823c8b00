import { type ComponentProps, lazy, Suspense } from "react";

const MediaPicker = lazy(() => import("./MediaPicker"));

/** The choice among the teacher's media, loaded when it is first wanted. */
export function Picking(props: ComponentProps<typeof MediaPicker>) {
  return (
    <Suspense fallback={null}>
      <MediaPicker {...props} />
    </Suspense>
  );
}
