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
import { Notices } from "./ui/Notices";

const client = new QueryClient({
  defaultOptions: {
    queries: { retry: (n, e) => n < 2 && (!(e instanceof Problem) || e.retry), refetchOnReconnect: true },
    mutations: { retry: false },
  },
});

keepPage(() => void client.invalidateQueries());

createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <Notices>
        <RouterProvider router={router} />
      </Notices>
    </QueryClientProvider>
  </StrictMode>,
);
