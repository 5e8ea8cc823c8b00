import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { Component, lazy, type ReactNode, Suspense } from "react";
import { BrowserRouter, Route, Routes } from "react-router";
import { ApiProblem } from "../api/client";
import { Loading, Notice } from "../ui/Notice";
import { words } from "../words/learner";

const JoinPage = lazy(() => import("../join/JoinPage"));
const TaskPage = lazy(() => import("../join/TaskPage"));
const PlayPage = lazy(() => import("../play/PlayPage"));
const CodePage = lazy(() => import("../play/CodePage"));
const TeachersPlaces = lazy(() => import("./TeachersPlaces"));

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
              <Route path="/play" element={<CodePage />} />
              <Route path="/play/:code" element={<PlayPage />} />
              <Route path="/join/:code" element={<JoinPage />} />
              <Route path="/join/:code/:assignment" element={<TaskPage />} />
              <Route path="*" element={<TeachersPlaces />} />
            </Routes>
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </Crash>
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
