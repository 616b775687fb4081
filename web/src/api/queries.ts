import {
  infiniteQueryOptions,
  keepPreviousData,
  queryOptions,
  useMutation,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { useParams } from "@tanstack/react-router";
import { answer, api, call, type Problem, type Sign } from ".";
import { setClock } from "./away";

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

/** Where the codes on labels lead. */
export const labelAddressQuery = queryOptions({
  queryKey: ["label-address"],
  queryFn: () => call(api.GET("/api/label-address")),
  staleTime: Infinity,
});

/** What of the bench is looked at. */
export type Look = { find?: string; place?: string; state?: LotState };
export const LOT_STATES = ["all", "due", "thirsty", "over", "retired"] as const;
export type LotState = (typeof LOT_STATES)[number];

const PAGE = 60;

const lots = (garden: string, look: Look, offset: number, limit: number) =>
  call(api.GET("/api/gardens/{garden}/lots", { params: { path: { garden }, query: { ...look, offset, limit } } }));

/** The first page of the bench, with the counts. */
export const lotsQuery = (garden: string, look: Look = {}) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", "first", look],
    queryFn: () => lots(garden, look, 0, PAGE),
    placeholderData: keepPreviousData,
  });

/** The bench page by page. */
export const benchQuery = (garden: string, look: Look) =>
  infiniteQueryOptions({
    queryKey: ["garden", garden, "lots", "pages", look],
    queryFn: ({ pageParam }) => lots(garden, look, pageParam, PAGE),
    initialPageParam: 0,
    getNextPageParam: (_last, pages) => {
      const got = pages.reduce((n, p) => n + p.lots.length, 0);
      return got < (pages[0]?.counts?.looked ?? 0) && pages[pages.length - 1]!.lots.length > 0 ? got : undefined;
    },
    placeholderData: keepPreviousData,
  });

export const lotQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}", { params: { path: { garden, lot } } })),
  });

const LINES = 50;

/** A lot's journal, newest first, page by page. */
export const journalQuery = (garden: string, lot: string) =>
  infiniteQueryOptions({
    queryKey: ["garden", garden, "lots", lot, "journal"],
    queryFn: ({ pageParam }) =>
      call(
        api.GET("/api/gardens/{garden}/lots/{lot}/journal", {
          params: { path: { garden, lot }, query: { limit: LINES, ...(pageParam ? { before: pageParam } : {}) } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.length === LINES ? last[last.length - 1]!.id : undefined),
  });

export const readingsQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "readings"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/readings", { params: { path: { garden, lot } } })),
  });

/** What a lot's last reading says, and what was taken into the plan from it. */
export const lastVerdictQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "verdict"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/verdict", { params: { path: { garden, lot } } })),
  });

/** What was done against something that ailed a lot, and what may be done. */
export const treatmentsQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "treatments"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/treatments", { params: { path: { garden, lot } } })),
  });

/** What may be done against what ails a lot, with how much of what. */
export const curesQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "cures"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/cures", { params: { path: { garden, lot } } })),
  });

/** What a person can be asked to look for on an ailing plant. */
export const signsQuery = queryOptions({
  queryKey: ["signs"],
  queryFn: () => call(api.GET("/api/signs")),
  staleTime: Infinity,
});

/** How well the plan knows the pots of a garden, the least known first. */
export const knownQuery = (garden: string, find: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", "known", find],
    queryFn: () => call(api.GET("/api/gardens/{garden}/known", { params: { path: { garden }, query: { find } } })),
    placeholderData: keepPreviousData,
  });

/** Which readings of many lots are looked at in small. */
export type Small = { method?: string; place?: string; mix?: string };

/** The readings of many lots in small, page by page. */
export const overviewQuery = (garden: string, look: Small) =>
  infiniteQueryOptions({
    queryKey: ["garden", garden, "lots", "overview", look],
    queryFn: ({ pageParam }) =>
      call(
        api.GET("/api/gardens/{garden}/readings", {
          params: { path: { garden }, query: { ...look, offset: pageParam } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => (last.more ? pages.reduce((n, p) => n + p.lots.length, 0) : undefined),
    placeholderData: keepPreviousData,
  });

/** How readings are taken from a lot's pots. */
export const proceduresQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "procedures"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/procedures", { params: { path: { garden, lot } } })),
  });

/** How the pens stand today. */
export const metersQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "meters"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/meters", { params: { path: { garden } } })),
  });

