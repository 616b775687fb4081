/* Asks for what the round shows while the page's own script is still on its way; see src/api/early.ts. */
const round = /^\/g\/([^/]+)\/today$/.exec(location.pathname);
if (round && !location.search) {
  const garden = `/api/gardens/${round[1]}`;
  window.askedEarly = new Map(["/api/catalogue", garden, `${garden}/today`].map((url) => [url, fetch(url)]));
  // who takes an answer hears of its failure; one that nobody takes is no trouble
  window.askedEarly.forEach((answer) => answer.catch(() => undefined));
}
