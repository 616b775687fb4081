import { Link, Outlet } from "@tanstack/react-router";
import { useGardenId } from "../../api/queries";
import { say } from "../../text";
import { YEAR_PAGES } from "./pages";

/** The year and what it asks of the plants, a page each. */
export function Year() {
  const garden = useGardenId();
  return (
    <div className="pt-4">
      <nav aria-label={say("frame.year")} className="no-print mb-4 flex flex-wrap gap-1 border-b border-rule-strong">
        {YEAR_PAGES.map((p) => (
          <Link
            key={p.to}
            to={p.to}
            params={{ garden }}
            className="-mb-px flex min-h-9 items-center border border-transparent px-3 no-underline"
            activeProps={{ className: "!border-rule-strong !border-b-ground font-semibold" }}
          >
            {say(p.label)}
          </Link>
        ))}
      </nav>
      <Outlet />
    </div>
  );
}
