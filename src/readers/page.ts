/**
 * What makes a reader's page a little nicer: it works the same without. A form is sent once however often its button is pressed, and
 * where the line is gone what was typed stays, with a line that says so.
 */

/** Said under a form that could not be sent; the page brings the sentence along, in its own language. */
const OFFLINE = document.body.dataset['offline'] ?? '';

document.addEventListener('submit', (event) => {
  const form = event.target;
  if (!(form instanceof HTMLFormElement) || form.method !== 'post') return;
  event.preventDefault();
  if (form.dataset['sent'] !== undefined) return;
  form.dataset['sent'] = '';
  void send(form);
});

/** Sends a form and shows what comes back, in place of this page. */
async function send(form: HTMLFormElement): Promise<void> {
  const fields = new URLSearchParams();
  for (const [name, value] of new FormData(form)) if (typeof value === 'string') fields.append(name, value);
  try {
    const answer = await fetch(form.action, { method: 'POST', body: fields });
    if (answer.redirected) leaveFor(answer.url);
    else show(await answer.text(), form.action);
  } catch (error) {
    // The line is gone; whatever else went wrong is no reason to lose what was typed either.
    delete form.dataset['sent'];
    sayUnder(form, OFFLINE);
    if (!(error instanceof TypeError)) throw error;
  }
}

/** A page that is read anew also where only the place on it is another one. */
function leaveFor(address: string): void {
  const now = window.location;
  const next = new URL(address);
  if (next.pathname === now.pathname && next.search === now.search) {
    if (next.hash) window.history.replaceState(null, '', next.hash);
    now.reload();
  } else now.assign(address);
}

/** Shows the page that came back with what was not done. */
function show(html: string, address: string): void {
  const page = new DOMParser().parseFromString(html, 'text/html');
  document.title = page.title;
  document.body.replaceWith(document.adoptNode(page.body));
  window.history.replaceState(null, '', address);
  // Where something is wrong, or is answered, is where one goes on.
  const place = document.querySelector<HTMLElement>(
    '[aria-invalid="true"], [role="status"], [role="alert"]:not(:empty)',
  );
  if (!place) return;
  if (!place.matches('input, textarea')) place.tabIndex = -1;
  place.focus();
}

function sayUnder(form: HTMLFormElement, words: string): void {
  const line = form.querySelector('[role="alert"]') ?? form.appendChild(document.createElement('p'));
  line.className = 'problem';
  line.setAttribute('role', 'alert');
  line.textContent = words;
}
