import { useNavigate } from "@tanstack/react-router";
import { useRef, useState } from "react";
import { api, call, newId, type Garden, type LastPlant, type Lot, type Recorded } from "../../api";
import { useAct } from "../../api/queries";
import { LotField } from "../../parts/LotField";
import { say, words } from "../../text";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, NumberField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

const HOW: LastPlant[] = ["WELL", "UNKNOWN", "ROOT_DISEASE", "ROOT_MEALYBUG", "VINE_WEEVIL", "WILT", "VIRUS"];

/** Keeps the mix of a lot's pots: asks which, and how its plant was; all else has an answer. */
export function TakeMix({ garden, first, close }: { garden: Garden; first: Lot | undefined; close: () => void }) {
  const id = useRef(newId());
  const key = useRef(newId());
  const navigate = useNavigate();
  const told = useTold(garden.id);
  const [lot, setLot] = useState(first);
  const [retired, setRetired] = useState(false);
  const [how, setHow] = useState<LastPlant | "">("");
  const [litres, setLitres] = useState({ text: "", unit: garden.unitHabit === "us" ? "US gal" : "L" });
  const [ph, setPh] = useState({ text: "", unit: "pH" });
  const [extract, setExtract] = useState({ text: "", unit: "mS/cm" });
  const [on, setOn] = useState(garden.today);
  const [tried, setTried] = useState(false);
  const act = useAct<{ lot: Lot; how: LastPlant }, Recorded>(
    garden.id,
    (v) =>
      call(
        api.POST("/api/gardens/{garden}/used-mixes", {
          params: { path: { garden: garden.id } },
          body: {
            clientKey: key.current,
            id: id.current,
            lotId: v.lot.id,
            lastPlant: v.how,
            on,
            litres: litres.text.trim() ? litres : undefined,
            ph: ph.text.trim() ? ph : undefined,
            extract: extract.text.trim() ? extract : undefined,
          },
        }),
      ),
    (done, v) => {
      told(say("used_page.kept", { name: v.lot.name }), done.actId);
      close();
      void navigate({
        to: "/g/$garden/mixes/used/$used",
        params: { garden: garden.id, used: id.current },
      });
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <Panel title={say("used_page.take")} close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          setTried(true);
          if (lot && how) act.mutate({ lot, how });
        }}
      >
        <LotField
          garden={garden.id}
          label={say("used_page.which_lot")}
          invite={lot?.name ?? say("used_page.choose_lot")}
          retired={retired}
          onChange={setLot}
        />
        {tried && !lot && (
          <p role="alert" className="text-stop">
            ▲ {say("used_page.asked_lot")}
          </p>
        )}
        <label className="mb-2 flex min-h-8 items-center gap-2">
          <input type="checkbox" className="size-5" checked={retired} onChange={(e) => setRetired(e.target.checked)} />
          {say("used_page.retired_too")}
        </label>
        <ChoiceField
          label={say("used_page.how_was_it")}
          field="used.last_plant"
          faults={faults}
          value={how}
          onChange={(v) => setHow(HOW.find((h) => h === v) ?? "")}
          options={[
            { value: "", label: say("used_page.choose_how") },
            ...HOW.map((h) => ({ value: h, label: words("last_plants", h) })),
          ]}
          hint={say("used_page.how_note")}
        />
        {tried && !how && (
          <p role="alert" className="text-stop">
            ▲ {say("used_page.asked_how")}
          </p>
        )}
        <NumberField
          label={say("used_page.litres")}
          field="used.litres"
          faults={faults}
          value={litres}
          units={["L", "US gal", "US qt"]}
          placeholder={say("used_page.litres_usual")}
          onChange={setLitres}
        />
        <details>
          <summary className="note mb-1 underline decoration-rule-strong underline-offset-4">
            {say("used_page.measured")}
          </summary>
          <NumberField label={say("used_page.ph")} field="reading.ph" faults={faults} value={ph} onChange={setPh} />
          <NumberField
            label={say("used_page.extract")}
            field="reading.ec"
            faults={faults}
            value={extract}
            onChange={setExtract}
            hint={say("used_page.extract_note")}
          />
        </details>
        <DateField
          label={say("common.on")}
          field="used.on"
          faults={faults}
          value={on}
          onChange={(v) => setOn(v ?? garden.today)}
        />
        {act.error && (act.error.retry || act.error.faults.some((f) => !f.field.includes("."))) && (
          <Trouble problem={act.error} />
        )}
        <div className="mt-3 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={act.isPending} className="min-h-11">
            {act.isPending ? say("common.recording") : say("used_page.keep")}
          </Button>
          <Button look="quiet" onClick={close}>
            {say("common.leave_it")}
          </Button>
        </div>
      </form>
    </Panel>
  );
}
