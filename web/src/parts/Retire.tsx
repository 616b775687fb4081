import { api, edit, type Garden } from "../api";
import { useAct } from "../api/queries";
import { Button } from "../ui/Button";
import { useNotices } from "../ui/notices";
import { say } from "../text";
import { useTold } from "../ui/useUndo";

/** Puts a thing away: what refers to it keeps it, new work is not offered it, and Undo brings it back. */
export function Retire({
  kind,
  thing,
  garden,
  done,
  name = say("shelf_page.put_away_2"),
  said = say("shelf_page.put_away"),
}: {
  kind:
    | "vessel"
    | "water"
    | "meter"
    | "calibration"
    | "place"
    | "feed"
    | "stock"
    | "component"
    | "recipe"
    | "batch"
    | "species"
    | "weather_sheet"
    | "todo"
    | "treatment";
  thing: { id: string; version: number };
  garden: Garden;
  done?: () => void;
  name?: string;
  said?: string;
}) {
  const told = useTold(garden.id);
  const { notify } = useNotices();
  const retire = useAct(
    garden.id,
    () =>
      edit(
        api.POST("/api/gardens/{garden}/retired", {
          params: { path: { garden: garden.id } },
          body: { kind, id: thing.id, version: thing.version },
        }),
      ),
    ({ act }) => {
      told(said, act);
      done?.();
    },
  );
  return (
    <Button
      look="quiet"
      disabled={retire.isPending}
      onClick={() => retire.mutate(undefined, { onError: (e) => notify({ text: e.detail, bad: true }) })}
    >
      {name}
    </Button>
  );
}