/** The age of a lot's mix, given what the person sees of it. */
export const mixAgeQuery = (garden: string, lot: string, seen: Sign[]) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "mix-age", seen],
    queryFn: () =>
      call(api.GET("/api/gardens/{garden}/lots/{lot}/mix-age", { params: { path: { garden, lot }, query: { seen } } })),
    placeholderData: keepPreviousData,
  });

export const saltQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "lots", lot, "salt"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/salt", { params: { path: { garden, lot } } })),
  });

export const feedsQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "feeds"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/feeds", { params: { path: { garden } } })),
  });

export const mixesQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "mixes"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/mixes", { params: { path: { garden } } })),
  });

/** The year that lies before the lots that are looked at. */
export const yearQuery = (garden: string, find: string, place: string | undefined) =>
  queryOptions({
    queryKey: ["garden", garden, "year", find, place ?? ""],
    queryFn: () =>
      call(
        api.GET("/api/gardens/{garden}/year", {
          params: { path: { garden }, query: { find, ...(place ? { place } : {}) } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

/** The days of feeding to come. */
export const calendarQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "calendar"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/calendar", { params: { path: { garden } } })),
  });

/** The weather of the last weeks and of the days to come. */
export const weatherQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "weather"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/weather", { params: { path: { garden } } })),
  });

/** The species guide, as the garden has it. */
export const guideQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "species"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/species", { params: { path: { garden } } })),
  });

export const batchesQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "batches"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/batches", { params: { path: { garden } } })),
  });

/** How the lots of each batch read beside those of the others. */
export const batchCoursesQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "batches", "courses"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/batches/courses", { params: { path: { garden } } })),
  });

/** Mix that was taken out of pots. */
export const usedMixesQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "used-mixes"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/used-mixes", { params: { path: { garden } } })),
  });

/** What is wanted of a used mix: crop, pH, air, and what it is to be mixed with. */
export type UsedFor = {
  next: string;
  target: number;
  air: number;
  fresh: string;
  share: number;
  with: string;
};

/** One of them, and what to do with it. */
export const usedMixQuery = (garden: string, used: string, query: UsedFor) =>
  queryOptions({
    queryKey: ["garden", garden, "used-mixes", used, query],
    queryFn: () =>
      call(api.GET("/api/gardens/{garden}/used-mixes/{used}", { params: { path: { garden, used }, query } })),
    placeholderData: keepPreviousData,
  });

/** The nitrogen of a lot in the coming week. */
export const foodQuery = (garden: string, lot: string) =>
  queryOptions({
    queryKey: ["garden", garden, "food", lot],
    queryFn: () => call(api.GET("/api/gardens/{garden}/lots/{lot}/food", { params: { path: { garden, lot } } })),
  });

export const seasonQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "season"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/season", { params: { path: { garden } } })),
  });

export const stockQuery = (garden: string) =>
  queryOptions({
    queryKey: ["garden", garden, "stock"],
    queryFn: () => call(api.GET("/api/gardens/{garden}/stock", { params: { path: { garden } } })),
  });

export const actsQuery = (garden: string, limit: number) =>
  queryOptions({
    queryKey: ["garden", garden, "acts", limit],
    queryFn: () =>
      call(api.GET("/api/gardens/{garden}/acts", { params: { path: { garden }, query: { offset: 0, limit } } })),
    placeholderData: keepPreviousData,
  });

export const todayQuery = (garden: string, vessel: string | undefined) =>
  queryOptions({
    queryKey: ["garden", garden, "today", vessel ?? ""],
    queryFn: async () => {
      const { data, response } = await answer(
        api.GET("/api/gardens/{garden}/today", { params: { path: { garden }, query: vessel ? { vessel } : {} } }),
      );
      setClock(data.now, response);
      return data;
    },
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
export function useAct<In, Out>(
  garden: string,
  act: (input: In) => Promise<Out>,
  done?: (out: Out, input: In) => void,
) {
  const client = useQueryClient();
  return useMutation<Out, Problem, In>({
    mutationFn: act,
    onSuccess: (out, input) => done?.(out, input),
    onSettled: (_out, refused) => {
      const fresh = client.invalidateQueries({ queryKey: ["garden", garden] });
      // a refusal is shown at once: fetching anew may wait long for a database that is away
      return refused ? undefined : fresh;
    },
  });
}
