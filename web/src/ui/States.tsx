import type { ReactNode } from "react";
import { Problem } from "../api";
import { say } from "../text";
import { Button } from "./Button";

export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="note p-6">
      {say("frame.fetching", { what })}
    </p>
  );
}

/** An empty state: says what belongs here and offers the next step. */
export function Nothing({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="max-w-xl p-6">
      <p className="mb-2 text-xl">{title}</p>
      <div className="text-soft">{children}</div>
    </div>
  );
}

/** What went wrong, in a sentence, and the way to try again. */
export function Trouble({ problem, again }: { problem: unknown; again?: () => void }) {
  const detail = problem instanceof Problem ? problem.detail : say("frame.something_went_wrong_on_this_page");
  return (
    <div role="alert" className="stamp border-l-4 border-stop p-3">
      <p className="bg-ground p-2">{detail}</p>
      {again && (
        <Button className="mt-2" onClick={again}>
          {say("frame.try_again")}
        </Button>
      )}
    </div>
  );
}
