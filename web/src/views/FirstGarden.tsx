import { useQuery } from "@tanstack/react-query";
import { Navigate } from "@tanstack/react-router";
import { lazy, Suspense } from "react";
import { gardensQuery } from "../api/queries";
import { more, say } from "../text";
import { Loading, Trouble } from "../ui/States";

const FirstStart = lazy(() => Promise.all([import("./FirstStart"), more()]).then(([view]) => view));

/** The start of the page: the first garden there is, or the making of it. */
export function FirstGarden() {
  const gardens = useQuery(gardensQuery);
  if (gardens.isPending) return <Loading what={say("common.the_garden")} />;
  if (gardens.isLoadingError) return <Trouble problem={gardens.error} again={() => void gardens.refetch()} />;
  const first = gardens.data[0];
  if (!first) {
    return (
      <Suspense fallback={<Loading what={say("frame.the_first_page")} />}>
        <FirstStart />
      </Suspense>
    );
  }
  return <Navigate to="/g/$garden/today" params={{ garden: first.id }} replace />;
}
