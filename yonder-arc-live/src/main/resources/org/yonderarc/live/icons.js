// The icons to choose from: by meaning, by category, those used last, and one's own by dropping a file.
import {el, sheet, closeSheet, later, lateList} from './dom.js';
import * as server from './server.js';
import * as model from './model.js';
import {say} from './words.js';

const RECENT = 'yonder-live-icons';

const recent = () => JSON.parse(localStorage.getItem(RECENT) ?? '[]');

function remember(name) {
  localStorage.setItem(RECENT, JSON.stringify([name, ...recent().filter(one => one !== name)].slice(0, 12)));
}

export async function pickIcon(page, current, chosen) {
  const body = sheet(say('choose-icon'));
  const search = el('input', {type: 'search', placeholder: say('icon-search'), 'aria-label': say('icon-meaning'), autofocus: true});
  const category = el('select', {'aria-label': say('category')}, el('option', {value: ''}, say('all-categories')));
  const set = el('select', {'aria-label': say('set'), onchange: async () => {
    await page.act({do: 'put', thing: 'theme', key: 'icon-set', ...(set.value === 'line' ? {} : {value: set.value})}, {anyway: true});
    show();
  }}, model.shape('theme', 'icon-set').enum.map(name => el('option', {value: name}, say('set-of', name))));
  set.value = model.whole().theme?.['icon-set'] ?? 'line';
  const list = el('div', {className: 'icons'});
  const told = el('p', {className: 'meaning', role: 'status'});
  const pick = name => {
    remember(name);
    closeSheet();
    chosen(name);
  };
  const fill = lateList(list, text => { told.textContent = text; });
  const show = () => fill(async () => {
    const lately = search.value || category.value ? [] : recent();
    const found = await server.get(`icons?find=${encodeURIComponent(search.value)}&in=${encodeURIComponent(category.value)}`);
    if (category.options.length === 1) {
      category.append(...found.categories.map(name => el('option', {value: name}, name)));
    }
    const rank = one => { const at = lately.indexOf(one.name); return at < 0 ? lately.length : at; };
    const icons = [...found.icons].sort((a, b) => rank(a) - rank(b));
    return () => {
      told.textContent = icons.length ? '' : say('no-icon');
      return icons.map(one => {
        const pair = el('span');
        // What the server sends is drawn by it, from cleaned shapes alone.
        pair.innerHTML = one.outline + one.filled;
        return el('button', {type: 'button', 'aria-pressed': String(one.name === current), 'aria-label': one.name, title: one.name, onclick: () => pick(one.name)}, pair, one.name);
      });
    };
  }).catch(failed => { told.textContent = String(failed.message ?? failed); });
  const bring = async file => {
    try {
      const answer = await server.upload(file, 'icon');
      if (answer.ok) { pick(answer.name); } else { told.textContent = answer.why; }
    } catch (failed) {
      told.textContent = String(failed.message ?? failed);
    }
  };
  const own = el('input', {type: 'file', accept: '.svg', 'aria-label': say('own-icon'), onchange: () => own.files[0] && bring(own.files[0])});
  const drop = el('div', {className: 'drop',
    ondragover: event => { event.preventDefault(); drop.classList.add('over'); },
    ondragleave: () => drop.classList.remove('over'),
    ondrop: event => { event.preventDefault(); drop.classList.remove('over'); const [file] = event.dataTransfer.files; if (file) { bring(file); } }},
  say('drop-icon') + ' ', own);
  search.addEventListener('input', () => list.setAttribute('aria-busy', 'true'));
  search.addEventListener('input', later(120, show));
  category.addEventListener('change', show);
  body.append(el('div', {className: 'filter'}, search, category, set), told, list, drop);
  await show();
  search.focus();
}
