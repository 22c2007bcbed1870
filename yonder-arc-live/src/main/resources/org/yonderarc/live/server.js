// What the page and the server say to each other.
import {say} from './words.js';

const page = Math.random().toString(36).slice(2);
let base = '';

/** The plan that the page has seen last: a change that is asked for is meant for that. */
export function seen(digest) {
  base = digest;
}

/** Asks the server; where nobody answers, it says so in words. */
async function reach(path, how) {
  try {
    return await fetch(path, how);
  } catch {
    throw new Error(say('unreachable'));
  }
}

export async function get(path) {
  const answer = await reach(path);
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

async function post(path, body) {
  const answer = await reach(path, {
    method: 'POST', headers: {'Content-Type': 'application/json'}, body: JSON.stringify(body)});
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

/** Asks for a change: all of these operations, or none. */
export async function edit(operations, how = {}) {
  const answer = await post('edit', {operations, base, ...how});
  if (answer.ok && answer.digest) { base = answer.digest; }
  return answer;
}

/** What would come of a change. */
export const attempt = operations => post('edit', {operations, base, try: true});

export const turn = back => post(back ? 'undo' : 'redo', {});

export const compare = what => post('compare', {with: what});

export const moved = state => post('moved', {page, state});

export async function upload(file, kind) {
  const answer = await reach(`upload?kind=${kind}&name=${encodeURIComponent(file.name)}`, {
    method: 'POST', headers: {'Content-Type': 'application/octet-stream'}, body: file});
  if (!answer.ok) { throw new Error(await answer.text()); }
  return answer.json();
}

/** Why the server isn't there, as it was said last; empty while it is. */
let told = '';

/** What a server that is being stopped closes a connection with (RFC 6455, 7.4.1). */
const GOING_AWAY = 1001;

/**
 * Listens to the server, and goes on listening when it comes back. `on.here` is told whether it is there, and if not, what people are
 * told of that.
 */
export function listen(on) {
  const socket = new WebSocket(new URL('events?page=' + page, location.href).href.replace(/^http/, 'ws'));
  socket.onopen = () => { told = ''; on.here(true); };
  socket.onmessage = message => {
    const {event, data} = JSON.parse(message.data);
    if (event === 'changed') { on.changed(Number(data)); } else { on.moved(data); }
  };
  socket.onclose = async closed => {
    const why = closed.reason || (closed.code === GOING_AWAY ? say('server-gone') : await get('now?since=0').then(
      () => say('not-told'),
      () => say('server-gone')));
    // Said once: said at each try, it would take the place of what a person has to read meanwhile.
    if (why !== told) { told = why; on.here(false, why); }
    setTimeout(() => listen(on), 1000);
  };
}
