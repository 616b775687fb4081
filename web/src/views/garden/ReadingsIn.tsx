import { useState } from "react";
import { api, call, newId, type Garden, type SheetProgress } from "../../api";
import { useAct } from "../../api/queries";
import { Button } from "../../ui/Button";
import { FileField } from "../../ui/FileField";
import { Trouble } from "../../ui/States";
import { say, rich } from "../../text";
import { useTold } from "../../ui/useUndo";

const LOOK_AGAIN_MS = 300;
const wait = () => new Promise((done) => setTimeout(done, LOOK_AGAIN_MS));

/** Readings brought in from a sheet, looked at first: what is new, what is here already, which lines cannot be read. */
export function ReadingsIn({ garden }: { garden: Garden }) {
  const [file, setFile] = useState<{ name: string; text: string }>();
  const [at, setAt] = useState<SheetProgress>();
  const [applied, setApplied] = useState(false);
  const told = useTold(garden.id);
  const path = { garden: garden.id };
  const bring = useAct(
    garden.id,
    async (b: { text: string; apply: boolean }) => {
      const { id } = await call(
        api.POST("/api/gardens/{garden}/readings/files", {
          params: { path },
          body: { ...b, clientKey: newId() },
        }),
      );
      for (;;) {
        const now = await call(
          api.GET("/api/gardens/{garden}/readings/files/{id}", { params: { path: { ...path, id } } }),
        );
        setAt(now);
        if (now.read || now.faults) return now;
        await wait();
      }
    },
    (done, b) => {
      setApplied(b.apply);
      if (b.apply && done.read) told(say("garden_page.readings_brought_in"), done.read.act);
    },
  );
  const read = at?.read;
  return (
    <section aria-label={say("garden_page.readings_in")} className="mt-6">
      <FileField
        id="readings-file"
        label={say("garden_page.readings_from_a_sheet")}
        kind="sheet"
        strong
        onChosen={(chosen) => {
          void chosen.text().then((text) => {
            setFile({ name: chosen.name, text });
            setAt(undefined);
            setApplied(false);
            bring.mutate({ text, apply: false });
          });
        }}
      />
      <p className="note" role="status">
        {bring.isPending
          ? say("garden_page.reading_of_lines", {
              name: file?.name ?? say("garden_page.the_sheet"),
              rows: at?.rows ?? 0,
              of: at?.of ?? "…",
            })
          : say("garden_page.csv_with_the_columns_lot_and")}
      </p>
      {bring.isPending && at && <progress className="w-full" value={at.rows} max={Math.max(1, at.of)} />}
      {bring.isError && <Trouble problem={bring.error} />}
      {at?.faults?.map((f) => (
        <p key={f.detail} role="alert" className="text-sm text-stop">
          ▲ {f.detail}
        </p>
      ))}
      {read && file && !bring.isPending && (
        <>
          <p className="mt-1">
            <b className="fig">{read.fresh}</b>{" "}
            {rich("garden_page.new_here_already_that_cannot_be", {
              which: applied ? "yes" : "no",
              b: (c) => <b className="fig">{c}</b>,
              same: read.same,
              b2: (c) => <b className="fig">{c}</b>,
              bad: read.bad,
              value: applied && read.bad > 0 && say("garden_page.and_were_left_out"),
            })}
          </p>
          {read.badTold.length > 0 && (
            <ul
              aria-label={say("garden_page.lines_that_cannot_be_read")}
              className="m-0 max-h-60 list-none overflow-y-auto p-0 text-sm"
            >
              {read.badTold.map((b) => (
                <li key={b.line} className="border-b border-rule py-0.5 text-stop">
                  {rich("garden_page.line", {
                    part: (c) => <span className="fig">{c}</span>,
                    line: b.line,
                    detail: b.detail,
                  })}
                </li>
              ))}
              {read.bad > read.badTold.length && (
                <li className="note">{say("common.and_more", { value: read.bad - read.badTold.length })}</li>
              )}
            </ul>
          )}
          {!applied && read.fresh > 0 && (
            <Button look="ink" className="mt-2" onClick={() => bring.mutate({ text: file.text, apply: true })}>
              {say("garden_page.bring_in", { count: read.fresh })}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
