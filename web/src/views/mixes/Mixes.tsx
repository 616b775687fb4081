import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { newId } from "../../api";
import { mixesQuery, useGardenId } from "../../api/queries";
import { componentName, keyOf, recipeName } from "../../text/mixes";
import { ENTRY, FootLinks, SideList } from "../../ui/SideList";
import { say } from "../../text";
import { MIX_PAGES } from "./pages";
import { Loading, Trouble } from "../../ui/States";

/** The mixing table: the recipes at the side, the one being mixed before you. */
export function Mixes() {
  const id = useGardenId();
  const open = useParams({ strict: false }).mix;
  const navigate = useNavigate({ from: "/g/$garden/mixes" });
  const [find, setFind] = useState("");
  const mixes = useQuery(mixesQuery(id));
  if (mixes.isPending) return <Loading what={say("mixes_page.the_mixes")} />;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  const named = (key: string) => {
    const c = mixes.data.components.find((x) => keyOf(x) === key);
    return c ? componentName(c) : key;
  };
  const sought = find.toLowerCase();
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr] print:block">
      <SideList
        label={say("common.mixes")}
        one="mix"
        items={mixes.data.recipes.filter(
          (r) =>
            (!r.retired || keyOf(r) === open) &&
            [recipeName(r), ...r.parts.map((p) => named(p.component))].some((n) => n.toLowerCase().includes(sought)),
        )}
        find={find}
        setFind={setFind}
        add={() => void navigate({ to: "/g/$garden/mixes/$mix", params: { garden: id, mix: `new-${newId()}` } })}
        hidden={open !== undefined}
        link={(r) => (
          <Link to="/g/$garden/mixes/$mix" params={{ garden: id, mix: keyOf(r) }} {...ENTRY}>
            {recipeName(r)}
          </Link>
        )}
        foot={<FootLinks links={MIX_PAGES} />}
      />
      <Outlet key={open} />
    </div>
  );
}
