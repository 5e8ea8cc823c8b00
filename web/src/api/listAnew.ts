import type { QueryClient, QueryKey } from "@tanstack/react-query";

/**
 * Asks again for what stands under a key, after it was changed. A question that is still on its way is
 * dropped: it may have been answered before the change, and a first one would otherwise be taken for
 * the new one.
 */
export async function listAnew(queries: QueryClient, queryKey: QueryKey) {
  await queries.cancelQueries({ queryKey });
  await queries.invalidateQueries({ queryKey });
}
