declare global {
  interface Window {
    askedEarly?: Map<string, Promise<Response>>;
  }
}

/** The answer that was asked for before this script was read, once; else a request of its own. */
export function early(request: Request): Promise<Response> {
  const { pathname, search } = new URL(request.url);
  const asked = request.method === "GET" ? window.askedEarly?.get(pathname + search) : undefined;
  window.askedEarly?.delete(pathname + search);
  return asked ?? fetch(request);
}
