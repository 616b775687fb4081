/* Asks for what the page says first, in the language of last time; and for what the round shows, while the page's own
   script is still on its way. See src/text/index.ts and src/api/early.ts. */
const asked = localStorage.getItem("language") ?? (navigator.language === "en-US" ? "en-US" : "en-GB");
const messages = document.querySelector(`link[rel="messages"][hreflang="${asked}"]`);
if (messages) messages.rel = "modulepreload";

const round = /^\/g\/([^/]+)\/today$/.exec(location.pathname);
if (round && !location.search) {
  const garden = `/api/gardens/${round[1]}`;
  window.askedEarly = new Map(["/api/catalogue", garden, `${garden}/today`].map((url) => [url, fetch(url)]));
  // who takes an answer hears of its failure; one that nobody takes is no trouble
  window.askedEarly.forEach((answer) => answer.catch(() => undefined));
}
