import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useParams } from "@tanstack/react-router";
import { api, call, type Problem } from ".";

const EVERY_TEN_SECONDS = 10_000;

export const gardensQuery = queryOptions({ queryKey: ["gardens"], queryFn: () => call(api.GET("/api/gardens")) });

export const catalogueQuery = queryOptions({
  queryKey: ["catalogue"],
  queryFn: () => call(api.GET("/api/catalogue")),
  staleTime: Infinity,
});

export const gardenQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden],
    queryFn: () => call(api.GET("/api/gardens/{garden}", { params: { path: { garden } } })),
  });

export const lotsQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots"],
    queryFn: () =>
      call(api.GET("/api/gardens/{garden}/lots", { params: { path: { garden }, query: { offset: 0, limit: 200 } } })),
  });

export const lotQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}", { params: { path: { garden, lot } } })),
  });

export const journalQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "journal"],
    queryFn: () =>
      call(
        api.GET("/api/gardens/{garden}/lots/{lot}/journal", {
          params: { path: { garden, lot }, query: { limit: 50 } },
        }),
      ),
  });

export const readingsQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "readings"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/readings", { params: { path: { garden, lot } } })),
  });

export const feedsQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "feeds"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/feeds", { params: { path: { garden } } })),
  });

export const todayQuery = (garden: string, vessel: string | undefined) =>
  queryOptions({
    queryKey: ["garden", garden, "today", vessel ?? ""],
    queryFn: () =>
      call(api.GET("/api/gardens/{garden}/today", { params: { path: { garden }, query: vessel ? { vessel } : {} } })),
    refetchInterval: EVERY_TEN_SECONDS,
  });

export function useGardenId(): string {
  return useParams({ strict: false }).garden ?? "";
}

/** The garden and the shipped catalogue; views render only once both are there. */
export function useGarden() {
  const id = useGardenId();
  return { id, garden: useQuery(gardenQuery(id)), catalogue: useQuery(catalogueQuery) };
}

/** An act that changes the garden: everything shown of it is fetched anew, whether it went well or was refused. */
export function useAct<In, Out>(garden: string, act: (input: In) => Promise<Out>, done?: (out: Out) => void) {
  const client = useQueryClient();
  return useMutation<Out, Problem, In>({
    mutationFn: act,
    onSuccess: (out) => done?.(out),
    onSettled: () => client.invalidateQueries({ queryKey: ["garden", garden] }),
  });
}
