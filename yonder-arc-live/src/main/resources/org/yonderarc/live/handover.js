// What people take away: the same that the commands make.
import {el, sheet, byId} from './dom.js';
import * as model from './model.js';
import {say} from './words.js';

export function handOver(page) {
  const body = sheet(say('download'));
  const told = el('p', {className: 'no', role: 'status'});
  const state = {device: byId('device-name').value || 'phone', scheme: byId('scheme').value || (page.dark() ? 'dark' : 'light')};
  const screen = byId('address').dataset.place;
  const bar = document.querySelector('.device nav') ? barShown(state.device) : '';
  const offer = (name, text, ...choices) => el('div', {className: 'offer'}, el('b', {}, name),
    el('span', {className: 'choices'}, choices.map(([label, query]) => {
      const link = el('a', {className: 'push', href: 'make?' + new URLSearchParams(query), download: '', onclick: event => { event.preventDefault(); keep(link, told); }}, label);
      return link;
    })), el('p', {}, text));
  const look = {device: state.device, scheme: state.scheme, ...(screen ? {screen} : {})};
  body.append(told, el('div', {className: 'offers'},
    offer(say('take-prototype'), say('take-prototype-text'), ['HTML', {what: 'page', as: 'html'}]),
    offer(say('take-shown'), say('take-shown-text', state.device, say('scheme-' + state.scheme)), ['PNG', {what: 'draw', as: 'png', ...look}], ['SVG', {what: 'draw', as: 'svg', ...look}]),
    offer(say('take-screens'), say('take-screens-text', state.device), ['PNG', {what: 'sheet', as: 'png', across: 'screen', device: state.device, scheme: state.scheme}]),
    offer(say('take-all-devices'), say('take-all-devices-text'), ['PNG', {what: 'sheet', as: 'png', across: 'device', down: 'scheme', ...(screen ? {screen} : {})}]),
    offer(say('take-measures'), say('take-measures-text'),
      ...['png', 'csv', 'json'].map(as => [as.toUpperCase(), {what: 'measure', as, word: bar, device: state.device, ...(screen ? {screen} : {})}])),
    offer(say('take-film'), say('take-film-text'), ['GIF', {what: 'film', as: 'gif', device: state.device, word: 'choose:' + itemToFilm(page)}]),
    offer(say('take-the-map'), say('take-the-map-text'), ['PNG', {what: 'map', as: 'png'}], ['SVG', {what: 'map', as: 'svg'}]),
    offer(say('take-places'), say('take-places-text'), ['Java', {what: 'export', as: 'java'}], ['TypeScript', {what: 'export', as: 'ts'}]),
    offer(say('take-states'), say('take-states-text'), ['SCXML', {what: 'export', as: 'scxml'}])));
}

/** Has the browser keep what a link makes; says why, where it can't be made. */
async function keep(link, told) {
  told.textContent = say('being-made');
  const answer = await fetch(link.href);
  if (!answer.ok) { told.textContent = await answer.text(); return; }
  const name = /filename="([^"]*)"/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? 'made';
  const address = URL.createObjectURL(await answer.blob());
  el('a', {href: address, download: name}).click();
  setTimeout(() => URL.revokeObjectURL(address), 10000);
  told.textContent = say('is-made', name);
}

function barShown(device) {
  const bar = model.bars().find(one => one.menu);
  const form = bar && (bar.forms ? bar.forms[device] ?? Object.values(bar.forms)[0] : bar.form ?? 'top');
  return form?.form ?? form ?? 'top';
}

function itemToFilm(page) {
  const [word, id] = model.named(page.chosen);
  const items = model.allLines().filter(line => line.thing.startsWith('item:')).map(line => line.thing.slice(5));
  return word === 'item' ? id : items[1] ?? items[0] ?? '';
}
