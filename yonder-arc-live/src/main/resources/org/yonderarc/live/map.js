// The map: jump by a click, link by dragging an item onto a screen.
import {el, byId, icon} from './dom.js';
import * as model from './model.js';
import {newScreen} from './outline.js';

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
    el('p', {className: 'meaning'}, 'Drag an item onto a screen, and it leads there.'),
    el('ul', {}, entries),
    el('button', {type: 'button', className: 'push', onclick: () => newScreen(page, () => again(page), () => again(page))}, 'A new screen'));
  byId('map').querySelector('.links')?.remove();
  byId('map').querySelector('.sheet').before(side);
  if (!byId('map').open) { byId('map').showModal(); }
  window.yonderApp && mark(page);
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
