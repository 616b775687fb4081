import { useEffect, useRef, useState } from "react";
import type { Meter } from "../api";
import { figures } from "../text/numbers";
import { say } from "../text";
import { Button } from "../ui/Button";

type Shown = { ph?: number; ec?: number; celsius?: number; phSteady?: number; ecSteady?: number };
type Hello = { name: string; shows: string; compensates: boolean; differs: boolean };

/** What a reading takes from a pen: its figures as text, EC in mS/cm. */
export type Taken = { ph?: string; ec?: string; celsius?: string };

/** A connected pen, heard as it settles; its figures are taken once they stand still. */
export function LivePen({ garden, meter, take }: { garden: string; meter: Meter; take: (t: Taken) => void }) {
  const source = useRef<EventSource>(null);
  const [listening, setListening] = useState(false);
  const [hello, setHello] = useState<Hello>();
  const [shown, setShown] = useState<Shown>();
  const [trouble, setTrouble] = useState<string>();
  const stop = () => {
    source.current?.close();
    source.current = null;
    setListening(false);
  };
  useEffect(() => () => source.current?.close(), []);
  const listen = () => {
    setTrouble(undefined);
    setShown(undefined);
    setListening(true);
    const events = new EventSource(`/api/gardens/${garden}/meters/${meter.id}/live`);
    source.current = events;
    events.addEventListener("hello", (e) => setHello(JSON.parse(e.data as string) as Hello));
    events.addEventListener("shown", (e) => setShown(JSON.parse(e.data as string) as Shown));
    events.addEventListener("trouble", (e) => {
      setTrouble((JSON.parse(e.data as string) as { detail: string }).detail);
      stop();
    });
    events.onerror = () => {
      setTrouble((t) => t ?? say("parts.the_server_does_not_answer_just"));
      stop();
    };
  };
  const steady = shown?.phSteady !== undefined || shown?.ecSteady !== undefined;
  const grab = () => {
    if (!shown) return;
    const ph = shown.phSteady ?? shown.ph;
    const ec = shown.ecSteady ?? shown.ec;
    take({
      ...(ph === undefined ? {} : { ph: ph.toFixed(2) }),
      ...(ec === undefined ? {} : { ec: ec.toFixed(2) }),
      ...(shown.celsius === undefined ? {} : { celsius: shown.celsius.toFixed(1) }),
    });
    stop();
  };
  return (
    <section aria-label={say("parts.connected_pen")} className="mb-3 border border-rule-strong p-2">
      {!listening ? (
        <Button className="min-h-11" onClick={listen}>
          {say("parts.listen_to", { name: meter.name })}
        </Button>
      ) : !shown ? (
        <p role="status">{say("parts.waiting_for", { name: meter.name })}</p>
      ) : (
        <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
          <Figure name="pH" value={shown.ph?.toFixed(2)} still={shown.phSteady !== undefined} />
          <Figure
            name="mS/cm"
            value={shown.ec === undefined ? undefined : figures(shown.ec, 3)}
            still={shown.ecSteady !== undefined}
          />
          <Figure name="°C" value={shown.celsius?.toFixed(1)} />
          <span className="flex items-center gap-2">
            <Button look={steady ? "ink" : "plain"} className="min-h-11" onClick={grab}>
              {steady ? say("parts.take_it") : say("parts.take_it_as_it_is")}
            </Button>
            <Button look="quiet" onClick={stop}>
              {say("common.stop")}
            </Button>
          </span>
        </div>
      )}
      {listening && hello?.differs && (
        <p className="note text-stop">
          {say("parts.shows_and_does_not_correct_for", {
            name: hello.name,
            value: hello.shows === "mS/cm" ? "mS/cm" : say("parts.ppm_of_the_scale", { shows: hello.shows.slice(3) }),
            which: hello.compensates ? "yes" : "no",
          })}
        </p>
      )}
      {trouble && (
        <p role="alert" className="text-sm text-stop">
          ▲ {trouble}
        </p>
      )}
    </section>
  );
}

function Figure({ name, value, still }: { name: string; value: string | undefined; still?: boolean }) {
  return (
    <span>
      <b className={`fig text-2xl ${still === false ? "text-soft" : ""}`}>{value ?? "–"}</b>
      <span className="note block">
        {name} {value !== undefined && still !== undefined && (still ? say("parts.still") : say("parts.moving"))}
      </span>
    </span>
  );
}
