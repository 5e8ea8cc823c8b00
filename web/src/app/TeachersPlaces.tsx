import { lazy } from "react";
import { Link, Navigate, Outlet, Route, Routes, useLocation } from "react-router";
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
const ResultsPage = lazy(() => import("../results/ResultsPage"));
const ActivityResultsPage = lazy(() => import("../results/ActivityResultsPage"));
const MediaPage = lazy(() => import("../media/MediaPage"));
const BuildPage = lazy(() => import("../build/BuildPage"));
const PresentPage = lazy(() => import("../present/PresentPage"));
const LeftPage = lazy(() => import("../present/LeftPage"));
const NotesPage = lazy(() => import("../present/NotesPage"));
const CoverPage = lazy(() => import("../cover/CoverPage"));

/** The places of teachers and of who covers for them, loaded apart from those of learners. */
export default function TeachersPlaces() {
  return (
    <Routes>
      <Route path="/" element={<Navigate to="/activities" replace />} />
      <Route path="/sign-in" element={<SignIn />} />
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
