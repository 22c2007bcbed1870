// Colours by role in both schemes, how much they stand out, and styles with their states.
import {el} from './dom.js';
import * as model from './model.js';
import {field} from './fields.js';

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
    const input = el('input', {type: 'color', value: now.slice(0, 7), 'aria-label': `${role} in the ${scheme} scheme`, title: now});
    const key = `${scheme}/${role}`;
    input.addEventListener('input', () => page.preview({do: 'put', thing: 'theme', key, value: input.value}));
    input.addEventListener('change', () => page.act({do: 'put', thing: 'theme', key, value: input.value}));
    return el('td', {}, input, theme[scheme]?.[role] === undefined ? '' : el('button', {
      type: 'button', className: 'tool', 'aria-label': `Take ${role} in the ${scheme} scheme back to the usual`, title: 'Back to the usual',
      onclick: () => page.act({do: 'put', thing: 'theme', key})}, '↺'));
  };
  return [
    el('table', {className: 'roles'},
      el('thead', {}, el('tr', {}, el('th', {scope: 'col'}, 'Role'), SCHEMES.map(one => el('th', {scope: 'col'}, one)))),
      el('tbody', {}, ROLES.map(role => el('tr', {},
        el('td', {title: model.shape('colours', role).description ?? ''}, role),
        SCHEMES.map(scheme => swatch(scheme, role)))))),
    el('h3', {}, 'How much they stand out'),
    pairs,
    el('h3', {}, 'For all bars'),
    ['style', 'icons', 'font', 'colours', 'tokens'].map(key => field(page, {page, thing: 'theme', key, node: model.shape('theme', key)}, theme[key]))
  ].flat();
}

function contrasts(page, all) {
  return el('ul', {className: 'pairs'}, all.map(one => el('li', {className: one.enough ? '' : 'low'},
    el('span', {className: 'sample', 'aria-hidden': 'true', style: `color:${one.colour};background:${one.behind}`}, 'Aa'),
    el('span', {}, `${one.front} on ${one.ground}, ${one.scheme}`),
    el('span', {className: 'ratio'}, `${one.ratio} : 1`),
    one.enough ? '' : el('button', {type: 'button', className: 'push', title: `Use ${one.proposal}, the nearest that passes`,
      onclick: () => page.act({do: 'put', thing: 'theme', key: `${one.scheme}/${one.front}`, value: one.proposal}, {anyway: true})}, 'Mend'))));
}

const STATES = ['rest', 'hover', 'pressed', 'focused', 'selected', 'disabled'];
let state = 'selected';

/** A style: the paints of one of its states at a time, each a role or a colour. */
export function look(page, thing, value) {
  const known = STATES.filter(one => model.shape('style', one).anyOf || model.shape('style', one).properties || model.shape('style', one).type);
  if (!known.includes(state)) { state = known[0]; }
  const paints = model.keys(model.shape('style', state)).filter(one => one.key !== 'fill-opacity');
  return [
    el('h3', {}, 'In the state'),
    el('div', {className: 'tabs', role: 'group', 'aria-label': 'State'}, known.map(one => el('button', {
      type: 'button', 'aria-pressed': String(one === state), onclick: () => { state = one; page.choose(thing); }}, one))),
    paints.map(node => paint(page, thing, `${state}/${node.key}`, node, value?.[state]?.[node.key]))
  ].flat();
}

function paint(page, thing, key, node, value) {
  if (node.type === 'number' || node.type === 'integer' || node.type === 'boolean') {
    return field(page, {page, thing, key, node}, value);
  }
  if (typeof value === 'object') { return field(page, {page, thing, key, node, widget: 'json'}, value); }
  const made = field(page, {page, thing, key, node, widget: 'text'}, value);
  const input = made.querySelector('input');
  const names = el('datalist', {id: input.id + '-names'}, [...ROLES, ...Object.keys(model.whole().theme?.colours ?? {})].map(one => el('option', {value: one})));
  input.setAttribute('list', names.id);
  input.placeholder = 'a role, or #rrggbb';
  made.append(names);
  return made;
}
