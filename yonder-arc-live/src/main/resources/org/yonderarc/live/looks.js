// Colours by role in both schemes, how much they stand out, and styles with their states.
import {el, byId} from './dom.js';
import * as server from './server.js';
import * as model from './model.js';
import {field} from './fields.js';
import {say} from './words.js';

const ROLES = ['accent', 'accent-text', 'text', 'muted', 'background', 'surface', 'quiet', 'line', 'badge', 'badge-text', 'tint'];
const SCHEMES = ['light', 'dark'];

/** The theme: a table of roles, and each pair that is really shown with its contrast. */
export function looks(page) {
  const theme = model.whole().theme ?? {};
  const pairs = el('div');
  const show = all => pairs.replaceChildren(contrasts(page, all));
  page.tried = answer => show(answer.contrasts);
  show(page.now.contrasts ?? []);
  const swatch = (scheme, role) => {
    const now = page.now.roles?.[scheme]?.[role] ?? '#000000';
    const input = el('input', {type: 'color', value: now.slice(0, 7), 'aria-label': say('role-in-scheme', role, say('scheme-' + scheme)), title: now});
    const key = `${scheme}/${role}`;
    input.addEventListener('input', () => page.preview({do: 'put', thing: 'theme', key, value: input.value}));
    input.addEventListener('change', () => page.act({do: 'put', thing: 'theme', key, value: input.value}));
    return el('td', {}, input, theme[scheme]?.[role] === undefined ? '' : el('button', {
      type: 'button', className: 'tool', 'aria-label': say('reset-role', role, say('scheme-' + scheme)), title: say('reset'),
      onclick: () => page.act({do: 'put', thing: 'theme', key})}, '↺'));
  };
  return [
    el('table', {className: 'roles'},
      el('thead', {}, el('tr', {}, el('th', {scope: 'col'}, say('role')), SCHEMES.map(one => el('th', {scope: 'col'}, say('scheme-' + one))))),
      el('tbody', {}, ROLES.map(role => el('tr', {},
        el('td', {title: model.shape('colours', role).description ?? ''}, role),
        SCHEMES.map(scheme => swatch(scheme, role)))))),
    el('h3', {}, say('contrast')),
    pairs,
    el('div', {className: 'ask'}, el('button', {type: 'button', className: 'push', onclick: () => byId('beside').click()}, say('side-by-side'))),
    el('h3', {}, say('for-all-bars')),
    ['style', 'icon-set', 'font', 'colours', 'token-file'].map(key => field(page, {page, thing: 'theme', key, node: model.shape('theme', key)}, theme[key])),
    font(page)
  ].flat();
}

/** A font of one's own, by bringing its file. */
function font(page) {
  const told = el('p', {className: 'meaning', role: 'status'}, say('font-meaning'));
  const input = el('input', {type: 'file', accept: '.ttf,.otf', id: 'bring-font', onchange: async () => {
    const answer = await server.upload(input.files[0], 'font').catch(failed => ({why: String(failed.message ?? failed)}));
    if (answer.ok) { page.act({do: 'put', thing: 'theme', key: 'font', value: answer.name}); } else { told.textContent = answer.why; }
  }});
  return el('div', {className: 'field'}, el('label', {htmlFor: 'bring-font'}, say('add-font')), input, told);
}

function contrasts(page, all) {
  return el('ul', {className: 'pairs'}, all.map(one => el('li', {className: one.enough ? '' : 'low'},
    el('span', {className: 'sample', 'aria-hidden': 'true', style: `color:${one.colour};background:${one.behind}`}, 'Aa'),
    el('span', {}, say('pair', one.front, one.ground, say('scheme-' + one.scheme))),
    el('span', {className: 'ratio'}, say('ratio', one.ratio)),
    one.enough ? '' : el('button', {type: 'button', className: 'push', title: say('use-nearest', one.proposal),
      onclick: () => page.act({do: 'put', thing: 'theme', key: `${one.scheme}/${one.front}`, value: one.proposal}, {anyway: true})}, say('fix')))));
}

const STATES = ['rest', 'hover', 'pressed', 'focused', 'selected', 'disabled'];
let state = 'selected';

/** A style: the paints of one of its states at a time, each a role or a colour. */
export function look(page, thing, value) {
  const known = STATES.filter(one => model.shape('style', one).anyOf || model.shape('style', one).properties || model.shape('style', one).type);
  if (!known.includes(state)) { state = known[0]; }
  const paints = model.keys(model.shape('style', state)).filter(one => one.key !== 'fill-opacity');
  return [
    el('h3', {}, say('colours-by-state')),
    el('div', {className: 'tabs', role: 'group', 'aria-label': say('state')}, known.map(one => el('button', {
      type: 'button', 'aria-pressed': String(one === state), onclick: () => { state = one; page.choose(thing); }}, one))),
    paints.map(node => field(page, {page, thing, key: `${state}/${node.key}`, node}, value?.[state]?.[node.key])),
    frozen(page)
  ].flat();
}

/** The first bar, as it looks in every state. */
function frozen(page) {
  const bar = model.bars().find(one => one.menu);
  const device = byId('device-name').value || 'phone';
  const form = bar && (bar.forms ? bar.forms[model.kinds()[0]] : bar.form);
  const word = form?.form ?? form;
  if (!word) { return ''; }
  const query = new URLSearchParams({what: 'sheet', as: 'svg', down: 'state', part: word, device, scheme: page.dark() ? 'dark' : 'light', at: page.now.revision});
  return [el('h3', {}, say('in-every-state')), el('a', {href: 'make?' + query, target: '_blank', 'aria-label': say('bar-in-every-state')},
    el('img', {className: 'frozen', alt: '', src: 'make?' + query}))];
}
