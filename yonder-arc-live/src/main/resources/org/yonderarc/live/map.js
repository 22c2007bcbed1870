// The map: jump by a click, link by dragging an item onto a screen.
import {el, byId, icon} from './dom.js';
import * as model from './model.js';
import {newScreen} from './outline.js';
import {field} from './fields.js';
import {GUARD} from './panel.js';
import {say} from './words.js';

let guarded = '';

export async function openMap(page) {
  const paper = byId('map').querySelector('.paper');
  const answer = await fetch('map');
  // The server draws it; its texts are escaped there.
  paper.innerHTML = await answer.text();
  let dragged;
  const entries = model.allLines().filter(line => line.thing.startsWith('item:')).map(line => el('li', {
    className: 'entry', draggable: true,
    ondragstart: event => { dragged = line.thing; event.dataTransfer.setData('text/plain', line.thing); }
  }, icon(model.iconOf(line.value)), el('span', {className: 'name'}, model.title(line.thing, page.language))));
  for (const link of paper.querySelectorAll('a')) {
    link.addEventListener('dragover', event => { event.preventDefault(); link.classList.add('over'); });
    link.addEventListener('dragleave', () => link.classList.remove('over'));
    link.addEventListener('drop', async event => {
      event.preventDefault();
      link.classList.remove('over');
      if (await page.act({do: 'target', thing: dragged, kind: 'screen', value: link.dataset.screen})) { again(page); }
    });
  }
  const side = el('div', {className: 'links'},
    el('p', {className: 'meaning'}, say('drag-item')),
    el('ul', {}, entries),
    el('button', {type: 'button', className: 'push', onclick: () => newScreen(page, () => again(page), () => again(page))}, say('new-screen')),
    guard(page));
  byId('map').querySelector('.links')?.remove();
  byId('map').querySelector('.sheet').before(side);
  if (!byId('map').open) { byId('map').showModal(); }
  window.yonderApp && mark(page);
}

/** What one screen needs to be shown, and which is shown otherwise. */
function guard(page) {
  const screens = Object.keys(model.whole().screens ?? {});
  const [word, id] = model.named(page.chosen);
  if (!screens.includes(guarded)) { guarded = word === 'screen' ? id : screens[0]; }
  const choice = el('select', {'aria-label': say('guarded-screen'), onchange: () => { guarded = choice.value; side.replaceWith(guard(page)); }},
    screens.map(one => el('option', {value: one}, model.title('screen:' + one))));
  choice.value = guarded;
  const thing = 'screen:' + guarded;
  const acts = {...page, act: async (operations, how) => { if (await page.act(operations, how)) { again(page); } }};
  const side = el('div', {className: 'guard'}, el('h3', {}, say('guard')), choice,
    GUARD.map(key => field(acts, {page: acts, thing, key, unasked: true, node: model.shape('screen', key)}, model.valueOf(thing)?.[key])));
  return side;
}

const again = page => openMap(page);

/** Has the screen in view that is chosen. */
function mark(page) {
  const [word, id] = model.named(page.chosen);
  const screen = word === 'screen' ? id : (model.valueOf(page.chosen)?.screen ?? '').split('?')[0];
  for (const link of byId('map').querySelectorAll('[data-screen]')) {
    const is = link.dataset.screen === screen;
    if (is) { link.setAttribute('aria-current', 'true'); link.scrollIntoView({block: 'center', inline: 'center'}); } else { link.removeAttribute('aria-current'); }
  }
}
