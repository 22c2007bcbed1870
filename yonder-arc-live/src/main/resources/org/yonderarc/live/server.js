// What the page and the server say to each other.

const page = Math.random().toString(36).slice(2);
let base = '';

/** The plan that the page has seen last: a change that is asked for is meant for that. */
export function seen(digest) {
  base = digest;
}

export async function get(path) {
  const answer = await fetch(path);
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

async function post(path, body) {
  const answer = await fetch(path, {
    method: 'POST', headers: {'Content-Type': 'application/json'}, body: JSON.stringify(body)});
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

/** Asks for a change: all of these deeds, or none. */
export async function edit(deeds, how = {}) {
  const answer = await post('edit', {deeds, base, ...how});
  if (answer.ok && answer.digest) { base = answer.digest; }
  return answer;
}

/** What would come of a change. */
export const attempt = deeds => post('edit', {deeds, base, try: true});

export const turn = back => post(back ? 'undo' : 'redo', {});

export const compare = what => post('compare', {with: what});

export const moved = state => post('moved', {page, state});

export async function upload(file, kind) {
  const answer = await fetch(`upload?kind=${kind}&name=${encodeURIComponent(file.name)}`, {
    method: 'POST', headers: {'Content-Type': 'application/octet-stream'}, body: file});
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

/** Listens to the server, and goes on listening when it comes back. */
export function listen(on) {
  const events = new EventSource('events?page=' + page);
  events.addEventListener('changed', event => on.changed(Number(event.data)));
  events.addEventListener('moved', event => on.moved(event.data));
  events.addEventListener('open', () => on.here(true));
  events.addEventListener('error', () => {
    on.here(false);
    if (events.readyState === EventSource.CLOSED) {
      setTimeout(() => listen(on), 1000);
    }
  });
}
