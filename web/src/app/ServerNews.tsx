/** What whoever looks after the server has to know, in the server's sentences. */
export function ServerNews({ news }: { news: string[] }) {
  return (
    <ul className="grid gap-2">
      {news.map((one) => (
        <li key={one} className="border-l-4 border-error bg-card p-3 wrap-anywhere">
          {one}
        </li>
      ))}
    </ul>
  );
}
