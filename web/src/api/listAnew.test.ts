import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test, vi } from "vitest";
import { listAnew } from "./listAnew";

test("a change while the first list is still on its way is in the list that is shown", async () => {
  const stored = ["one"];
  const asked: (() => void)[] = [];
  const queries = new QueryClient();
  const list = new QueryObserver(queries, {
    queryKey: ["list", "all"],
    queryFn: () => {
      const read = [...stored];
      return new Promise<string[]>((answer) => asked.push(() => answer(read)));
    },
  });
  const leave = list.subscribe(() => undefined);
  expect(asked).toHaveLength(1);

  stored.push("two");
  const anew = listAnew(queries, ["list"]);
  await vi.waitFor(() => expect(asked).toHaveLength(2));
  for (const answer of asked) answer();
  await anew;

  expect(list.getCurrentResult().data).toEqual(["one", "two"]);
  leave();
});
