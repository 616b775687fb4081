import { useQuery } from "@tanstack/react-query";
import { Navigate } from "@tanstack/react-router";
import { gardensQuery } from "../api/queries";
import { Loading, Nothing, Trouble } from "../ui/States";

/** The start of the page: the first garden there is. */
export function FirstGarden() {
  const gardens = useQuery(gardensQuery);
  if (gardens.isPending) return <Loading what="the garden" />;
  if (gardens.isLoadingError) return <Trouble problem={gardens.error} again={() => void gardens.refetch()} />;
  const first = gardens.data[0];
  if (!first) {
    return (
      <Nothing title="There is no garden here yet.">
        <p>Stop the application and start it with ./run: it lays a small demo garden to try things in.</p>
      </Nothing>
    );
  }
  return <Navigate to="/g/$garden/today" params={{ garden: first.id }} replace />;
}
