import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { Component, lazy, type ReactNode, Suspense } from "react";
import { BrowserRouter, Link, Navigate, Outlet, Route, Routes, useLocation } from "react-router";
import { ApiProblem } from "../api/client";
import { useSession } from "../api/teacher";
import { Failed, Loading, Notice } from "../ui/Notice";
import { words } from "../words/learner";

const SignIn = lazy(() => import("./SignIn"));
const ActivitiesPage = lazy(() => import("../activities/ActivitiesPage"));
const AccountPage = lazy(() => import("./AccountPage"));
const ClassesPage = lazy(() => import("../classes/ClassesPage"));
const ClassPage = lazy(() => import("../classes/ClassPage"));
const GlancePage = lazy(() => import("../classes/GlancePage"));
const LivePage = lazy(() => import("../classes/LivePage"));
const MarkPage = lazy(() => import("../classes/MarkPage"));
const TermPage = lazy(() => import("../classes/TermPage"));
const RecordPage = lazy(() => import("../classes/RecordPage"));
const JoinPage = lazy(() => import("../join/JoinPage"));
const TaskPage = lazy(() => import("../join/TaskPage"));
const ResultsPage = lazy(() => import("../results/ResultsPage"));
const ActivityResultsPage = lazy(() => import("../results/ActivityResultsPage"));
const MediaPage = lazy(() => import("../media/MediaPage"));
const BuildPage = lazy(() => import("../build/BuildPage"));
const PresentPage = lazy(() => import("../present/PresentPage"));
const LeftPage = lazy(() => import("../present/LeftPage"));
const NotesPage = lazy(() => import("../present/NotesPage"));
const PlayPage = lazy(() => import("../play/PlayPage"));
const CoverPage = lazy(() => import("../cover/CoverPage"));
const CodePage = lazy(() => import("../play/CodePage"));

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: (count, error) => !(error instanceof ApiProblem) && count < 2 },
  },
});

/** All places and their addresses. */
export function App() {
  return (
    <Crash>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Suspense fallback={<Loading />}>
            <Routes>
              <Route path="/" element={<Navigate to="/activities" replace />} />
              <Route path="/sign-in" element={<SignIn />} />
              <Route path="/play" element={<CodePage />} />
              <Route path="/play/:code" element={<PlayPage />} />
              <Route path="/join/:code" element={<JoinPage />} />
              <Route path="/join/:code/:assignment" element={<TaskPage />} />
              <Route path="/cover" element={<CoverPage />} />
              <Route path="/cover/:code" element={<CoverPage />} />
              <Route element={<SignedIn covers />}>
                <Route path="/cover/:assignment/live" element={<LivePage />} />
                <Route path="/present/:id" element={<PresentPage />} />
                <Route path="/present/:id/left" element={<LeftPage />} />
                <Route path="/present/:id/notes" element={<NotesPage />} />
              </Route>
              <Route element={<SignedIn />}>
                <Route path="/activities" element={<ActivitiesPage />} />
                <Route path="/classes" element={<ClassesPage />} />
                <Route path="/classes/:id" element={<ClassPage />} />
                <Route path="/classes/:id/term" element={<TermPage />} />
                <Route path="/classes/:id/learners/:learner" element={<RecordPage />} />
                <Route path="/classes/:id/:assignment" element={<GlancePage />} />
                <Route path="/classes/:id/:assignment/mark" element={<MarkPage />} />
                <Route path="/classes/:id/:assignment/live" element={<LivePage />} />
                <Route path="/results" element={<ResultsPage />} />
                <Route path="/results/:id" element={<ActivityResultsPage />} />
                <Route path="/media" element={<MediaPage />} />
                <Route path="/account" element={<AccountPage />} />
                <Route path="/activities/:id" element={<BuildPage />} />
              </Route>
              <Route path="*" element={<NotFound />} />
            </Routes>
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </Crash>
  );
}

/** Whether whoever covers for a teacher gets in, too, is said where it is used. */
function SignedIn({ covers = false }: { covers?: boolean }) {
  const session = useSession();
  const here = useLocation();
  if (session.isPending) return <Loading />;
  if (session.isError) return <Failed error={session.error} again={session.refetch} />;
  if (session.data.covers) return covers ? <Outlet /> : <Navigate to="/cover" replace />;
  if (!session.data.teacher) {
    return <Navigate to={`/sign-in?back=${encodeURIComponent(here.pathname)}`} replace />;
  }
  return <Outlet />;
}

function NotFound() {
  return (
    <Notice
      title={words.notFound.title}
      action={
        <Link to="/" className="btn btn-primary">
          {words.notFound.back}
        </Link>
      }
    >
      <p>{words.notFound.text}</p>
    </Notice>
  );
}

/** Catches what no page may throw, so that nobody ever sees an empty window. */
class Crash extends Component<{ children: ReactNode }, { crashed: boolean }> {
  override state = { crashed: false };

  static getDerivedStateFromError() {
    return { crashed: true };
  }

  override render() {
    if (!this.state.crashed) return this.props.children;
    return (
      <Notice
        title={words.crash.title}
        action={
          <button type="button" className="btn btn-primary" onClick={() => location.reload()}>
            {words.crash.reload}
          </button>
        }
      >
        <p>{words.crash.text}</p>
      </Notice>
    );
  }
}
