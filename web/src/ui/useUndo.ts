import { api, call, newId } from "../api";
import { useAct } from "../api/queries";
import { say } from "../text";
import { useNotices } from "./notices";

/** Takes an act back, by the same key until it is done. */
export function useUndo(garden: string) {
  const { notify } = useNotices();
  const undo = useAct(
    garden,
    (v: { act: string; clientKey: string }) =>
      call(
        api.POST("/api/gardens/{garden}/acts/{act}/undo", {
          params: { path: { garden, act: v.act } },
          body: { clientKey: v.clientKey },
        }),
      ),
    () => notify({ text: say("frame.taken_back") }),
  );
  const send = (v: { act: string; clientKey: string }) =>
    undo.mutate(v, {
      onError: (e) =>
        notify({
          text: e.detail,
          bad: true,
          ...(e.retry ? { action: { label: say("frame.try_again"), run: () => send(v) } } : {}),
        }),
    });
  return (act: string) => send({ act, clientKey: newId() });
}

/** Says what was done, with the way to take it back. */
export function useTold(garden: string) {
  const { notify } = useNotices();
  const undo = useUndo(garden);
  return (text: string, act?: string) =>
    notify({ text, ...(act ? { action: { label: say("common.undo"), run: () => undo(act) } } : {}) });
}
