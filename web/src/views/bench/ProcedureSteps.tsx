import { useEffect, useState } from "react";
import type { Procedure } from "../../api";
import { words, say } from "../../text";
import { duration } from "../../text/readings";
import type { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";

/** How to take the reading from this pot, step by step, with clocks for what has to wait. */
export function ProcedureSteps({ procedure: p, lot, shown }: { procedure: Procedure; lot: string; shown: Shown }) {
  return (
    <ol className="m-0 list-decimal pl-5 text-sm">
      {p.steps.map((s) => (
        <li key={s.id} className="mb-1.5">
          {words("procedure", s.id, { litres: shown.litres(s.litres), time: duration(s.minutes) })}
          {s.minutes > 0 && <Timer name={`timer:${lot}:${p.method}:${s.id}`} minutes={s.minutes} />}
        </li>
      ))}
    </ol>
  );
}

const SECOND = 1000;

/** A clock that goes on when the page is left, and is heard where a device can shake. */
function Timer({ name, minutes }: { name: string; minutes: number }) {
  const [begun, setBegun] = useState(() => Number(localStorage.getItem(name)) || 0);
  const [now, setNow] = useState(Date.now);
  const left = begun ? begun + minutes * 60 * SECOND - now : 0;
  const running = begun > 0 && left > 0;
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), SECOND);
    return () => clearInterval(tick);
  }, [running]);
  const over = begun > 0 && !running;
  useEffect(() => {
    if (over) navigator.vibrate?.([300, 150, 300]);
  }, [over]);
  const begin = () => {
    localStorage.setItem(name, String(Date.now()));
    setNow(Date.now());
    setBegun(Date.now());
  };
  const stop = () => {
    localStorage.removeItem(name);
    setBegun(0);
  };
  const seconds = Math.max(0, Math.ceil(left / SECOND));
  return (
    <span className="mt-0.5 flex flex-wrap items-center gap-2" role="timer" aria-live={over ? "assertive" : "off"}>
      {begun === 0 ? (
        <Button onClick={begin}>{say("bench_page.start", { duration: duration(minutes) })}</Button>
      ) : (
        <>
          <span className="fig text-lg">
            {over
              ? say("bench_page.time_is_up")
              : say("bench_page.to_go", {
                  floor: Math.floor(seconds / 60),
                  padStart: String(seconds % 60).padStart(2, "0"),
                })}
          </span>
          <Button look="quiet" onClick={stop}>
            {over ? say("common.done") : say("common.stop")}
          </Button>
        </>
      )}
    </span>
  );
}
