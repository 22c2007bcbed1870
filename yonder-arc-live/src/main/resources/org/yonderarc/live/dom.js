// Elements in one call, and what every part of the page uses.
import {say} from './words.js';

/** An element with properties, attributes (by their names), listeners (on...) and children. */
export function el(tag, how = {}, ...children) {
  const made = document.createElement(tag);
  for (const [key, value] of Object.entries(how)) {
    if (value === undefined || value === null || value === false) { continue; }
    if (key.startsWith('on')) { made.addEventListener(key.slice(2), value); }
    else if (key in made && !key.startsWith('aria') && key !== 'list' && key !== 'role') { made[key] = value; }
    else { made.setAttribute(key, value === true ? '' : value); }
  }
  made.append(...children.flat().filter(one => one !== undefined && one !== null && one !== false));
  return made;
}

/** A sign of the page's own. */
export function sign(name) {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  svg.setAttribute('aria-hidden', 'true');
  const use = document.createElementNS('http://www.w3.org/2000/svg', 'use');
  use.setAttribute('href', '#ui-' + name);
  svg.append(use);
  return svg;
}

/** An icon of the plan, as it is in the page; empty where the page has none. */
export function icon(name, filled = false) {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  svg.setAttribute('aria-hidden', 'true');
  svg.setAttribute('class', 'icon');
  const key = [name + (filled ? '-filled' : ''), name].find(any => document.getElementById('icon-' + any));
  if (key) {
    const use = document.createElementNS('http://www.w3.org/2000/svg', 'use');
    use.setAttribute('href', '#icon-' + key);
    svg.append(use);
  }
  return svg;
}

/** A button with a sign, named. */
export function tool(name, label, does, how = {}) {
  return el('button', {type: 'button', className: 'tool', 'aria-label': label, title: label, onclick: does, ...how}, sign(name));
}

export const byId = id => document.getElementById(id);

/** An id in words: "sign-in" reads as "Sign in". */
export function asTitle(id) {
  const words = id.replaceAll('-', ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A text as an id: letters, digits and hyphens. */
export function slug(text) {
  return text.normalize('NFD').replace(/[\u0300-\u036f]/g, '').toLowerCase()
    .replace(/[^a-z0-9]+/g, '-').replace(/^[^a-z]+|-+$/g, '');
}

/** Runs the last of many calls, once nothing has come for some ms. */
export function later(ms, does) {
  let timer = 0;
  return (...all) => {
    clearTimeout(timer);
    timer = setTimeout(() => does(...all), ms);
  };
}

let isPressed = false;
let waiting = [];

function release() {
  // The click comes right behind it, to whatever stands there.
  setTimeout(() => {
    isPressed = false;
    const all = waiting;
    waiting = [];
    all.forEach(done => done());
  });
}

for (const [event, does] of Object.entries({
  pointerdown: () => { isPressed = true; }, dragstart: () => { isPressed = true; },
  pointerup: release, pointercancel: event => { if (event.pointerType !== 'mouse') { release(); } }, drop: release, dragend: release, blur: release
})) { window.addEventListener(event, does, true); }

const named = button => button?.ariaLabel ?? button?.textContent;
let first;

// Where something else stands under the pointer by now, the second click of a double click is not meant for it.
window.addEventListener('click', event => {
  const button = event.target.closest?.('button');
  if (event.detail > 1 && named(button) !== first) {
    event.stopImmediatePropagation();
    event.preventDefault();
    return;
  }
  first = named(button);
}, true);

/** Waits until nobody presses or drags anything: what is drawn anew before that would take away what is under the pointer. */
export const unpressed = () => isPressed ? new Promise(done => waiting.push(done)) : Promise.resolve();

/**
 * A list whose lines arrive late: they never take the place of others at which somebody is aiming. `fill` gives the newer lines; of
 * several at once the last is shown. `told` hears that there are newer ones as long as they wait.
 */
export function lateList(list, told) {
  let turn = 0;
  let isAimed = false;
  let freed = () => {};
  const free = () => { isAimed = false; freed(); };
  list.addEventListener('pointermove', () => { isAimed = true; });
  list.addEventListener('pointerleave', free);
  list.addEventListener('click', free);
  return async fill => {
    const mine = ++turn;
    free();
    list.setAttribute('aria-busy', 'true');
    try {
      const lines = await fill();
      if (isAimed && mine === turn) {
        told(say('more-found'));
        await new Promise(done => { freed = done; });
      }
      await unpressed();
      if (mine === turn) { list.replaceChildren(...lines()); }
    } finally {
      if (mine === turn) { list.removeAttribute('aria-busy'); }
    }
  };
}

/** Shows a dialog with a title; gives the part for its content. */
export function sheet(title, className = '') {
  const dialog = byId('sheet');
  const body = el('div', {className: 'body'});
  dialog.className = 'sheet-dialog ' + className;
  dialog.replaceChildren(
    el('div', {className: 'bar'},
      el('h2', {id: 'sheet-title'}, title),
      el('button', {type: 'button', onclick: () => dialog.close()}, say('close'))),
    body);
  if (!dialog.open) { dialog.showModal(); }
  return body;
}

export function closeSheet() {
  byId('sheet').close();
}
