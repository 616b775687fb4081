import { useQuery } from "@tanstack/react-query";
import { Navigate } from "@tanstack/react-router";
import { lazy, Suspense } from "react";
import { gardensQuery } from "../api/queries";
import { Loading, Trouble } from "../ui/States";

const FirstStart = lazy(() => import("./FirstStart"));

/** The start of the page: the first garden there is, or the making of it. */
export function FirstGarden() {
  const gardens = useQuery(gardensQuery);
  if (gardens.isPending) return <Loading what="the garden" />;
  if (gardens.isLoadingError) return <Trouble problem={gardens.error} again={() => void gardens.refetch()} />;
  const first = gardens.data[0];
  if (!first) {
    return (
      <Suspense fallback={<Loading what="the first page" />}>
        <FirstStart />
      </Suspense>
    );
  }
  return <Navigate to="/g/$garden/today" params={{ garden: first.id }} replace />;
}
