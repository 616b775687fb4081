import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { newId } from "../../api";
import { guideQuery, useGardenId } from "../../api/queries";
import { words, say } from "../../text";
import { namesOf } from "../../text/plants";
import { ENTRY, FootLinks, SideList } from "../../ui/SideList";

const PLANT_PAGES = [{ to: "/g/$garden/plants", label: "frame.the_whole_guide_2" }] as const;

/** The whole guide; or one of its plants, with those of the garden at the side. */
export function PlantsView() {
  const id = useGardenId();
  const open = useParams({ strict: false }).kind;
  const navigate = useNavigate();
  const [find, setFind] = useState("");
  const guide = useQuery(guideQuery(id)).data;
  const sought = find.toLowerCase();
  const items = (guide?.kinds ?? [])
    .filter((k) => !k.retired)
    .filter((k) =>
      find
        ? [...namesOf(k), words("groups", k.group)].some((n) => n.toLowerCase().includes(sought))
        : k.lots > 0 || k.version > 0 || k.key === open,
    )
    .sort((a, b) => a.name.localeCompare(b.name));
  if (!open) {
    return (
      <div className="pt-4">
        <Outlet />
      </div>
    );
  }
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr] print:block">
      <SideList
        label={say("plants_page.plants_of_the_garden")}
        one="plant"
        items={items}
        find={find}
        setFind={setFind}
        add={() => void navigate({ to: "/g/$garden/plants/$kind", params: { garden: id, kind: `new-${newId()}` } })}
        hidden
        link={(k) => (
          <Link to="/g/$garden/plants/$kind" params={{ garden: id, kind: k.key }} {...ENTRY}>
            {k.name}
            {k.lots > 0 && (
              <span className="note block font-normal">{say("common.counted_lots", { count: k.lots })}</span>
            )}
          </Link>
        )}
        foot={<FootLinks links={PLANT_PAGES} />}
      />
      <Outlet key={open} />
    </div>
  );
}
