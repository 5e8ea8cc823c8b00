import { useDeferredValue, useState } from "react";
import { useActivities } from "../api/teacher";

/** The teacher's activities, and those alone that fit once something is looked for. */
export function useActivitySearch() {
  const [search, setSearch] = useState("");
  const settled = useDeferredValue(search.trim());
  const activities = useActivities(settled ? { search: settled } : {});
  const cards = activities.data?.pages.flatMap((page) => page.cards) ?? [];
  return { search, setSearch, activities, cards };
}
