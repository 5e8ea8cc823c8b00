import { useQueryClient } from "@tanstack/react-query";
import { CircleUser, LogOut } from "lucide-react";
import { type ReactNode, useEffect } from "react";
import { Link, NavLink, useNavigate } from "react-router";
import { keys, signOut, useServer, useSession } from "../api/teacher";
import { sendLeft } from "../present/unsent";
import { LookButton } from "../ui/LookButton";
import { words } from "../words/en";

/** The bar above the teacher's places. */
export function Shell({ children }: { children: ReactNode }) {
  const session = useSession();
  const covers = session.data?.covers ?? false;
  const news = useServer(session.data?.isKeeper).data?.news;
  const navigate = useNavigate();
  const queries = useQueryClient();
  useEffect(() => sendLeft(), []);
  const leave = async () => {
    await signOut();
    queries.clear();
    await queries.invalidateQueries({ queryKey: keys.session });
    navigate(covers ? "/cover" : "/sign-in");
  };
  return (
    <div className="places flex min-h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-7 gap-y-1 border-b border-line bg-card px-4 py-2 sm:px-7">
        <Link to={covers ? "/cover" : "/activities"} className="font-display text-2xl font-bold">
          {words.name}
        </Link>
        {!covers && (
          <nav className="flex gap-6 max-sm:order-last max-sm:basis-full max-sm:justify-between max-sm:gap-2">
            <Place to="/activities" name={words.places.activities} />
            <Place to="/classes" name={words.places.classes} />
            <Place to="/results" name={words.places.results} />
            <Place to="/media" name={words.places.media} />
          </nav>
        )}
        <div className="ml-auto flex items-center gap-1">
          <LookButton />
          {session.data?.teacher && (
            <Link to="/account" className="btn btn-ghost">
              <CircleUser size={18} aria-hidden="true" />
              <span className="max-sm:sr-only">{session.data.teacher}</span>
            </Link>
          )}
          {(session.data?.teacher || covers) && (
            <button type="button" className="btn btn-ghost" onClick={leave}>
              <LogOut size={18} aria-hidden="true" />
              <span className="max-sm:sr-only">
                {covers ? words.cover.leave : words.session.signOut}
              </span>
            </button>
          )}
        </div>
      </header>
      {news && news.length > 0 && (
        <p
          role="status"
          className="border-b border-line border-l-4 border-l-error bg-card px-4 py-2 sm:px-7"
        >
          {words.account.newsTitle}{" "}
          <Link to="/account" className="underline underline-offset-4">
            {words.account.newsLink}
          </Link>
        </p>
      )}
      <main className="flex-1">{children}</main>
    </div>
  );
}

const Place = ({ to, name }: { to: string; name: string }) => (
  <NavLink
    to={to}
    className="border-b-4 border-transparent pt-2 pb-1 font-display font-medium aria-[current=page]:border-accent"
  >
    {name}
  </NavLink>
);
