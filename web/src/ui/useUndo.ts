import { api, call, newId } from "../api";
import { useAct } from "../api/queries";
import { useNotices } from "./notices";

/** Takes an act back, by the same key until it is done. */
export function useUndo(garden: string) {
  const { say } = useNotices();
  const undo = useAct(
    garden,
    (v: { act: string; clientKey: string }) =>
      call(
        api.POST("/api/gardens/{garden}/acts/{act}/undo", {
          params: { path: { garden, act: v.act } },
          body: { clientKey: v.clientKey },
        }),
      ),
    () => say({ text: "Taken back." }),
  );
  const send = (v: { act: string; clientKey: string }) =>
    undo.mutate(v, {
      onError: (e) =>
        say({ text: e.detail, bad: true, ...(e.retry ? { action: { label: "Try again", run: () => send(v) } } : {}) }),
    });
  return (act: string) => send({ act, clientKey: newId() });
}

/** Says what was done, with the way to take it back. */
export function useTold(garden: string) {
  const { say } = useNotices();
  const undo = useUndo(garden);
  return (text: string, act?: string) =>
    say({ text, ...(act ? { action: { label: "Undo", run: () => undo(act) } } : {}) });
}
