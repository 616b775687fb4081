import "@fontsource-variable/commissioner";
import "@fontsource-variable/literata";
import "./style.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { RouterProvider } from "@tanstack/react-router";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Problem } from "./api";
import { keepPage } from "./api/away";
import { router } from "./router";
import { locale, more, preferred, speak } from "./text";
import { Notices } from "./ui/Notices";

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 2_000,
      retry: (n, e) => n < 2 && (!(e instanceof Problem) || e.retry),
      refetchOnReconnect: true,
    },
    mutations: { retry: false },
  },
});

// what is being fetched past the keeper would be fetched once and not kept: it is let end first
keepPage(() => {
  const fetching = client
    .getQueryCache()
    .getAll()
    .map((q) => q.promise);
  void Promise.allSettled(fetching).then(() => client.invalidateQueries());
});

const show = () =>
  createRoot(document.getElementById("root")!).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <Notices>
          <RouterProvider router={router} />
        </Notices>
      </QueryClientProvider>
    </StrictMode>,
  );

// the rest is fetched behind the first view, so that the next is worded without a wait; it asks again where that failed
void speak(preferred())
  .then(() => {
    document.documentElement.lang = locale();
    show();
  })
  .then(() => more().catch(() => undefined));
